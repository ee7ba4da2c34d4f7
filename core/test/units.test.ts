import {
  inMillilitres,
  parseFigure,
  parseStrength,
  parseVolume,
  strengthToVolumes,
  type Basis,
} from '../src/index.ts';

describe('strengths as people write them', () => {
  test.each<[string, Basis, number]>([
    ['70%', 'v/v', 0.7],
    ['70 %', 'v/v', 0.7],
    ['70', 'v/v', 0.7],
    ['1,5 %', 'w/v', 0.015],
    ['3 per cent', 'w/v', 0.03],
    // US definition: proof is twice % v/v.
    ['190 proof', 'v/v', 0.95],
  ])('%s (%s) is %d', (text, basis, value) => {
    expect(parseStrength(text, basis)).toEqual({ ok: true, value: { value, basis } });
  });

  // Definition: volumes of oxygen at 0 °C and 1 atm, 11.2 × molarity; 3 % w/v is 9.9 volumes.
  test('3 % peroxide is 9.9 volumes, and 10 volume is 3 %', () => {
    expect(strengthToVolumes(0.03)).toBeCloseTo(9.9, 1);
    const read = parseStrength('10 volume', 'w/v');
    expect(read.ok && read.value.value).toBeCloseTo(0.0304, 4);
  });

  test.each(['', 'strong', '120 %', '-3 %', '0', '3 % or so'])(
    '"%s" is refused with what is allowed',
    (text) => {
      const read = parseStrength(text, 'w/v');
      expect(read).toMatchObject({
        ok: false,
        found: text,
        allowed: expect.stringContaining('70%'),
      });
    },
  );

  test('proof belongs to alcohol, volumes to peroxide', () => {
    expect(parseStrength('80 proof', 'w/v').ok).toBe(false);
    expect(parseStrength('10 volume', 'v/v').ok).toBe(false);
  });
});

describe('volumes as people write them', () => {
  // NIST customary volumes (memory).
  test.each<[string, number]>([
    ['250 ml', 250],
    ['250ml', 250],
    ['1/2 cup', 118.294],
    ['½ cup', 118.294],
    ['1 ½ cups', 354.882],
    ['1 1/4 cups', 295.735],
    ['1½ cups', 354.882],
    ['2 tbsp', 29.5736],
    ['1 tsp', 4.92892],
    ['1 qt', 946.353],
    ['0.5 l', 500],
    ['0,5 L', 500],
    ['16 fl oz', 473.176],
    ['1 gallon', 3785.412],
    ['2 litres', 2000],
  ])('%s is %d mL', (text, expected) => {
    const read = parseVolume(text);
    expect(read.ok && inMillilitres(read.value)).toBeCloseTo(expected, 2);
  });

  test.each([
    '',
    '250',
    'cup',
    'a lot',
    '0 ml',
    '-2 cups',
    '1/0 cup',
    '9999 l',
    '1//2 cup',
    '1 2 3 cups',
  ])('"%s" is refused with what is allowed', (text) => {
    expect(parseVolume(text)).toMatchObject({
      ok: false,
      found: text,
      allowed: expect.stringContaining('1/2 cup'),
    });
  });

  test.each<[string, number | undefined]>([
    ['1 3/4', 1.75],
    ['¾', 0.75],
    ['2', 2],
    ['', undefined],
    ['x', undefined],
    ['1/0', undefined],
  ])('figure "%s"', (text, expected) => {
    expect(parseFigure(text)).toBe(expected);
  });
});
