import { productOf } from '../apart/judgeCombination.ts';
import { groupsOf } from '../apart/groupsOf.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import { verdictOf } from '../verdict/verdict.ts';
import { soakFor, soakRows, soakSteps } from './soak.ts';
import { flameReasons } from './judgeCleaner.ts';
import { plain } from './jobStep.ts';
import { airSteps, nothingPut, type SoilAsked, type SoilJob } from './soil.ts';

const practice = 'common practice, no source';

/** Of what a thing may lie in, in the order in which the trade takes them. */
const bathsFor = {
  peroxide: 'hydrogen peroxide',
  vinegar: 'acetic acid',
  alcohol: '2-propanol',
} as const;

/** A brush, cloths, scissors: they lie in a bath during the visit. */
export const soakThing = (asked: SoilAsked): SoilJob | null => {
  const { thing, loosening, soil } = asked;
  if (thing === 'sponge')
    return {
      ...verdictOf([forbidden('replaced-not-soaked', practice, { thing })]),
      ...nothingPut,
      claim: 'nothing',
      steps: plain('replace'),
      rows: ['sponge', 'soak-bath-tools'],
    };
  const first = soil === 'limescale' ? 'vinegar' : 'peroxide';
  const family =
    loosening.cleaner === 'vinegar' ||
    loosening.cleaner === 'alcohol' ||
    loosening.cleaner === 'peroxide'
      ? loosening.cleaner
      : first;
  const soak =
    soakFor(thing, { active: bathsFor[family] }) ??
    (loosening.cleaner === null ? soakFor(thing, { active: bathsFor.vinegar }) : undefined);
  if (!soak) return null;
  const { least, most, strength } = soak;
  const seconds =
    loosening.seconds ?? Math.max(least, most === null ? 0 : Math.min(least || most, most));
  const over = most !== null && seconds > most;
  const short = seconds < least;
  const reasons: Reason[] = [
    ...(over ? [forbidden('over-longest', practice, { seconds, most, material: null })] : []),
    ...(short
      ? [
          {
            code: 'under-least' as const,
            outcome: 'care' as const,
            figures: { seconds, least },
            source: practice,
          },
        ]
      : []),
    ...flameReasons(asked, [soak.family]),
  ];
  const active = bathsFor[soak.family];
  return {
    ...verdictOf(reasons),
    cleaners: [{ cleaner: soak.family, ratio: strength }],
    lies: { least: over ? most : seconds, most },
    lime: null,
    claim: short ? 'nothing' : soak.claim,
    steps: [...airSteps(asked), ...soakSteps(soak, { strength, pour: 1e-3, seconds })],
    not: [],
    puts: [productOf({ active, strength, groups: groupsOf({ active }) })],
    rows: soakRows(soak),
  };
};
