import type { Acid, Descaling } from '../reference/descaling.ts';
import { onlyIf, plain, type JobStep } from './jobStep.ts';

/** How the acid gets to the lime. */
const onSteps = (
  { how }: Descaling,
  { acid, strength, volume }: { acid: Acid; strength: number; volume: number },
): JobStep[] => {
  const figures = { acid, strength, volume };
  switch (how) {
    case 'fill':
      return [{ code: 'fill', figures }, ...plain('not-boiled-dry')];
    case 'through':
      return [{ code: 'run-half', figures }];
    case 'bag':
      return [{ code: 'tie-bag', figures }];
    case 'wipe':
      return [{ code: 'wipe-on', figures: { cleaner: acid, ratio: strength } }];
    case 'pour':
      return [...plain('lower-water'), { code: 'pour-in', figures }];
    case 'bowl-on-rack':
      return [{ code: 'bowl-on-rack', figures }];
  }
};

/** How it comes off again. */
const offSteps = ({ how, clear }: Descaling): JobStep[] => {
  const runs: JobStep[] = clear ? [{ code: 'clear-runs', figures: clear }] : [];
  switch (how) {
    case 'fill':
      return [...plain('take-off', 'rinse-well'), ...runs];
    case 'through':
      return [...plain('run-through'), ...runs];
    case 'bag':
      return plain('take-off', 'rinse-hard', 'brush', 'dry-cloth');
    case 'wipe':
      return plain('rinse-hard', 'squeegee');
    case 'pour':
      return plain('brush', 'flush');
    case 'bowl-on-rack':
      return runs;
  }
};

/** Stone, cement and bare metal near what drips are covered. */
const drips = ({ how }: Descaling): boolean => how === 'bag' || how === 'wipe';

/** What is done, in order: gloves and goggles, what must be out, on, left, off. */
export const descaleSteps = (
  descaling: Descaling,
  poured: { acid: Acid; strength: number; volume: number },
  {
    least,
    most,
    lifts,
    castile,
  }: { least: number; most: number; lifts: boolean; castile: boolean },
): JobStep[] => [
  ...plain('gloves', 'goggles'),
  ...onlyIf(lifts && descaling.beside === 'bowl', ...plain('take-tablet-out', 'flush', 'flush')),
  ...onlyIf(
    descaling.how === 'bag' || descaling.how === 'wipe',
    { code: 'wash-with', figures: { cleaner: 'washing-up-liquid', ratio: 5 } },
    ...onlyIf(castile, ...plain('castile-never')),
  ),
  ...onlyIf(drips(descaling), ...plain('cover-stone')),
  ...plain('nothing-else-in-it'),
  ...onSteps(descaling, poured),
  { code: 'leave', figures: { least, most } },
  ...offSteps(descaling),
];
