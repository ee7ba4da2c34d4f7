import fc from 'fast-check';
import {
  materialIds,
  familyFacts,
  readSurfaces,
  surveyVocabularies,
  somethingElse,
  surfaceKinds,
  type MaterialId,
} from '../src/index.ts';

// Common practice, no source: what such a thing most likely is; a person confirms it.
test.each<[string, MaterialId, string, boolean]>([
  ['basin', 'porcelain', 'hand', true],
  ['chrome tap', 'chrome-plate', 'hand', true],
  ['mirror', 'mirror', 'mirror', true],
  ['marble worktop', 'marble', 'hand', true],
  ['Oak floor', 'hardwood-floor', 'floor', true],
  ['vinyl floor', 'vinyl-floor', 'floor', true],
  ['brass door handle', 'brass', 'hand', true],
  ['toilet seat', 'toilet-seat', 'toilet', true],
  ['Light switch by the door', 'electronics', 'eye', true],
  ['steel sink', 'stainless-steel', 'hand', true],
  ['brass thing', 'brass', 'hand', true],
  ['gizmo', 'something-porous', 'hand', false],
  // The thing beats the word for a material, and a longer name a shorter one.
  ['epoxy grout', 'sealed-grout', 'eye', true],
  ['wooden cutting board', 'wooden-board', 'hand', true],
  ['glass-ceramic hob', 'glass-ceramic-hob', 'hand', true],
  ['glass hob', 'glass-ceramic-hob', 'hand', true],
  ['tablet screen', 'coated-screen', 'hand', true],
  ['cat bowl', 'hard-plastic', 'floor', true],
  ['litter tray', 'hard-plastic', 'floor', true],
  ['toilet brush', 'hard-plastic', 'toilet', true],
  ['CPAP machine', 'medical-breathing', 'hand', true],
  ['plush toy', 'plush', 'knee', true],
  ['plastic toy', 'mouthed-toy', 'knee', true],
  ['oak table', 'sealed-wood', 'hand', true],
  ['slate floor', 'slate', 'floor', true],
  ['laminate floor', 'laminate-floor', 'floor', true],
  ['stainless steel sink', 'stainless-steel', 'hand', true],
  // As people name the same in Spanish, with and without accents.
  ['lavabo', 'porcelain', 'hand', true],
  ['llave cromada', 'chrome-plate', 'hand', true],
  ['encimera de mármol', 'marble', 'hand', true],
  ['encimera de marmol', 'marble', 'hand', true],
  ['piso de roble', 'hardwood-floor', 'floor', true],
  ['piso de vinilo', 'vinyl-floor', 'floor', true],
  ['manija de latón', 'brass', 'hand', true],
  ['asiento del inodoro', 'toilet-seat', 'toilet', true],
  ['tabla de picar de madera', 'wooden-board', 'hand', true],
  ['placa vitrocerámica', 'glass-ceramic-hob', 'hand', true],
  ['lechada epóxica', 'sealed-grout', 'eye', true],
  ['cacharro', 'something-porous', 'hand', false],
])('"%s" is likely %s at %s', (text, material, level, sure) =>
  expect(readSurfaces(text)).toMatchObject([{ material, level, sure }]),
);

test.each([
  ['basin 0.4 m2', 'Basin', 0.4],
  ['0,6 m² mirror', 'Mirror', 0.6],
  ['worktop (6 sq ft)', 'Worktop', 0.557],
  ['basin', 'Basin', 0.4],
])('“%s” is %s of %d m²', (text, name, area) =>
  expect(readSurfaces(text)).toMatchObject([{ name, area }]),
);
test('what nobody has said is marked as guessed', () => {
  expect(readSurfaces('basin')[0]!.guessed).toEqual(['material', 'area']);
  expect(readSurfaces('marble worktop 2 m2')[0]!.guessed).toEqual([]);
  // Such a thing is of one material: its name has said it.
  expect(readSurfaces('keyboard 0.1 m2')[0]!.guessed).toEqual([]);
});

test.each([
  [null, null, null, 'something-porous'],
  [true, false, true, 'something-porous'],
  [false, null, true, 'something-finished'],
  [false, false, null, 'something-finished'],
  [false, false, true, 'something-hard'],
] as const)(
  'something else that soaks up %p, is finished %p and bears acid %p counts as %s',
  (soaksUp, finished, bearsAcidOrSolvent, material) => {
    expect(somethingElse({ soaksUp, finished, bearsAcidOrSolvent })).toBe(material);
    for (const { bears } of Object.values(familyFacts))
      expect(bears[material].outcome).not.toBe('use');
  },
);

test('a list makes as many as it names, and keeps their names', () => {
  expect(readSurfaces('basin, chrome tap,  mirror\n\nfloor; ').map(({ name }) => name)).toEqual([
    'Basin',
    'Chrome tap',
    'Mirror',
    'Floor',
  ]);
  expect(readSurfaces('worktop')[0]).toMatchObject({ food: true, touched: 'often' });
  expect(readSurfaces(' , ; \n')).toEqual([]);
});

test('each room to begin with is understood, and is the same in every language', () => {
  const kinds = (surfaces: string) =>
    readSurfaces(surfaces).map(({ sure, level, material }) => ({ sure, level, material }));
  for (const { rooms } of Object.values(surveyVocabularies))
    for (const [id, { surfaces }] of Object.entries(rooms)) {
      expect(readSurfaces(surfaces).every(({ sure }) => sure)).toBe(true);
      const english = surveyVocabularies.en.rooms[id as keyof typeof rooms].surfaces;
      expect(kinds(surfaces)).toEqual(kinds(english));
    }
  for (const { material, area } of Object.values(surfaceKinds))
    expect(materialIds.includes(material) && area > 0).toBe(true);
});

test('whatever is typed, it never throws, and nothing is longer than a name may be', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (text) => {
      for (const { name, area } of readSurfaces(text)) {
        expect(name.length).toBeLessThanOrEqual(81);
        expect(area).toBeGreaterThan(0);
      }
    }),
  );
});

test('soil after a comma belongs to the thing before it; a second one is asked about', () => {
  const read = (text: string) => readSurfaces(text).map(({ name, soil }) => [name, soil]);
  expect(read('marble worktop, sticky, oak floor')).toEqual([
    ['Marble worktop, sticky', 'sticky'],
    ['Oak floor', 'everyday'],
  ]);
  expect(read('mampara, cal')).toEqual([['Mampara, cal', 'limescale']]);
  expect(read('basin limescale, mildew').map(([, soil]) => soil)).toEqual(['limescale', 'mildew']);
  expect(readSurfaces('basin limescale, mildew')[1]!.sure).toBe(false);
});

test('a room of twenty things with soil is read within a frame, best of five', () => {
  const room = [
    'basin tap limescale',
    'shower head limescale',
    'grout mildew',
    'hob burnt-on',
    'sponge',
    'coffee machine descale',
    'marble worktop, sticky',
    'fridge shelf',
    'oak floor',
    'toilet brush',
  ];
  const text = [...room, ...room].join('; ');
  const took = Array.from({ length: 5 }, () => {
    const from = performance.now();
    expect(readSurfaces(text).filter(({ soil }) => soil !== 'everyday').length).toBeGreaterThan(9);
    return performance.now() - from;
  });
  expect(Math.min(...took)).toBeLessThan(16);
});
