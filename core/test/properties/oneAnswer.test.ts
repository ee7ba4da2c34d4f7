import {
  actives,
  activeFacts,
  analyseRecipe,
  cautiousBook,
  cautiousRules,
  clashesAmong,
  ingredientIds,
  ingredientName,
  ingredients,
  isAgainst,
  judgeBottle,
  judgeCombination,
  judgeSet,
  pairsByAnswer,
  productIds,
  productOf,
  productOfIngredient,
  products,
  routes,
  worstOf,
  type Active,
  type BottleContent,
  type Group,
  type Product,
  type Route,
  type Severity,
} from '../../src/index.ts';

const book = cautiousBook;
const by = { rules: cautiousRules, book };
const things: readonly (readonly [string, Product])[] = [
  ...productIds.map((id) => [id, products[id]] as const),
  ...ingredientIds.map((id) => [id, productOfIngredient({ ingredient: id })] as const),
];

/** Every unordered pair of a list. */
const pairsOf = <T>(list: readonly T[]): [T, T][] =>
  list.flatMap((a, i) => list.slice(i).map((b): [T, T] => [a, b]));

describe('no silent yes', () => {
  /** Read off the rows themselves, not off the judge. */
  const saysYes = (one: Group, other: Group, route: Route): boolean =>
    book.some(
      (rule) =>
        rule.by[route] === 'fine' &&
        [
          [rule.one, rule.other],
          [rule.other, rule.one],
        ].some(([a, b]) => a === one && b === other),
    );

  test('“may meet” is the answer only where a row of the book says so of all that is in both', () => {
    let yes = 0;
    for (const route of routes) {
      for (const [[nameA, a], [nameB, b]] of pairsOf(things)) {
        const { severity } = judgeCombination(a, b, { route: route }, book);
        if (severity !== 'fine') continue;
        yes += 1;
        const covered =
          a.groups.length > 0 &&
          b.groups.length > 0 &&
          a.groups.every((g) => b.groups.every((h) => saysYes(g, h, route)));
        if (!covered)
          throw new Error(`${nameA} with ${nameB} by ${route} is a yes that nobody wrote`);
      }
    }
    expect(yes).toBeGreaterThan(0);
  });
  test('a book without rows says yes to nothing, and “no rule” to everything', () => {
    const empty = new Set(
      routes.flatMap((route) =>
        pairsOf(things).map(([[, a], [, b]]) => judgeCombination(a, b, { route }, []).severity),
      ),
    );
    expect([...empty]).toEqual(['no-rule']);
  });
  test('what is a kind of another is never better than it, also where only the kind is named', () => {
    for (const [kind, of] of [
      ['calcium-hypochlorite', 'dry-chlorine'],
      ['isocyanurate', 'dry-chlorine'],
      ['urine', 'ammonia'],
      ['rust-remover', 'acid'],
      ['boiling-water', 'water'],
    ] as const) {
      for (const route of routes) {
        for (const [name, other] of things) {
          const [own, whole] = [kind, of].map(
            (group) =>
              judgeCombination({ groups: [group] }, other, { route: route }, book).severity,
          ) as [Severity, Severity];
          if (isAgainst(whole) && worstOf([own, whole]) !== own)
            throw new Error(`${kind} with ${name} by ${route} is ${own}, ${of} is ${whole}`);
        }
      }
    }
  });
  test('the counts that the command prints add up to every pair by every route', () => {
    const counts = pairsByAnswer(
      things.map(([, product]) => product),
      book,
    );
    const all = (things.length * (things.length + 1)) / 2;
    for (const route of routes)
      expect(Object.values(counts[route]).reduce((sum, n) => sum + n, 0)).toBe(all);
    expect(counts.vessel.never).toBeGreaterThan(counts.vessel.fine);
  });
});

describe('one answer to one pair, wherever it is asked', () => {
  test('a shelf or a caddy with just the two says what the pair says', () => {
    for (const [[, a], [, b]] of pairsOf(things)) {
      for (const route of ['shelf', 'caddy'] as const) {
        const pair = judgeCombination(a, b, { route: route }, book);
        const { severity, conflicts } = judgeSet([a, b], route, {}, book);
        expect(severity).toBe(pair.severity);
        expect(conflicts.map(({ combination }) => combination.bites)).toEqual(
          isAgainst(pair.severity) ? [pair.bites] : [],
        );
      }
    }
  });
  test('the worst of all routes is the worst that any one of them says', () => {
    for (const [[, a], [, b]] of pairsOf(things)) {
      const each = routes.map((route) => judgeCombination(a, b, { route: route }, book).severity);
      const other = routes.map((route) => judgeCombination(b, a, { route: route }, book).severity);
      expect(worstOf(other)).toBe(worstOf(each));
    }
  });
  test('a recipe with just the two says what the pair says in a bottle', () => {
    const named = ingredientIds.filter((id) => id !== 'unknown');
    const line = (id: (typeof ingredientIds)[number]) => {
      const { strength } = ingredients[id] as { strength?: { usual: number } };
      return `100 ml ${ingredientName(id, 'en')}${strength ? ` ${strength.usual * 100} %` : ''}`;
    };
    const off: string[] = [];
    for (const [a, b] of pairsOf(named)) {
      if (a === b) continue;
      const strengthOf = (id: typeof a) =>
        (ingredients[id] as { strength?: { usual: number } }).strength?.usual;
      const pair = judgeCombination(
        productOfIngredient({ ingredient: a, strength: strengthOf(a) }),
        productOfIngredient({ ingredient: b, strength: strengthOf(b) }),
        { route: 'vessel' },
        book,
      );
      const analysed = analyseRecipe(`${line(a)}\n${line(b)}`, 'clean', by);
      const own = (rules: readonly { rule: string; severity: string }[]) =>
        rules
          .map(({ rule, severity }) => `${rule} ${severity}`)
          .sort()
          .join(', ');
      if (own(analysed.clashes) !== own(pair.bites))
        off.push(`${a} with ${b}: ${own(pair.bites)}; the recipe: ${own(analysed.clashes)}`);
      if (pair.severity === 'never' && analysed.verdict.name !== 'dangerous')
        off.push(`${a} with ${b} is ${analysed.verdict.name}`);
    }
    expect(off).toEqual([]);
  });
  test('a bottle that held the one is barred to the other by the same rules', () => {
    const content = (active: Active, strength: number): BottleContent => ({
      active,
      strength,
      groups: [activeFacts[active].group ?? 'quat'],
    });
    const contents = actives.flatMap((active) =>
      [0.03, 0.7].map((strength) => content(active, strength)),
    );
    for (const [a, b] of pairsOf(contents)) {
      const pair = judgeCombination(productOf(a), productOf(b), { route: 'vessel' }, book);
      const held = { material: 'glass' as const, opaque: true, heldSinceWash: a };
      const barring = judgeBottle(held, b, book).reasons.flatMap((reason) =>
        reason.code === 'held-before' ? [reason.figures.rule] : [],
      );
      expect(barring).toEqual(
        pair.bites.filter(({ severity }) => severity !== 'care').map(({ rule }) => rule),
      );
    }
  });
  test('what is poured together is judged by the pairs of it and nothing else', () => {
    for (const [a, b] of pairsOf(ingredientIds)) {
      if (a === b) continue;
      const pair = judgeCombination(
        productOfIngredient({ ingredient: a }),
        productOfIngredient({ ingredient: b }),
        { route: 'vessel' },
        book,
      );
      expect(
        clashesAmong([{ ingredient: a }, { ingredient: b }], book).map(({ rule }) => rule),
      ).toEqual(pair.bites.map(({ rule }) => rule));
    }
  });
});
