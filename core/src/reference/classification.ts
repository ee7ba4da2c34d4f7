import type { Component } from './components.ts';

export const hazardClasses = [
  'flammable-2',
  'flammable-3',
  'flammable-4',
  'skin-corrosive',
  'eye-damage',
  'eye-irritant',
  'skin-irritant',
  'drowsiness',
  'airway-irritant',
  'reproductive',
  'toxic-gas-with-acid',
  'aquatic-acute',
  'aquatic-chronic',
] as const;
export type HazardClass = (typeof hazardClasses)[number];

export type SignalWord = 'Danger' | 'Warning';
export type Pictogram = 'flame' | 'corrosion' | 'exclamation' | 'health' | 'environment';

/** What a class puts on a label. Source: GHS; CLP. */
export const hazardLabels: Record<
  HazardClass,
  { signal?: SignalWord; pictogram?: Pictogram; statement: string }
> = {
  'flammable-2': { signal: 'Danger', pictogram: 'flame', statement: 'H225' },
  'flammable-3': { signal: 'Warning', pictogram: 'flame', statement: 'H226' },
  'flammable-4': { signal: 'Warning', statement: 'H227' },
  'skin-corrosive': { signal: 'Danger', pictogram: 'corrosion', statement: 'H314' },
  'eye-damage': { signal: 'Danger', pictogram: 'corrosion', statement: 'H318' },
  'eye-irritant': { signal: 'Warning', pictogram: 'exclamation', statement: 'H319' },
  'skin-irritant': { signal: 'Warning', pictogram: 'exclamation', statement: 'H315' },
  drowsiness: { signal: 'Warning', pictogram: 'exclamation', statement: 'H336' },
  'airway-irritant': { signal: 'Warning', pictogram: 'exclamation', statement: 'H335' },
  reproductive: { signal: 'Danger', pictogram: 'health', statement: 'H360FD' },
  'toxic-gas-with-acid': { statement: 'EUH031' },
  'aquatic-acute': { signal: 'Warning', pictogram: 'environment', statement: 'H400' },
  'aquatic-chronic': { pictogram: 'environment', statement: 'H411' },
};

interface Limit {
  of: Component;
  /** Fractions; `below` is not included. */
  from: number;
  below?: number;
  class: HazardClass;
}
const limit = (of: Component, from: number, hazard: HazardClass, below?: number): Limit => ({
  of,
  from,
  class: hazard,
  ...(below === undefined ? {} : { below }),
});

/**
 * From which strength a component classifies a mixture. Source: CLP Annex VI and generic limits.
 */
export const classLimits: readonly Limit[] = [
  limit('hydrogen peroxide', 0.05, 'eye-irritant', 0.08),
  limit('hydrogen peroxide', 0.08, 'eye-damage', 0.5),
  limit('hydrogen peroxide', 0.35, 'skin-irritant', 0.5),
  limit('hydrogen peroxide', 0.35, 'airway-irritant'),
  limit('hydrogen peroxide', 0.5, 'skin-corrosive'),
  limit('acetic acid', 0.1, 'skin-irritant', 0.25),
  limit('acetic acid', 0.1, 'eye-irritant', 0.25),
  limit('acetic acid', 0.25, 'skin-corrosive'),
  limit('ethanol', 0.5, 'eye-irritant'),
  limit('2-propanol', 0.1, 'eye-irritant'),
  limit('2-propanol', 0.2, 'drowsiness'),
  limit('sodium hypochlorite', 0.05, 'toxic-gas-with-acid'),
  limit('sodium hypochlorite', 0.01, 'skin-irritant', 0.05),
  limit('sodium hypochlorite', 0.01, 'eye-irritant', 0.03),
  limit('sodium hypochlorite', 0.03, 'eye-damage', 0.05),
  limit('sodium hypochlorite', 0.05, 'skin-corrosive'),
  limit('sodium hypochlorite', 0.025, 'aquatic-acute'),
  limit('sodium hypochlorite', 0.025, 'aquatic-chronic'),
  limit('quat', 0.01, 'skin-irritant', 0.05),
  limit('quat', 0.01, 'eye-irritant', 0.03),
  limit('quat', 0.03, 'eye-damage', 0.05),
  limit('quat', 0.05, 'skin-corrosive'),
  limit('quat', 0.025, 'aquatic-acute'),
  limit('acetone', 0.1, 'eye-irritant'),
  limit('acetone', 0.2, 'drowsiness'),
  limit('hydrochloric acid', 0.25, 'skin-corrosive'),
  limit('hydrochloric acid', 0.1, 'skin-irritant', 0.25),
  limit('hydrochloric acid', 0.1, 'eye-irritant', 0.25),
  limit('sulfuric acid', 0.15, 'skin-corrosive'),
  limit('sodium hydroxide', 0.02, 'skin-corrosive'),
  limit('sodium hydroxide', 0.005, 'skin-irritant', 0.02),
  limit('sodium hydroxide', 0.005, 'eye-irritant', 0.02),
  limit('ammonia', 0.05, 'airway-irritant'),
  limit('citric acid', 0.1, 'eye-irritant'),
  limit('sodium carbonate', 0.1, 'eye-irritant'),
  limit('borax', 0.003, 'reproductive'),
  limit('boric acid', 0.003, 'reproductive'),
];

/**
 * pH at which a mixture counts as corrosive, unless what makes it so has limits of its own that
 * speak. Source: CLP.
 */
export const corrosivePh = { acid: 2, alkali: 11.5 } as const;

export const precautions = [
  'P102',
  'P210',
  'P233',
  'P260',
  'P261',
  'P264',
  'P271',
  'P273',
  'P280',
  'P301+P330+P331',
  'P303+P361+P353',
  'P305+P351+P338',
  'P308+P313',
  'P310',
] as const;
export type Precaution = (typeof precautions)[number];

const forFlame: Precaution[] = ['P210', 'P233'];
const forCorrosion: Precaution[] = [
  'P260',
  'P280',
  'P301+P330+P331',
  'P303+P361+P353',
  'P305+P351+P338',
  'P310',
];
const forIrritation: Precaution[] = ['P264', 'P280', 'P305+P351+P338'];

/**
 * Precautionary statements by class; P102 stands on all of them. Source: GHS, a choice of the ones
 * that fit a spray bottle.
 */
export const classPrecautions: Record<HazardClass, readonly Precaution[]> = {
  'flammable-2': forFlame,
  'flammable-3': forFlame,
  'flammable-4': forFlame,
  'skin-corrosive': forCorrosion,
  'eye-damage': ['P280', 'P305+P351+P338', 'P310'],
  'eye-irritant': forIrritation,
  'skin-irritant': forIrritation,
  drowsiness: ['P261', 'P271'],
  'airway-irritant': ['P261', 'P271'],
  reproductive: ['P280', 'P308+P313'],
  'toxic-gas-with-acid': [],
  'aquatic-acute': ['P273'],
  'aquatic-chronic': ['P273'],
};
