import type { BatchRow, Me, Round } from '@zymostat/contract';

/** Somebody in a round, with the bottles there are. */
export interface InRound {
  round: Round;
  rows: BatchRow[];
  me: Me;
}
