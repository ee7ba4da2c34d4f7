import fc from 'fast-check';
import { ingredientIds, ingredientOf, ingredients, inMillilitres, parseRecipe, portionsOf, type IngredientLine } from '../src/index.ts';

const only = (text: string) => {
  const { lines } = parseRecipe(text);
  expect(lines).toHaveLength(1);
  return lines[0]!;
};
const portions = (text: string) => {
  const measured = portionsOf(parseRecipe(text));
  if (!measured.ok) throw new Error(JSON.stringify(measured.problems));
  return measured.portions;
};

test('at least 60 ingredients and 150 names, none of them twice', () => {
  const names = ingredientIds.flatMap((id) => ingredientOf(id).names);
  expect(ingredientIds.length).toBeGreaterThanOrEqual(60);
  expect(names.length).toBeGreaterThanOrEqual(150);
  expect(new Set(names).size).toBe(names.length);
  for (const { parts } of Object.values(ingredients) as { parts?: Record<string, number> }[]) {
    if (parts) expect(Object.values(parts).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  }
});

// US measures by NIST (memory); drops, capfuls and bulk densities common practice, no source. Expected mL as poured.
test.each<[string, string, number, number?]>([
  ['1 1/4 cups rubbing alcohol 70 %', '2-propanol', 295.735, 0.7],
  ['1¼ cups of 91% isopropyl alcohol', '2-propanol', 295.735, 0.91],
  ['½ tsp castile soap', 'castile soap', 2.46446],
  ['250ml water', 'water', 250],
  ['a quarter cup of white vinegar', 'vinegar', 59.1471],
  ['half a cup vinegar (5 % acidity)', 'vinegar', 118.294, 0.05],
  ['two cups distilled water', 'water', 473.176],
  ['20-30 drops lavender essential oil', 'lavender oil', 0.625],
  ['20 to 30 drops of tea tree oil', 'tea tree oil', 0.625],
  ['10 drops water', 'water', 0.5],
  ['a capful of bleach', 'bleach', 10],
  ['2 capfuls chlorine bleach', 'bleach', 20],
  ['1 cup 190 proof grain alcohol', 'ethanol', 236.588, 0.95],
  ['1 cup vodka (80 proof)', 'vodka', 236.588, 0.4],
  ['1 cup hydrogen peroxide 10 volume', 'peroxide', 236.588, 0.030371],
  ['1 pint 3 % peroxide', 'peroxide', 473.176, 0.03],
  ['2 tbsp dish soap', 'detergent', 29.5735],
  ['2 Tbsp. dish soap', 'detergent', 29.5735],
  ['1 teaspoon baking soda', 'baking soda', 4.92892],
  ['4.6 g baking soda', 'baking soda', 4.93033],
  ['1 oz citric acid powder', 'citric acid', 29.5307],
  ['16 fl oz water', 'water', 473.176],
  ['16 oz water', 'water', 473.176],
  ['1 quart warm water', 'water', 946.353],
  ['1 gal. tap water', 'water', 3785.412],
  ['0,5 l Water', 'water', 500],
  ['.5 cup water', 'water', 118.294],
  ['1/2 cup witch hazel', 'witch hazel', 118.294],
  ['3 cl vinegar essence 25 %', 'vinegar essence', 30, 0.25],
  ['water: 250 ml', 'water', 250],
  ['Rubbing alcohol 70 % – 300 ml', '2-propanol', 300, 0.7],
  ['- 2 cups water', 'water', 473.176],
  ['• 1 cup water', 'water', 236.588],
  ['1. 2 cups water', 'water', 473.176],
  ['Add 2 cups water', 'water', 473.176],
  ['about 100 ml lemon juice', 'lemon juice', 100],
  ['1 lb washing soda', 'washing soda', 453.592],
  ['a couple of cups of cider vinegar', 'vinegar', 473.176],
  ['one third cup rubbing alcohol', '2-propanol', 78.8627],
  ['1 kg water', 'water', 1001.803],
  ['2 teaspoons really nice vegetable glycerin', 'glycerol', 9.85784],
  ['100 ml methylated spirits 90 %', 'denatured alcohol', 100, 0.9],
])('"%s" is %s, %d mL', (...[text, ingredient, expected, strength]) => {
  expect(only(text)).toMatchObject({ kind: 'ingredient', ingredient, ...(strength === undefined ? {} : { strength: expect.closeTo(strength, 5) }) });
  expect(inMillilitres(portions(text)[0]!.volume)).toBeCloseTo(expected, 2);
});

test('a list with commas is split where an amount follows', () => {
  const { lines } = parseRecipe('1 cup water, 1 cup vinegar; 2 tsp dish soap, mild, 10 drops lemon');
  expect(lines.map((line) => (line as IngredientLine).ingredient)).toEqual(['water', 'vinegar', 'detergent', 'lemon oil']);
  expect(lines[3]).toMatchObject({ column: 51 });
});

test('parts share out the bottle, or half a litre', () => {
  expect(portions('2 parts water\n1 part vinegar\n600 ml bottle').map(({ volume }) => Math.round(inMillilitres(volume)))).toEqual([400, 200]);
  expect(portions('1 part water\n1 part vinegar').map(({ volume }) => Math.round(inMillilitres(volume)))).toEqual([250, 250]);
});

test('filling to a mark and topping up come out at the bottle’s size, contraction and all', () => {
  const [alcohol, water] = portions('500 ml bottle\nfill to 3/4 with rubbing alcohol 91 %\ntop up with water');
  expect(inMillilitres(alcohol!.volume)).toBeCloseTo(375, 3);
  // More than the 125 mL of room, since alcohol and water close up.
  expect(inMillilitres(water!.volume)).toBeGreaterThan(130);
});

// Common practice: 85/8/4/2/1 % of 500 g by weight.
test('shares by weight of a 500 g batch', () => {
  const text = '85 % water\n8 % vinegar\n4 % castile soap\n2 % glycerin\n1 % lavender oil\nmakes 500 g';
  expect(portions(text).map(({ mass }) => Number((mass * 1000).toFixed(6)))).toEqual([425, 40, 20, 10, 5]);
  expect(portionsOf(parseRecipe(text.replace('85', '80')))).toMatchObject({ ok: false, problems: [{ found: '95 % in all' }] });
});

test.each([
  ['a pinch of salt', /pinch.*not one/], ['-2 cups water', /over nothing/], ['0 cups water', /over nothing/], ['2 cups', /what it is/], ['water', /an amount first/], ['2 water', /a unit/],
  ['1 cup rubbing alcohol 120 %', /at most 100 %/], ['1 cup vinegar 80 proof', /proof counts alcohol/], ['1 cup water 70 %', /taken as it is/], ['70 % rubbing alcohol', /amount besides the percentage/],
  ['500 gallons water', /100 l/], ['1 cup sparkling magic', /generic name/], ['1 cup vinegar bleach', /one ingredient a line/], ['30-20 drops lavender', /an amount first/], [`1 cup ${'x'.repeat(400)}`, /at most 300/],
  ['1 cup soda', /generic name/],
])('"%s" is shown with what was expected', (text, expected) => {
  const line = only(text);
  expect(line).toMatchObject({ kind: 'unread', text, row: 0, column: 0 });
  expect((line as { expected: string }).expected).toMatch(expected);
});

test('an empty recipe, one without a bottle to fill, and 500 lines each get a clear answer', () => {
  expect(portionsOf(parseRecipe(''))).toMatchObject({ ok: false, problems: [{ found: 'nothing' }] });
  expect(portionsOf(parseRecipe('fill to 1/2 with water'))).toMatchObject({ ok: false, problems: [{ expected: expect.stringContaining('size of the bottle') }] });
  const many = parseRecipe(Array.from({ length: 500 }, () => '1 cup water').join('\n'));
  expect(many.lines).toHaveLength(61);
  expect(many.lines.at(-1)).toMatchObject({ kind: 'unread', found: '500 lines' });
});

test('words that say nothing of what it is are kept in sight', () => {
  expect(only('2 cups lavender castile soap')).toMatchObject({ ingredient: 'castile soap', unread: ['lavender'] });
});

test('10,000 random texts never throw, and nothing is dropped', () => {
  const pieces = fc.array(fc.oneof(fc.string({ unit: 'binary', maxLength: 12 }), fc.constantFrom('1/2', ' cups ', '%', ' water', ', ', '\n', 'fill to', '70', ' proof', '½', '-', 'a ', 'parts', 'bottle')), { maxLength: 12 });
  fc.assert(fc.property(pieces, (parts) => {
    const text = parts.join('');
    const { lines } = parseRecipe(text);
    portionsOf({ lines });
    const rows = text.split(/\r\n|\r|\n/);
    const written = rows.filter((row) => row.trim() !== '' && !row.trim().startsWith('#')).length;
    expect(new Set(lines.map(({ row }) => row)).size).toBe(written);
    for (const line of lines) expect(rows[line.row]!.slice(line.column, line.column + line.text.length)).toBe(line.text);
  }), { numRuns: 10_000 });
});
