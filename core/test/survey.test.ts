import fc from 'fast-check';
import { materialIds, readSurfaces, roomTemplates, surfaceKinds, type MaterialId } from '../src/index.ts';

// Common practice, no source: what such a thing most likely is; a person confirms it.
test.each<[string, MaterialId, string, boolean]>([
  ['basin', 'porcelain', 'hand', true], ['chrome tap', 'chrome-plate', 'hand', true], ['mirror', 'mirror', 'mirror', true], ['marble worktop', 'marble', 'hand', true], ['Oak floor', 'hardwood-floor', 'floor', true], ['vinyl floor', 'vinyl-floor', 'floor', true],
  ['brass door handle', 'brass', 'hand', true], ['toilet seat', 'toilet-seat', 'toilet', true], ['Light switch by the door', 'electronics', 'eye', true], ['steel sink', 'stainless-steel', 'hand', true], ['brass thing', 'brass', 'hand', true], ['gizmo', 'hard-plastic', 'hand', false],
])('"%s" is likely %s at %s', (text, material, level, sure) => expect(readSurfaces(text)).toMatchObject([{ material, level, sure }]));

test('a list makes as many as it names, and keeps their names', () => {
  expect(readSurfaces('basin, chrome tap,  mirror\n\nfloor; ').map(({ name }) => name)).toEqual(['Basin', 'Chrome tap', 'Mirror', 'Floor']);
  expect(readSurfaces('worktop')[0]).toMatchObject({ food: true, touched: 'often' });
  expect(readSurfaces(' , ; \n')).toEqual([]);
});

test('each room to begin with is understood', () => {
  for (const { surfaces } of Object.values(roomTemplates)) for (const { sure } of readSurfaces(surfaces)) expect(sure).toBe(true);
  for (const { material, area } of surfaceKinds) expect(materialIds.includes(material) && area > 0).toBe(true);
});

test('whatever is typed, it never throws, and nothing is longer than a name may be', () => {
  fc.assert(fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (text) => {
    for (const { name } of readSurfaces(text)) expect(name.length).toBeLessThanOrEqual(81);
  }));
});
