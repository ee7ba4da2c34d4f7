import type { BatchRow, Body } from '@zymostat/contract';
import {
  parseFigure,
  usualAir,
  wipeJar,
  type ClothKind,
  type GenericActive,
  type Jar,
  type JarAsked,
  type Judging,
  type Ventilation,
  type VesselKind,
} from '@zymostat/core';

/** A recipe that was analysed: what a jar of it would do, before anybody has poured it. */
export interface FromRecipe {
  name: string;
  active: GenericActive;
  strength: number;
}

/** A jar as it is typed: cm, l, minutes; a batch by its id, washing-up liquid, or a recipe. */
export interface JarLines {
  count: string;
  kind: ClothKind;
  length: string;
  width: string;
  dry: string;
  dripping: string;
  liquid: string;
  vessel: VesselKind;
  litres: string;
  mouth: string;
  minutes: string;
  ventilation: Ventilation;
  temperature: string;
  opened: string;
}
export const WASHING = 'washing';
export const RECIPE = 'recipe';

/** As a jar mostly is. */
export const usualLines: JarLines = {
  count: '50',
  kind: 'thick-paper-towel',
  length: '20',
  width: '20',
  dry: '',
  dripping: '',
  liquid: WASHING,
  vessel: 'glass',
  litres: '1.5',
  mouth: '10',
  minutes: '2',
  ventilation: 'window',
  temperature: '21',
  opened: '12',
};

const figure = (text: string): number => parseFigure(text) ?? NaN;

/** Two weighings in g; one alone is not a weighing, and not passed over either. */
const weighedOf = ({ dry, dripping }: JarLines) =>
  dry.trim() === '' && dripping.trim() === ''
    ? null
    : { dry: figure(dry) / 1000, dripping: figure(dripping) / 1000 };

type Sent = Omit<Body<'makeJar'>, 'id'>;

/** What is sent of it: SI. Not a number where something cannot be read. */
export const sentOf = (lines: JarLines): Sent => ({
  cloth: {
    kind: lines.kind,
    length: figure(lines.length) / 100,
    width: figure(lines.width) / 100,
    weighed: weighedOf(lines),
  },
  count: figure(lines.count),
  batchId: lines.liquid === WASHING || lines.liquid === RECIPE ? null : lines.liquid,
  vessel: {
    kind: lines.vessel,
    volume: figure(lines.litres) / 1000,
    mouth: (Math.PI * (figure(lines.mouth) / 100) ** 2) / 4,
  },
  seconds: Math.round(figure(lines.minutes) * 60),
  against: 'everyday',
  ventilation: lines.ventilation,
  temperature: figure(lines.temperature),
  opened: figure(lines.opened),
});

export const liquidOf = (
  lines: JarLines,
  batch: BatchRow | undefined,
  recipe: FromRecipe | undefined,
): JarAsked['liquid'] => {
  if (lines.liquid === RECIPE && recipe)
    return { active: recipe.active, strength: recipe.strength, discardAfter: null };
  if (!batch) return { active: null };
  const { active, strength, discardAfter } = batch;
  return { active, strength, label: null, discardAfter };
};

/** What the jar would be; nothing where a figure cannot be read or is not allowed. */
export const workedOut = (sent: Sent, liquid: JarAsked['liquid'], judging: Judging): Jar | null => {
  const { ventilation, temperature, cloth, count, vessel, seconds, against, opened } = sent;
  const air = { ...usualAir[ventilation], temperature };
  try {
    return wipeJar({ cloth, count, vessel, seconds, against, opened, air, liquid }, judging);
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
};
