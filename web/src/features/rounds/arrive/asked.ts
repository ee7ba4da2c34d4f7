import type { Protocol } from '@zymostat/contract';
import type { Step } from '@zymostat/core';

/** What is seen to on arriving, for a room or for the whole home. */
const onArriving = [
  'people-out',
  'bird-out',
  'cover-tank',
  'open-window',
  'fan-on',
  'hob-off',
  'heating-off',
] as const satisfies readonly Step[];
export type ToSeeTo = { step: (typeof onArriving)[number]; rooms: string[] };

/** What is to be opened, put off and covered before anything is begun, and in which rooms. */
export const toSeeTo = ({ rooms }: Protocol): ToSeeTo[] =>
  onArriving.flatMap((step) => {
    const asking = rooms.filter(({ surfaces }) =>
      surfaces.some(({ steps }) => steps.includes(step)),
    );
    return asking.length === 0 ? [] : [{ step, rooms: asking.map(({ name }) => name) }];
  });

/** The families that a round puts on, and how strong: what is carried in. */
export const carried = ({ rooms }: Protocol) => {
  const found = new Map<string, { active: string; strength: number }>();
  for (const { surfaces } of rooms)
    for (const { treatment } of surfaces)
      if (treatment) found.set(`${treatment.active} ${treatment.strength}`, treatment);
  return [...found.values()] as NonNullable<
    Protocol['rooms'][number]['surfaces'][number]['treatment']
  >[];
};
