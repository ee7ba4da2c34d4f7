import { productOf } from '../apart/judgeCombination.ts';
import { groupsOf } from '../apart/groupsOf.ts';
import { VISIT_BATH, type Soak } from '../reference/soaks.ts';
import type { Judging } from '../verdict/judging.ts';
import type { Reason } from '../verdict/reason.ts';
import { verdictOf } from '../verdict/verdict.ts';
import { plain } from './jobStep.ts';
import { meetsAbout } from './meetsAbout.ts';
import {
  notSoaked,
  soakFlameReasons,
  soakFor,
  soakRows,
  soakSteps,
  soakTimeReasons,
} from './soak.ts';
import { airSteps, nothingPut, type SoilAsked, type SoilJob } from './soil.ts';

/** Of what a thing may lie in, in the order in which the trade takes them. */
const bathsFor = {
  peroxide: 'hydrogen peroxide',
  vinegar: 'acetic acid',
  alcohol: '2-propanol',
} as const;

/** A thing that is replaced, and never soaked. */
const replaced = (reason: Reason): SoilJob => ({
  ...verdictOf([reason]),
  ...nothingPut,
  claim: 'nothing',
  steps: plain('replace'),
  rows: ['sponge', 'soak-bath-tools'],
});

/** What it lies in: as somebody has set it, or as the trade does. */
const soakOf = ({ thing, soil, loosening: { cleaner } }: SoilAsked): Soak | undefined => {
  const first = soil === 'limescale' ? 'vinegar' : 'peroxide';
  const wanted = cleaner !== null && cleaner in bathsFor ? (cleaner as Soak['family']) : first;
  const soak = soakFor(thing, { active: bathsFor[wanted] });
  return soak ?? (cleaner === null ? soakFor(thing, { active: bathsFor.vinegar }) : undefined);
};

/**
 * A brush, cloths, scissors: they lie in a bath during the visit. What has stood in a toilet meets
 * there what the client keeps in it.
 */
export const soakThing = (asked: SoilAsked, { book }: Judging): SoilJob | null => {
  const { thing, loosening, toilet, keeps, lifts } = asked;
  const refused = thing === 'sponge' ? notSoaked(thing) : undefined;
  if (refused) return replaced(refused);
  const soak = soakOf(asked);
  if (!soak) return null;
  const { least, most, strength } = soak;
  const seconds = loosening.seconds ?? (least || (most ?? 0));
  const active = bathsFor[soak.family];
  const put = productOf({ active, strength, groups: groupsOf({ active }) });
  const verdict = verdictOf([
    ...soakTimeReasons(seconds, soak),
    ...soakFlameReasons(soak, asked),
    ...(toilet ? meetsAbout(put, { at: 'bowl', keeps, lifts }, book) : []),
  ]);
  return {
    ...verdict,
    cleaners: [{ cleaner: soak.family, ratio: strength }],
    lies: { least: most === null ? seconds : Math.min(seconds, most), most },
    lime: null,
    claim: seconds < least ? 'nothing' : soak.claim,
    steps: [...airSteps(asked), ...soakSteps(soak, { strength, pour: VISIT_BATH, seconds })],
    not: [],
    puts: [put],
    rows: soakRows(soak),
  };
};
