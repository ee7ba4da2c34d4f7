import { isWetIn, type SurfaceState } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { BEFORE_ALL_IDS, prepared } from '../../platform/database/prepared.ts';

/** How a surface of a home stands. */
export interface KeptState {
  homeId: string;
  surfaceId: string;
  state: SurfaceState;
}
const STATE = 'SELECT home_id AS "homeId", surface_id AS "surfaceId", state FROM surface_state';
const findStates = prepared<KeptState>(
  'states of surfaces',
  `${STATE} WHERE (home_id, surface_id) IN (SELECT * FROM unnest($1::uuid[], $2::uuid[]))`,
);
export const statesOf = ({ db }: Context, of: readonly Omit<KeptState, 'state'>[]) =>
  findStates(db, [of.map(({ homeId }) => homeId), of.map(({ surfaceId }) => surfaceId)]);

const findOfHome = prepared<KeptState>('states of home', `${STATE} WHERE home_id = $1`);
export const statesOfHome = ({ db }: Context, homeId: string): Promise<KeptState[]> =>
  findOfHome(db, [homeId]);

const findWet = prepared<KeptState>('wet surfaces', `${STATE} WHERE wet`);
export const wetStates = ({ db }: Context): Promise<KeptState[]> => findWet(db, []);

/** A number that the planner sees, so that it walks the key. */
export const STATES_CHUNK = 500;
const findAll = prepared<KeptState>(
  'all states',
  `${STATE} WHERE (home_id, surface_id) > ($1, $2) ORDER BY home_id, surface_id LIMIT ${STATES_CHUNK}`,
);
/** Every state, in the order of ids, some at a time. */
export async function* allStates({ db }: Pick<Context, 'db'>): AsyncGenerator<KeptState> {
  for (let [homeId, surfaceId] = [BEFORE_ALL_IDS, BEFORE_ALL_IDS]; ;) {
    const rows = await findAll(db, [homeId, surfaceId]);
    yield* rows;
    if (rows.length < STATES_CHUNK) return;
    ({ homeId, surfaceId } = rows.at(-1)!);
  }
}

const findAny = prepared<{ any: boolean }>(
  'any state',
  'SELECT EXISTS (SELECT FROM surface_state) AS any',
);
/** Whether anything is kept of any surface. */
export const isAnyState = async ({ db }: Context): Promise<boolean> =>
  (await findAny(db, []))[0]!.any;

// By hand: many rows in one statement.
const keep = prepared<never>(
  'keep states',
  `INSERT INTO surface_state (home_id, surface_id, wet, state)
  SELECT "homeId", "surfaceId", wet, state FROM json_to_recordset($1) AS kept ("homeId" uuid, "surfaceId" uuid, wet boolean, state json)
  ON CONFLICT (home_id, surface_id) DO UPDATE SET wet = excluded.wet, state = excluded.state`,
);
const forget = prepared<never>('forget states', 'DELETE FROM surface_state');
export const forgetStates = async ({ db }: Context): Promise<void> => void (await forget(db, []));

export const keepStates = async ({ db }: Context, kept: readonly KeptState[]): Promise<void> => {
  if (kept.length === 0) return;
  const rows = kept.map((one) => ({ ...one, wet: isWetIn(one.state) }));
  await keep(db, [JSON.stringify(rows)]);
};
