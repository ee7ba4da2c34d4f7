import fc from 'fast-check';
import {
  isAgainst,
  judgeSet,
  cautiousBook as book,
  productIds,
  products,
  regroupInto,
  type Product,
} from '../src/index.ts';

const [bleach, vinegar, ammonia, quat] = (
  ['chlorine-bleach', 'vinegar', 'ammonia', 'quat-spray'] as const
).map((id): Product => products[id]) as [Product, Product, Product, Product];

test('bleach leaves the shelf for one where nothing speaks against it, the emptiest', () => {
  const moves = regroupInto([bleach, vinegar], [[ammonia], [quat, quat], []], 'shelf', book);
  expect(moves).toEqual([{ items: [0], into: 2 }]);
});

test('where no shelf takes it, it goes on a new one', () => {
  expect(regroupInto([bleach, vinegar], [[ammonia], [vinegar]], 'shelf', book)).toEqual([
    { items: [0], into: -1 },
  ]);
});

test('property: afterwards nothing that was moved stands where a rule speaks against it', () => {
  const some = fc.array(fc.constantFrom(...productIds), { maxLength: 6 });
  fc.assert(
    fc.property(some, fc.array(some, { maxLength: 3 }), (here, elsewhere) => {
      const standing = here.map((id): Product => products[id]);
      const others = elsewhere.map((ids) => ids.map((id): Product => products[id]));
      const moves = regroupInto(standing, others, 'shelf', book);
      const gone = new Set(moves.flatMap(({ items }) => items));
      const stay = standing.filter((_, at) => !gone.has(at));
      expect(judgeSet(stay, 'shelf', {}, book).conflicts).toEqual([]);
      const targets = new Set(moves.map(({ into }) => into).filter((into) => into >= 0));
      for (const target of targets) {
        const came = moves
          .filter(({ into }) => into === target)
          .flatMap(({ items }) => items.map((at) => standing[at]!));
        const { severity } = judgeSet([...others[target]!, ...came], 'shelf', {}, book);
        expect(isAgainst(severity)).toBe(false);
      }
    }),
    { numRuns: 200 },
  );
});
