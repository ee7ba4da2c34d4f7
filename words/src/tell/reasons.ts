import {
  ingredientName,
  type Act,
  type Active,
  type Component,
  type Family,
  type IngredientId,
  type MaterialId,
  type ProductId,
  type Reason,
  type Route,
} from '@zymostat/core';
import {
  about,
  clock,
  duration,
  isoDay,
  lower,
  millilitres,
  number,
  percent,
  squareMetres,
  strengthOf,
  upper,
} from '../figures.ts';
import type { KeyOf, Words } from '../words.ts';
import { remedyInWords, wordsOfRule } from './rules.ts';

type Raw = NonNullable<Reason['figures']>;
type Told = Record<string, string | number>;

/** Strengths in the basis of what they are of; of chlorine and of mixtures in per cent. */
const strengths = (words: Words, f: Raw): Told => {
  const of = f.active as Active | 'sodium hypochlorite' | 'alcohol' | undefined;
  const tell = (value: number) => {
    if (of === 'sodium hypochlorite')
      return `${percent(words, value)} ${words.name('component', 'chlorine')}`;
    return of !== undefined && isActive(of) ? strengthOf(words, of, value) : percent(words, value);
  };
  const told: Told = {};
  for (const key of ['strength', 'floor', 'top', 'stock', 'wanted', 'acid'])
    if (typeof f[key] === 'number') told[key] = tell(f[key]);
  return told;
};
const known: readonly string[] = [
  'hydrogen peroxide',
  'ethanol',
  '2-propanol',
  'acetic acid',
  'registered product',
];
const isActive = (of: string): of is Active => known.includes(of);

const times = (words: Words, f: Raw): Told => ({
  ...(f.seconds === undefined ? {} : { time: duration(words, Number(f.seconds)) }),
  ...(f.holds === undefined ? {} : { holds: about(words, Number(f.holds)) }),
  ...(f.every === undefined ? {} : { every: clock(Number(f.every)) }),
});

/** What families, actives, materials and other things are called. */
const names = (words: Words, f: Raw): Told => {
  const { name } = words;
  const family = (id: unknown) => lower(name('family', id as Family));
  const told: Told = {};
  if (f.family !== undefined) {
    told.kind = f.family as string;
    told.family = family(f.family);
  }
  if (f.on !== undefined) told.on = family(f.on);
  if (f.hand !== undefined) told.hand = family(f.hand);
  if (typeof f.wanted === 'string') told.wantedFamily = family(f.wanted);
  if (f.active !== undefined) told.active = nameOfActive(words, f.active as string);
  if (f.against !== undefined) told.against = name('against', f.against as KeyOf<'against'>);
  if (f.material !== undefined) {
    told.material = lower(name('material', f.material as MaterialId));
    told.why = name('materialWhy', f.material as MaterialId);
    told.because = lower(told.why);
  }
  if (f.keeps !== undefined) told.keeps = lower(name('product', f.keeps as ProductId));
  if (f.route !== undefined) told.route = name('route', f.route as Route);
  if (f.ingredient !== undefined)
    told.ingredient = ingredientName(f.ingredient as IngredientId, words.language);
  return told;
};

const nameOfActive = (words: Words, active: string): string => {
  if (active === 'alcohol') return words.name('group', 'alcohol');
  return isActive(active)
    ? words.name('active', active)
    : words.name('component', active as Component);
};

/** What happens when two meet, and what lifts it. */
const rules = (words: Words, { code, figures: f = {} }: Reason): Told => {
  if (f.rule === undefined) return {};
  const { happens, remedy } = wordsOfRule(words, String(f.rule), f);
  const acts = String(f.remedy ?? '')
    .split(',')
    .filter(Boolean) as Act[];
  const mended = f.mend as string | undefined;
  if (mended === 'leave-out' || mended === 'reorder')
    return { happens, remedy: words.name('mend', mended) };
  const byActs = code === 'meets-in-bowl' || code === 'meets-in-visit';
  return { happens, remedy: byActs ? remedyInWords(words, acts) : remedy };
};

const part = (words: Words, fraction: unknown): string =>
  `${number(words, Math.round(Number(fraction) * 100), 0)} %`;
const ppm = (words: Words, value: number): string => {
  if (value >= 10) return number(words, Math.round(value), 0);
  return number(words, value, value >= 1 ? 1 : 2);
};

/** A thing on a shelf or in a caddy: a kind by its id, what is ours by its own name or code. */
export const thing = ({ table }: Words, id: unknown): string =>
  (table('product') as Record<string, string>)[String(id)] ?? String(id);

/** Figures that only one or two codes have. */
const own: Partial<Record<Reason['code'], (words: Words, f: Raw) => Told>> = {
  'mildew-too-large': (words, f) => ({ area: squareMetres(words, Number(f.area)) }),
  'rewets-needed': (_, f) => ({ count: Number(f.count) }),
  'air-together-over-limit': (_, f) => ({ count: Number(f.count) }),
  'not-taken-out': (_, f) => ({ tablet: f.tablet ? 'yes' : 'no' }),
  'meets-in-visit': (_, f) => ({ surface: String(f.with) }),
  'not-carried-together': (words, f) => ({
    one: upper(thing(words, f.a)),
    other: lower(thing(words, f.b)),
  }),
  'not-side-by-side': (words, f) => ({
    one: upper(thing(words, f.a)),
    other: lower(thing(words, f.b)),
  }),
  'must-not-share-a-bottle': ({ language }, f) => ({
    severity: String(f.severity),
    one: upper(ingredientName(f.a as IngredientId, language)),
    other: ingredientName(f.b as IngredientId, language),
  }),
  'above-cleaning-top': (words, f) => ({
    strength: percent(words, Number(f.strength)),
    top: percent(words, Number(f.top)),
    component: nameOfActive(words, String(f.active)),
  }),
  'asked-first': (_, f) => ({ row: f.row!, found: f.found ?? '', has: f.found ? 'yes' : 'no' }),
  'used-up': (words, f) => ({
    component: words.name('component', f.of as Component),
    with: words.name('component', f.with as Component),
    spent: part(words, f.spent),
    spentWith: part(words, f.spentWith),
  }),
  'soap-split': (words, f) => ({
    with: words.name('component', f.with as Component),
    spent: part(words, f.spent),
    spentWith: part(words, f.spentWith),
  }),
  'no-acid-left': (words, f) => ({ floor: percent(words, Number(f.floor)) }),
  'batch-used-up': (words, f) => ({ volume: millilitres(words, Number(f.volume)) }),
  'batch-expired': (_, f) => ({ day: isoDay(f.discardAfter!) }),
  'stock-expired': (_, f) => ({ day: isoDay(f.expiresAt!) }),
};

const airOf = (words: Words, { code, figures: f = {} }: Reason): Told =>
  !code.startsWith('air-')
    ? {}
    : {
        air: words.tell('air', String(f.of), {
          ppm: ppm(words, Number(f.ppm)),
          limit: ppm(words, Number(f.limit)),
        }),
      };

/** A reason as a sentence. This is the one place where a reason becomes words. */
export const reasonInWords = (words: Words, reason: Reason): string => {
  const { code, figures: f = {} } = reason;
  const told = words.tell('reason', code, {
    ...strengths(words, f),
    ...times(words, f),
    ...names(words, f),
    ...rules(words, reason),
    ...airOf(words, reason),
    ...own[code]?.(words, f),
  });
  return upper(told);
};

/** All reasons one after another. */
export const reasonsInWords = (words: Words, reasons: readonly Reason[]): string =>
  reasons.map((reason) => reasonInWords(words, reason)).join(' ');
