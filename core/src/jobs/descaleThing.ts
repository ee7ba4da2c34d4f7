import type { Judging } from '../verdict/judging.ts';
import { forbidden } from '../verdict/reason.ts';
import { verdictOf } from '../verdict/verdict.ts';
import { descale } from './descale.ts';
import { isAcid } from './judgeCleaner.ts';
import { airSteps, nothingPut, type SoilAsked, type SoilJob } from './soil.ts';

const practice = 'common practice, no source';

/** Lime, by how the thing is descaled. */
export const descaleThing = (asked: SoilAsked, by: Judging): SoilJob => {
  const { thing, material, area, loosening, toilet, lifts, keeps } = asked;
  const acid = loosening.cleaner === 'citric' ? 'citric' : 'vinegar';
  const wrong =
    loosening.cleaner !== null && !isAcid(loosening.cleaner)
      ? [forbidden('does-not-lift', practice, { cleaner: loosening.cleaner, soil: 'limescale' })]
      : [];
  const done = descale(
    {
      thing: toilet && thing === 'surface' ? 'toilet-bowl' : thing,
      materials: [material],
      area,
      lime: { amount: loosening.lime ?? 'crust' },
      acid,
      strength: loosening.ratio,
      seconds: loosening.seconds,
      keeps: toilet ? keeps : [],
      lifts,
    },
    by,
  );
  const verdict = verdictOf([...wrong, ...done.reasons]);
  if (done.steps.length === 0)
    return { ...verdict, ...nothingPut, claim: 'nothing', steps: [], rows: done.rows };
  return {
    ...verdict,
    cleaners: [{ cleaner: acid, ratio: done.strength }],
    lies: { least: done.least, most: done.most },
    lime: { mass: done.lime, just: done.just, poured: done.poured },
    claim: 'loosens',
    steps: [...airSteps(asked), ...done.steps],
    not: [],
    puts: [done.put],
    rows: [...done.rows, ...(thing === 'surface' ? (['soil-limescale'] as const) : [])],
  };
};
