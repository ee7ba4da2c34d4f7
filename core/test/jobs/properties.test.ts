import fc from 'fast-check';
import {
  acids,
  cautiousBook,
  cautiousRules,
  clothKinds,
  descale,
  isAgainst,
  judgeCombination,
  longestContact,
  materialIds,
  productIds,
  products,
  refusedIn,
  soakBath,
  soakClaims,
  soakedThings,
  soils,
  soilJob,
  things,
  usualAir,
  wipeJar,
  type JarAsked,
} from '../../src/index.ts';
import { bathOf, by, jarOf, soilOf, descaleOf } from './asked.ts';

const thing = fc.constantFrom(...things);
const material = fc.constantFrom(...materialIds);
const soil = fc.constantFrom(...soils);
const solution = fc.oneof(
  fc.record({
    active: fc.constant('2-propanol' as const),
    strength: fc.double({ min: 0.2, max: 0.9, noNaN: true }),
  }),
  fc.record({
    active: fc.constant('hydrogen peroxide' as const),
    strength: fc.double({ min: 0.005, max: 0.08, noNaN: true }),
  }),
  fc.record({
    active: fc.constant('acetic acid' as const),
    strength: fc.double({ min: 0.01, max: 0.1, noNaN: true }),
  }),
);
const jar: fc.Arbitrary<JarAsked> = fc
  .record({
    kind: fc.constantFrom(...clothKinds),
    count: fc.integer({ min: 1, max: 100 }),
    liquid: solution,
    seconds: fc.integer({ min: 0, max: 600 }),
    opened: fc.integer({ min: 0, max: 60 }),
  })
  .map(({ kind, count, liquid, seconds, opened }) =>
    jarOf({
      cloth: { kind, length: 0.2, width: 0.25, weighed: null },
      count,
      liquid: { ...liquid, discardAfter: null },
      seconds,
      opened,
    }),
  );

test('more cloths never need less liquid, nor does each give more', () => {
  fc.assert(
    fc.property(jar, fc.integer({ min: 1, max: 50 }), (asked, more) => {
      const [few, many] = [
        wipeJar(asked, by),
        wipeJar({ ...asked, count: asked.count + more }, by),
      ];
      expect(many.pour).toBeGreaterThan(few.pour);
      expect(many.gives.usual).toBeCloseTo(few.gives.usual, 12);
    }),
    { numRuns: 100 },
  );
});

test('a longer wait never has a cloth keep more wet', () => {
  fc.assert(
    fc.property(jar, fc.integer({ min: 1, max: 600 }), (asked, more) => {
      const short = wipeJar(asked, by).keepsWet?.usual ?? 0;
      const long = wipeJar({ ...asked, seconds: asked.seconds + more }, by).keepsWet?.usual ?? 0;
      expect(long).toBeLessThanOrEqual(short * 1.006 + 1e-12);
    }),
    { numRuns: 60 },
  );
});

test('a jar never gets stronger, and keeps no longer than a month', () => {
  fc.assert(
    fc.property(jar, (asked) => {
      const { strengths, keeps } = wipeJar(asked, by);
      strengths.forEach((strength, day) =>
        expect(strength).toBeLessThanOrEqual((strengths[day - 1] ?? 1) + 1e-12),
      );
      expect(keeps.seconds).toBeLessThanOrEqual(30 * 86_400);
    }),
    { numRuns: 60 },
  );
});

test('a longer soak never claims less', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...soakedThings),
      solution,
      fc.integer({ min: 0, max: 40_000 }),
      fc.integer({ min: 0, max: 40_000 }),
      (soaked, bath, seconds, more) => {
        const claim = (s: number) =>
          soakClaims.indexOf(soakBath(bathOf({ thing: soaked, bath, seconds: s }), by).claim);
        expect(claim(seconds + more)).toBeGreaterThanOrEqual(claim(seconds));
      },
    ),
  );
});

test('one material more never lengthens the longest contact', () => {
  fc.assert(
    fc.property(thing, fc.array(material, { maxLength: 4 }), material, (one, some, another) => {
      const of = (list: typeof some) => longestContact(one, list, 0.05, cautiousRules).seconds;
      expect(of([...some, another])).toBeLessThanOrEqual(
        some.length === 0 ? of([another]) : of(some),
      );
    }),
  );
});

test('what stays longer than it may is refused, and never waits past its wall', () => {
  fc.assert(
    fc.property(
      thing,
      material,
      fc.constantFrom(...acids),
      fc.integer({ min: 1, max: 80_000 }),
      (one, on, acid, seconds) => {
        const done = descale(
          descaleOf({ thing: one, materials: [on], area: 0.1, acid, seconds }),
          by,
        );
        if (seconds > done.most) expect(done.outcome).toBe('never');
        expect(done.least).toBeLessThanOrEqual(done.most);
        if (done.steps.length > 0) expect(done.rows).not.toHaveLength(0);
      },
    ),
  );
});

test('what must not meet holds inside jars, baths, machines and bowls', () => {
  fc.assert(
    fc.property(fc.constantFrom(...productIds), (held) => {
      const vinegar = { active: 'acetic acid', strength: 0.05 } as const;
      const bites = judgeCombination(
        products[held],
        products.vinegar,
        { route: 'vessel' },
        cautiousBook,
      ).bites;
      const bath = soakBath(
        bathOf({ thing: 'toilet-brush', bath: vinegar, seconds: 1800, holds: [held] }),
        by,
      );
      const barred = bites.some(({ severity }) => severity === 'never');
      expect(bath.reasons.some(({ code }) => code === 'meets-about')).toBe(barred);
      if (barred) expect(bath.outcome).toBe('never');
    }),
  );
});

test('any soil on any thing of any material is answered, and says what it rests on', () => {
  fc.assert(
    fc.property(thing, soil, material, fc.boolean(), (one, what, on, toilet) => {
      const job = soilJob(soilOf({ thing: one, soil: what, material: on, toilet }), by);
      if (job === null) return expect(what).toBe('everyday');
      expect(job.rows.length).toBeGreaterThan(0);
      if (job.outcome !== 'never') expect(job.steps.length).toBeGreaterThan(0);
      if (job.lies?.most != null) expect(job.lies.least).toBeLessThanOrEqual(job.lies.most);
      // Only what was published may be called disinfecting, and soil is not lifted by it.
      expect(job.claim === 'disinfects' && one !== 'hard-things').toBe(false);
    }),
    { numRuns: 500 },
  );
});

test('what puts two products in one place is in the book as allowed there', () => {
  fc.assert(
    fc.property(thing, soil, material, (one, what, on) => {
      const job = soilJob(soilOf({ thing: one, soil: what, material: on }), by);
      if (!job || job.cleaners.length < 2) return;
      const [first, second] = job.puts;
      if (!first || !second) return;
      const route = { route: 'surface', done: ['rinse'] } as const;
      const { severity } = judgeCombination(first, second, route, cautiousBook);
      expect(isAgainst(severity) && severity === 'never').toBe(false);
    }),
  );
});

test('nothing that is typed throws', () => {
  fc.assert(fc.property(fc.string(), (text) => void refusedIn(text)));
  expect(refusedIn('soap dispenser')).toBeNull();
  expect(refusedIn('hand gel dispenser')).toBeNull();
  expect(refusedIn('fruit bowl')).toBeNull();
  expect(refusedIn('pants on the chair')).toBeNull();
});

test('figures outside what is said are refused with what is allowed', () => {
  expect(() => wipeJar(jarOf({ count: 0 }), by)).toThrow('1 to 500');
  expect(() => wipeJar(jarOf({ count: 1.5 }), by)).toThrow('1 to 500');
  expect(() => wipeJar(jarOf({ opened: -1 }), by)).toThrow('0 to 200');
  expect(() => soakBath(bathOf({ vessel: { volume: 0, mouth: 0 } }), by)).toThrow('over 0');
  expect(() => soakBath(bathOf({ seconds: 100_000 }), by)).toThrow('0 to 86400');
  expect(usualAir.none.temperature).toBe(21);
});
