import { soakedThings, type Thing } from '../domain/things.ts';
import type { Judging } from '../verdict/judging.ts';
import { verdictOf } from '../verdict/verdict.ts';
import { descaleThing } from './descaleThing.ts';
import { putsOf } from './judgeCleaner.ts';
import { liftSoil } from './liftSoil.ts';
import { judgeAcidOn } from './longestContact.ts';
import { cleanGlass, clearDrain, freshenFridge, steamMicrowave } from './procedures.ts';
import { soakThing } from './soakThing.ts';
import { nothingPut, type SoilAsked, type SoilJob } from './soil.ts';

/** Short procedures of a thing whatever is on it. */
const procedureFor = (asked: SoilAsked, { rules }: Judging): SoilJob | null => {
  const { thing, soil } = asked;
  const done = (() => {
    if (thing === 'microwave') return steamMicrowave();
    if (thing === 'fridge' && soil === 'smell') return freshenFridge();
    if (thing === 'drain' || (soil === 'smell' && thing !== 'fridge')) return clearDrain(rules);
    return thing === 'glass' && (soil === 'limescale' || soil === 'everyday')
      ? cleanGlass(soil === 'limescale')
      : null;
  })();
  if (!done) return null;
  const soda = done.steps.some(({ code }) => code === 'soda-in');
  const vinegar = thing === 'glass' && soil === 'limescale';
  const cleaners: SoilJob['cleaners'] = [
    ...(soda ? [{ cleaner: 'washing-soda' as const, ratio: 10 }] : []),
    ...(vinegar ? [{ cleaner: 'vinegar' as const, ratio: 0.025 }] : []),
  ];
  return {
    ...verdictOf(vinegar ? judgeAcidOn(asked.material, 0.025, rules) : []),
    ...nothingPut,
    cleaners,
    claim: 'cleans',
    steps: done.steps,
    puts: cleaners.flatMap(({ cleaner }) => putsOf(cleaner)),
    rows: done.rows,
  };
};

const isSoaked = (thing: Thing): boolean => (soakedThings as readonly Thing[]).includes(thing);

/**
 * What is done about what is on a thing, before anything is kept wet on it: cleaner, how much, how
 * long, what with, what after, and what speaks against it. Nothing where a plain wash is all.
 * Source: common practice, no source; each row its own.
 */
export const soilJob = (asked: SoilAsked, by: Judging): SoilJob | null => {
  const { soil, thing } = asked;
  if (isSoaked(thing)) {
    const job = soakThing(asked, by);
    if (job) return job;
  }
  const procedure = procedureFor(asked, by);
  if (procedure) return procedure;
  if (soil === 'limescale') return descaleThing(asked, by);
  const nothing = asked.loosening.cleaner === null && asked.loosening.ratio === null;
  if (soil === 'everyday' && nothing) return null;
  return liftSoil(asked, by);
};
