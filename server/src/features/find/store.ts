import type { Found } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';

const MOST = 30;

const find = prepared<Found>(
  'find',
  `SELECT * FROM (
    SELECT home.id AS "homeId", home.name AS home, place, NULL::uuid AS "surfaceId", NULL AS surface, NULL AS room, 0 AS rank, home.position AS at
      FROM home LEFT JOIN home_way_in ON home_id = home.id
      WHERE concat_ws(' ', home.name, place, address) ILIKE $1
    UNION ALL
    SELECT home.id, home.name, place, surface.id, surface.name, room.name, 1, surface.position
      FROM surface JOIN room ON room.id = room_id JOIN home ON home.id = room.home_id
      WHERE concat_ws(' ', surface.name, room.name) ILIKE $1) AS found
  ORDER BY rank, at LIMIT ${MOST}`,
);

/** What of a pattern means itself. */
const literally = (text: string): string => text.replace(/[\\%_]/g, '\\$&');

/** Homes first, then surfaces, whose names hold a text, whatever its case. */
export const findText = async ({ db }: Context, text: string): Promise<Found[]> =>
  (await find(db, [`%${literally(text)}%`])).map(
    ({ homeId, home, place, surfaceId, surface, room }) => ({
      homeId,
      home,
      place,
      surfaceId,
      surface,
      room,
    }),
  );
