import { randomUUID } from 'node:crypto';
import type { Context } from '../src/platform/context.ts';
import { within } from '../src/platform/context.ts';
import { appendAll, type NewFact } from '../src/features/records/service.ts';
import { allRounds } from '../src/features/rounds/store.ts';
import { rebuildWet } from '../src/features/verification/verifyAll.ts';
import { addHome, type Bed, type Caller } from '../test/support.ts';

/** Somebody with a phone, in a round of their own. */
export interface Phone {
  cookie: string;
  personId: string;
  roundId: string;
  surfaces: string[];
}

const SURFACES = 20;

/** As many phones as asked for, each in a round in a home of its own. */
export const startPhones = async (bed: Bed, maren: Caller, count: number): Promise<Phone[]> => {
  const phones: Phone[] = [];
  const people = ['tobias', 'anneke', 'maren'];
  for (let i = 0; i < count; i += 1) {
    const { home, surfaces } = await addHome(
      maren,
      Array.from({ length: SURFACES }, (_, n) => ({ fields: { name: `Surface ${n}` } })),
    );
    await maren.call(`POST /homes/${home}/protocols`, {});
    const caller = await bed.as(people[i % people.length]!);
    const personId = (await caller.call('GET /session')).body.person.id as string;
    const roundId = randomUUID();
    const started = await caller.call('POST /rounds', { id: roundId, homeId: home });
    if (started.status !== 200) throw new Error(JSON.stringify(started.body));
    phones.push({ cookie: caller.cookie, personId, roundId, surfaces });
  }
  return phones;
};

const AT_ONCE = 5000;

/** Fills the ledger up to `rows` with events of those rounds: a chain that holds. */
export const fillLedger = async (
  context: Context,
  phones: readonly Phone[],
  rows: number,
): Promise<void> => {
  const [{ max }] = await context.db.query('SELECT coalesce(max(seq), 0)::int AS max FROM ledger');
  const rounds = await allRounds(context);
  const begun = context.now() - (rows - max);
  const factOf = (i: number): NewFact => {
    const { personId, roundId, surfaces } = phones[i % phones.length]!;
    const surfaceId = surfaces[Math.floor(i / phones.length) % surfaces.length]!;
    const what = { roundId, surfaceId, event: 'washed' as const, batchId: null, batchCode: null };
    return {
      kind: 'surface-event',
      factId: randomUUID(),
      at: begun + i,
      home: { id: rounds.get(roundId)!.homeId, name: 'Hedda' },
      person: { id: personId, name: '' },
      body: { ...what, surfaceName: 'Surface', roomName: 'Bathroom' },
    };
  };
  for (let at = max; at < rows; at += AT_ONCE) {
    const facts = Array.from({ length: Math.min(AT_ONCE, rows - at) }, (_, i) => factOf(at + i));
    await within(context, (inside) => appendAll(inside, facts));
  }
  await rebuildWet(context);
  await context.db.query('VACUUM ANALYZE ledger');
};
