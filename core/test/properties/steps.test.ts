import {
  allSteps,
  families,
  flames,
  materialIds,
  familyFacts,
  materialOf,
  partOf,
  situations,
  stepParts,
  stepsOf,
  verdictOf,
  ventilations,
  type Family,
  type MaterialId,
  type ReasonFigures,
  type Verdict,
  type Situation,
  type Step,
  type StepsOf,
} from '../../src/index.ts';

const plain: StepsOf = {
  material: 'glazed-ceramic',
  food: false,
  mildew: false,
  blood: false,
  situations: [],
  flame: 'no',
  ventilation: 'none',
  between: [],
  put: null,
};
const putOn = (
  family: Family,
  more: Partial<NonNullable<StepsOf['put']>> = {},
): NonNullable<StepsOf['put']> => ({
  outcome: 'use',
  reasons: [],
  family,
  application: 'spray',
  seconds: 60,
  ...more,
});
const reason = (one: Told): Verdict =>
  verdictOf([{ ...one, outcome: 'care', source: 'common practice, no source' }]);
/** A reason that asks for a step, as a code and its figures. */
type Told =
  | { code: 'material-care' | 'rinse-after'; figures: ReasonFigures['material-care'] }
  | { code: 'taken-out-first'; figures: ReasonFigures['taken-out-first'] }
  | { code: 'flush-first'; figures: ReasonFigures['flush-first'] };
const onWood = { material: 'sealed-wood', family: 'peroxide' } as const;
const dosed = { rule: 'chlorine', remedy: ['take-out', 'flush-twice'] } as const;

/**
 * A condition and the step that it must bring about. Source: second-look page of the reference;
 * common practice.
 */
const table: readonly (readonly [string, Partial<StepsOf>, Step[]])[] = [
  [
    'an infant, sprayed peroxide',
    { situations: ['infant'], put: putOn('peroxide') },
    ['people-out', 'rinse-drinking', 'out-until-dry', 'air-room'],
  ],
  [
    'a toddler',
    { situations: ['toddler'], put: putOn('alcohol') },
    ['people-out', 'out-until-dry', 'lock-away'],
  ],
  [
    'a cat',
    { situations: ['cat'], put: putOn('peroxide') },
    ['people-out', 'rinse-drinking', 'out-until-dry'],
  ],
  ['a dog', { situations: ['dog'], put: putOn('peroxide') }, ['people-out', 'out-until-dry']],
  [
    'a bird',
    { situations: ['bird'], put: putOn('alcohol') },
    ['bird-out', 'out-until-dry', 'air-room'],
  ],
  ['fish', { situations: ['fish'], put: putOn('peroxide') }, ['cover-tank']],
  [
    'asthma',
    { situations: ['asthma'], put: putOn('peroxide', { application: 'cloth' }) },
    ['people-out', 'on-cloth', 'out-until-dry'],
  ],
  ['dementia, only cleaned', { situations: ['dementia'] }, ['lock-away']],
  ['floor heating', { situations: ['floor-heating'], put: putOn('alcohol') }, ['heating-off']],
  ['a window', { ventilation: 'window', put: putOn('peroxide') }, ['open-window']],
  ['a fan', { ventilation: 'fan', put: putOn('vinegar') }, ['fan-on']],
  ['a gas hob and alcohol', { flame: 'hob', put: putOn('alcohol') }, ['hob-off']],
  ['a hob of glass', { material: 'glass-ceramic-hob', put: putOn('peroxide') }, ['let-cool']],
  ['something hot', { material: 'hot-surface', put: putOn('vinegar') }, ['let-cool']],
  [
    'a keyboard, alcohol',
    {
      material: 'electronics',
      put: putOn('alcohol', {
        application: 'cloth',
        ...reason({ code: 'material-care', figures: onWood }),
      }),
    },
    ['power-off', 'dry-wipe', 'test-spot', 'on-cloth', 'dry-after'],
  ],
  ['a screen, only cleaned', { material: 'coated-screen' }, ['power-off', 'dry-wipe']],
  [
    'a mirror',
    { material: 'mirror', put: putOn('alcohol', { application: 'cloth' }) },
    ['damp-wipe', 'on-cloth', 'edges-dry'],
  ],
  [
    'a toy for the mouth',
    { material: 'mouthed-toy', put: putOn('peroxide') },
    ['wash', 'rinse-drinking'],
  ],
  ['food', { food: true, put: putOn('peroxide') }, ['wash', 'rinse-drinking']],
  [
    'steel that must be rinsed',
    {
      material: 'stainless-steel',
      put: putOn('peroxide', reason({ code: 'rinse-after', figures: onWood })),
    },
    ['rinse'],
  ],
  ['a carpet', { material: 'carpet' }, ['vacuum']],
  ['a plush toy', { material: 'plush' }, ['launder']],
  ['harness straps', { material: 'harness-straps' }, ['maker-only']],
  ['a breathing device', { material: 'medical-breathing' }, ['maker-only']],
  [
    'wood',
    {
      material: 'sealed-wood',
      put: putOn('peroxide', reason({ code: 'material-care', figures: onWood })),
    },
    ['damp-wipe', 'test-spot', 'dry-after'],
  ],
  [
    'mildew',
    { mildew: true, ventilation: 'window', put: putOn('peroxide') },
    ['open-window', 'goggles', 'mask', 'find-damp'],
  ],
  ['a spot of blood', { blood: true, put: putOn('product') }, ['absorb', 'apply']],
  [
    'a tablet in the cistern',
    {
      put: putOn(
        'vinegar',
        reason({ code: 'taken-out-first', figures: { ...dosed, keeps: 'cistern-tablet' } }),
      ),
    },
    ['take-out', 'flush'],
  ],
  [
    'a dosed bowl',
    {
      put: putOn(
        'vinegar',
        reason({ code: 'flush-first', figures: { rule: 'chloramine', remedy: ['flush'] } }),
      ),
    },
    ['flush'],
  ],
  [
    'something that spoils it before',
    { between: ['rinse', 'dry'], put: putOn('vinegar') },
    ['rinse-between', 'dry-between'],
  ],
];
test.each(table)('%s asks for its steps', (_, of, wanted) =>
  expect(stepsOf({ ...plain, ...of })).toEqual(expect.arrayContaining(wanted)),
);

const wet: readonly Step[] = ['wash', 'spray', 'apply', 'rinse', 'rinse-drinking', 'dry-first'];
/** As an expectation, without its cost over so many cases. */
const must = (holds: boolean, { material, situations: lives, put }: StepsOf): void => {
  if (!holds)
    throw new Error(
      `${material}, ${put?.family ?? 'only cleaned'}, ${lives.join() || 'nobody'}: ${stepsOf({ ...plain, material, situations: lives, put }).join()}`,
    );
};
const each = (
  run: (material: MaterialId, family: Family | null, lives: Situation[], of: StepsOf) => void,
) => {
  for (const material of materialIds) {
    for (const family of [null, 'product', ...families] as const) {
      for (const lives of [[], ...situations.map((one) => [one])]) {
        for (const flame of flames) {
          for (const ventilation of ventilations) {
            const application =
              materialOf(material).powered ||
              (family && family !== 'product' && familyFacts[family].bears[material].cloth)
                ? 'cloth'
                : 'spray';
            run(material, family, lives, {
              ...plain,
              material,
              situations: lives,
              flame,
              ventilation,
              put: family && putOn(family, { application }),
            });
          }
        }
      }
    }
  }
};

describe('every material by every family and situation', () => {
  test('it is cleaned as the thing bears it, once, and before anything is put on', () => {
    each((material, family, _, of) => {
      const steps = stepsOf(of);
      const at = steps.indexOf(materialOf(material).cleaned);
      const put = steps.findIndex(
        (step) => step === 'spray' || step === 'on-cloth' || step === 'apply',
      );
      must(at >= 0 && (family ? put > at : put === -1), of);
    });
  });
  test('what holds current is never washed, sprayed or rinsed, and is off first', () => {
    each((material, _, __, of) => {
      if (!materialOf(material).powered) return;
      const steps = stepsOf(of);
      const off = steps.indexOf('power-off');
      must(
        !steps.some((step) => wet.includes(step)) &&
          off >= 0 &&
          off < steps.indexOf(materialOf(material).cleaned),
        of,
      );
    });
  });
  test('steps come in the order in which they are due, and each has its part', () => {
    expect(allSteps.map(partOf)).not.toContain(undefined);
    each((_, __, ___, of) => {
      const parts = stepsOf(of).map((step) => stepParts.indexOf(partOf(step)));
      must(
        parts.every((part, i) => i === 0 || parts[i - 1]! <= part),
        of,
      );
    });
  });
  test('one more situation takes no step away', () => {
    each((_, __, lives, of) => {
      if (lives.length === 0) return;
      const steps = new Set(stepsOf(of));
      const before = stepsOf({ ...of, situations: [] }).filter((step) => step !== 'rinse');
      must(
        before.every((step) => steps.has(step)),
        of,
      );
    });
  });
});
