import {
  type Active,
  type BottleMaterial,
  type ChangeCode,
  type CheckResult,
  type Claim,
  type Gas,
  type HazardClass,
  type KeepingReason,
  type Mending,
  type MixtureKeeping,
  type MixtureName,
  type OrderReason,
  type Pictogram,
  type Precaution,
  type ReactionId,
  type Tool,
} from '@zymostat/core';
import { percent, strengthOf } from './figures.ts';

export const gasWords: Record<Gas, string> = {
  'carbon dioxide': 'carbon dioxide',
  oxygen: 'oxygen',
  chlorine: 'chlorine',
  chloramine: 'chloramine',
};

export const claimNames: Record<Claim, string> = {
  disinfect: 'disinfect',
  clean: 'clean',
  descale: 'descale',
};
export const mixtureWords: Record<MixtureName, string> = {
  disinfecting: 'of disinfecting strength',
  cleaner: 'a cleaner, not a disinfectant',
  descaler: 'a descaler, not a disinfectant',
  nothing: 'nothing useful',
  dangerous: 'must never be mixed',
  'not known yet': 'not known yet',
};

/** What a reaction does, in one sentence. */
export const reactionWords: Record<ReactionId, string> = {
  'acid-alkali': 'Acid and lye use each other up with violent heat.',
  'acid-carbonate': 'Acid and soda use each other up, and fizz.',
  'acid-soap': 'Acid splits the soap to greasy curds.',
  'acid-borax':
    'Acid and borax use each other up and leave boric acid, which is toxic if swallowed.',
  'peroxide-decomposes': 'The peroxide breaks down and gives off oxygen.',
  peracid: 'Peroxide and acid make a peracid that burns eyes, skin and lungs.',
  'bleach-acid': 'Bleach and acid give off chlorine gas.',
  'bleach-ammonia': 'Bleach and ammonia give off chloramines.',
  'bleach-peroxide': 'Bleach and peroxide destroy each other with a rush of oxygen and heat.',
  'bleach-alcohol': 'Bleach turns alcohol into chloroform.',
};

export const changeWords: Record<ChangeCode, string> = {
  'leave-out-water': 'Leave out the water.',
  'leave-out-spoiler': 'Leave out what spoils it.',
  'only-the-active': 'Leave out everything else.',
  'stronger-stock': 'Pour it from a stock on the shelf.',
  'detergent-for-soap': 'Take detergent for the soap.',
};
export const noChangeWords: Record<Extract<Mending, { because: string }>['because'], string> = {
  already: 'Nothing has to change.',
  'not-read': 'First put right what could not be read.',
  asked: 'First answer what is asked.',
  'no-such-active': 'No change can do it: nothing in this recipe does that at any strength.',
};

/** Why one is poured before another, said at the one and at the other. */
export const orderWords: Record<OrderReason, { before: string; after: string }> = {
  'water-first': { before: 'first, so the stock never stands alone', after: 'into the water' },
  'water-before-foam': { before: 'first, or the bottle foams over', after: 'after the water' },
  'foam-last': { before: 'before what foams', after: 'last, down the wall; turn, do not shake' },
  'dissolve-powder': {
    before: 'warm, to dissolve the powder',
    after: 'stirred until it is dissolved',
  },
  'solubilise-first': { before: 'stirred with the oil first', after: 'into the solubiliser' },
  'solubilised-before-alcohol': { before: 'before the alcohol', after: 'into the solubilised oil' },
  'alcohol-before-water': {
    before: 'before the water',
    after: 'last, slowly; cloudy means too little solubiliser',
  },
  'soap-before-acid': {
    before: 'before the acid, or it clumps',
    after: 'after the soap, or it clumps',
  },
  'fizz-in-open-bowl': {
    before: 'in an open bowl',
    after: 'slowly, in an open bowl, until the fizz is over',
  },
  'oil-into-alcohol': { before: 'takes up the oil', after: 'into the alcohol' },
  'scent-last': { before: 'before the scent', after: 'last, a scent only' },
  wished: { before: 'as you asked', after: 'as you asked' },
};

export const keepingWords: Record<KeepingReason, string> = {
  'diluted-peroxide': 'diluted peroxide goes the same day',
  'opened-peroxide': 'opened peroxide is tested monthly',
  'diluted-vinegar': 'diluted vinegar keeps a week',
  'vinegar-keeps': 'undiluted vinegar keeps',
  'alcohol-in-strength': 'alcohol of strength keeps, closed',
  'alcohol-weak': 'weak alcohol keeps a week',
  'by-its-date': 'a registered product goes by its date, else a year',
  'must-not-be-kept': 'it gives off gas: do not keep it, do not close it',
  'bleach-diluted': 'diluted bleach goes the same day',
  bleach: 'bleach loses strength',
  'no-preservative': 'nothing in it keeps it from spoiling',
};
export const containerWords = ({
  opaque,
  container,
  lid,
}: Pick<MixtureKeeping, 'opaque' | 'container' | 'lid'>): string =>
  `${opaque ? 'opaque or brown, ' : ''}${container}, ${lid === 'tight' ? 'tight lid' : 'never closed'}`;
export const bottleMaterialNames: Record<BottleMaterial, string> = {
  glass: 'glass',
  HDPE: 'HDPE plastic',
  PET: 'PET plastic',
};

export const toolNames: Record<Tool, string> = {
  cup: 'kitchen cup',
  spoon: 'spoon',
  'by eye': 'by eye',
  jug: 'graduated jug',
  cylinder: 'graduated cylinder',
  syringe: 'syringe',
  'kitchen scale': 'kitchen scale',
  'bench scale': 'bench scale',
  'free pour': 'free pour',
};

export const hazardWords: Record<HazardClass, string> = {
  'flammable-2': 'flammable liquid, category 2',
  'flammable-3': 'flammable liquid, category 3',
  'flammable-4': 'combustible liquid, category 4',
  'skin-corrosive': 'corrosive to skin',
  'eye-damage': 'serious eye damage',
  'eye-irritant': 'eye irritant',
  'skin-irritant': 'skin irritant',
  drowsiness: 'drowsiness',
  'airway-irritant': 'irritates airways',
  reproductive: 'toxic to reproduction',
  'toxic-gas-with-acid': 'toxic gas with acid',
  'aquatic-acute': 'very toxic to water life',
  'aquatic-chronic': 'toxic to water life for long',
};
export const pictogramNames: Record<Pictogram, string> = {
  flame: 'Flame',
  corrosion: 'Corrosion',
  exclamation: 'Exclamation mark',
  health: 'Health hazard',
  environment: 'Harm to water life',
};

/** Hazard statements by code. Source: GHS; CLP (memory). */
export const statementWords: Record<string, string> = {
  H225: 'Highly flammable liquid and vapour.',
  H226: 'Flammable liquid and vapour.',
  H227: 'Combustible liquid.',
  H314: 'Causes severe skin burns and eye damage.',
  H315: 'Causes skin irritation.',
  H318: 'Causes serious eye damage.',
  H319: 'Causes serious eye irritation.',
  H335: 'May cause respiratory irritation.',
  H336: 'May cause drowsiness or dizziness.',
  H360FD: 'May damage fertility. May damage the unborn child.',
  EUH031: 'Contact with acids liberates toxic gas.',
  H400: 'Very toxic to aquatic life.',
  H411: 'Toxic to aquatic life with long lasting effects.',
};
/** Precautionary statements by code. Source: GHS (memory). */
export const precautionWords: Record<Precaution, string> = {
  P102: 'Keep out of reach of children.',
  P210: 'Keep away from heat, sparks, open flames and hot surfaces. No smoking.',
  P233: 'Keep container tightly closed.',
  P260: 'Do not breathe vapours or spray.',
  P261: 'Avoid breathing vapours and spray.',
  P264: 'Wash hands thoroughly after handling.',
  P271: 'Use only outdoors or in a well-ventilated area.',
  P273: 'Avoid release to the environment.',
  P280: 'Wear protective gloves and eye protection.',
  'P301+P330+P331': 'IF SWALLOWED: rinse mouth. Do NOT induce vomiting.',
  'P303+P361+P353': 'IF ON SKIN: take off contaminated clothing at once. Rinse skin with water.',
  'P305+P351+P338':
    'IF IN EYES: rinse cautiously with water for several minutes. Remove contact lenses if easy to do. Continue rinsing.',
  'P308+P313': 'IF exposed or concerned: get medical advice.',
  P310: 'Call the poison line or a doctor at once.',
};

/** What a check came to, or why it could not be one. */
export const checkWords: Record<Extract<CheckResult, { why: string }>['why'], string> = {
  'as-meant': 'in strength, as it was meant',
  'too-weak': 'too weak: set aside, or make it stronger',
  'too-strong': 'too strong: set aside',
  'not-as-meant': 'in strength, but not what was meant: set aside',
  'no-such-mixture':
    'No mixture of this alcohol and water weighs so at that temperature. Read it again; check the unit: 0.886 g/mL is 886 kg/m³.',
  'wrong-meter':
    'This cannot be read that way: alcohol by density and temperature, peroxide by strip.',
  'no-such-step': 'The strip has no such step.',
};

/** A check in one line: what was read, how sure, and what came of it. */
export const checkInWords = ({
  measured,
  uncertainty,
  why,
  active,
}: {
  measured: number;
  uncertainty: number;
  why: string;
  active: Active;
}): string =>
  `${strengthOf(active, measured)} measured, ± ${percent(uncertainty)}: ${checkWords[why as keyof typeof checkWords]}`;
