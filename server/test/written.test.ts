import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { chainAfter } from '../src/features/records/chainStore.ts';
import { canonical, hashOf } from '../src/features/records/chain.ts';
import { appendAll, asRecord, factById, type NewFact } from '../src/features/records/service.ts';
import { within } from '../src/platform/context.ts';
import { asKept } from '../src/platform/http/asKept.ts';
import { breaksIn, testBed, type Bed, type Caller } from './support.ts';

/** What is hashed is exactly what is stored and read back, whatever was written. */
let bed: Bed;
let maren: Caller;
let person: { id: string; name: string };
beforeAll(async () => {
  bed = await testBed();
  maren = await bed.as('maren');
  person = (await maren.call('GET /session')).body.person;
});
afterAll(() => bed.close());

const anyText = fc.oneof(
  fc.string({ unit: 'grapheme', maxLength: 60 }),
  fc.string({ unit: 'binary', maxLength: 40 }),
  fc.constantFrom('\u2028', 'e\u0301', '\u00e9', '\\u0041', '"', "'; --", '\u{1f9fc}', '\ufb01'),
);
const anyNumber = fc.oneof(fc.double({ noNaN: true, noDefaultInfinity: true }), fc.integer());
const anyBody = fc.record({
  what: anyText,
  products: fc.array(anyText, { maxLength: 2 }),
  place: anyText,
  who: anyText,
  done: anyText,
  amount: fc.option(anyText),
  symptoms: fc.option(anyText),
});
const isKept = (given: unknown): boolean => {
  const wrong: never[] = [];
  asKept(given, [''], wrong);
  return wrong.length === 0;
};
/** PostgreSQL's text holds no nought character; the schemas refuse it too. */
const isText = (given: object): boolean => !JSON.stringify(given).includes('\\u0000');

const write = (bodies: readonly object[]) => {
  const facts = bodies.map(
    (body) =>
      ({
        ...{ kind: 'near-miss', factId: randomUUID(), at: bed.context.now(), home: null },
        ...{ person, body },
      }) as unknown as NewFact,
  );
  return within(bed.context, (inside) => appendAll(inside, facts));
};

test('hash(read(write(fact))) is hash(fact), over random facts through the database', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(
        anyBody.filter((body) => isKept(body) && isText(body)),
        {
          minLength: 1,
          maxLength: 20,
        },
      ),
      async (given) => {
        const bodies = given.map((body) => asKept(body, [''], []) as object);
        const written = await write(bodies);
        const read = await chainAfter(bed.context, Number(written[0]!.seq) - 1);
        read.forEach((row, i) => {
          expect(row.body).toBe(canonical(bodies[i]));
          expect(hashOf(row)).toBe(written[i]!.hash);
          expect(row.hash).toBe(written[i]!.hash);
        });
        const again = (await factById(bed.context, written[0]!.factId))!;
        const record = asRecord({ ...again, called: person.name, subject: null });
        expect(record.body).toEqual(bodies[0]);
      },
    ),
    { numRuns: 60 },
  );
  expect(await breaksIn(bed.context)).toEqual([]);
}, 60_000);

test('every number that a measure may be comes back as it was', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(anyNumber.filter(isKept), { minLength: 1 }), async (numbers) => {
      const kept = numbers.map((one) => asKept(one, [''], []));
      const [written] = await write([{ what: 'x', numbers: kept }]);
      const [row] = await chainAfter(bed.context, Number(written!.seq) - 1);
      expect((JSON.parse(row!.body) as { numbers: number[] }).numbers).toEqual(kept);
      expect(hashOf(row!)).toBe(written!.hash);
    }),
    { numRuns: 60 },
  );
});

test('ids in upper case, half characters and extreme numbers over the wire leave the chain whole', async () => {
  const tell = (what: string) =>
    maren.call('POST /mishaps', {
      ...{ kind: 'near-miss', what, products: [], homeId: null, place: 'Depot', who: 'me' },
      ...{ at: 1_000_000, done: 'Nothing' },
    });
  for (const what of ['A\ud800B', '\udc00', '\ufffe']) expect((await tell(what)).status).toBe(400);
  expect((await tell('\u{1f9fc} Rene\u0301e')).status).toBe(200);
  const answer = await maren.call(
    'POST /places',
    { kind: 'shelf', name: 'North' },
    {
      'idempotency-key': randomUUID().toUpperCase(),
    },
  );
  expect(answer.status).toBe(200);
  expect(await breaksIn(bed.context)).toEqual([]);
});
