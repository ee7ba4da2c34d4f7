import {
  ingredientName,
  type Active,
  type Against,
  type Family,
  type IngredientId,
  type MaterialId,
  type ProductId,
  type ReasonCode,
  type ReasonFigures,
} from '@zymostat/core';
import {
  about,
  clock,
  duration,
  isoDay,
  lower,
  millilitres,
  percent,
  ppm,
  squareMetres,
  upper,
  wholePercent,
} from '../figures.ts';
import type { Figures } from '../keys.ts';
import type { Words } from '../words.ts';
import { active, strength } from './actives.ts';
import { byActs, byRule, together } from './bites.ts';
import { jobFiguresInWords } from './jobReasons.ts';

/** Codes whose message asks for figures. */
type Figured = {
  [C in ReasonCode]: `reason.${C}` extends keyof Figures ? C : never;
}[ReasonCode];

/** How the figures of one code are said, as its message asks for them. */
type Teller<C extends Figured> = (
  words: Words,
  figures: ReasonFigures[C],
) => Figures[`reason.${C}`];

const family = (words: Words, of: Family): string => lower(words.name('family', of));

const span = (words: Words, { active: of, ...f }: ReasonFigures['in-strength']) => ({
  active: active(words, of),
  strength: strength(words, of, f.strength),
  floor: strength(words, of, f.floor),
  top: strength(words, of, f.top),
});

const timed = (words: Words, f: ReasonFigures['reduces-only']) => ({
  strength: strength(words, f.active, f.strength),
  time: duration(words, f.seconds),
});

const film = (words: Words, f: ReasonFigures['rewets-needed']) => ({
  holds: about(words, f.holds),
  count: f.count,
  every: clock(f.every),
});

const air = (words: Words, f: ReasonFigures['air-fits']) => ({
  air: words.say(`air.${f.of}`, { ppm: ppm(words, f.ppm), limit: ppm(words, f.limit) }),
});

const material = (words: Words, f: { material: MaterialId; family?: Family }) => {
  const why = words.name('materialWhy', f.material);
  return {
    kind: f.family ?? 'product',
    material: lower(words.name('material', f.material)),
    why,
    because: lower(why),
  };
};

const families = (words: Words, f: ReasonFigures['old-label']) => ({
  on: family(words, f.on),
  hand: family(words, f.hand),
});

const spent = (words: Words, f: ReasonFigures['used-up']) => ({
  component: words.name('component', f.of),
  with: words.name('component', f.with),
  spent: wholePercent(words, f.spent),
  spentWith: wholePercent(words, f.spentWith),
});

const beside = (words: Words, f: ReasonFigures['weighed-off']) => ({
  strength: strength(words, f.active, f.strength),
  wanted: strength(words, f.active, f.wanted),
});

const ofActive = (words: Words, f: { active: Active }) => ({ active: active(words, f.active) });

const ofIngredient = ({ language }: Words, f: { ingredient: IngredientId }) => ({
  ingredient: ingredientName(f.ingredient, language),
});

const against = ({ name }: Words, f: { against: Against }) => ({
  against: name('against', f.against),
});

const keeps = ({ name }: Words, f: { keeps: ProductId }) => ({
  keeps: lower(name('product', f.keeps)),
});

/** Every code with figures: the compiler names the one that is missing. */
export const figuresInWords: { [C in Figured]: Teller<C> } = {
  ...jobFiguresInWords,
  'contact-by-evidence': timed,
  'contact-by-house-rule': timed,
  'reduces-only': timed,
  'below-floor': span,
  'above-evidence': span,
  'in-strength': span,
  'stronger-than-stock': (words, f) => ({
    strength: strength(words, f.active, f.strength),
    stock: strength(words, f.active, f.stock),
  }),
  'not-a-disinfectant': ofActive,
  'not-for-reducing': ofActive,
  'needs-registered': against,
  'not-on-label': against,
  'not-for-mildew': (words, f) => ({ kind: f.family, family: family(words, f.family) }),
  'mildew-too-large': (words, f) => ({ area: squareMetres(words, f.area) }),
  'label-time': (words, f) => ({ time: duration(words, f.seconds) }),
  'label-bars-surface': material,
  'one-coat-holds': film,
  'rewets-needed': film,
  'dries-too-fast': film,
  'air-fits': air,
  'air-near-limit': air,
  'air-over-stricter': air,
  'air-over-limit': air,
  'air-together-over-limit': (words, f) => ({
    ...air(words, f),
    count: f.count,
    family: family(words, f.family),
  }),
  'material-bears': material,
  'material-care': material,
  'material-barred': material,
  'material-wait-until-cool': material,
  'material-stronger': material,
  'material-not-known': material,
  porous: material,
  'cloth-only': material,
  'nearby-unknown': (_, { surface }) => ({ surface }),
  'waits-for': (words, f) => ({ ...families(words, f), ...byRule(words, f), surface: f.surface }),
  'must-not-meet': (words, f) => ({ ...families(words, f), ...byRule(words, f) }),
  'meets-in-bowl': (words, f) => ({ ...keeps(words, f), ...byActs(words, f) }),
  'taken-out-first': keeps,
  'not-taken-out': (_, f) => ({ tablet: f.tablet ? 'yes' : 'no' }),
  'meets-in-visit': (words, f) => ({
    route: words.name('route', f.route),
    surface: f.with,
    ...byActs(words, f),
    ...(f.mend === 'insert' ? {} : { remedy: words.name('mend', f.mend) }),
  }),
  'not-with-water': byRule,
  'not-carried-together': together,
  'not-side-by-side': together,
  'must-not-share-a-bottle': (words, f) => ({
    severity: f.severity,
    one: upper(ingredientName(f.a, words.language)),
    other: ingredientName(f.b, words.language),
    happens: byRule(words, f).happens,
  }),
  'above-cleaning-top': (words, f) => ({
    strength: percent(words, f.strength),
    top: percent(words, f.top),
    component: active(words, f.active),
  }),
  'must-not-be-used': ofIngredient,
  'counts-for-nothing': ofIngredient,
  'asked-first': (_, f) => ({ row: f.row, found: f.found, has: f.found ? 'yes' : 'no' }),
  'used-up': spent,
  'soap-split': spent,
  'no-acid-left': (words, f) => ({
    acid: percent(words, f.acid),
    floor: percent(words, f.floor),
  }),
  'batch-used-up': (words, f) => ({ volume: millilitres(words, f.volume) }),
  'old-label': families,
  'held-before': (words, f) => ({ ...families(words, f), happens: byRule(words, f).happens }),
  'weighed-off': beside,
  'batch-of-other-strength': beside,
  'batch-of-other-family': (words, f) => ({
    hand: family(words, f.hand),
    wantedFamily: family(words, f.wanted),
  }),
  'batch-expired': (_, f) => ({ day: isoDay(f.discardAfter) }),
  'stock-expired': (_, f) => ({ day: isoDay(f.expiresAt) }),
};
