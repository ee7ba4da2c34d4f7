import fc from 'fast-check';
import { ingredientIds, ingredients, inMillilitres, portionsOf, readRecipe } from '../src/index.ts';
import { englishIngredients } from '../src/recipes/words/englishIngredients.ts';

const portions = (text: string) => {
  const measured = portionsOf(readRecipe(text));
  if (!measured.ok) throw new Error(JSON.stringify(measured.problems));
  return measured.portions;
};

test('at least 60 ingredients and 150 names, none of them twice', () => {
  const names = ingredientIds.flatMap((id) => englishIngredients[id]);
  expect(ingredientIds.length).toBeGreaterThanOrEqual(60);
  expect(names.length).toBeGreaterThanOrEqual(150);
  expect(new Set(names).size).toBe(names.length);
  for (const { parts } of Object.values(ingredients) as { parts?: Record<string, number> }[]) {
    if (parts) expect(Object.values(parts).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  }
});

test('a list with commas is split where an amount follows', () => {
  const { lines } = readRecipe(
    '1 cup water, 1 cup vinegar; 2 tsp dish soap, mild, 10 drops lemon oil',
  );
  expect(
    lines.map((line) =>
      line.kind === 'ingredients' ? line.readings[0].items[0].ingredient : line.kind,
    ),
  ).toEqual(['water', 'vinegar', 'detergent', 'lemon oil']);
  expect(lines[3]).toMatchObject({ column: expect.any(Number) });
});

test('parts share out the bottle, or half a litre', () => {
  expect(
    portions('2 parts water\n1 part vinegar\n600 ml bottle').map(({ volume }) =>
      Math.round(inMillilitres(volume)),
    ),
  ).toEqual([400, 200]);
  expect(
    portions('1 part water\n1 part vinegar').map(({ volume }) => Math.round(inMillilitres(volume))),
  ).toEqual([250, 250]);
});

test('filling to a mark and topping up come out at the bottle’s size, contraction and all', () => {
  const [alcohol, water] = portions(
    '500 ml bottle\nfill to 3/4 with rubbing alcohol 91 %\ntop up with water',
  );
  expect(inMillilitres(alcohol!.volume)).toBeCloseTo(375, 3);
  // More than the 125 mL of room, since alcohol and water close up.
  expect(inMillilitres(water!.volume)).toBeGreaterThan(130);
});

// Common practice: 85/8/4/2/1 % of 500 g by weight.
test('shares by weight of a 500 g batch', () => {
  const text =
    '85 % water\n8 % vinegar\n4 % castile soap\n2 % glycerin\n1 % lavender oil\nmakes 500 g';
  expect(portions(text).map(({ mass }) => Number((mass * 1000).toFixed(6)))).toEqual([
    425, 40, 20, 10, 5,
  ]);
  expect(portionsOf(readRecipe(text.replace('85', '80')))).toMatchObject({
    ok: false,
    problems: [{ code: 'shares-sum', found: '95 %' }],
  });
});

test('an empty recipe, one without a bottle to fill, and 500 lines each get a clear answer', () => {
  expect(portionsOf(readRecipe(''))).toMatchObject({
    ok: false,
    problems: [{ code: 'nothing-in-it' }],
  });
  expect(portionsOf(readRecipe('fill to 1/2 with water'))).toMatchObject({
    ok: false,
    problems: [{ code: 'bottle-size' }],
  });
  const many = readRecipe(Array.from({ length: 500 }, () => '1 cup water').join('\n'));
  expect(many.lines).toHaveLength(61);
  expect(many.lines.at(-1)).toMatchObject({ kind: 'unread', code: 'too-many', found: '500' });
});

test('10,000 random texts never throw, and nothing is dropped', () => {
  const pieces = fc.array(
    fc.oneof(
      fc.string({ unit: 'binary', maxLength: 12 }),
      fc.constantFrom(
        '1/2',
        ' cups ',
        '%',
        ' water',
        ', ',
        '\n',
        'fill to',
        '70',
        ' proof',
        '½',
        '-',
        'a ',
        'parts',
        'bottle',
      ),
    ),
    { maxLength: 12 },
  );
  fc.assert(
    fc.property(pieces, (parts) => {
      const text = parts.join('');
      const { lines } = readRecipe(text);
      portionsOf({ lines });
      const rows = text.split(/\r\n|\r|\n/);
      const written = rows.filter((row) => row.trim() !== '' && !row.trim().startsWith('#')).length;
      expect(new Set(lines.map(({ row }) => row)).size).toBe(written);
      for (const line of lines)
        expect(rows[line.row]!.slice(line.column, line.column + line.text.length)).toBe(line.text);
    }),
    { numRuns: 10_000 },
  );
});
