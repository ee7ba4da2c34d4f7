import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { OUNCE } from '../reference/tools.ts';
import { oneOf } from '../units/volume.ts';
import { agree, takeAmounts, type Found } from './amounts.ts';
import { readFilling } from './filling.ts';
import { firstOf, Remaining, rule } from './grammar.ts';
import type { Amount, Item, LineReading, Piece, Question, UnreadCode } from './line.ts';
import { strengthsFor, takeBasis, takeStrengths, type Written } from './strengths.ts';
import type { Token } from './tokens.ts';
import { writeItems } from './writeItem.ts';

/** An ingredient as it is named, and every one that the name may mean. */
interface Named {
  at: number;
  /** A fruit may only say what something smells of. */
  fruit?: true;
  either: readonly { id: IngredientId; strength?: number }[];
}

const rules = {
  liquid: rule('liquid'),
  temperature: rule('(of|to)? number temperature+'),
  per: rule('per (number|article)? qualifier* unit of? ingredient?'),
  dilution: rule('strong|ratio'),
  strong: rule('strong'),
  ratio: rule('ratio'),
  each: rule('each'),
  equal: rule('equal of?'),
  or: rule('or'),
  ingredient: rule('ingredient|piece'),
  number: rule('number'),
  sized: rule('vessel|makes'),
  cloths: rule('number qualifier* cloth'),
  firstIsHandling: rule('^(with|and|comma|stop|plain|to|qualifier)*handling'),
};

/** Kinds that say nothing of what it is where they are left over. */
const SILENT = new Set([
  'article',
  'verb',
  'handling',
  'vessel',
  'cloth',
  'to',
  'per',
  'of',
  'with',
  'and',
  'plus',
  'comma',
  'colon',
  'dash',
  'stop',
  'open',
  'close',
  'plain',
  'full',
  'juice',
  'basis',
  'makes',
  'brim',
]);
const isSilent = (token: Token): boolean =>
  SILENT.has(token.kind) ||
  (token.kind === 'qualifier' && (token.is === 'level' || token.is === 'us'));

/** Warmth from which water counts as hot, °C. Source: labels. */
const HOT = 40;

const textOf = (tokens: readonly Token[]): string =>
  tokens.map(({ text }) => text.trim()).join(' ');
const unread = (
  code: UnreadCode,
  found: string,
  names: readonly IngredientId[] = [],
  offers: readonly string[] = [],
): Piece => ({ kind: 'unread', code, found, names, offers });
export const readingOf = (...items: [Item, ...Item[]]): LineReading => ({
  items,
  text: writeItems(items),
});

const isScent = ({ either, fruit }: Named): boolean =>
  fruit === true || (either.length === 1 && ingredientOf(either[0]!.id).role === 'scent');

/**
 * "Lavender castile soap" is soap: a scent right before another thing only says what it smells of.
 */
const withoutScents = (named: readonly Named[], tokens: readonly Token[]): Named[] =>
  named.filter((one, i) => {
    const next = named[i + 1];
    if (!next || !isScent(one) || isScent(next)) return true;
    return tokens.some(
      (token) =>
        token.at > one.at && token.at < next.at && token.kind !== 'plain' && token.kind !== 'dash',
    );
  });

const namedIn = (tokens: readonly Token[]): Named[] =>
  tokens.flatMap((token): Named[] => {
    if (token.kind === 'ingredient') return [{ at: token.at, either: token.either }];
    if (token.kind !== 'piece') return [];
    const { ingredient, volume } = token.piece;
    return [
      {
        at: token.at,
        either: [{ id: ingredient }],
        ...(volume === undefined ? {} : { fruit: true }),
      },
    ];
  });

/** Drops of "lemon" are of its oil more likely than of its juice. */
const oilOf: Partial<Record<IngredientId, IngredientId>> = {
  'lemon juice': 'lemon oil',
  'orange juice': 'orange oil',
  'lime juice': 'lemon oil',
};

/** An ounce of something dry is weighed. */
const asMeasured = (amount: Amount, found: Found, id: IngredientId): Amount =>
  found.ounces && amount.kind === 'volume' && ingredientOf(id).role === 'powder'
    ? { kind: 'mass', value: (amount.value / oneOf('fluid ounce')) * OUNCE, tool: 'kitchen scale' }
    : amount;

interface Strengths {
  values: readonly (number | undefined)[];
  code: Question | null;
  found: string;
}

/** What of the line may still say how strong it is. */
interface LeftForStrength {
  ratio?: readonly number[];
  strong?: Extract<Token, { kind: 'strong' }>;
  figure?: Extract<Token, { kind: 'number' }>;
}

/**
 * The strengths an ingredient may have here: as written, as a left-over figure may mean, diluted,
 * strong, or the usual.
 */
const strengthsOf = (
  { id, strength: own }: Named['either'][number],
  written: Written | undefined,
  { ratio, strong, figure }: LeftForStrength,
): Strengths | UnreadCode => {
  const { strength, asksStrength } = ingredientOf(id);
  const alone = own === undefined ? undefined : [own];
  const said = written ? strengthsFor(id, written) : alone;
  if (typeof said === 'string') return said;
  const usual = strength?.usual;
  const base = said?.[0] ?? usual;
  if (!strength || base === undefined) return { values: [undefined], code: null, found: '' };
  const stated = said ?? [undefined];
  if (ratio && ratio.length === 2) {
    const [one, other] = [Math.min(...ratio), Math.max(...ratio)] as [number, number];
    const thinned = [
      base * (one / (one + other)),
      ...(other > one ? [base * (one / other)] : []),
      base,
    ];
    return { values: thinned, code: 'dilution', found: ratio.join(':') };
  }
  if (strong?.how === 'weaker') {
    const values = said ? [base, base / 10] : [base / 10, undefined];
    return { values, code: 'which-strength', found: strong.text };
  }
  if (strong)
    return {
      values: said ? [...said] : [strength.strong ?? base, undefined],
      code: said ? null : 'which-strength',
      found: strong.text,
    };
  if (figure && !said) {
    const value = figure.values[0]! / 100;
    if (value > 0 && value <= 1)
      return { values: [value, undefined], code: 'which-strength', found: figure.text };
  }
  if (asksStrength && !said) return { values: [undefined], code: 'which-strength', found: '' };
  return { values: stated, code: null, found: '' };
};

/**
 * A written strength belongs to what stands before it, where nothing parts the two; else to what
 * comes next.
 */
const ownerOf = (
  written: Written,
  named: readonly Named[],
  tokens: readonly Token[],
): number | undefined => {
  const before = named.findLast(({ at }) => at < written.at)?.at;
  const parted =
    before !== undefined &&
    tokens.some(({ kind, at }) => at > before && at < written.at && PARTS.has(kind));
  const behind = named.find(({ at }) => at > written.at)?.at;
  return before === undefined || (parted && behind !== undefined) ? behind : before;
};
const PARTS = new Set<Token['kind']>(['and', 'plus', 'with', 'or']);

const withOwners = (
  written: readonly Written[],
  named: readonly Named[],
  tokens: readonly Token[],
): Map<number, Written> => {
  const owned = new Map<number, Written>();
  for (const one of written) {
    const owner = ownerOf(one, named, tokens);
    if (owner !== undefined && !owned.has(owner)) owned.set(owner, one);
  }
  return owned;
};

interface Choice {
  readings: LineReading[];
  code: Question | null;
  found: string;
}

/** Every way to take one ingredient with one amount. */
const choose = (
  { either }: Named,
  found: Found,
  written: Written | undefined,
  left: LeftForStrength,
): Choice | UnreadCode => {
  const readings: LineReading[] = [];
  let code: Question | null = found.doubt === 'thousands' ? 'thousands' : null;
  let said = '';
  for (const one of either) {
    const { id } = one;
    const strengths = strengthsOf(one, written, left);
    if (typeof strengths === 'string') return strengths;
    if (strengths.code) [code, said] = [strengths.code, strengths.found];
    for (const amount of found.readings) {
      for (const strength of strengths.values) {
        readings.push(
          readingOf({
            ingredient: id,
            amount: asMeasured(amount, found, id),
            ...(strength === undefined ? {} : { strength }),
            ...(found.assumed ? { assumed: found.assumed } : {}),
          }),
        );
      }
    }
  }
  if (either.length > 1) code = 'which-ingredient';
  return { readings, code, found: said };
};

/** Two strengths for one thing: each may be the one that is meant. */
const chooseAmong = (
  one: Named,
  found: Found,
  stated: readonly Written[],
  left: LeftForStrength,
): Choice | UnreadCode => {
  const choices = (stated.length > 1 ? stated : [stated[0]]).map((written) =>
    choose(one, found, written, left),
  );
  const wrong = choices.find((choice) => typeof choice === 'string');
  if (wrong !== undefined) return wrong;
  const all = choices as Choice[];
  if (all.length === 1) return all[0]!;
  return { readings: all.flatMap(({ readings }) => readings), code: 'which-strength', found: '' };
};

const asPiece = ({ readings, code, found }: Choice): Piece => {
  const [first, ...others] = readings;
  return {
    kind: 'ingredients',
    readings: [first!, ...others],
    asks: code ? { code, found } : null,
  };
};

/** "Half a cup (120 ml)": one amount, unless the two do not agree. */
const oneAmount = (amounts: readonly Found[]): Found | undefined => {
  const [first, second] = amounts;
  if (!first || !second || first.wrong || second.wrong) return first;
  if (first.assumed && !second.assumed) return second;
  if (second.assumed && !first.assumed) return first;
  if (agree(first.readings[0]!, second.readings[0]!)) return first;
  return { ...first, readings: [...first.readings, ...second.readings], doubt: null };
};

/** The size of a bottle or a batch; or what is only said about it. */
const readAside = (tokens: readonly Token[], left: Remaining): Piece | undefined => {
  if (left.has(rules.ingredient)) return undefined;
  if (left.has(rules.cloths) && !left.has(rule('unit'))) return { kind: 'aside' };
  const sized = left.has(rules.sized);
  const amounts = sized || !left.has(rules.firstIsHandling) ? takeAmounts(left) : [];
  const amount = amounts[0];
  if (sized && amount && !amount.wrong) {
    const [value] = amount.readings;
    const clear =
      amounts.length === 1 &&
      amount.readings.length === 1 &&
      !left.rest().some(({ kind }) => kind === 'number' || kind === 'fraction');
    if (!clear) return unread('bottle-size', textOf(tokens));
    if (value!.kind === 'volume') return { kind: 'size', volume: value!.value };
    if (value!.kind === 'mass') return { kind: 'size', mass: value!.value };
  }
  if (amount && !(sized && amount.wrong === 'bottle-size'))
    return amount.wrong && amount.wrong !== 'bottle-size'
      ? unread(amount.wrong, textOf(tokens))
      : undefined;
  const speaks = left.rest().filter((token) => !isSilent(token));
  if (speaks.length === 0 || left.has(rules.firstIsHandling)) return { kind: 'aside' };
  return undefined;
};

/** "1 cup each", "equal parts", "2:1": one amount or a ratio for all that is named. */
const readTogether = (
  left: Remaining,
  named: readonly Named[],
  owned: ReadonlyMap<number, Written>,
): Piece | undefined => {
  if (named.length < 2) return undefined;
  const equal = left.take(rules.equal);
  const ratio = equal ? undefined : firstOf(left.take(rules.ratio) ?? [], 'ratio')?.parts;
  const each = equal || ratio ? undefined : left.take(rules.each);
  if (!equal && !ratio && !each) return undefined;
  const alike = equal ? named.map(() => 1) : undefined;
  const parts = ratio?.length === named.length ? ratio : alike;
  const shared = parts ? undefined : takeAmounts(left)[0];
  const choices: Choice[] = [];
  for (const [i, one] of named.entries()) {
    const found: Found | undefined = parts
      ? { readings: [{ kind: 'parts', value: parts[i]! }], doubt: null }
      : shared;
    const choice =
      !found || found.wrong
        ? (found?.wrong ?? 'no-amount')
        : choose(one, found, owned.get(one.at), {});
    if (typeof choice === 'string')
      return unread(
        choice,
        textOf(left.tokens),
        named.map(({ either }) => either[0]!.id),
      );
    choices.push(choice);
  }
  left.takeAll(rules.ingredient);
  const together = choices.reduce<Item[][]>(
    (all, { readings }) =>
      all.flatMap((items) => readings.map((reading) => [...items, reading.items[0]])),
    [[]],
  );
  const code = choices.find((choice) => choice.code)?.code ?? null;
  const readings = together
    .slice(0, MOST_READINGS)
    .map((items) => readingOf(...(items as [Item, ...Item[]])));
  return asPiece(
    withLeftOver(
      { readings, code, found: '' },
      left.rest().filter((token) => !isSilent(token)),
    ),
  );
};
/** More ways than this to read one line are not told apart: nobody would choose among them. */
const MOST_READINGS = 16;

/**
 * "1/4 cup bleach per gallon": with that much water, or without where the water stands elsewhere.
 */
const withPer = (choice: Choice, per: readonly Token[]): Choice => {
  const unit = firstOf(per, 'unit')!.unit;
  const count = firstOf(per, 'number')?.values[0] ?? 1;
  if (unit.of !== 'volume') return { ...choice, code: 'per', found: textOf(per) };
  const water: Item = {
    ingredient: 'water',
    amount: {
      kind: 'volume',
      value: unit.value * count,
      tool: unit.tool === 'by eye' ? 'jug' : unit.tool,
    },
  };
  const readings = choice.readings.flatMap((reading): LineReading[] => [
    readingOf(...reading.items, water),
    reading,
  ]);
  return { readings, code: 'per', found: textOf(per) };
};

/**
 * What is left over makes the line asked about: as it was understood, or something nobody knows.
 */
const withLeftOver = (choice: Choice, over: readonly Token[]): Choice => {
  if (over.length === 0 || choice.code)
    return over.length === 0 ? choice : { ...choice, found: choice.found || textOf(over) };
  const [item] = choice.readings[0]!.items;
  const stranger = readingOf({ ingredient: 'unknown', amount: item.amount });
  return { readings: [...choice.readings, stranger], code: 'left-over', found: textOf(over) };
};

/** One ingredient of several that the words may mean, each with the amount. */
const eitherOf = (named: readonly Named[]): Named => ({
  at: named[0]!.at,
  either: named.flatMap(({ either }) => either),
});

const dropsOfFruit = (one: Named, found: Found | undefined, isPiece: boolean): Named => {
  const oil = oilOf[one.either[0]!.id];
  return isPiece && oil && found?.readings[0]?.kind === 'drops'
    ? { ...one, either: [{ id: oil }, ...one.either] }
    : one;
};

/** Water that is written with its warmth. */
const warmed = (one: Named, temperature: readonly Token[] | undefined): Named => {
  const value = temperature && firstOf(temperature, 'number')!.values.at(-1)!;
  const fahrenheit = temperature?.some(({ text }) => /f/i.test(text) && !/°\s?c/i.test(text));
  const warmth = value ?? 0;
  const celsius = fahrenheit ? ((warmth - 32) * 5) / 9 : warmth;
  if (one.either[0]!.id !== 'water' || celsius < HOT) return one;
  return { ...one, either: [{ id: celsius >= 90 ? 'boiling water' : 'hot water' }] };
};

/** A minus sign before the first number: less than nothing of something. */
const isNegative = ([dash, number]: readonly Token[]): boolean =>
  dash?.kind === 'dash' && number?.kind === 'number' && number.at === dash.at + dash.text.length;

const idsOf = (named: readonly Named[]): IngredientId[] => named.map(({ either }) => either[0]!.id);

/** What is asked about one amount of one or several things, the likeliest cause first. */
const askedAbout = (
  choice: Choice,
  {
    several,
    or,
    amounts,
    readings,
    doubt,
  }: {
    several: boolean;
    or: boolean;
    amounts: number;
    readings: number;
    doubt: boolean;
  },
): Choice => {
  if (several) return { ...choice, code: 'which-ingredient', found: or ? 'or' : 'apart' };
  return amounts > 1 && readings > 1 && !doubt ? { ...choice, code: 'which-amount' } : choice;
};

/** Amounts and what else belongs to one thing; takes them off what is left of the line. */
const takeSingle = (left: Remaining, written: readonly Written[]) => {
  const amounts = takeAmounts(left);
  const share = amounts.length === 0 ? shareIn(written, left) : undefined;
  const found = share ?? oneAmount(amounts);
  const figure = firstOf(left.take(rules.number) ?? [], 'number');
  const strong = firstOf(left.take(rules.strong) ?? [], 'strong');
  const ratio = firstOf(left.take(rules.ratio) ?? [], 'ratio')?.parts;
  left.takeAll(rules.ingredient);
  const stated = share ? written.slice(1) : written;
  return { amounts, found, stated, left: { ratio, strong, figure } };
};

/** One thing, or one of several, with one amount. */
const readSingle = (
  left: Remaining,
  named: readonly Named[],
  written: readonly Written[],
  temperature: readonly Token[] | undefined,
): Piece | Choice => {
  const { tokens } = left;
  const ids = idsOf(named);
  const isPiece = tokens.some(({ kind, at }) => kind === 'piece' && at === named[0]!.at);
  const { amounts, found, stated, left: more } = takeSingle(left, written);
  const { figure } = more;
  if (!found) {
    const offers = figure ? offersFor(figure, named[0]!) : [];
    return unread(figure ? 'no-unit' : 'no-amount', textOf(tokens), ids, offers);
  }
  if (found.wrong) return unread(found.wrong, textOf(tokens), ids);
  const byWeight = takeBasis(left) === 'weight' ? asWeight(found) : found;
  const several = named.length > 1;
  const or = left.takeAll(rules.or).length > 0;
  const thing = several ? eitherOf(named) : named[0]!;
  const one = warmed(dropsOfFruit(thing, found, isPiece), temperature);
  const choice = chooseAmong(one, byWeight, stated, more);
  if (typeof choice === 'string') return unread(choice, textOf(tokens), ids);
  const asked = askedAbout(choice, {
    several,
    or,
    amounts: amounts.length,
    readings: byWeight.readings.length,
    doubt: Boolean(found.doubt),
  });
  const unused = figure && choice.code !== 'which-strength' ? [figure] : [];
  return withLeftOver(asked, [...unused, ...left.rest().filter((token) => !isSilent(token))]);
};

/** A line that names nothing of which anything could be put in. */
const nothingNamed = (tokens: readonly Token[]): Piece => {
  const strange = tokens.filter(({ kind }) => kind === 'unknown');
  return strange.length > 0
    ? unread('unknown-name', textOf(strange))
    : unread('no-ingredient', textOf(tokens));
};

/** Ingredients with their amounts, together or one alone. */
const readAmounts = (left: Remaining, mentioned: readonly Named[]): Piece => {
  const { tokens } = left;
  const per = left.take(rules.per);
  const temperature = left.take(rules.temperature);
  const written = takeStrengths(left);
  const outside = mentioned.filter(({ at }) => !per?.some((token) => token.at === at));
  const named = withoutScents(outside, tokens);
  if (named.length === 0) return unread('no-amount', textOf(tokens), idsOf(mentioned));
  const together = readTogether(left, named, withOwners(written, named, tokens));
  if (together) return together;
  const single = readSingle(left, named, written, temperature);
  if ('kind' in single) return single;
  return asPiece(per ? withPer(single, per) : single);
};

/**
 * Reads what one piece of a line says: an ingredient with its amount, a size, or why it cannot be
 * read.
 */
export const readPiece = (all: readonly Token[]): Piece => {
  const tokens = all[0]?.kind === 'dash' ? all.slice(1) : all;
  const left = new Remaining(tokens);
  const mentioned = namedIn(tokens);
  if (isNegative(all)) return unread('not-positive', textOf(all.slice(0, 3)), idsOf(mentioned));
  if (left.has(rules.liquid)) return unread('no-amount-of-liquid', textOf(tokens));
  const aside = readAside(tokens, left);
  if (aside) return aside;
  if (mentioned.length === 0) return nothingNamed(tokens);
  return readFilling(tokens) ?? readAmounts(left, mentioned);
};

/**
 * "75 % water" without another amount is a share of the batch, where all the others are shares too.
 */
const shareIn = (written: readonly Written[], left: Remaining): Found | undefined => {
  const [first] = written;
  if (!first || first.sign !== 'percent' || first.values.length !== 1) return undefined;
  const value = first.values[0]! / 100;
  if (!(value > 0 && value <= 1)) return { readings: [], doubt: null, wrong: 'over-100' };
  const by = first.by ?? takeBasis(left);
  return { readings: [{ kind: 'share', value, by }], doubt: null };
};

/** "8 oz vinegar by weight": ounces as a weight. */
const asWeight = (found: Found): Found => ({
  ...found,
  readings: found.readings.map((amount): Amount => {
    if (amount.kind === 'share') return { ...amount, by: 'weight' };
    if (amount.kind !== 'volume' || !found.ounces) return amount;
    return {
      kind: 'mass',
      value: (amount.value / oneOf('fluid ounce')) * OUNCE,
      tool: 'kitchen scale',
    };
  }),
});

const offersFor = (figure: Extract<Token, { kind: 'number' }>, { either }: Named): string[] =>
  (['ml', 'cups'] as const).map((unit) => `${figure.values[0]} ${unit} ${textOfId(either[0]!.id)}`);
const textOfId = (ingredient: IngredientId): string =>
  writeItems([{ ingredient, amount: { kind: 'drops', value: 1 } }]).replace(/^1 drops /, '');
