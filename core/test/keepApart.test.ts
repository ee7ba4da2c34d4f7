import fc from 'fast-check';
import {
  airingMinutes,
  bookWith,
  cautiousBook as book,
  cautiousRules,
  closedPressure,
  decayed,
  enforce,
  buildProtocol,
  gasEstimate,
  groups,
  judgeBowl,
  judgeBottle,
  judgeCombination,
  judgeSequence,
  judgeSet,
  litres,
  millilitres,
  peroxidePressure,
  productIds,
  products,
  regroup,
  remedyOf,
  reviewOf,
  routes,
  ruleIds,
  severities,
  visitMeetings,
  type Act,
  type CompanyRule,
  type Group,
  type Happening,
  type Home,
  type Product,
  type Route,
  type RuleId,
  type Severity,
  type Stock,
  type Surface,
  type Use,
} from '../src/index.ts';

/**
 * The table "What must not meet", row by row and route by route, written from the reference and not
 * from the code: EPA-label, CDC-2008, Bretherick, poison control, stoichiometry (memory). A route
 * that a row does not name is not spoken of by that row.
 */
const N: Severity = 'never';
const table: [rule: RuleId, one: Group, other: Group, by: Partial<Record<Route, Severity>>][] = [
  [
    'chlorine',
    'hypochlorite',
    'acid',
    { vessel: N, surface: N, drain: N, caddy: N, air: 'care', shelf: 'care' },
  ],
  [
    'chloramine',
    'hypochlorite',
    'ammonia',
    { vessel: N, surface: N, drain: N, air: N, caddy: N, shelf: 'care' },
  ],
  [
    'chloroform',
    'hypochlorite',
    'alcohol',
    { vessel: N, surface: N, drain: N, caddy: 'care', shelf: 'care' },
  ],
  ['oxygen-and-heat', 'hypochlorite', 'peroxide', { vessel: N, surface: N, drain: N }],
  ['haloform', 'hypochlorite', 'ketone', { vessel: N, surface: N, drain: N }],
  ['bleach-quat', 'hypochlorite', 'quat', { vessel: N, surface: 'care' }],
  ['hot-bleach', 'hypochlorite', 'hot-water', { vessel: N }],
  [
    'hypochlorite-reducer',
    'hypochlorite',
    'reducer',
    { vessel: N, surface: N, drain: N, air: N, caddy: N, shelf: N },
  ],
  [
    'bleach-rust-remover',
    'hypochlorite',
    'rust-remover',
    { vessel: N, surface: N, drain: N, air: N, caddy: N, shelf: N },
  ],
  ['oil-oxidiser', 'hypochlorite', 'oil', { vessel: N, surface: 'care' }],
  ['oil-oxidiser', 'peroxide', 'oil', { surface: 'care' }],
  ['bleach-with-anything', 'hypochlorite', 'oil', { vessel: N }],
  [
    'two-dry-chlorines',
    'calcium-hypochlorite',
    'isocyanurate',
    { vessel: N, surface: N, drain: N, air: N, caddy: N, shelf: N },
  ],
  ['chlorine-and-water', 'dry-chlorine', 'water', { vessel: 'care' }],
  ['bleach-with-anything', 'hypochlorite', 'soap', { vessel: N }],
  ...(
    [
      'acid',
      'ammonia',
      'alcohol',
      'oil',
      'peroxide',
      'hypochlorite',
      'soap',
      'detergent',
      'quat',
      'ketone',
    ] as const
  ).map((other): (typeof table)[number] => [
    'dry-chlorine',
    'dry-chlorine',
    other,
    { vessel: N, surface: N, drain: N, caddy: N, shelf: N },
  ]),
  ['peracid', 'peroxide', 'acid', { vessel: N, surface: N, drain: 'care' }],
  ['organic-peroxide', 'peroxide', 'ketone', { vessel: N, surface: 'care' }],
  ...(['strong-alkali', 'carbonate', 'metal'] as const).map((other): (typeof table)[number] => [
    'peroxide-decomposes',
    'peroxide',
    other,
    { vessel: N },
  ]),
  ['fizz', 'acid', 'carbonate', { vessel: N, surface: 'spoils' }],
  ['curdles', 'acid', 'soap', { vessel: 'spoils', surface: 'spoils' }],
  ['acid-borax', 'acid', 'borax', { vessel: 'spoils' }],
  ['acid-alkali', 'acid', 'strong-alkali', { vessel: N, surface: N, drain: N, caddy: N, shelf: N }],
  [
    'ammonia-alkali',
    'ammonia',
    'strong-alkali',
    { vessel: N, surface: 'care', drain: 'care', air: 'care' },
  ],
  ['ammonia-peroxide', 'ammonia', 'peroxide', { vessel: 'care', surface: 'care' }],
  ['ammonia-urine', 'ammonia', 'urine', { surface: 'care' }],
  ['alkali-aluminium', 'strong-alkali', 'aluminium', { vessel: N, surface: N }],
  ['boiling-alcohol', 'alcohol', 'boiling-water', { vessel: N }],
  [
    'hydrofluoric',
    'hydrofluoric',
    'water',
    { vessel: N, surface: N, drain: N, air: N, caddy: N, shelf: N },
  ],
  ['strong-acid', 'strong-acid', 'water', { vessel: N, drain: N }],
  ['strong-acid', 'strong-acid', 'metal', { vessel: N, drain: N }],
  ['two-drain-openers', 'strong-alkali', 'strong-alkali', { drain: N }],
  ['two-drain-openers', 'strong-alkali', 'strong-acid', { drain: N }],
  ['quat-soap', 'quat', 'soap', { vessel: 'spoils', surface: 'spoils' }],
  ['quat-soap', 'quat', 'detergent', { vessel: 'spoils', surface: 'spoils' }],
  [
    'unknown',
    'unknown',
    'soap',
    { vessel: N, surface: N, caddy: N, drain: N, air: 'care', shelf: 'care' },
  ],
];
const everyRoute = table.flatMap(([rule, one, other, by]) =>
  routes.map((route) => [rule, one, other, route, by[route] ?? 'fine'] as const),
);
const ofGroup = (group: Group): Product => ({
  groups: [group],
  ...(group === 'peroxide' ? { strength: 0.03 } : {}),
});

describe('every rule by every route', () => {
  test.each(everyRoute)('%s: %s and %s by %s is %s', (rule, one, other, route, severity) => {
    const bite = judgeCombination(ofGroup(one), ofGroup(other), { route: route }, book).bites.find(
      (found) => found.rule === rule,
    );
    expect(bite?.severity ?? 'fine').toBe(severity);
    expect(judgeCombination(ofGroup(other), ofGroup(one), { route: route }, book)).toEqual(
      judgeCombination(ofGroup(one), ofGroup(other), { route: route }, book),
    );
  });

  test('no rule of the book is left out of the table', () => {
    const tested = new Set(table.map(([rule]) => rule));
    expect(ruleIds.filter((id) => !tested.has(id))).toEqual(['peroxide-alcohol', 'may-meet']); // By strength, below; and what nothing speaks against.
  });

  test('peroxide with alcohol spoils, and over 10 % is never: WHO-handrub is a made, not a home, product', () => {
    expect(
      judgeCombination(
        products['peroxide-household'],
        products['rubbing-alcohol'],
        { route: 'vessel' },
        book,
      ).severity,
    ).toBe('spoils');
    expect(
      judgeCombination(
        products['peroxide-strong'],
        products['rubbing-alcohol'],
        { route: 'vessel' },
        book,
      ).severity,
    ).toBe('never');
  });

  test.each(everyRoute.filter(([, , , , severity]) => severity !== 'fine'))(
    'what is said to lift %s (%s, %s by %s) lifts it',
    (rule, one, other, route) => {
      const remedy = remedyOf(rule, route);
      const [a, b] = [ofGroup(one), ofGroup(other)];
      const bitesAfter = (done: readonly Act[]) =>
        judgeCombination(a, b, { route, done }, book).bites.some((bite) => bite.rule === rule);
      if (remedy === null)
        expect(
          bitesAfter([
            'rinse',
            'dry',
            'ventilate',
            'flush',
            'flush-twice',
            'another-day',
            'take-out',
            'apart',
            'own-vessel',
            'set-aside',
            'let-cool',
            'powder-into-water',
          ]),
        ).toBe(true);
      else {
        expect(bitesAfter(remedy)).toBe(false);
        for (const act of remedy)
          expect(bitesAfter(remedy.filter((other_) => other_ !== act))).toBe(true);
      }
    },
  );

  test('a tablet is not lifted by a rinse: it doses the water anew', () => {
    const at = (done: Act[]) =>
      judgeCombination(
        products['cistern-tablet'],
        products.vinegar,
        { route: 'surface', inBowl: 'doses', done },
        book,
      ).severity;
    expect([
      at(['rinse', 'dry', 'ventilate']),
      at(['flush-twice']),
      at(['take-out']),
      at(['take-out', 'flush-twice']),
    ]).toEqual(['never', 'never', 'never', 'no-rule']);
  });
});

describe('the company’s own rules', () => {
  const own: CompanyRule = {
    id: 'own',
    one: 'peroxide',
    other: 'detergent',
    by: { surface: 'never' },
    happens: 'The foam hides what is wet.',
    remedy: 'Rinse off the suds.',
  };
  test('add to the book, with their own words', () => {
    const [bite] = judgeCombination(
      ofGroup('peroxide'),
      ofGroup('detergent'),
      { route: 'surface' },
      bookWith([own], cautiousRules),
    ).bites;
    expect(bite).toMatchObject({ rule: 'own', severity: 'never', says: { happens: own.happens } });
    expect(
      judgeCombination(ofGroup('peroxide'), ofGroup('detergent'), { route: 'surface' }, book)
        .severity,
    ).toBe('no-rule');
  });

  test('make nothing milder', () => {
    const anyRule = fc.record({
      one: fc.constantFrom(...groups),
      other: fc.constantFrom(...groups, 'anything' as const),
      by: fc.dictionary(fc.constantFrom(...routes), fc.constantFrom('care', 'spoils', 'never')),
    });
    fc.assert(
      fc.property(
        anyRule,
        fc.constantFrom(...groups),
        fc.constantFrom(...groups),
        fc.constantFrom(...routes),
        (rule, a, b, route) => {
          const ours = bookWith([{ ...own, ...rule }], cautiousRules);
          expect(
            severities.indexOf(judgeCombination(ofGroup(a), ofGroup(b), { route }, ours).severity),
          ).toBeGreaterThanOrEqual(
            severities.indexOf(
              judgeCombination(ofGroup(a), ofGroup(b), { route: route }, book).severity,
            ),
          );
        },
      ),
    );
  });

  test('reach the bottle too', () => {
    const rule: CompanyRule = { ...own, one: 'alcohol', other: 'alcohol', by: { vessel: 'never' } };
    const content = { active: 'ethanol', strength: 0.7, groups: ['alcohol'] } as const;
    const reasons = judgeBottle(
      { material: 'HDPE', opaque: true, heldSinceWash: null },
      content,
      bookWith([rule], cautiousRules),
    ).reasons;
    expect(reasons).toEqual([]); // A washed bottle meets nothing.
    expect(
      judgeBottle(
        {
          material: 'HDPE',
          opaque: true,
          heldSinceWash: { active: 'acetic acid', strength: 0.05, groups: ['acid'] },
        },
        content,
        bookWith([{ ...rule, other: 'acid' }], cautiousRules),
      ).reasons.map(({ code }) => code),
    ).toContain('held-before');
  });
});

/**
 * All ways to put `n` things into groups, by trying them: the fewest groups, then the most that
 * stay in one.
 */
const bruteForce = (
  n: number,
  pairs: readonly (readonly [number, number])[],
): { groups: number; stay: number } => {
  let best = { groups: Infinity, stay: 0 };
  const place = (i: number, at: number[], used: number) => {
    if (used > best.groups) return;
    if (i === n) {
      const stay = Math.max(
        0,
        ...Array.from({ length: used }, (_, g) => at.filter((one) => one === g).length),
      );
      if (used < best.groups || stay > best.stay) best = { groups: used, stay };
      return;
    }
    for (let g = 0; g <= used; g += 1)
      if (!pairs.some(([a, b]) => (a === i && at[b] === g) || (b === i && at[a] === g)))
        place(i + 1, [...at, g], Math.max(used, g + 1));
  };
  place(0, [], 0);
  return best;
};

describe('a shelf, a caddy, a cupboard', () => {
  const pairsIn = (n: number) =>
    fc.array(
      fc
        .tuple(fc.nat(n - 1), fc.integer({ min: 1, max: n - 1 }))
        .map(([a, step]): [number, number] => [a, (a + step) % n]),
      { maxLength: n * 3 },
    );
  const graph = (most: number) =>
    fc.integer({ min: 2, max: most }).chain((n) => fc.tuple(fc.constant(n), pairsIn(n)));

  test('regrouping is the best there is, against trying everything', () => {
    fc.assert(
      fc.property(graph(8), ([n, pairs]) => {
        const { groups: found, exact } = regroup(n, pairs);
        expect(exact).toBe(true);
        expect({ groups: found.length, stay: found[0]!.length }).toEqual(bruteForce(n, pairs));
      }),
      { numRuns: 300 },
    );
  });

  test('every thing is in one group, and no group conflicts', () => {
    fc.assert(
      fc.property(graph(40), ([n, pairs]) => {
        const { groups: found, exact } = regroup(n, pairs);
        expect(found.flat().sort((a, b) => a - b)).toEqual(Array.from({ length: n }, (_, i) => i));
        for (const [a, b] of pairs)
          expect(found.some((group) => group.includes(a) && group.includes(b))).toBe(false);
        expect(exact).toBe(n <= 25);
      }),
      { numRuns: 100 },
    );
  });

  test('the bleach is what moves: it is in conflict with most', () => {
    const shelf = [
      'vinegar',
      'ammonia',
      'chlorine-bleach',
      'rubbing-alcohol',
      'washing-up-liquid',
    ] as const;
    const { conflicts, regrouped, severity } = judgeSet(
      shelf.map((id) => products[id]),
      'caddy',
      {},
      book,
    );
    expect(severity).toBe('never');
    expect(
      conflicts.map(({ a, b, combination }) => [shelf[a], shelf[b], combination.severity]),
    ).toEqual([
      ['vinegar', 'chlorine-bleach', 'never'],
      ['ammonia', 'chlorine-bleach', 'never'],
      ['chlorine-bleach', 'rubbing-alcohol', 'care'],
    ]);
    expect(regrouped.groups).toEqual([[0, 1, 3, 4], [2]]);
  });

  test('where either could go, the bleach goes and not the vinegar', () => {
    for (const ids of [
      ['vinegar', 'chlorine-bleach'],
      ['chlorine-bleach', 'vinegar'],
    ] as const) {
      const {
        groups: [stay],
      } = judgeSet(
        ids.map((id) => products[id]),
        'shelf',
        {},
        book,
      ).regrouped;
      expect(stay!.map((at) => ids[at])).toEqual(['vinegar']);
    }
  });

  test('adding a product never removes a conflict', () => {
    const set = fc.array(fc.constantFrom(...productIds), { maxLength: 12 });
    fc.assert(
      fc.property(
        set,
        fc.constantFrom(...productIds),
        fc.constantFrom(...routes),
        (ids, more, route) => {
          const before = judgeSet(
            ids.map((id) => products[id]),
            route,
            {},
            book,
          ).conflicts;
          const after = judgeSet(
            [...ids, more].map((id) => products[id]),
            route,
            {},
            book,
          ).conflicts;
          for (const { a, b } of before)
            expect(after.some((one) => one.a === a && one.b === b)).toBe(true);
        },
      ),
    );
  });

  test('nothing unlabelled goes with anything', () => {
    for (const id of productIds.filter((one) => !products[one].groups.includes('water' as never)))
      expect(
        judgeSet([products['unlabelled-bottle'], products[id]], 'caddy', {}, book).severity,
      ).toBe('never');
  });
});

const rooms = { bath: { volume: 10, ventilation: 'window' as const } };
const use = (id: string, product: Product, surface = id, more: Partial<Use> = {}): Use => ({
  kind: 'use',
  id,
  product,
  surface,
  drain: 'trap',
  room: 'bath',
  ...more,
});
const done = (act: Act, at: string): Happening => ({ kind: 'act', act, at });
const { vinegar, ammonia } = products;
const [bleach, peroxide] = [products['chlorine-bleach'], products['peroxide-household']];

describe('one after another in a visit', () => {
  test('peroxide over vinegar that is not rinsed off: rinse and wipe dry between', () => {
    const [meeting] = judgeSequence(
      [use('a', vinegar, 'tile'), use('b', peroxide, 'tile')],
      rooms,
      book,
    );
    expect(meeting).toMatchObject({
      first: 'a',
      second: 'b',
      route: 'surface',
      mend: {
        kind: 'insert',
        insert: [
          { before: 'b', act: 'rinse', at: 'tile' },
          { before: 'b', act: 'dry', at: 'tile' },
        ],
      },
    });
    const rinsed = judgeSequence(
      [
        use('a', vinegar, 'tile'),
        done('rinse', 'tile'),
        done('dry', 'tile'),
        use('b', peroxide, 'tile'),
      ],
      rooms,
      book,
    );
    // What runs down the trap between is flushed after: a Care, and a step.
    expect(rinsed.map(({ route, mend }) => [route, mend])).toEqual([
      ['drain', { kind: 'insert', insert: [{ before: 'b', act: 'flush', at: 'trap' }] }],
    ]);
  });

  test('another surface of another trap and room is another matter', () => {
    const elsewhere = { bath: rooms.bath, hall: rooms.bath };
    expect(
      judgeSequence([use('a', vinegar), use('b', peroxide, 'b', { drain: 'sink' })], rooms, book),
    ).toEqual([]); // two surfaces, two traps; no rule by air
    expect(
      judgeSequence(
        [use('a', bleach), use('b', vinegar, 'b', { drain: 'sink', room: 'hall' })],
        elsewhere,
        book,
      ),
    ).toEqual([]);
  });

  test('bleach and vinegar down one drain are left to different days', () => {
    const found = judgeSequence([use('a', bleach), use('b', vinegar)], rooms, book);
    expect(
      found.map(({ route, combination, mend }) => [route, combination.severity, mend.kind]),
    ).toEqual([
      ['drain', 'never', 'leave-out'],
      ['air', 'care', 'insert'],
    ]);
  });

  test('ammonia after bleach in one room’s air: it is aired first, and said for how long', () => {
    const found = judgeSequence(
      [use('a', bleach, 'a', { drain: 'x' }), use('b', ammonia, 'b', { drain: 'y' })],
      rooms,
      book,
    );
    expect(found).toHaveLength(1);
    expect(found[0]!.mend).toEqual({
      kind: 'insert',
      insert: [{ before: 'b', act: 'ventilate', at: 'bath', minutes: 45 }],
    });
    expect(airingMinutes('window')).toBe(45); // 4 changes an hour: 60 ln 20 / 4, well-mixed room
  });

  test('what is rinsed later anyway is done later', () => {
    const [meeting] = judgeSequence(
      [
        use('a', products['castile-soap'], 'tile'),
        use('b', vinegar, 'tile'),
        use('c', peroxide, 'shelf', { drain: 'x' }),
        done('rinse', 'tile'),
      ],
      rooms,
      book,
    );
    expect(meeting!.mend).toEqual({ kind: 'reorder', move: 'b', after: 'c' });
  });

  test('one rinse mends what two would: it is asked for once', () => {
    const soap = products['castile-soap'];
    const found = judgeSequence(
      [use('a', soap, 'tile'), use('b', soap, 'tile'), use('c', vinegar, 'tile')],
      rooms,
      book,
    );
    expect(found.flatMap(({ mend }) => (mend.kind === 'insert' ? mend.insert : []))).toEqual([
      { before: 'c', act: 'rinse', at: 'tile' },
    ]);
  });

  test('what is put in mends it', () => {
    const anyUse = fc.tuple(fc.constantFrom(...productIds), fc.constantFrom('tile', 'tub', 'sink'));
    fc.assert(
      fc.property(fc.array(anyUse, { maxLength: 7 }), (list) => {
        const uses = list.map(([id, surface], i) =>
          use(String(i), products[id], surface, { drain: `trap ${i}` }),
        );
        const found = judgeSequence(uses, rooms, book);
        const hopeless = new Set(
          found
            .filter(({ mend }) => mend.kind === 'leave-out')
            .map(({ first, second }) => `${first} ${second}`),
        );
        const insertions = found.flatMap(({ mend }) => (mend.kind === 'insert' ? mend.insert : []));
        const mended = uses.flatMap((one): Happening[] => [
          ...insertions
            .filter(({ before }) => before === one.id)
            .map(({ act, at }) => done(act, at)),
          one,
        ]);
        expect(
          judgeSequence(mended, rooms, book).filter(
            ({ first, second }) => !hopeless.has(`${first} ${second}`),
          ),
        ).toEqual([]);
      }),
    );
  });
});

describe('a client’s bleach tablet', () => {
  const stocks: Stock[] = [
    { id: 'v', active: 'acetic acid', strength: 0.05, expiresAt: 1e13 },
    { id: 'p', active: 'hydrogen peroxide', strength: 0.03, expiresAt: 1e13 },
  ];
  const bowl = (lifts: boolean, stockId = 'v'): Surface => ({
    id: 'bowl',
    name: 'WC bowl',
    material: 'vitreous-china',
    level: 'toilet',
    area: 0.3,
    touched: 'daily',
    food: false,
    thing: 'surface',
    soil: 'everyday',
    setting: {
      goal: 'clean',
      against: 'everyday',
      use: { stockId, strength: stockId === 'v' ? 0.05 : 0.03 },
      accepted: null,
      lifts,
    },
  });
  const home = (surface: Surface, clientKeeps: Home['clientKeeps'] = ['cistern-tablet']): Home => ({
    id: 'h',
    situations: [],
    clientKeeps,
    rooms: [
      {
        id: 'r',
        name: 'Bathroom',
        floorArea: 4,
        height: 2.4,
        ventilation: 'window',
        flame: 'no',
        surfaces: [surface],
      },
    ],
  });

  test.each(['v', 'p'])(
    'bars what it reacts with in that bowl until it is out and flushed twice (%s)',
    (stockId) => {
      const [objection] = enforce(home(bowl(false, stockId)), stocks, {
        rules: cautiousRules,
        now: 0,
        book,
      });
      expect(objection).toMatchObject({ surfaceId: 'bowl', outcome: 'never' });
      expect(objection!.reasons[0]).toMatchObject({
        code: 'meets-in-bowl',
        figures: { keeps: 'cistern-tablet', remedy: ['take-out', 'flush-twice'] },
      });
      expect(
        enforce(home(bowl(true, stockId)), stocks, { rules: cautiousRules, now: 0, book }),
      ).toEqual([]);
      expect(
        enforce(home(bowl(false, stockId), []), stocks, { rules: cautiousRules, now: 0, book }),
      ).toEqual([]);
    },
  );

  test('taking it out is a step of the protocol', () => {
    expect(
      buildProtocol(home(bowl(true)), stocks, { rules: cautiousRules, now: 0, book })[0]!
        .surfaces[0]!.steps,
    ).toEqual([
      'open-window',
      'gloves',
      'goggles',
      'take-out',
      'flush',
      'flush',
      'wash',
      'dry-first',
      'spray',
      'wipe',
    ]);
  });

  test('bars nothing on the basin, and no detergent in the bowl', () => {
    expect(
      enforce(home({ ...bowl(false), level: 'hand' }), stocks, {
        rules: cautiousRules,
        now: 0,
        book,
      }),
    ).toEqual([]);
    expect(judgeBowl(products['washing-up-liquid'], ['cistern-tablet'], false, book)).toEqual([]);
  });

  test('a chlorine product of ours wants urine flushed away first', () => {
    expect(judgeBowl(bleach, [], false, book).map(({ code, outcome }) => [code, outcome])).toEqual([
      ['flush-first', 'use'],
    ]);
  });

  test('two of our own that must not run down one drain are told at the later one', () => {
    const chlorine: Stock = {
      id: 'c',
      active: 'registered product',
      strength: 1,
      expiresAt: 1e13,
      label: {
        groups: ['hypochlorite'],
        uses: [{ goal: 'disinfect', against: ['everyday'], seconds: 60 }],
        notOn: [],
      },
    };
    const one = (id: string, stockId: string, goal: 'clean' | 'disinfect'): Surface => ({
      ...bowl(false),
      id,
      name: id,
      level: 'hand',
      setting: {
        goal,
        against: 'everyday',
        use: { stockId, strength: stockId === 'c' ? 1 : 0.05 },
        accepted: null,
      },
    });
    const both = {
      ...home(bowl(false), []),
      rooms: [
        {
          ...home(bowl(false), []).rooms[0]!,
          surfaces: [one('Basin', 'c', 'disinfect'), one('Bath', 'v', 'clean')],
        },
      ],
    };
    expect(
      visitMeetings(both, [...stocks, chlorine], book, new Map()).map(
        ({ first, second, route }) => [first, second, route],
      ),
    ).toContainEqual(['Basin', 'Bath', 'drain']);
    expect(
      enforce(both, [...stocks, chlorine], { rules: cautiousRules, now: 0, book }).find(
        ({ surfaceId, outcome }) => surfaceId === 'Bath' && outcome === 'never',
      )?.reasons[0],
    ).toMatchObject({ code: 'meets-in-visit', figures: { with: 'Basin', rule: 'chlorine' } });
    // Approved before a rule forbade it, it is flagged.
    const approved = buildProtocol(both, [...stocks, chlorine], {
      rules: cautiousRules,
      now: 0,
      book,
    });
    expect(
      reviewOf(approved, both, [...stocks, chlorine], { rules: cautiousRules, now: 0, book }).map(
        ({ surfaceId, why }) => [surfaceId, why],
      ),
    ).toContainEqual(['Bath', 'never']);
  });
});

describe('how bad, in that room', () => {
  const poured = (
    id: 'chlorine-bleach' | 'vinegar' | 'ammonia' | 'baking-soda' | 'peroxide-household',
    volume: number,
  ) => ({ content: products[id].content, volume });

  // Stoichiometry; NIOSH IDLH 10 ppm (memory): 50 mL of 5.25 % bleach in a 10 m³ bathroom.
  test('50 mL of bleach with vinegar in excess in 10 m³: at most 85 ppm of chlorine, 8.5 times what is immediately dangerous', () => {
    const bound = gasEstimate(
      poured('chlorine-bleach', millilitres(50)),
      poured('vinegar', litres(1)),
      10,
      0.3,
    )!;
    expect(bound).toMatchObject({
      gas: 'chlorine',
      limits: { shortTerm: 0.5, immediatelyDangerous: 10 },
    });
    expect(bound.mol).toBeCloseTo(35.3e-3, 4);
    expect(bound.ppm).toBeCloseTo(85, 0);
    expect(bound.ppm / bound.limits!.immediatelyDangerous).toBeCloseTo(8.5, 1);
  });

  test('with little vinegar the vinegar is what limits it', () => {
    const bound = gasEstimate(
      poured('vinegar', millilitres(10)),
      poured('chlorine-bleach', litres(1)),
      10,
      0.3,
    )!;
    expect(bound.mol).toBeCloseTo(0.5 / 60.05, 5); // 0.5 g of acetic acid
  });

  test('with ammonia in excess: at most 35.3 mmol of chloramine', () => {
    expect(
      gasEstimate(
        poured('chlorine-bleach', millilitres(50)),
        poured('ammonia', litres(1)),
        10,
        0.3,
      )!.mol,
    ).toBeCloseTo(35.3e-3, 4);
  });

  test('it decays with the air changes: C0 exp(−ACH t), and is dangerous until it has', () => {
    const bound = gasEstimate(
      poured('chlorine-bleach', millilitres(50)),
      poured('vinegar', litres(1)),
      10,
      4,
    )!;
    expect(decayed(bound.ppm, 4, bound.dangerousFor)).toBeCloseTo(10, 6);
    expect(decayed(bound.ppm, 4, bound.overShortTermFor)).toBeCloseTo(0.5, 6);
    expect(decayed(100, 1, 3600)).toBeCloseTo(100 / Math.E, 9);
  });

  test('a teaspoon of soda, 4.6 g, in vinegar: 0.0548 mol, 1.32 L, and 13 atm in a capped bottle with 100 mL of headspace', () => {
    const bound = gasEstimate(
      { content: { component: 'sodium hydrogencarbonate', strength: 1 }, volume: 4.6e-6 },
      poured('vinegar', litres(1)),
      10,
      1,
    )!;
    expect(bound.mol).toBeCloseTo(0.0548, 4);
    expect(bound.mol * 24.06).toBeCloseTo(1.32, 2);
    expect(closedPressure(bound.mol, millilitres(100))).toBeCloseTo(13.2, 1);
  });

  test('peroxide that breaks down in a closed bottle: half its mol is oxygen', () => {
    // 100 mL of 3 % w/v: 3 g, 88.2 mmol, so 44.1 mmol of O2, 1.06 L into 50 mL of headspace.
    // Stoichiometry.
    expect(
      peroxidePressure(poured('peroxide-household', millilitres(100)), millilitres(50)),
    ).toBeCloseTo(21.2, 1);
    expect(() => peroxidePressure(poured('peroxide-household', millilitres(100)), 0)).toThrow(
      /over 0/,
    );
  });

  test('what makes no gas is no estimate; a room of no volume is refused', () => {
    expect(
      gasEstimate(poured('vinegar', 1e-3), poured('peroxide-household', 1e-3), 10, 1),
    ).toBeNull();
    expect(() =>
      gasEstimate(poured('vinegar', 1e-3), poured('chlorine-bleach', 1e-3), 0, 1),
    ).toThrow(/over 0/);
  });
});
