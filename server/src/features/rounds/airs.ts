import type { Round } from '@zymostat/contract';
import type { MeasuredAirs } from '@zymostat/core';
import type { LedgerRow } from '../records/service.ts';

type Airs = Round['airs'];

/** What was measured in the rooms of a round, the last of each. */
export const airsOf = (facts: readonly Pick<LedgerRow, 'kind' | 'at' | 'body'>[]): Airs => {
  const last = new Map<string, Airs[number]>();
  for (const { kind, at, body } of facts) {
    if (kind !== 'air-measured') continue;
    const { roomId, temperature, humidity } = body as Airs[number];
    last.set(roomId, { roomId, temperature, humidity, at: at.getTime() });
  }
  return [...last.values()];
};

export const asMeasured = (airs: Airs): MeasuredAirs =>
  new Map(airs.map((air) => [air.roomId, air]));
