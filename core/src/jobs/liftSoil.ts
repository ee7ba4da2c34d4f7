import {
  cleanerRatios,
  lifters,
  noRustAcid,
  scratches,
  soilRows,
  type Cleaner,
  type Lifting,
  type NotOnSoil,
} from '../reference/soilRows.ts';
import type { Judging } from '../verdict/judging.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import { verdictOf } from '../verdict/verdict.ts';
import { flameReasons, isAcid, judgeCleanerOn, putsOf } from './judgeCleaner.ts';
import { onlyIf, plain, type JobStep } from './jobStep.ts';
import { longestContact } from './longestContact.ts';
import { meetsAbout } from './meetsAbout.ts';
import type { Loosening } from '../homes/home.ts';
import { airSteps, type SoilAsked, type SoilJob } from './soil.ts';

const practice = 'common practice, no source';

/** The row of a soil as the house does it, and as somebody has set it. */
const liftingOf = (
  { soil, loosening }: SoilAsked,
  { rules }: Judging,
): { lifts: Lifting[]; reasons: Reason[] } => {
  const { lifts } = soilRows[soil];
  const wanted = loosening.cleaner;
  const last = lifts.at(-1)!;
  const inOne: Lifting = { ...last, cleaner: 'vinegar-and-washing-up-liquid' };
  if (
    soil === 'soap-film' &&
    (wanted === inOne.cleaner || rules.vinegarAndWashingUp === 'two-to-one')
  )
    return wanted !== null && rules.vinegarAndWashingUp !== 'two-to-one'
      ? {
          lifts: [...lifts],
          reasons: [forbidden('does-not-lift', 'house rule', { cleaner: wanted, soil })],
        }
      : { lifts: [inOne], reasons: [] };
  if (wanted === null || wanted === last.cleaner) return { lifts: [...lifts], reasons: [] };
  const may = lifters(soil).includes(wanted);
  if (!may)
    return {
      lifts: [...lifts],
      reasons: [forbidden('does-not-lift', practice, { cleaner: wanted, soil })],
    };
  const { ratio: _, ...rest } = last;
  return { lifts: [...lifts.slice(0, -1), { ...rest, cleaner: wanted }], reasons: [] };
};

/** How much of it: as was set, as the row begins, or as is usual; outside its ends refused. */
const ratioOf = (
  lifting: Lifting,
  loosening: Loosening,
  isLast: boolean,
): { ratio: number; reasons: Reason[] } => {
  const { cleaner } = lifting;
  const { usual, least, most } = cleanerRatios[cleaner];
  const ratio = (isLast ? loosening.ratio : null) ?? lifting.ratio ?? usual;
  const outside = ratio < least * (1 - 1e-9) || ratio > most * (1 + 1e-9);
  return {
    ratio,
    reasons: outside ? [forbidden('ratio-outside', practice, { cleaner, ratio, least, most })] : [],
  };
};

/** How one lifting is done, by what it is. */
const liftSteps = ({ cleaner, tool }: Lifting, ratio: number, lies: SoilJob['lies']): JobStep[] => {
  const mixed = { cleaner, ratio };
  const on: JobStep[] = (() => {
    switch (cleaner) {
      case 'soda-paste':
        return plain('paste-on');
      case 'alcohol':
        return [{ code: 'on-cloth', figures: mixed }];
      case 'washing-up-liquid':
      case 'enzyme':
        return [{ code: 'wash-with', figures: mixed }];
      default:
        return [{ code: 'wipe-on', figures: mixed }];
    }
  })();
  const worked: JobStep[] = lies && !isWash(cleaner) ? [{ code: 'leave', figures: lies }] : [];
  const off: JobStep[] =
    cleaner === 'alcohol'
      ? plain('dry-cloth')
      : plain(tool === 'plastic-scraper' ? 'scrape' : 'rinse-hard');
  return [...on, ...worked, ...onlyIf(tool === 'soft-brush', ...plain('brush')), ...off];
};
const isWash = (cleaner: Cleaner): boolean => cleaner === 'washing-up-liquid';

/** What comes before, by the soil. */
const firstSteps = (asked: SoilAsked): JobStep[] => {
  switch (asked.soil) {
    case 'body':
      return plain('gloves', 'absorb', 'bag-waste', 'rinse-water');
    case 'mildew':
      return plain('gloves', 'goggles', 'mask', 'find-damp');
    case 'sticky':
      return plain('gloves', 'no-flame');
    default:
      return plain('gloves');
  }
};

/** How long it works by itself, and the longest that the material bears of it. */
const liesOf = (
  asked: SoilAsked,
  lifts: readonly Lifting[],
  by: Judging,
): { lies: SoilJob['lies']; reasons: Reason[] } => {
  const last = lifts.at(-1)!;
  const { thing, material, loosening } = asked;
  const seconds = loosening.seconds ?? last.waits;
  const acid = isAcid(last.cleaner) || last.cleaner === 'vinegar-and-washing-up-liquid';
  const most = acid ? longestContact(thing, [material], 0.05, by.rules).seconds : null;
  if (most !== null && most > 0 && loosening.seconds !== null && seconds > most)
    return {
      lies: { least: most, most },
      reasons: [forbidden('over-longest', practice, { seconds, most, material })],
    };
  if (seconds === 0) return { lies: null, reasons: [] };
  return { lies: { least: most === null ? seconds : Math.min(seconds, most), most }, reasons: [] };
};

/** Scouring harms only what scratches. */
const notOn = ({ soil, material }: SoilAsked): NotOnSoil[] =>
  soilRows[soil].not.filter((one) => one !== 'scouring' || scratches.includes(material));

/** Soil that a cleaner lifts off a surface, by the table. */
export const liftSoil = (asked: SoilAsked, by: Judging): SoilJob => {
  const { soil, material, loosening, keeps, toilet, lifts: out } = asked;
  const { lifts, reasons } = liftingOf(asked, by);
  const { lies, reasons: tooLong } = liesOf(asked, lifts, by);
  const ratios = lifts.map((one, i) => ratioOf(one, loosening, i === lifts.length - 1));
  const cleaners = lifts.map(({ cleaner }, i) => ({ cleaner, ratio: ratios[i]!.ratio }));
  const puts = cleaners.flatMap(({ cleaner }) => putsOf(cleaner));
  const at = toilet ? ('bowl' as const) : ('drain' as const);
  const all = [
    ...reasons,
    ...tooLong,
    ...ratios.flatMap((one) => one.reasons),
    ...cleaners.flatMap((one) => judgeCleanerOn(material, one, by)),
    ...flameReasons(
      asked,
      lifts.map(({ cleaner }) => cleaner),
    ),
    ...puts.flatMap((put) =>
      meetsAbout(put, { at, keeps: toilet ? keeps : [], lifts: out }, by.book),
    ),
    ...(soil === 'rust' && noRustAcid.includes(material)
      ? [forbidden('rust-acid-barred', practice, { material })]
      : []),
  ];
  const steps = [
    ...firstSteps(asked),
    ...airSteps(asked),
    ...onlyIf(
      soil === 'soap-film' && by.rules.castile !== 'not-carried',
      ...plain('castile-never'),
    ),
    ...lifts.flatMap((one, i) => liftSteps(one, ratios[i]!.ratio, lies)),
    ...onlyIf(soil === 'mildew', ...plain('dry-through')),
  ];
  const worst = verdictOf(all);
  return {
    ...worst,
    cleaners,
    lies,
    lime: null,
    claim: 'cleans',
    steps,
    puts,
    not: notOn(asked),
    rows: [
      soilRows[soil].row,
      ...(worst.reasons.some(
        ({ code, outcome }) => code.startsWith('material') && outcome === 'never',
      )
        ? (['acid-never'] as const)
        : []),
    ],
  };
};
