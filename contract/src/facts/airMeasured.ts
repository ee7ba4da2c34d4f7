import * as v from 'valibot';
import { measuredAir } from '../messages/rounds.ts';
import { id, name } from '../parts/text.ts';
import { coatHolds } from '../parts/trade.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** The air of a room was measured in a round: coats there hold as long as that says. */
export const airMeasured = factOf(
  'air-measured',
  ['Round', 'WetNow'],
  v.strictObject({
    ...about,
    roundId: id,
    roomId: id,
    roomName: name,
    ...measuredAir.entries,
    holds: coatHolds,
  }),
);
