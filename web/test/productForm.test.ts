import * as v from 'valibot';
import {
  productForm,
  productLines,
  type ProductLines,
} from '../src/features/stock/label/productForm.ts';

/** A made-up concentrate as somebody types its label. */
const typed: ProductLines = {
  name: ' Bathroom concentrate ',
  expires: '2027-06-30',
  size: '5 l',
  price: '12,50',
  registration: '',
  water: '39',
  days: '1',
  hardness: '200',
  uses: [{ goal: 'disinfect', against: ['everyday'], minutes: '10' }],
  groups: ['quats'] as never,
  notOn: [],
};
const faultsOf = (lines: ProductLines): string[] =>
  (v.safeParse(productForm, lines).issues ?? []).map((issue) => v.getDotPath(issue) ?? '');

describe('a label as it is typed', () => {
  test('is read as what is sent: m³, s, parts of water', () => {
    const { label, ...body } = v.parse(productForm, typed);
    expect(body).toMatchObject({ name: 'Bathroom concentrate', pricePerLitre: 12.5 });
    expect(body.volume).toBeCloseTo(0.005, 12);
    expect(new Date(body.expiresAt).getFullYear()).toBe(2027);
    expect(label).toMatchObject({
      registration: null,
      dilution: { water: 39, keeps: 86_400, hardness: 200 },
      uses: [{ goal: 'disinfect', against: ['everyday'], seconds: 600 }],
    });
  });

  test('a contact time is never rounded down', () => {
    const uses = [{ ...typed.uses[0]!, minutes: '0.51' }];
    expect(v.parse(productForm, { ...typed, uses }).label.uses[0]!.seconds).toBe(31);
  });

  test('used as sold it has no dilution, whatever stands beside it', () => {
    expect(v.parse(productForm, { ...typed, water: '' }).label.dilution).toBeNull();
  });

  test('a price that is not said is none, not nothing to pay', () => {
    expect(v.parse(productForm, { ...typed, price: '' }).pricePerLitre).toBeNull();
  });

  test.each<[string, Partial<ProductLines>, string]>([
    ['no name', { name: '  ' }, 'name'],
    ['no day', { expires: '' }, 'expires'],
    ['a day that is none', { expires: '2027-02-31x' }, 'expires'],
    ['no size', { size: '' }, 'size'],
    ['a size that cannot be', { size: '500 l' }, 'size'],
    ['water in words', { water: 'some' }, 'water'],
    ['a dilution that keeps for nobody knows how long', { days: '' }, 'days'],
    ['days over two years', { days: '731' }, 'days'],
    ['hardness below nothing', { hardness: '-1' }, 'hardness'],
    ['no minutes', { uses: [{ ...typed.uses[0]!, minutes: '' }] }, 'uses.0.minutes'],
    ['hours', { uses: [{ ...typed.uses[0]!, minutes: '121' }] }, 'uses.0.minutes'],
    ['against nothing', { uses: [{ ...typed.uses[0]!, against: [] }] }, 'uses.0.against'],
    ['no group that the book knows it by', { groups: [] }, 'groups'],
  ])('%s is not taken', (_, change, at) => {
    expect(faultsOf({ ...typed, ...change })).toContain(at);
  });

  test('a new one begins empty, and cannot be sent like that', () => {
    const lines = productLines();
    expect([lines.name, lines.water, lines.registration]).toEqual(['', '', '']);
    expect(faultsOf(lines).length).toBeGreaterThan(2);
  });
});
