import { coats, type Application, type Step } from '@zymostat/core';
import { duration, strengthOf } from './figures.ts';
import { activeNames } from './names.ts';
import type { TreatedSurface } from '@zymostat/core';

/** What a step is called where there is room for a word or two. */
export const stepNames: Record<Step, string> = {
  'people-out': 'people and animals out',
  'bird-out': 'bird out of the room',
  'cover-tank': 'cover the fish tank, pump off',
  'open-window': 'open the window',
  'fan-on': 'fan on',
  'hob-off': 'hob off and cold',
  'heating-off': 'floor heating off',
  gloves: 'gloves',
  goggles: 'goggles',
  mask: 'mask (N95 or better)',
  'power-off': 'power off',
  'let-cool': 'let it cool',
  'find-damp': 'find where the damp comes from',
  absorb: 'soak it up with paper, throw away',
  'rinse-between': 'rinse first',
  'dry-between': 'wipe dry first',
  'flush-drain': 'flush the drain',
  'air-between': 'air the room first',
  'take-out': 'take the tablet out',
  flush: 'flush',
  wash: 'wash and rinse',
  'damp-wipe': 'wipe with a wrung-out cloth',
  'dry-wipe': 'dust with a dry cloth',
  vacuum: 'vacuum',
  launder: 'into the wash',
  'maker-only': 'only as its maker says',
  'dry-first': 'wipe off standing water',
  'test-spot': 'test a hidden spot',
  spray: 'spray',
  'on-cloth': 'put it on a cloth, not on the surface',
  apply: 'put it on as the label says',
  'edges-dry': 'keep the edges dry',
  hold: 'keep wet',
  look: 'look: still wet?',
  wipe: 'wipe',
  rinse: 'rinse',
  'rinse-drinking': 'rinse with drinking water',
  'dry-after': 'wipe dry',
  'out-until-dry': 'keep out until dry',
  'air-room': 'air the room',
  'lock-away': 'lock it away',
};

/** One trigger stroke is about a millilitre. Source: common practice, no source. */
const STROKE = 1e-6;
const strokes = (area: number, application: Application): number =>
  Math.max(1, Math.round((area * coats[application]) / STROKE));

type Treated = Pick<TreatedSurface, 'area' | 'treatment'>;

/** What is put on, for how long, and how much of it. */
const putOn = (
  { area, treatment }: Treated,
  how: (count: number, what: string) => string,
): string => {
  if (!treatment) return '';
  const what =
    treatment.active === 'registered product'
      ? 'the product'
      : `${strengthOf(treatment.active, treatment.strength)} ${activeNames[treatment.active]}`;
  return how(strokes(area, treatment.application), what);
};

/** A step as an order to whoever does it, with how much and how long. */
const orders: Partial<Record<Step, (of: Treated) => string>> = {
  'people-out': () => 'Send people and animals out of the room.',
  'bird-out': () => 'Carry the bird out of the room.',
  'cover-tank': () => 'Cover the fish tank and turn its pump off.',
  'open-window': () => 'Open the window.',
  'fan-on': () => 'Turn the fan on.',
  'hob-off': () => 'Turn the hob off. Wait until it is cold.',
  'heating-off': () => 'Turn the floor heating off, if you may.',
  gloves: () => 'Put gloves on.',
  goggles: () => 'Put goggles on.',
  mask: () => 'Put a mask on (N95 or better).',
  'power-off': () => 'Turn the power off. Pull the plug if there is one.',
  'let-cool': () => 'Wait until it is cool.',
  'find-damp': () => 'Find where the damp comes from and tell your supervisor.',
  absorb: () => 'Soak it up with paper. Throw the paper away in a bag.',
  'rinse-between': () => 'Rinse off what was on it before.',
  'dry-between': () => 'Wipe it dry before the next goes on.',
  'flush-drain': () => 'Run water down the drain first.',
  'air-between': () => 'Air the room first.',
  wash: () => 'Wash with detergent and rinse.',
  'damp-wipe': () => 'Wipe with a wrung-out cloth. No running water.',
  'dry-wipe': () => 'Dust with a dry cloth. No water.',
  vacuum: () => 'Vacuum it. Do not wash it.',
  launder: () => 'Put it into the wash.',
  'maker-only': () => 'Leave it alone: only its maker says how it is cleaned.',
  'dry-first': () => 'Wipe off standing water.',
  'test-spot': () => 'Try it on a hidden spot first.',
  spray: (of) =>
    putOn(
      of,
      (count, what) => `Spray ${what}: about ${count} ${count === 1 ? 'stroke' : 'strokes'}.`,
    ),
  'on-cloth': (of) =>
    putOn(
      of,
      (count, what) =>
        `Put ${what} on a cloth (about ${count} ${count === 1 ? 'stroke' : 'strokes'}) and wipe it on. Never spray.`,
    ),
  apply: () => 'Put the product on as its label says.',
  'edges-dry': () => 'Keep the edges and the frame dry.',
  hold: ({ treatment }) => `Keep it wet for ${duration(treatment?.seconds ?? 0)}.`,
  look: () => 'Look: is it still wet? Re-wet it before it dries.',
  wipe: () => 'Wipe it off.',
  rinse: () => 'Rinse with water.',
  'rinse-drinking': () => 'Rinse with drinking water.',
  'dry-after': () => 'Wipe it dry.',
  'out-until-dry': () => 'Keep people and animals out until it is dry.',
  'air-room': () => 'Air the room before anybody goes back in.',
  'lock-away': () => 'Lock bottles and cloths away. Leave nothing behind.',
  'take-out': () => 'Take the tablet out.',
  flush: () => 'Flush.',
};

/** The steps at a surface as orders, one sentence each. */
export const stepOrders = (steps: readonly Step[], of: Treated): { step: Step; order: string }[] =>
  steps.map((step, i) => ({
    step,
    order: step === 'flush' && steps[i - 1] === 'flush' ? 'Flush again.' : orders[step]!(of),
  }));

/** The steps in one line, for a headline: what differs from the ordinary comes first. */
export const stepLine = (steps: readonly Step[]): string =>
  [...new Set(steps)]
    .filter((step) => step !== 'gloves' && step !== 'look')
    .map((step) => stepNames[step])
    .join(', ');

/** Cleaning a surface as it is recorded afterwards. */
export const cleanedNames: Partial<Record<Step, string>> = {
  wash: 'Washed and rinsed',
  'damp-wipe': 'Wiped with a damp cloth',
  'dry-wipe': 'Dusted',
  vacuum: 'Vacuumed',
  launder: 'Put into the wash',
  'maker-only': 'Left as its maker says',
};
export const cleanedStep = (steps: readonly Step[]): Step =>
  steps.find((step) => cleanedNames[step] !== undefined) ?? 'wash';
