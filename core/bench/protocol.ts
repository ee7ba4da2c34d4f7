import {
  buildProtocol,
  cautiousBook,
  cautiousRules,
  chanceOfHolding,
  compareFamilies,
  dryingCurve,
  fillRest,
  judgeSetting,
  justWashed,
  materialIds,
  usualAir,
  type Active,
  type Home,
  type Room,
  type Stock,
} from '../src/index.ts';

/* Speed of the protocol's computations, for a person to read: npm run bench:protocol. */
const say = (what: string, ms: number, most: number) =>
  console.log(`${what.padEnd(60)} ${ms.toFixed(2).padStart(9)} ms   at most ${most} ms`);
const timed = (work: () => unknown): number => {
  const from = performance.now();
  work();
  return performance.now() - from;
};
const median = (runs: number, work: () => unknown): number =>
  Array.from({ length: runs }, () => timed(work)).sort((a, b) => a - b)[Math.floor(runs / 2)]!;

const film = { active: '2-propanol', strength: 0.7, thickness: 50e-6 } as const;
say(
  'one drying curve',
  median(200, () => dryingCurve(film, usualAir.window, 0.6)),
  2,
);
say(
  '10,000 coats drawn',
  median(5, () =>
    chanceOfHolding(
      film,
      usualAir.window,
      { floor: 0.6, needed: 120, coats: 1 },
      { draws: 10_000, seed: 1 },
    ),
  ),
  2000,
);

const strengths: [Active, number][] = [
  ['hydrogen peroxide', 0.03],
  ['hydrogen peroxide', 0.06],
  ['hydrogen peroxide', 0.08],
  ['2-propanol', 0.7],
  ['2-propanol', 0.91],
  ['2-propanol', 0.99],
  ['ethanol', 0.7],
  ['ethanol', 0.95],
  ['ethanol', 0.96],
  ['acetic acid', 0.05],
  ['acetic acid', 0.06],
  ['acetic acid', 0.1],
];
const stocks: Stock[] = strengths.map(([active, strength], i) => ({
  id: String(i),
  active,
  strength,
  expiresAt: 1,
  pricePerLitre: i,
}));
const home: Home = {
  id: 'home',
  situations: ['cat', 'dog'],
  rooms: Array.from({ length: 8 }, (_, r): Room => ({
    id: `r${r}`,
    name: 'Room',
    floorArea: 4 + r,
    height: 2.4,
    ventilation: (['none', 'window', 'fan'] as const)[r % 3]!,
    flame: r === 3 ? 'hob' : 'no',
    surfaces: Array.from({ length: 10 }, (__, i) => ({
      id: `${r}-${i}`,
      name: 'Surface',
      thing: 'surface' as const,
      soil: 'everyday' as const,
      material: materialIds[(r * 10 + i) % materialIds.length]!,
      level: 'hand',
      area: 0.1 + i / 10,
      touched: 'often',
      food: i % 3 === 0,
      setting: { ...justWashed, goal: 'disinfect' },
    })),
  })),
};
const whole = () => {
  const proposed = new Map(
    fillRest(home, stocks, { rules: cautiousRules, now: 0, book: cautiousBook }).map(
      ({ surfaceId, setting }) => [surfaceId, setting],
    ),
  );
  const set: Home = {
    ...home,
    rooms: home.rooms.map((room) => ({
      ...room,
      surfaces: room.surfaces.map((surface) => ({
        ...surface,
        setting: proposed.get(surface.id) ?? surface.setting,
      })),
    })),
  };
  return buildProtocol(set, stocks, { rules: cautiousRules, now: 0, book: cautiousBook });
};
say('the first home of the day: 80 surfaces, 12 solutions', timed(whole), 500);
say('fillRest and buildProtocol, 80 surfaces and 12 solutions', median(20, whole), 50);
const [room] = home.rooms;
say(
  'one surface compared',
  median(200, () =>
    compareFamilies({ goal: 'disinfect', against: 'everyday' }, stocks, {
      surface: room!.surfaces[0]!,
      room: room!,
      home,
      rules: cautiousRules,
      now: 0,
      growth: 0,
      book: cautiousBook,
    }),
  ),
  1,
);
const set = {
  ...room!.surfaces[0]!,
  setting: { ...justWashed, goal: 'disinfect', use: { stockId: '0', strength: 0.03 } },
} as const;
say(
  'one setting judged',
  median(200, () =>
    judgeSetting(
      set,
      { room: room!, home, rules: cautiousRules, now: 0, growth: 0, book: cautiousBook },
      stocks,
    ),
  ),
  1,
);
