import { colours } from '@zymostat/contract';
import { airChanges, decayed, gasEstimate, millilitres, type ActiveContent } from '@zymostat/core';
import type { Line } from '../../../ui/chart/LineChart.tsx';
import { w } from '../../../words/words.ts';

/** Two that make a gas, ml of each, and m³ of room. */
export interface Meeting {
  a: ActiveContent;
  b: ActiveContent;
  amount: number;
  room: number;
}

/** The most gas that they can make there, with the window shut and open. */
export const boundsOf = ({ a, b, amount, room }: Meeting) => {
  const volume = millilitres(amount);
  const bound = (changes: number) =>
    gasEstimate({ content: a, volume }, { content: b, volume }, room, changes);
  const [shut, open] = [bound(airChanges.closed), bound(airChanges.open)];
  return shut && open ? { shut, open } : undefined;
};
export type Bounds = NonNullable<ReturnType<typeof boundsOf>>;

/** ppm over an hour, with the window shut and open. */
export const linesFor = (ppm: number): Line[] => {
  const curve = (changes: number) =>
    Array.from({ length: 61 }, (_, i) => ({ x: i, y: decayed(ppm, changes, i * 60) }));
  return [
    { name: w.name('apart', 'windowShut'), points: curve(airChanges.closed) },
    {
      name: w.name('apart', 'windowOpen'),
      points: curve(airChanges.open),
      colour: colours.action,
    },
  ];
};
