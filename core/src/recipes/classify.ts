import {
  classLimits,
  classPrecautions,
  corrosivePh,
  hazardClasses,
  hazardLabels,
  precautions,
  type HazardClass,
  type Pictogram,
  type Precaution,
  type SignalWord,
} from '../reference/classification.ts';
import type { Formula } from '../solutions/analyseFormula.ts';
import type { Masses } from '../solutions/stockContent.ts';
import { flammableCategory, flashPoint } from '../solutions/vapour.ts';

/** What a mixture is classified as and what its label must therefore say. */
export interface Classification {
  /** °C, closed cup, by the vapour model: an estimate. */
  flashPoint?: number;
  classes: HazardClass[];
  signal?: SignalWord;
  pictograms: Pictogram[];
  /** H and EUH codes. */
  statements: string[];
  precautions: Precaution[];
}

/** What a graver class leaves nothing to add to. */
const covers: Partial<Record<HazardClass, HazardClass[]>> = {
  'skin-corrosive': ['eye-damage', 'eye-irritant', 'skin-irritant', 'airway-irritant'],
  'eye-damage': ['eye-irritant'],
};

/** What makes a mixture very sour or very alkaline. */
const ofPh = [
  'hydrochloric acid',
  'sulfuric acid',
  'oxalic acid',
  'hydrofluoric acid',
  'acetic acid',
  'citric acid',
  'sodium hydroxide',
  'sodium carbonate',
  'ammonia',
  'sodium hypochlorite',
  'borax',
  'soap',
] as const;

/**
 * A pH classes a mixture only where something in it has no limits of its own: those speak first.
 * Source: CLP.
 */
const isCorrosiveByPh = (ph: number, constituents: Formula['constituents']): boolean => {
  if (ph > corrosivePh.acid && ph < corrosivePh.alkali) return false;
  const inIt = constituents.filter(({ component }) =>
    (ofPh as readonly string[]).includes(component),
  );
  return inIt.some(({ component }) => !classLimits.some(({ of }) => of === component));
};

/**
 * From this mass fraction a solvent that floats or evaporates first is what lights. Source: GHS,
 * cautious.
 */
const SOLVENT = 0.05;

/**
 * Acetone lights below room temperature, turpentine and orange oil a little above it. Source: GHS;
 * safety data sheets.
 */
const solventCategory = (constituents: Formula['constituents']): 2 | 3 | undefined => {
  const holds = (of: string) =>
    constituents.some(({ component, ww }) => component === of && ww >= SOLVENT);
  if (holds('acetone')) return 2;
  return holds('terpene') ? 3 : undefined;
};

/** The graver first: a label bears one only. Source: CLP. */
const signalWords: readonly SignalWord[] = ['Danger', 'Warning'];

/**
 * GHS/CLP classification of a mixture from its composition, flash point and pH, and the label
 * elements that follow. Each component by its own limit, by weight or by weight in volume,
 * whichever is more. Source: CLP, GHS.
 */
export const classify = ({
  constituents,
  strengths,
  ph,
}: Pick<Formula, 'constituents' | 'strengths' | 'ph'>): Classification => {
  const masses = Object.fromEntries(
    constituents.map(({ component, mass }) => [component, mass]),
  ) as Masses;
  const flash = flashPoint(masses);
  const category = flammableCategory(flash, strengths.alcohol) ?? solventCategory(constituents);
  const found = new Set<HazardClass>(category ? [`flammable-${category}`] : []);
  for (const { of, from, below, class: hazard } of classLimits) {
    const strength = Math.max(
      0,
      ...constituents
        .filter(({ component }) => component === of)
        .map(({ ww, wv }) => Math.max(ww, wv)),
    );
    if (strength >= from * (1 - 1e-9) && (below === undefined || strength < below))
      found.add(hazard);
  }
  if (ph !== undefined && isCorrosiveByPh(ph, constituents)) found.add('skin-corrosive');
  const classes = hazardClasses.filter(
    (one) => found.has(one) && ![...found].some((graver) => covers[graver]?.includes(one)),
  );
  const labels = classes.map((one) => hazardLabels[one]);
  const signals = new Set(labels.map(({ signal }) => signal));
  const signal = signalWords.find((word) => signals.has(word));
  const needed = new Set<Precaution>(['P102', ...classes.flatMap((one) => classPrecautions[one])]);
  const pictograms = [
    ...new Set(labels.flatMap(({ pictogram }) => (pictogram ? [pictogram] : []))),
  ];
  return {
    ...(flash === undefined ? {} : { flashPoint: flash }),
    classes,
    ...(signal ? { signal } : {}),
    // The corrosion sign says all that the exclamation mark would say of skin and eyes.
    pictograms: pictograms.filter(
      (one) =>
        one !== 'exclamation' ||
        !pictograms.includes('corrosion') ||
        classes.includes('drowsiness') ||
        classes.includes('airway-irritant'),
    ),
    statements: labels.map(({ statement }) => statement),
    precautions: precautions.filter((one) => needed.has(one)),
  };
};
