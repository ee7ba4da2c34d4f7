import fc from 'fast-check';
import {
  genericActives,
  cautiousRules as rules,
  requiredContact,
  type GenericActive,
} from '../src/index.ts';
import { peroxideSeconds } from '../src/families/peroxideSeries.ts';

const disinfect = (active: GenericActive, strength: number) =>
  requiredContact({ active, strength }, { goal: 'disinfect', against: 'respiratory' }, rules);

describe('peroxide between the published strengths', () => {
  // CDC-2008 (memory), rhinovirus: never shorter than the published upper bounds.
  test.each([
    [0.03, 8],
    [0.015, 20],
    [0.0075, 60],
  ])('%d takes at least %d min', (strength, minutes) => {
    expect(peroxideSeconds(strength)).toBeCloseTo(minutes * 60, 6);
  });

  // Worked: n = ln(20/8)/ln 2 = 1.322, t = 8 × 1.5^1.322 = 13.7 min.
  test('2 % takes 13.7 min by the line', () => {
    expect(peroxideSeconds(0.02)! / 60).toBeCloseTo(13.7, 1);
  });

  test('nothing is said below 0.75 %, and nothing is shorter above 3 %', () => {
    expect(peroxideSeconds(0.0074)).toBeUndefined();
    expect(peroxideSeconds(0.06)).toBe(peroxideSeconds(0.03));
  });
});

describe('required contact under the cautious house rules', () => {
  test.each<[GenericActive, number, number]>([
    ['hydrogen peroxide', 0.03, 600], // house minimum 10 min over the published 8
    ['hydrogen peroxide', 0.015, 1200], // CDC-2008 (memory)
    ['hydrogen peroxide', 0.0075, 3600], // CDC-2008 (memory)
    ['2-propanol', 0.7, 120], // house rule
    ['ethanol', 0.9, 120], // house rule, inside CDC-2008's 60 to 90 % (memory)
  ])('%s at %d: %d s', (active, strength, seconds) => {
    expect(disinfect(active, strength)).toMatchObject({ outcome: 'use', seconds });
  });

  test.each<[GenericActive, number, string]>([
    ['hydrogen peroxide', 0.005, 'below-floor'],
    ['hydrogen peroxide', 0.12, 'above-evidence'],
    ['2-propanol', 0.5, 'below-floor'], // CDC-2008: activity drops sharply below 50 %; house floor 70 %
    ['2-propanol', 0.69, 'below-floor'],
    ['2-propanol', 0.99, 'above-evidence'], // CDC-2008 and WHO-2020: 60 to 90 %
    ['acetic acid', 0.05, 'not-a-disinfectant'], // on no regulator's list
  ])('%s at %d is never: %s', (active, strength, code) => {
    const contact = disinfect(active, strength);
    expect(contact.outcome).toBe('never');
    expect(contact.reasons[0]!.code).toBe(code);
  });

  test('a house that credits vinegar reduces with it, undiluted, for 30 min, always as a Care, and never disinfects', () => {
    const house = { ...rules, vinegar: 'household-reduction' as const };
    expect(
      requiredContact(
        { active: 'acetic acid', strength: 0.05 },
        { goal: 'reduce', against: 'everyday' },
        house,
      ),
    ).toMatchObject({
      outcome: 'care',
      seconds: 1800,
    });
    expect(
      requiredContact(
        { active: 'acetic acid', strength: 0.025 },
        { goal: 'reduce', against: 'everyday' },
        house,
      ).outcome,
    ).toBe('never');
    expect(
      requiredContact(
        { active: 'acetic acid', strength: 0.05 },
        { goal: 'reduce', against: 'respiratory' },
        house,
      ).outcome,
    ).toBe('never');
    expect(
      requiredContact(
        { active: 'acetic acid', strength: 0.05 },
        { goal: 'reduce', against: 'everyday' },
        rules,
      ).outcome,
    ).toBe('never');
    expect(
      requiredContact(
        { active: 'acetic acid', strength: 0.05 },
        { goal: 'disinfect', against: 'everyday' },
        house,
      ).outcome,
    ).toBe('never');
  });

  // CDC-2008: the series is of one rhinovirus study; everything else wants 3 %.
  test.each(['everyday', 'food', 'poultry'] as const)(
    'peroxide under 3 %% is refused against %s',
    (against) => {
      expect(
        requiredContact(
          { active: 'hydrogen peroxide', strength: 0.015 },
          { goal: 'disinfect', against },
          rules,
        ).outcome,
      ).toBe('never');
      expect(
        requiredContact(
          { active: 'hydrogen peroxide', strength: 0.03 },
          { goal: 'disinfect', against },
          rules,
        ).outcome,
      ).toBe('use');
    },
  );

  // CLP: beyond these a splash blinds or burns; WHO-2020 for alcohol.
  test.each<[GenericActive, number, number]>([
    ['hydrogen peroxide', 0.08, 0.09],
    ['acetic acid', 0.1, 0.12],
    ['ethanol', 0.9, 0.95],
  ])('cleaning with %s has a top too: %d, and %d is refused', (active, most, over) => {
    expect(
      requiredContact({ active, strength: most }, { goal: 'clean', against: 'everyday' }, rules)
        .outcome,
    ).toBe('use');
    expect(
      requiredContact({ active, strength: over }, { goal: 'clean', against: 'everyday' }, rules)
        .reasons[0]!.code,
    ).toBe('above-cleaning-top');
  });

  test.each(genericActives)('%s to clean needs no wait', (active) => {
    expect(
      requiredContact({ active, strength: 0.05 }, { goal: 'clean', against: 'everyday' }, rules),
    ).toMatchObject({
      outcome: 'use',
      seconds: 0,
    });
  });

  test('a stronger solution inside its span never needs longer', () => {
    const strength = fc.double({ min: 0.0075, max: 0.9, noNaN: true });
    fc.assert(
      fc.property(fc.constantFrom(...genericActives), strength, strength, (active, a, b) => {
        const [weak, strong] = [
          disinfect(active, Math.min(a, b)),
          disinfect(active, Math.max(a, b)),
        ];
        if (weak.outcome !== 'use' || strong.outcome !== 'use') return;
        expect(strong.seconds).toBeLessThanOrEqual(weak.seconds);
      }),
    );
  });

  test('every reason names its source', () => {
    for (const active of genericActives) {
      for (const reason of disinfect(active, 0.03).reasons) expect(reason.source).not.toBe('');
    }
  });
});
