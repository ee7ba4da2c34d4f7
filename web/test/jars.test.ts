import type { BatchRow } from '@zymostat/contract';
import { bookWith, cautiousRules, type Judging } from '@zymostat/core';
import * as bath from '../src/features/jars/bath/bathLines.ts';
import * as jar from '../src/features/jars/jar/jarLines.ts';

const by: Judging = { rules: cautiousRules, book: bookWith([], cautiousRules), now: 0 };
const batch = (active: BatchRow['active'], strength: number): BatchRow =>
  ({ id: 'b', active, strength, discardAfter: 1e13 }) as BatchRow;
const alcohol = batch('2-propanol', 0.7);
const peroxide = batch('hydrogen peroxide', 0.03);

const jarOf = (to: Partial<jar.JarLines>) => {
  const lines = { ...jar.usualLines, liquid: 'b', ...to };
  return jar.workedOut(jar.sentOf(lines), jar.liquidOf(lines, alcohol, undefined), by);
};

describe('a jar as it is typed', () => {
  test('is sent in SI', () => {
    const { cloth, vessel, seconds, count } = jar.sentOf(jar.usualLines);
    expect([cloth.length, cloth.width, count, seconds]).toEqual([0.2, 0.2, 50, 120]);
    expect(vessel.volume).toBeCloseTo(1.5e-3, 12);
    expect(vessel.mouth).toBeCloseTo(Math.PI * 0.05 ** 2, 9);
  });
  test('a comma is a point', () => {
    expect(jar.sentOf({ ...jar.usualLines, litres: '1,5' }).vessel.volume).toBeCloseTo(1.5e-3, 12);
  });
  test('two weighings say more than the table', () => {
    expect(jarOf({})!.usual).toBe(true);
    const weighed = jarOf({ dry: '2.4', dripping: '11.8' })!;
    expect(weighed.usual).toBe(false);
    expect(weighed.pour).not.toBeCloseTo(jarOf({})!.pour, 6);
  });
  test.each([
    ['one weighing alone', { dry: '2.4' }],
    ['the other alone', { dripping: '11.8' }],
    ['no lighter dry than dripping', { dry: '12', dripping: '11.8' }],
    ['letters', { count: 'fifty' }],
    ['half a cloth', { count: '1.5' }],
    ['nothing', { minutes: '' }],
    ['no jar', { litres: '0' }],
  ])('%s is not read as anything', (_, to) => {
    expect(jarOf(to)).toBeNull();
  });
  test('washing-up liquid is no batch, and a recipe is one nobody has poured', () => {
    const recipe = { name: 'mine', active: '2-propanol', strength: 0.23 } as const;
    expect(jar.sentOf({ ...jar.usualLines, liquid: jar.WASHING }).batchId).toBeNull();
    const lines = { ...jar.usualLines, liquid: jar.RECIPE };
    expect(jar.sentOf(lines).batchId).toBeNull();
    expect(jar.liquidOf(lines, undefined, recipe)).toMatchObject({ strength: 0.23 });
    expect(
      jar.workedOut(jar.sentOf(lines), jar.liquidOf(lines, undefined, recipe), by)!.claim,
    ).toBe('cleans');
  });
});

describe('a bath as it is typed', () => {
  const bathOf = (to: Partial<bath.BathLines>, of: BatchRow = peroxide) =>
    bath.workedOut(
      bath.sentOf({ ...bath.usualLines, held: bath.RINSED, flame: 'no', ...to }),
      of,
      by,
    );
  test('covers a brush in half a litre, less what the brush takes up', () => {
    const { outcome, pour, claim } = bathOf({})!;
    expect([outcome, claim]).toEqual(['use', 'treats']);
    expect(pour).toBeLessThan(0.5e-3 - 50e-6 + 1e-9);
  });
  test('what nobody has seen rinsed out counts as anything', () => {
    expect(bath.usualLines.held).toBe('unlabelled-bottle');
    expect(bathOf({ held: 'unlabelled-bottle' })!.outcome).toBe('never');
    expect(bathOf({ held: 'chlorine-bleach' })!.reasons).toContainEqual(
      expect.objectContaining({ code: 'meets-about', outcome: 'never' }),
    );
    expect(bath.sentOf({ ...bath.usualLines, held: 'chlorine-bleach' }).holds).toEqual([
      'chlorine-bleach',
    ]);
  });
  test('a flame that nobody asked about bars alcohol, a hob too: a bath stands', () => {
    const flamed = (flame: bath.BathLines['flame']) =>
      bathOf({ flame, thing: 'hard-things', litres: '0.3', load: '20', minutes: '5' }, alcohol)!;
    expect(bath.usualLines.flame).toBe('unknown');
    const codes = (flame: bath.BathLines['flame']) =>
      flamed(flame).reasons.flatMap(({ code, outcome }) => (outcome === 'never' ? code : []));
    expect(codes('unknown')).toContain('flame-not-asked');
    expect(codes('hob')).toContain('flame-in-room');
    expect(codes('no')).not.toContain('flame-in-room');
  });
  test.each([{ litres: '' }, { load: 'x' }, { minutes: '-5' }, { litres: '500' }])(
    '%j is not read as anything',
    (to) => {
      expect(bathOf(to)).toBeNull();
    },
  );
  test('a registered product is no bath of our own, and no batch is none', () => {
    expect(bathOf({}, batch('registered product', 1))).toBeNull();
    expect(bath.workedOut(bath.sentOf(bath.usualLines), undefined, by)).toBeNull();
  });
  test('the usual minutes follow the thing and the batch', () => {
    expect(bath.minutesFor('toilet-brush', peroxide)).toBe('30');
    expect(bath.minutesFor('hard-things', alcohol)).toBe('5');
    expect(bath.minutesFor('sponge', peroxide)).toBeUndefined();
    expect(bath.minutesFor('toilet-brush', undefined)).toBeUndefined();
  });
});
