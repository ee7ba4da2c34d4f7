import type { Application } from '../domain/applications.ts';
import type { Family } from '../domain/families.ts';
import type { Flame, Situation, Ventilation } from '../domain/situations.ts';
import { factsOfFamily } from '../families/index.ts';
import { materialOf, type MaterialId } from '../reference/materials.ts';
import type { Act } from '../reference/neverCombine.ts';
import type { ReasonCode } from '../verdict/reason.ts';
import type { Verdict } from '../verdict/verdict.ts';

/**
 * What is done at one surface, in order: first what makes it safe, then what is done to it, then
 * what keeps people and animals off it. Words, amounts and icons are made from the codes elsewhere.
 */
export const allSteps = [
  'people-out',
  'bird-out',
  'cover-tank',
  'open-window',
  'fan-on',
  'hob-off',
  'heating-off',
  'gloves',
  'goggles',
  'mask',
  'power-off',
  'let-cool',
  'find-damp',
  'absorb',
  'rinse-between',
  'dry-between',
  'flush-drain',
  'air-between',
  'take-out',
  'flush',
  'wash',
  'damp-wipe',
  'dry-wipe',
  'vacuum',
  'launder',
  'maker-only',
  'dry-first',
  'test-spot',
  'spray',
  'on-cloth',
  'apply',
  'edges-dry',
  'hold',
  'look',
  'wipe',
  'rinse',
  'rinse-drinking',
  'dry-after',
  'out-until-dry',
  'air-room',
  'lock-away',
] as const;

export type Step = (typeof allSteps)[number];

/** What a surface's steps follow from. */
export interface StepsOf {
  material: MaterialId;
  food: boolean;
  mildew: boolean;
  blood: boolean;
  situations: readonly Situation[];
  flame: Flame;
  ventilation: Ventilation;
  /** What has to be done first because of what was put on before it in the same visit. */
  between: readonly Act[];
  /** What is put on, or nothing where it is only cleaned. */
  put: (Verdict & { family: Family; application: Application; seconds: number }) | null;
}

/** Who must not breathe it or touch it while it is wet. */
const stayOut: readonly Situation[] = [
  'infant',
  'toddler',
  'cat',
  'dog',
  'bird',
  'asthma',
  'pregnancy',
  'weak-immunity',
];

const licks: readonly Situation[] = ['infant', 'toddler', 'cat', 'dog', 'bird'];

type Put = NonNullable<StepsOf['put']>;

const says = (put: Put | null, ...codes: ReasonCode[]): boolean =>
  put?.reasons.some(({ code }) => codes.includes(code)) ?? false;

const when = (condition: boolean, ...steps: Step[]): Step[] => (condition ? steps : []);

const stepOfAct: Partial<Record<Act, Step>> = {
  rinse: 'rinse-between',
  dry: 'dry-between',
  flush: 'flush-drain',
  ventilate: 'air-between',
};

/** Before anything wet comes near: air, flame, people, hands and eyes. */
const beforehand = ({
  material,
  situations,
  flame,
  ventilation,
  mildew,
  blood,
  between,
  put,
}: StepsOf): Step[] => {
  const lives = (...some: Situation[]) => some.some((one) => situations.includes(one));
  const { powered } = materialOf(material);
  const volatile = put !== null;
  return [
    ...when(volatile && lives(...stayOut), 'people-out'),
    ...when(volatile && lives('bird'), 'bird-out'),
    ...when(volatile && lives('fish'), 'cover-tank'),
    ...when((volatile || mildew) && ventilation === 'window', 'open-window'),
    ...when((volatile || mildew) && ventilation === 'fan', 'fan-on'),
    ...when(put?.family === 'alcohol' && flame === 'hob', 'hob-off'),
    ...when(volatile && lives('floor-heating'), 'heating-off'),
    'gloves',
    ...when(put?.application === 'spray' || mildew, 'goggles'),
    ...when(mildew, 'mask'),
    ...when(powered === true, 'power-off'),
    ...when(material === 'hot-surface' || material === 'glass-ceramic-hob', 'let-cool'),
    ...when(mildew, 'find-damp'),
    ...when(blood, 'absorb'),
    ...between.flatMap((act) => stepOfAct[act] ?? []),
    ...when(says(put, 'taken-out-first'), 'take-out', 'flush', 'flush'),
    ...when(says(put, 'flush-first'), 'flush'),
  ];
};

/**
 * Soil comes off first, in the way the thing bears; a film counts only on what is clean, and not on
 * what is dripping.
 */
const cleaning = ({ material, put, mildew }: StepsOf): Step[] => {
  const { cleaned } = materialOf(material);
  return [cleaned, ...when(put !== null && (cleaned === 'wash' || mildew), 'dry-first')];
};

const putting = ({ material, food, situations, put }: StepsOf): Step[] => {
  if (!put) return [];
  const { powered, mouthed } = materialOf(material);
  const drinking = food || mouthed === true || licks.some((one) => situations.includes(one));
  const rinse = drinking || says(put, 'rinse-after');
  const spray: Step = put.family === 'product' ? 'apply' : 'spray';
  const on: Step = put.application === 'spray' ? spray : 'on-cloth';
  return [
    ...when(says(put, 'material-care', 'material-stronger', 'material-not-known'), 'test-spot'),
    on,
    ...when(material === 'mirror', 'edges-dry'),
    ...when(put.seconds > 0, 'hold', 'look'),
    'wipe',
    // Water never goes onto what holds current: the damp cloth is all it gets.
    ...when(rinse && !powered, drinking ? 'rinse-drinking' : 'rinse'),
    ...when(powered === true || says(put, 'material-care'), 'dry-after'),
  ];
};

/** A product goes by its label, of which nobody can tell how long it lingers. */
const isAired = (family: Family): boolean => factsOfFamily(family)?.airedAfter ?? true;

const afterwards = ({ situations, put }: StepsOf): Step[] => {
  const lives = (...some: Situation[]) => some.some((one) => situations.includes(one));
  return [
    ...when(put !== null && lives(...stayOut), 'out-until-dry'),
    ...when(put !== null && isAired(put.family) && lives(...stayOut), 'air-room'),
    ...when(lives('dementia', 'toddler'), 'lock-away'),
  ];
};

/** Every step at a surface, in order, from what is judged of it. Source: common practice. */
export const stepsOf = (of: StepsOf): Step[] => [
  ...beforehand(of),
  ...cleaning(of),
  ...putting(of),
  ...afterwards(of),
];

/** Whether a step rinses what was put on. */
export const isRinse = (step: Step): boolean => step === 'rinse' || step === 'rinse-drinking';
