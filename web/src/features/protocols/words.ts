import {
  stepOrders,
  strengthShort,
  duration,
  cleanedStep,
  stepLine,
  about,
  clock,
  mixedInWords,
} from '@zymostat/words';
import { w } from '../../words/words.ts';
import {
  activeFacts,
  materialOf,
  type Active,
  type Assessed,
  type Goal,
  type MaterialId,
  type TreatedSurface,
} from '@zymostat/core';

/** Steps that everybody takes anyway, or that a headline has no room for. */
const USUAL = new Set([
  'gloves',
  'look',
  'dry-first',
  'out-until-dry',
  'air-room',
  'people-out',
  'open-window',
  'fan-on',
  'goggles',
  'edges-dry',
  'dry-after',
]);

/**
 * What is done there in a sentence or two, from the steps themselves: the headline says what the
 * phone will say.
 */
export const saySteps = (treated: Pick<TreatedSurface, 'steps' | 'area' | 'treatment'>): string =>
  stepOrders(w, treated.steps, treated)
    .filter(({ step }) => !USUAL.has(step))
    .map(({ order }) => order)
    .join(' ');

/** How a material is cleaned, as an order. */
export const sayCleaning = (material: MaterialId): string =>
  stepOrders(w, [materialOf(material).cleaned], { area: 0, treatment: null })[0]!.order;

/** With what, or how it is cleaned. */
const howDone = ({ treatment, steps }: TreatedSurface): string => {
  if (!treatment) return w.name('step', cleanedStep(steps));
  return w.say('protocol.doneWith', {
    strength: strengthShort(w, treatment.active, treatment.strength),
    active: w.name('active', treatment.active),
    time: treatment.seconds > 0 ? duration(w, treatment.seconds) : 'none',
  });
};

/** What lifts its soil first, in a word or two: nothing where a wash is all. */
const loosenedWith = ({ loosening }: TreatedSurface): string => {
  const last = loosening?.cleaners.at(-1);
  if (!loosening || !last) return 'none';
  const most = loosening.lies?.most;
  return w.say('protocol.loosenedFirst', {
    soil: w.name('soil', loosening.soil),
    cleaner: mixedInWords(w, last.cleaner, last.ratio),
    most: most == null ? 'none' : duration(w, most),
  });
};

/** What is done at a surface, and of its steps those that another version of it has not. */
export const doneInWords = (surface: TreatedSurface, other: TreatedSurface | undefined): string => {
  const own = other ? surface.steps.filter((step) => !other.steps.includes(step)) : [];
  return w.say('protocol.doneThere', {
    goal: w.name('goal', surface.goal),
    loosened: loosenedWith(surface),
    how: howDone(surface),
    own: own.length > 0 ? stepLine(w, own) : 'none',
    accepted: surface.accepted ?? 'none',
  });
};

/** What would be put on, in a word or two. */
export const whatIsPutOn = (active: Active, strength: number): string =>
  active === 'registered product'
    ? w.name('active', active)
    : `${strengthShort(w, active, strength)} ${w.name('family', activeFacts[active].family).toLowerCase()}`;

/** A stock and how strong it is used; a registered product by its name alone. */
export const nameOfBottle = (
  { name, active }: { name: string; active: Active },
  strength: number,
): string =>
  active === 'registered product' ? name : `${name}, ${strengthShort(w, active, strength)}`;

/** What a goal is called where it is claimed: nothing is called disinfecting that is not. */
export const goalInWords: Record<Goal, string> = {
  clean: w.name('protocol', 'cleaned'),
  reduce: w.name('protocol', 'reducedSomeBacteria'),
  sanitise: w.name('protocol', 'sanitised'),
  disinfect: w.name('protocol', 'disinfected'),
};

/** How it will hold, in a sentence. */
export const sayHolding = ({ seconds, prediction }: Assessed): string | undefined => {
  if (!prediction || seconds === 0) return undefined;
  const { rewets, holds } = prediction;
  return rewets.count === 0
    ? w.say('protocol.oneCoatIsEnoughIt', { holds: about(w, holds) })
    : w.say('protocol.oneCoatHoldsForEstimate', {
        holds: about(w, holds),
        count: rewets.count,
        every: clock(rewets.every),
      });
};
