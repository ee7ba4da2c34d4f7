import fc from 'fast-check';
import {
  cautiousBook as book,
  groups,
  judgeCombination,
  productIds,
  products,
  routes,
  rules,
  ruleIds,
  severities,
  type Circumstances,
  type Group,
  type ProductId,
  type Route,
  type Severity,
} from '../src/index.ts';

const pair = (a: ProductId, b: ProductId, route: Route, place: Circumstances = {}): Severity =>
  judgeCombination(products[a], products[b], { route, ...place }, book).severity;

// docs reference table "What must not meet": EPA-label, CDC-2008, Bretherick, poison control,
// stoichiometry (memory).
describe('what must not meet', () => {
  test.each<[ProductId, ProductId, Route, Severity]>([
    ['chlorine-bleach', 'vinegar', 'vessel', 'never'],
    ['chlorine-bleach', 'vinegar', 'surface', 'never'],
    ['chlorine-bleach', 'vinegar', 'drain', 'never'],
    ['chlorine-bleach', 'vinegar', 'caddy', 'never'],
    ['chlorine-bleach', 'vinegar', 'air', 'care'],
    ['chlorine-bleach', 'vinegar', 'shelf', 'care'],
    ['chlorine-bleach', 'ammonia', 'air', 'never'],
    ['chlorine-bleach', 'ammonia', 'shelf', 'care'],
    ['cistern-tablet', 'urine', 'surface', 'never'],
    ['chlorine-bleach', 'rubbing-alcohol', 'surface', 'never'],
    ['chlorine-bleach', 'rubbing-alcohol', 'caddy', 'care'],
    ['chlorine-bleach', 'peroxide-household', 'drain', 'never'],
    ['chlorine-bleach', 'nail-polish-remover', 'surface', 'never'],
    ['chlorine-bleach', 'washing-up-liquid', 'vessel', 'never'],
    ['chlorine-bleach', 'washing-up-liquid', 'surface', 'no-rule'],
    ['chlorine-bleach', 'rubbing-alcohol', 'air', 'no-rule'],
    ['pool-shock', 'water', 'vessel', 'care'],
    ['pool-shock', 'cistern-tablet', 'air', 'never'],
    ['pool-shock', 'washing-up-liquid', 'shelf', 'never'],
    ['percarbonate', 'water', 'vessel', 'never'],
    ['alkaline-drain-opener', 'vinegar', 'vessel', 'never'],
    ['oven-cleaner', 'ammonia', 'surface', 'care'],
    ['peroxide-household', 'vinegar', 'drain', 'care'],
    ['vinegar', 'oven-cleaner', 'surface', 'never'],
    ['rust-remover', 'water', 'surface', 'never'],
    ['colour-remover', 'chlorine-bleach', 'shelf', 'never'],
    ['chlorine-bleach', 'hot-water', 'vessel', 'never'],
    ['essential-oil', 'peroxide-household', 'surface', 'care'],
    ['oven-cleaner', 'aluminium-pan', 'surface', 'never'],
    ['acid-drain-opener', 'peroxide-household', 'surface', 'never'],
    ['pool-shock', 'lemon-juice', 'shelf', 'never'],
    ['peroxide-household', 'vinegar', 'vessel', 'never'],
    ['peroxide-household', 'vinegar', 'surface', 'never'],
    ['peroxide-household', 'vinegar', 'shelf', 'fine'],
    ['peroxide-household', 'nail-polish-remover', 'vessel', 'never'],
    ['peroxide-household', 'colloidal-silver', 'vessel', 'never'],
    ['peroxide-household', 'rubbing-alcohol', 'vessel', 'spoils'],
    ['peroxide-strong', 'rubbing-alcohol', 'vessel', 'never'],
    ['vinegar', 'castile-soap', 'surface', 'spoils'],
    ['vinegar', 'washing-up-liquid', 'vessel', 'fine'],
    ['vinegar', 'borax', 'vessel', 'spoils'],
    ['vinegar', 'oven-cleaner', 'drain', 'never'],
    ['vinegar', 'rubbing-alcohol', 'vessel', 'fine'],
    ['acid-drain-opener', 'water', 'vessel', 'never'],
    ['acid-drain-opener', 'alkaline-drain-opener', 'drain', 'never'],
    ['alkaline-drain-opener', 'alkaline-drain-opener', 'drain', 'never'],
    ['quat-spray', 'castile-soap', 'surface', 'spoils'],
    ['rubbing-alcohol', 'water', 'vessel', 'fine'],
    ['unlabelled-bottle', 'washing-up-liquid', 'vessel', 'never'],
    ['unlabelled-bottle', 'unlabelled-bottle', 'vessel', 'never'],
  ])('%s and %s by %s: %s', (a, b, route, severity) => {
    expect(pair(a, b, route)).toBe(severity);
  });

  test('circumstances change a severity where the reference says so', () => {
    expect(pair('vinegar', 'baking-soda', 'vessel')).toBe('never'); // a capped bottle
    expect(pair('vinegar', 'baking-soda', 'vessel', { closed: false })).toBe('spoils');
    expect(pair('chlorine-bleach', 'vinegar', 'air', { roomVolume: 30, ventilated: true })).toBe(
      'fine',
    );
    expect(pair('chlorine-bleach', 'vinegar', 'air', { roomVolume: 10, ventilated: true })).toBe(
      'care',
    );
  });

  const anyGroups = fc.record({ groups: fc.subarray([...groups], { minLength: 1, maxLength: 3 }) });

  test('a with b is b with a', () => {
    fc.assert(
      fc.property(anyGroups, anyGroups, fc.constantFrom(...routes), (a, b, route) => {
        expect(judgeCombination(a, b, { route: route }, book)).toEqual(
          judgeCombination(b, a, { route: route }, book),
        );
      }),
    );
  });

  test('another group never makes a pair milder', () => {
    fc.assert(
      fc.property(
        anyGroups,
        anyGroups,
        fc.constantFrom(...groups),
        fc.constantFrom(...routes),
        (a, b, more: Group, route) => {
          const [less, worse] = [
            judgeCombination(a, b, { route: route }, book),
            judgeCombination({ groups: [...a.groups, more] }, b, { route: route }, book),
          ];
          expect(severities.indexOf(worse.severity)).toBeGreaterThanOrEqual(
            severities.indexOf(less.severity),
          );
        },
      ),
    );
  });

  test('every rule is named, sourced, and bites by some route', () => {
    for (const rule of rules) {
      expect(ruleIds).toContain(rule.id);
      expect(rule.source).not.toBe('');
      expect(Object.keys(rule.by).length).toBeGreaterThan(0);
    }
    expect(new Set(rules.map((rule) => rule.id)).size).toBe(ruleIds.length);
  });

  test('only what is of no reactive group has none', () => {
    expect(productIds.filter((id) => products[id].groups.length === 0)).toEqual(['glycerine']);
    expect(pair('glycerine', 'chlorine-bleach', 'vessel')).toBe('never');
    expect(pair('glycerine', 'vinegar', 'vessel')).toBe('no-rule');
  });
});
