import {
  bookWith,
  cautiousBook,
  cautiousRules,
  harms,
  hazardClasses,
  hazardLabels,
  materialIds,
  precautions,
  productIds,
  rules,
  type Reason,
  type ReasonCode,
  type ReasonFigures,
  type RuleId,
} from '@zymostat/core';
import { pictogramSvg } from '@zymostat/contract';
import {
  percent,
  duration,
  strengthOf,
  clock,
  about,
  reasonInWords,
  posterLines,
  firstResponse,
  labelWords,
  type KeyOf,
  remedyInWords,
} from '../src/index.ts';
import type { figuresInWords } from '../src/tell/reasonFigures.ts';
import { w } from './english.ts';

describe('figures in words', () => {
  test.each([
    [0.03, '3 %'],
    [0.0075, '0.75 %'],
    [0.7, '70 %'],
    [0.015, '1.5 %'],
  ])('%d is %s', (fraction, words) => {
    expect(percent(w, fraction)).toBe(words);
  });
  test.each([
    [30, '30 s'],
    [90, '1:30 min'],
    [600, '10 min'],
    [3600, '1 h'],
    [3900, '1 h 5 min'],
  ])('%d s is %s', (seconds, words) => {
    expect(duration(w, seconds)).toBe(words);
  });
  test('a strength carries its basis, a clock its minutes', () => {
    expect(strengthOf(w, '2-propanol', 0.7)).toBe('70 % v/v');
    expect(strengthOf(w, 'hydrogen peroxide', 0.03)).toBe('3 % w/v');
    expect(clock(402)).toBe('6:42');
    expect([about(w, 2755), about(w, 179), about(w, 119), about(w, 42)]).toEqual([
      'about 45 min',
      'about 2 min',
      'about 115 s',
      'about 40 s',
    ]);
  });
});

const timed = { seconds: 600, strength: 0.03, active: 'hydrogen peroxide' } as const;
const span = { strength: 0.03, floor: 0.0075, top: 0.08, active: 'hydrogen peroxide' } as const;
const film = { holds: 100, required: 600, count: 2, every: 80 };
const air = {
  active: 'ethanol',
  family: 'alcohol',
  of: 'short',
  ppm: 310,
  limit: 500,
  reentry: 600,
} as const;
const material = { material: 'marble', family: 'vinegar' } as const;
const bite = { rule: 'peracid', remedy: ['rinse', 'dry'] } as const;
const families = { on: 'peroxide', hand: 'vinegar' } as const;
const two = { a: 'vinegar', b: 'peroxide', ...bite } as const;
const spent = { of: 'soap', with: 'acetic acid', spent: 0.5, spentWith: 0.25 } as const;
const beside = { strength: 0.03, wanted: 0.015, active: 'hydrogen peroxide' } as const;

/** Figures of every code whose message asks for some. */
const figures: { [C in ReasonCode]?: ReasonFigures[C] } & {
  [C in keyof typeof figuresInWords]: ReasonFigures[C];
} = {
  'contact-by-evidence': timed,
  'contact-by-house-rule': timed,
  'reduces-only': timed,
  'below-floor': span,
  'above-evidence': span,
  'in-strength': span,
  'stronger-than-stock': { strength: 0.06, stock: 0.03, active: 'hydrogen peroxide' },
  'not-a-disinfectant': { active: 'acetic acid' },
  'not-for-reducing': { active: 'ethanol' },
  'needs-registered': { family: 'peroxide', against: 'norovirus' },
  'not-for-mildew': { family: 'alcohol' },
  'mildew-too-large': { area: 2, most: 0.93 },
  'not-on-label': { against: 'norovirus' },
  'label-time': { seconds: 600, against: 'everyday' },
  'label-bars-surface': { material: 'marble', family: 'product' },
  porous: { material: 'carpet' },
  'one-coat-holds': film,
  'rewets-needed': film,
  'dries-too-fast': film,
  'air-fits': air,
  'air-near-limit': air,
  'air-over-stricter': air,
  'air-over-limit': air,
  'air-together-over-limit': { ...air, count: 2 },
  'material-bears': material,
  'material-care': material,
  'material-barred': material,
  'material-stronger': material,
  'material-not-known': material,
  'material-wait-until-cool': material,
  'cloth-only': material,
  'nearby-unknown': { surface: 'Tiles' },
  'waits-for': { ...bite, ...families, surface: 'Tiles' },
  'must-not-meet': { ...bite, ...families, onBatch: 'a', handBatch: 'b' },
  'meets-in-bowl': { ...bite, keeps: 'cistern-tablet' },
  'taken-out-first': { ...bite, keeps: 'cistern-tablet' },
  'not-taken-out': { tablet: 1 },
  'meets-in-visit': { ...bite, with: 'Basin', route: 'surface', mend: 'insert' },
  'not-with-water': bite,
  'not-carried-together': two,
  'not-side-by-side': two,
  'must-not-share-a-bottle': { ...two, severity: 'never' },
  'above-cleaning-top': { strength: 0.3, top: 0.08, active: 'alcohol' },
  'must-not-be-used': { ingredient: 'tea tree oil' },
  'counts-for-nothing': { ingredient: 'tea tree oil' },
  'asked-first': { row: 1, found: 'strong' },
  'used-up': spent,
  'soap-split': spent,
  'no-acid-left': { acid: 0.001, floor: 0.02 },
  'batch-used-up': { volume: 0.0005 },
  'old-label': families,
  'held-before': { ...bite, ...families },
  'weighed-off': beside,
  'batch-of-other-strength': beside,
  'batch-of-other-family': { hand: 'vinegar', wanted: 'peroxide' },
  'jar-cleans-only': { strength: 0.23, floor: 0.7, active: '2-propanol' },
  'jar-past': { awayAt: 0 },
  'jar-not-ready': { readyAt: 0 },
  'jar-short': { left: 3, wanted: 5 },
  'jar-too-small': { volume: 0.001, wanted: 0.002 },
  'batch-too-small': { volume: 0.0005, wanted: 0.002 },
  'cloth-never-holds': { seconds: 600 },
  'no-such-soak': { thing: 'toys', family: 'alcohol' },
  'replaced-not-soaked': { thing: 'sponge' },
  'bath-too-weak': { strength: 0.5, floor: 0.7 },
  'bath-too-strong': { strength: 0.1, most: 0.06 },
  'bath-too-much': { volume: 0.002, most: 0.0005 },
  'bath-does-not-cover': { load: 0.001, volume: 0.001 },
  'under-least': { seconds: 60, least: 300 },
  'over-longest': { seconds: 28_800, most: 3600, material: 'chrome-plate' },
  'acid-for-minutes': { material: 'nickel', most: 600 },
  'maker-decides': { thing: 'pressure-coffee' },
  'no-such-descaling': { thing: 'drip-coffee', cleaner: 'citric' },
  'citrate-drops': { strength: 0.15, most: 0.05 },
  'alkali-barred': { material: 'aluminium' },
  'alkali-care': { material: 'laminate' },
  'solvent-barred': { material: 'car-paint' },
  'rust-acid-barred': { material: 'enamelled-steel' },
  'ratio-outside': { cleaner: 'washing-up-liquid', ratio: 60, least: 5, most: 30 },
  'does-not-lift': { cleaner: 'vinegar', soil: 'grease' },
  'lies-near': { ...bite, surface: 'Basin' },
  'meets-about': { ...bite, keeps: 'chlorine-bleach', at: 'machine' },
  'scent-too-much': { share: 0.03, most: 0.02 },
  'scent-with': { situation: 'cat' },
  'wash-too-cold': { temperature: 30, least: 60 },
  'worn-out': { washes: 300, most: 300 },
  'not-a-job': { what: 'skin', ask: 'pharmacist' },
  'batch-expired': { discardAfter: 0 },
  'stock-expired': { expiresAt: 0 },
};

describe('reasons in words', () => {
  test.each(Object.keys(w.table('reason')) as ReasonCode[])('%s is whole sentences', (code) => {
    const reason = { code, outcome: 'never', figures: figures[code], source: '' } as Reason;
    const words = reasonInWords(w, reason);
    expect(words).toMatch(/^[“A-Z0-9].*[.]$/);
    expect(words).not.toMatch(/undefined|NaN|\[object/);
  });

  test('a refusal names what was found and what is allowed', () => {
    expect(
      reasonInWords(w, {
        code: 'below-floor',
        outcome: 'never',
        figures: { active: '2-propanol', strength: 0.5, floor: 0.7, top: 0.9 },
        source: '',
      }),
    ).toBe(
      '50 % v/v is too weak: at least 70 % v/v is needed. A longer wet time does not make up for it.',
    );
  });

  test('every rule, material and product has its words', () => {
    for (const rule of rules) expect(w.name('happens', rule.id as RuleId)).toMatch(/\.$/);
    for (const id of materialIds) expect(w.name('materialWhy', id)).toMatch(/\.$/);
    for (const id of productIds) expect(w.name('product', id)).not.toBe('');
  });
});

describe('labels in words', () => {
  const batch = {
    code: 'B-0001',
    stockCode: 'S-1',
    active: '2-propanol',
    strength: 0.7,
    purpose: 'disinfect',
    volume: 0.0005,
    stockVolume: 0.00035,
    waterVolume: 0.00015,
    madeAt: 0,
    madeBy: 'Tobias',
    discardAfter: 1,
  } as const;
  const label = labelWords(w, batch, {
    company: { name: 'Test Care', poisonLine: '555' },
    rules: cautiousRules,
    book: cautiousBook,
  });
  // Peroxide of unknown strength is taken for strong, which must never meet alcohol.
  test('say how long it must stay wet, and never with what', () => {
    expect(label).toMatchObject({
      title: 'Alcohol 70 %',
      strength: '70 % v/v 2-propanol in water',
      purpose:
        'On a hard, clean surface. Keep wet 2 min, then wipe. Not a registered disinfectant.',
      signal: 'Danger',
      pictograms: ['flame', 'exclamation'],
    });
    expect(label.neverWith).toBe(
      'bleach · peroxide · oven or drain cleaner · pool chlorine, chlorine tablets · anything without a label',
    );
  });
  test('every class of hazard has its statement, every precaution its words', () => {
    for (const hazard of hazardClasses)
      expect(w.name('statement', hazardLabels[hazard].statement as KeyOf<'statement'>)).toMatch(
        /\.$/,
      );
    for (const code of precautions) expect(w.name('precaution', code)).toMatch(/\.$/);
    for (const sign of ['flame', 'corrosion', 'exclamation', 'health', 'environment'] as const)
      expect(pictogramSvg(sign)).toMatch(/^<svg .*<\/svg>$/);
  });
});

describe('what must not meet, in words', () => {
  const own = {
    id: 'own',
    one: 'alcohol',
    other: 'oil',
    by: { caddy: 'care' },
    happens: 'Caps slip.',
    remedy: 'A bag of its own.',
  } as const;

  test('the poster says every rule of the book, worst first, and the company’s own as its own', () => {
    const lines = posterLines(w, bookWith([own], cautiousRules));
    expect(new Set(lines.map(({ happens }) => happens)).size).toBe(
      new Set(
        rules
          .filter(({ id }) => id !== 'may-meet')
          .map(({ id }) => w.name('happens', id as RuleId)),
      ).size + 1,
    );
    expect(lines[0]!.severity).toBe('never');
    expect(lines.find((line) => line.own)).toMatchObject({
      pair: 'Alcohol with oil',
      severity: 'care',
      by: 'caddy',
      own: true,
      source: 'company rule',
    });
    expect(lines.at(-1)!.severity).toBe('care');
    expect(lines.find(({ pair }) => pair === 'Chlorine bleach with acid')!.by).toBe(
      'bottle, surface, drain, caddy; care: air, shelf',
    );
    // A bottle is taken to be closed: soda in acid bursts it.
    expect(lines.find(({ pair }) => pair === 'Acid with soda')).toMatchObject({
      severity: 'never',
      by: 'bottle; spoils: surface',
    });
  });

  const meeting = { ...families, onBatch: 'a', handBatch: 'b' };
  const never = { code: 'must-not-meet', outcome: 'never', source: 'company rule' } as const;

  test('a company’s own rule brings its words into a reason', () => {
    const says = { happens: own.happens, remedy: own.remedy };
    const reason: Reason = { ...never, figures: { ...meeting, rule: 'own', remedy: null, says } };
    expect(reasonInWords(w, reason)).toMatch(/Caps slip\. A bag of its own\.$/);
  });

  test('a code of our own is written as it stands on the bottle, a kind in small letters', () => {
    const beside = (b: string): Reason => ({
      code: 'not-carried-together',
      outcome: 'never',
      figures: { ...bite, a: 'chlorine-bleach', b },
      source: '',
    });
    const lead = 'Chlorine bleach and';
    expect(reasonInWords(w, beside('B-0046'))).toContain(`${lead} B-0046 must not`);
    expect(reasonInWords(w, beside('vinegar'))).toContain(`${lead} vinegar must not`);
  });

  test('what nothing lifts is said so, not left out', () => {
    const figures = { rule: 'peracid', remedy: null, keeps: 'cistern-tablet' } as const;
    expect(
      reasonInWords(w, { code: 'meets-in-bowl', outcome: 'never', figures, source: '' }),
    ).toMatch(/Nothing makes it safe: leave one of the two out\.$/);
  });

  test('rows of before tell the same', () => {
    const before = (figures: object): Reason => ({ ...never, figures }) as unknown as Reason;
    expect(
      reasonInWords(
        w,
        before({ ...meeting, rule: 'own', happens: own.happens, remedy: own.remedy }),
      ),
    ).toMatch(/Caps slip\. A bag of its own\.$/);
    const figures = { rule: 'peracid', keeps: 'cistern-tablet' } as const;
    const bowl = (remedy: unknown): Reason =>
      ({ ...never, code: 'meets-in-bowl', figures: { ...figures, remedy } }) as unknown as Reason;
    expect(reasonInWords(w, bowl('take-out,flush-twice'))).toBe(
      reasonInWords(w, bowl(['take-out', 'flush-twice'])),
    );
    expect(reasonInWords(w, bowl(''))).toBe(reasonInWords(w, bowl(null)));
  });

  test.each(harms)(
    'where there is harm by %s the first response has the company’s numbers, and what is done in the end',
    (harm) => {
      const lines = firstResponse(w, { emergency: '111', poison: '222' }, harm);
      expect(lines.length).toBeGreaterThanOrEqual(4);
      expect(lines.join(' ')).toMatch(/111/);
      expect(lines.join(' ')).toMatch(/222/);
      // An emergency goes to the emergency number, not to the poison line.
      expect(lines.join(' ').indexOf('111')).toBeLessThan(lines.join(' ').indexOf('222'));
      expect(lines.at(-1)).toBe('Write it down in the log.');
    },
  );

  test('what can explode is never said to hurt nobody; what may meet or only spoils has no harm', () => {
    for (const rule of rules) {
      if (!Object.values(rule.by).includes('never')) expect(rule.harm).toBeNull();
    }
    expect(firstResponse(w, { emergency: '111', poison: '222' }, 'explosion').join(' ')).toMatch(
      /Do not move or touch the bottle/,
    );
  });

  test('what lifts a rule is an order; what nothing lifts says so', () => {
    expect(remedyInWords(w, ['take-out', 'flush-twice'])).toBe('Take the tablet out, flush twice.');
    expect(remedyInWords(w, null)).toBe('Nothing makes it safe: leave one of the two out.');
  });
});
