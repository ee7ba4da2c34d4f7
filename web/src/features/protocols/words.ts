import {
  about,
  activeNames,
  cleanedStep,
  clock,
  duration,
  familyNames,
  goalNames,
  stepLine,
  stepNames,
  stepOrders,
  strengthShort,
} from '@zymostat/contract';
import {
  activeFacts,
  materialOf,
  type Active,
  type Assessed,
  type Goal,
  type MaterialId,
  type TreatedSurface,
} from '@zymostat/core';

const figures = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'];

/** "Two things stand" */
export const countInWords = (n: number): string =>
  `${figures[n] ?? n} ${n === 1 ? 'thing stands' : 'things stand'}`;

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
  stepOrders(treated.steps, treated)
    .filter(({ step }) => !USUAL.has(step))
    .map(({ order }) => order)
    .join(' ');

/** How a material is cleaned, as an order. */
export const sayCleaning = (material: MaterialId): string =>
  stepOrders([materialOf(material).cleaned], { area: 0, treatment: null })[0]!.order;

/** What is done at a surface, and of its steps those that another version of it has not. */
export const doneInWords = (surface: TreatedSurface, other: TreatedSurface | undefined): string => {
  const { treatment, goal, steps, accepted } = surface;
  const how = treatment
    ? `${strengthShort(treatment.active, treatment.strength)} ${activeNames[treatment.active]}${treatment.seconds > 0 ? `, ${duration(treatment.seconds)}` : ''}`
    : stepNames[cleanedStep(steps)];
  const own = other ? steps.filter((step) => !other.steps.includes(step)) : [];
  const only = own.length > 0 ? ` Only here: ${stepLine(own)}.` : '';
  return `${goalNames[goal]}: ${how}.${only}${accepted ? ` Accepted: ${accepted}` : ''}`;
};

/** What would be put on, in a word or two. */
export const whatIsPutOn = (active: Active, strength: number): string =>
  active === 'registered product'
    ? 'registered product'
    : `${strengthShort(active, strength)} ${familyNames[activeFacts[active].family].toLowerCase()}`;

/** What a goal is called where it is claimed: nothing is called disinfecting that is not. */
export const goalInWords: Record<Goal, string> = {
  clean: 'cleaned',
  reduce: 'reduced (some bacteria)',
  sanitise: 'sanitised',
  disinfect: 'disinfected',
};

/** How it will hold, in a sentence. */
export const sayHolding = ({ seconds, prediction }: Assessed): string | undefined => {
  if (!prediction || seconds === 0) return undefined;
  const { rewets, holds } = prediction;
  return rewets.count === 0
    ? `One coat is enough: it holds for ${about(holds)} (estimate).`
    : `One coat holds for ${about(holds)} (estimate): re-wet ${rewets.count === 1 ? `once, after ${clock(rewets.every)}` : `every ${clock(rewets.every)}`}.`;
};
