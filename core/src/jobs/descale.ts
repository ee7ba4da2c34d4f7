import type { Product } from '../apart/judgeCombination.ts';
import type { Thing } from '../domain/things.ts';
import {
  acidSpans,
  descalings,
  makersOnly,
  plainDescaling,
  type Acid,
} from '../reference/descaling.ts';
import type { JobRow } from '../reference/jobRows.ts';
import type { MaterialId } from '../reference/materials.ts';
import { products, type ProductId } from '../reference/products.ts';
import type { Judging } from '../verdict/judging.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';
import { descaleSteps } from './descaleSteps.ts';
import type { JobStep } from './jobStep.ts';
import { acidFor, limeOnArea, type Lime } from './lime.ts';
import { longestContact } from './longestContact.ts';
import { meetsAbout } from './meetsAbout.ts';

export interface DescaleAsked {
  thing: Thing;
  /** What it is made of, and what the acid runs over besides. */
  materials: readonly MaterialId[];
  area: number;
  lime: Lime;
  acid: Acid;
  /** w/v; nothing: as is usual for the thing. */
  strength: number | null;
  /** s that it is to stay; nothing: until it is looked at, and off at the longest. */
  seconds: number | null;
  /** What is in the bowl, the machine or the drain. */
  keeps: readonly ProductId[];
  lifts: boolean;
}

/** A descaling. It disinfects nothing. */
export interface Descale extends Verdict {
  strength: number;
  lime: number;
  /** m³ of acid that just do, and that are poured. */
  just: number;
  poured: number;
  /** s: when somebody looks, and by when it must be off. */
  least: number;
  most: number;
  steps: JobStep[];
  rows: JobRow[];
  put: Product;
}

const practice = 'common practice, no source';
/** Nobody pours to the drop: so much more at the most, m³. */
const POURED_TO = 10e-6;
const roundedUp = (volume: number): number => Math.ceil(volume / POURED_TO - 1e-6) * POURED_TO;

/** It is looked at after half an hour, or half of what it may stay. Source: common practice. */
const LOOK = 1800;

const acidProduct: Record<Acid, Product> = {
  vinegar: products.vinegar,
  citric: products['citric-descaler'],
};

const strengthReasons = (acid: Acid, strength: number): Reason[] => {
  const { least, most } = acidSpans[acid];
  if (strength > most * (1 + 1e-9))
    return acid === 'citric'
      ? [forbidden('citrate-drops', practice, { strength, most })]
      : [forbidden('bath-too-strong', practice, { strength, most })];
  return strength < least * (1 - 1e-9)
    ? [forbidden('bath-too-weak', practice, { strength, floor: least })]
    : [];
};

const lookAt = (most: number): number => Math.min(LOOK, Math.floor(most / 2));

/**
 * Takes lime off a thing: how much acid, when to look, by when it must be off, what must be out
 * first, what is run through after. Refuses what only its maker may say. Source: stoichiometry;
 * common practice.
 */
export const descale = (asked: DescaleAsked, { rules, book }: Judging): Descale => {
  const { thing, materials, area, acid, keeps, lifts } = asked;
  const descaling = descalings[thing] ?? plainDescaling;
  const strength = asked.strength ?? descaling.strength?.[acid] ?? acidSpans[acid].usual;
  const lime = limeOnArea(asked.lime, area);
  const { just, poured } = acidFor(lime, acid, strength);
  const volume = Math.max(roundedUp(poured), descaling.volume ?? 0);
  const longest = longestContact(thing, materials, strength, rules);
  const most = longest.seconds;
  const put = acidProduct[acid];
  const reasons: Reason[] = makersOnly.includes(thing)
    ? [forbidden('maker-decides', practice, { thing })]
    : [
        ...longest.reasons,
        ...strengthReasons(acid, strength),
        ...(descaling.acids.includes(acid)
          ? []
          : [forbidden('no-such-descaling', practice, { thing, cleaner: acid })]),
        ...(most > 0 && asked.seconds !== null && asked.seconds > most
          ? [
              forbidden('over-longest', practice, {
                seconds: asked.seconds,
                most,
                material: materials[0] ?? null,
              }),
            ]
          : []),
        ...meetsAbout(put, { at: descaling.beside ?? 'bag', keeps, lifts }, book),
      ];
  const verdict = verdictOf(reasons);
  const least = Math.min(asked.seconds ?? lookAt(most), most);
  const barred = makersOnly.includes(thing) || most === 0;
  return {
    ...verdict,
    strength,
    lime,
    just,
    poured: volume,
    least,
    most,
    steps: barred
      ? []
      : descaleSteps(
          descaling,
          { acid, strength, volume },
          { least, most, lifts, castile: rules.castile !== 'not-carried' },
        ),
    rows: makersOnly.includes(thing)
      ? ['pressure-coffee']
      : [descaling.row, 'lime-acid', ...(most === 0 ? (['acid-never'] as const) : [])],
    put,
  };
};
