import type { GenericActive } from '../domain/families.ts';
import type { Thing } from '../domain/things.ts';
import { activeFacts } from '../families/index.ts';
import { washAt } from '../reference/clothCare.ts';
import type { JobRow } from '../reference/jobRows.ts';
import { soaks, type AfterSoak, type Soak } from '../reference/soaks.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import { flameReasons } from './judgeCleaner.ts';
import { onlyIf, plain, type JobStep } from './jobStep.ts';
import type { SoilAsked } from './soil.ts';

const practice = 'common practice, no source';

/** What is replaced or washed, and not soaked. */
export const notSoaked = (thing: Thing): Reason | undefined => {
  if (thing === 'sponge') return forbidden('replaced-not-soaked', practice, { thing });
  return thing === 'coloured-cloths' ? forbidden('colours-may-run', practice) : undefined;
};

/** Too short claims less; too long harms. */
export const soakTimeReasons = (seconds: number, { least, most }: Soak): Reason[] => [
  ...(seconds < least
    ? [
        {
          code: 'under-least' as const,
          outcome: 'care' as const,
          figures: { seconds, least },
          source: practice,
        },
      ]
    : []),
  ...(most !== null && seconds > most
    ? [forbidden('over-longest', practice, { seconds, most, material: null })]
    : []),
];

/** As where alcohol is put on; but a bath stands, and somebody lights a hob meanwhile. */
export const soakFlameReasons = (
  { family }: Pick<Soak, 'family'>,
  { flame, situations }: Pick<SoilAsked, 'flame' | 'situations'>,
): Reason[] => flameReasons({ flame: flame === 'hob' ? 'flame' : flame, situations }, [family]);

/** A row of the trade for a thing in a bath of that family. */
export const soakFor = (thing: Thing, { active }: { active: GenericActive }): Soak | undefined => {
  const { family } = activeFacts[active];
  return soaks.find(
    (one) => (one.things as readonly Thing[]).includes(thing) && one.family === family,
  );
};

const afterSteps: Record<AfterSoak, JobStep[]> = {
  'air-dry': plain('air-dry'),
  'rinse-dry': plain('rinse-well', 'dry-cloth'),
  'rinse-well-dry': plain('rinse-well', 'air-dry'),
  'wash-hot': [{ code: 'wash-hot', figures: { temperature: washAt.home } }],
  'hang-dry': plain('rinse-well', 'hang-dry'),
};

const afterRows: Partial<Record<AfterSoak, JobRow>> = {
  'wash-hot': 'cloth-wash',
  'hang-dry': 'brush-hang',
};

/** What is done with it, in order. */
export const soakSteps = (
  soak: Soak,
  { strength, pour, seconds }: { strength: number; pour: number; seconds: number },
): JobStep[] => [
  ...plain('gloves', 'nothing-else-in-it'),
  ...onlyIf(soak.family === 'alcohol', { code: 'no-flame' }),
  { code: 'fill-bath', figures: { volume: pour, strength } },
  ...plain('submerge', 'cover-bath', 'label-bath', 'out-of-reach'),
  { code: 'leave', figures: { least: Math.max(seconds, soak.least), most: soak.most } },
  ...plain('once-only'),
  ...afterSteps[soak.then],
];

export const soakRows = (soak: Soak): JobRow[] => [
  soak.row,
  'bath-rules',
  ...(afterRows[soak.then] ? [afterRows[soak.then]!] : []),
];
