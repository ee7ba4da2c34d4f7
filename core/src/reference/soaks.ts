import type { GenericFamily } from '../domain/families.ts';
import type { SoakedThing } from '../domain/things.ts';
import type { JobRow } from './jobRows.ts';

/**
 * What a soak may be called. `disinfects` is published; `treats` is what the trade does and nobody
 * published: said as what was done, for how long; the rest claim nothing.
 */
export const soakClaims = [
  'nothing',
  'shines',
  'loosens',
  'cleans',
  'treats',
  'disinfects',
] as const;
export type SoakClaim = (typeof soakClaims)[number];

/** What is done when it comes out. */
export type AfterSoak = 'air-dry' | 'rinse-dry' | 'rinse-well-dry' | 'wash-hot' | 'hang-dry';

export interface Soak {
  row: JobRow;
  things: readonly SoakedThing[];
  family: GenericFamily;
  /** Weakest bath that counts, as a fraction in its basis. */
  strength: number;
  /** s that it must lie, and the longest that it may; `null`: nobody names one. */
  least: number;
  most: number | null;
  claim: SoakClaim;
  then: AfterSoak;
}

const minutes = (n: number): number => n * 60;
/** A night, s: no longer than nobody looks. Source: common practice, no source. */
export const NIGHT = minutes(8 * 60);

/**
 * What may lie in what, and how long. Where a span of minutes is named, the longer counts for what
 * is claimed. Source: CDC-2008 after APIC for hard things; the rest common practice, no source.
 */
export const soaks: readonly Soak[] = [
  {
    row: 'soak-hard-alcohol',
    things: ['hard-things'],
    family: 'alcohol',
    strength: 0.7,
    least: minutes(5),
    most: null,
    claim: 'disinfects',
    then: 'air-dry',
  },
  {
    row: 'soak-hard-peroxide',
    things: ['hard-things'],
    family: 'peroxide',
    strength: 0.03,
    least: minutes(30),
    most: null,
    claim: 'disinfects',
    then: 'rinse-dry',
  },
  {
    row: 'soak-cloths',
    things: ['white-cloths'],
    family: 'peroxide',
    strength: 0.03,
    least: minutes(30),
    most: null,
    claim: 'treats',
    then: 'wash-hot',
  },
  {
    row: 'soak-brush',
    things: ['toilet-brush', 'plunger'],
    family: 'peroxide',
    strength: 0.03,
    least: minutes(30),
    most: null,
    claim: 'treats',
    then: 'hang-dry',
  },
  {
    row: 'soak-brush-vinegar',
    things: ['toilet-brush', 'plunger'],
    family: 'vinegar',
    strength: 0.05,
    least: minutes(30),
    most: NIGHT,
    claim: 'loosens',
    then: 'hang-dry',
  },
  {
    row: 'soak-cutlery',
    things: ['cutlery'],
    family: 'vinegar',
    strength: 0.025,
    least: 0,
    most: minutes(10),
    claim: 'shines',
    then: 'rinse-dry',
  },
  {
    row: 'soak-bath-tools',
    things: ['bath-tools'],
    family: 'vinegar',
    strength: 0.025,
    least: 0,
    most: minutes(60),
    claim: 'cleans',
    then: 'rinse-dry',
  },
  {
    row: 'soak-toys',
    things: ['toys'],
    family: 'peroxide',
    strength: 0.03,
    least: minutes(10),
    most: null,
    claim: 'treats',
    then: 'rinse-well-dry',
  },
];

/** Most alcohol that may stand in a bath, m³. Source: common practice, no source. */
export const MOST_ALCOHOL = 0.5e-3;
/**
 * m³ of a bath at a client's home, where nobody has measured the vessel: a tall jug with half a
 * litre covers a brush, and is no more alcohol than may stand. Source: common practice, no source.
 */
export const VISIT_BATH = 0.5e-3;
/** A vessel is filled to here and no further, so that nothing spills. Source: common practice. */
export const FULL = 0.9;
/** Vinegar over this is no bath any more, w/v. Source: common practice, no source. */
export const STRONGEST_VINEGAR = 0.06;
