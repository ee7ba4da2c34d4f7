import type { Family, GenericActive } from '../domain/families.ts';
import type { Against } from '../domain/goals.ts';
import type { Outcome } from '../domain/outcome.ts';
import type { IngredientId } from '../reference/ingredients.ts';
import type { MaterialId } from '../reference/materials.ts';
import type { Route, Severity } from '../reference/neverCombine.ts';
import type { ProductId } from '../reference/products.ts';
import type { JobBareCode, JobFigures } from './jobFigures.ts';
import type {
  Bare,
  Beside,
  Bitten,
  Breathed,
  Families,
  Film,
  FromStock,
  InSpan,
  OnMaterial,
  Spent,
  Timed,
  Two,
} from './figures.ts';

/** What a material says of what is put on it. */
export type MaterialCode =
  | 'material-bears'
  | 'material-care'
  | 'material-barred'
  | 'material-stronger'
  | 'material-not-known'
  | 'material-wait-until-cool'
  | 'label-bars-surface'
  | 'cloth-only'
  | 'rinse-after';

/** What the home and the room say, to a family. */
export type SituationCode =
  | 'home-oxygen'
  | 'flame-in-room'
  | 'flame-not-asked'
  | 'hob-off'
  | 'breathing-device'
  | 'rinse-for-food'
  | 'infant-rinse'
  | 'toddler-rinse'
  | 'cat-rinse'
  | 'cat-no-oils'
  | 'dog-rinse'
  | 'bird-out'
  | 'cover-tank'
  | 'asthma-cloth'
  | 'asthma-barred'
  | 'pregnancy-ventilate'
  | 'locked-away'
  | 'weak-immunity-strength';

/** What the code alone says. */
export type BareCode =
  | 'cleaning-needs-no-wait'
  | 'needs-licensed'
  | 'needs-authority'
  | 'washing-removes-it'
  | 'not-as-sold'
  | 'no-active'
  | 'not-read'
  | 'cleans-nothing'
  | 'needs-opaque'
  | 'needs-glass-or-hdpe'
  | 'batch-set-aside'
  | 'batch-not-verified'
  | 'batch-of-other-product'
  | 'not-cleaned-first'
  | 'not-wet'
  | 'not-lying'
  | 'still-lying'
  | 'loosen-first'
  | 'not-in-this-round'
  | 'no-reason-given'
  | 'not-the-last'
  | 'nothing-to-take-back'
  | 'corrected-by-supervisors'
  | 'say-why-not-so'
  | 'on-unknown'
  | 'not-joined'
  | 'already-wet'
  | 'wet-in-another-round'
  | 'nothing-to-do'
  | 'stock-missing'
  | 'care-not-accepted'
  | 'refused-on-the-phone'
  | JobBareCode;

/**
 * The figures of each reason: SI, fractions, codes, times in ms since 1970. Codes are stable:
 * records, tests and translations rest on them, and so do the names of figures.
 */
export interface ReasonFigures
  extends
    Record<MaterialCode, OnMaterial>,
    Record<SituationCode, { family: Family }>,
    Record<BareCode, Bare>,
    JobFigures {
  // strength and contact time
  'contact-by-evidence': Timed;
  'contact-by-house-rule': Timed;
  'below-floor': InSpan;
  'above-evidence': InSpan;
  'in-strength': InSpan;
  'stronger-than-stock': FromStock;
  'not-a-disinfectant': { active: GenericActive };
  'needs-registered': { family: Family; against: Against };
  'not-for-colds': { active: GenericActive };
  'not-for-reducing': { active: GenericActive };
  'reduces-everyday-only': { against: Against };
  'reduces-only': Timed;
  'not-for-mildew': { family: Family };
  'mildew-too-large': { area: number; most: number };
  'not-on-label': { against: Against };
  'label-time': { seconds: number; against: Against };
  porous: { material: MaterialId };
  // whether it holds
  'one-coat-holds': Film;
  'rewets-needed': Film;
  'dries-too-fast': Film;
  // the air
  'air-fits': Breathed;
  'air-near-limit': Breathed;
  'air-over-stricter': Breathed;
  'air-over-limit': Breathed;
  'air-together-over-limit': Breathed & { count: number };
  // what must not meet
  'nearby-unknown': { surface: string };
  'waits-for': Bitten & Families & { surface: string };
  'must-not-meet': Bitten & Families & { onBatch: string; handBatch: string };
  'meets-in-bowl': Bitten & { keeps: ProductId };
  'taken-out-first': Bitten & { keeps: ProductId };
  'flush-first': Bitten;
  'not-taken-out': { tablet: number };
  'meets-in-visit': Bitten & {
    with: string;
    route: Route;
    mend: 'insert' | 'reorder' | 'leave-out';
  };
  'not-with-water': Bitten;
  'not-carried-together': Two;
  'not-side-by-side': Two;
  // a mixture
  'must-not-share-a-bottle': Two<IngredientId> & { severity: Severity };
  'not-carried': { strength: number };
  'above-cleaning-top': { strength: number; top: number; active: GenericActive | 'alcohol' };
  'must-not-be-used': { ingredient: IngredientId };
  'solvent-burns': { strength: number };
  'asked-first': { row: number; found: string };
  'used-up': Spent;
  'soap-split': Spent;
  'no-acid-left': { acid: number; floor: number };
  'counts-for-nothing': { ingredient: IngredientId };
  // a bottle to be filled
  'old-label': Families;
  'like-refill': Families;
  'held-before': Bitten & Families;
  'batch-used-up': { volume: number };
  // a batch in hand
  'batch-expired': { discardAfter: number };
  'stock-expired': { expiresAt: number };
  'weighed-off': Beside;
  'batch-of-other-family': { hand: Family; wanted: Family };
  'batch-of-other-strength': Beside;
  'not-in-the-protocol': { hand: Family };
}

export type ReasonCode = keyof ReasonFigures;

/** A reason of one code: `source` names what it rests on. */
export type ReasonOf<Code extends ReasonCode> = Code extends ReasonCode
  ? { code: Code; outcome: Outcome; source: string } & (Code extends BareCode
      ? { figures?: undefined }
      : { figures: ReasonFigures[Code] })
  : never;

/** One reason of a verdict. Words are made of it elsewhere, in one place. */
export type Reason = ReasonOf<ReasonCode>;

/** A code, and its figures where it has any, as arguments. */
export type Saying<Code extends ReasonCode> = Code extends BareCode
  ? [code: Code, source: string]
  : [code: Code, source: string, figures: ReasonFigures[Code]];

/** A reason that bars whatever else is true. */
export const forbidden = <Code extends ReasonCode>(
  ...[code, source, figures]: Saying<Code>
): ReasonOf<Code> =>
  // What the arguments hold together the compiler cannot follow through an optional figure.
  ({ code, outcome: 'never', source, ...(figures && { figures }) }) as ReasonOf<Code>;
