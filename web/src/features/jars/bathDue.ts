import type { BathRow } from '@zymostat/contract';
import { layDue } from '@zymostat/core';

/** It is timed by the server: no clock of a phone comes into it. */
const byServer = { opening: '', uncertain: 0 };

/** What is due at a bath, by when (ms), and whether it is over; nothing once it was taken out. */
export const bathDue = ({ begunAt, least, most, ended }: BathRow, now: number) => {
  if (ended) return null;
  const lying = { since: begunAt, by: byServer };
  // What has no shortest time is out at its longest: nobody has to look in between.
  const due = layDue({ lying }, { least: least || (most ?? 0), most }, now)!;
  return { at: due.at, over: due.over, out: due.what === 'take-off' || most === null };
};
