import type { Answer, Body } from '@zymostat/contract';
import { bathAt, bathCame, forbidden, isGeneric, soakBath, type Bath } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { judgingOf } from '../book/service.ts';
import { personNames, type Person } from '../people/service.ts';
import { append, factsById, type NewFact } from '../records/service.ts';
import { asBath, bathCode } from './asRow.ts';
import { liquidOf, liquidReasons, type Liquid } from './liquid.ts';
import * as store from './store.ts';

type Asked = Body<'beginBath'>;

/** A bath as the core works it out: the page asks the same. */
const workedOut = async (inside: Context, asked: Asked, { batch }: Liquid): Promise<Bath> => {
  const { active, strength } = batch;
  // A registered product is used as its label says, and no label is for baths of our own.
  if (!isGeneric(active)) throw problems.refused([forbidden('jar-not-on-label', 'product label')]);
  return soakBath(bathAt(asked, { active, strength }), await judgingOf(inside));
};

const told = (
  inside: Context,
  record: store.BathRecord,
  { factId, person, did }: { factId: string; person: Person; did: 'begun' | 'ended' },
): NewFact => {
  const { thing, place, active, strength, batchCode, least, most } = record.begun;
  return {
    kind: 'bath',
    factId,
    at: inside.now(),
    home: null,
    person,
    body: {
      bathId: record.id,
      bathCode: bathCode(record),
      did,
      thing,
      place,
      active,
      strength,
      batchCode,
      leastSeconds: least,
      mostSeconds: most,
      lay: did === 'ended' ? record.came : null,
    },
  };
};

const begin = async (
  inside: Context,
  asked: Asked,
  person: Person,
): Promise<Answer<'beginBath'>> => {
  const liquid = await liquidOf(inside, asked.batchId);
  const bath = await workedOut(inside, asked, liquid);
  const of = { pour: bath.pour, disinfects: bath.claim === 'disinfects' };
  const reasons = [...bath.reasons, ...liquidReasons(inside, liquid, of)];
  const against = reasons.filter(({ outcome }) => outcome === 'never');
  if (against.length > 0) throw problems.refused(against);
  const { id, ...rest } = asked;
  const { active, strength, code: batchCode } = liquid.batch;
  const { pour, least, most, claim } = bath;
  const begun = { ...rest, active, strength, batchCode, pour, least, most, claim };
  const [begunAt, begunBy] = [new Date(inside.now()), person.id];
  const none = { endedAt: null, endedBy: null, came: null };
  await store.addBath(inside, { id, begunAt, begunBy, begun, ...none });
  const record = (await store.holdBath(inside, id))!;
  await append(inside, told(inside, record, { factId: id, person, did: 'begun' }));
  return asBath(record, await personNames(inside));
};

/** Lays something in a bath, or refuses it with every reason. One that is there already stays. */
export const beginBath = (
  context: Context,
  asked: Asked,
  person: Person,
): Promise<Answer<'beginBath'>> =>
  within(context, async (inside) => {
    const before = await store.holdBath(inside, asked.id);
    return before ? asBath(before, await personNames(inside)) : begin(inside, asked, person);
  });

/** Takes it out: how long it lay goes on record, too short and too long as well. */
export const endBath = (
  context: Context,
  id: string,
  { id: factId }: Body<'endBath'>,
  person: Person,
): Promise<Answer<'endBath'>> =>
  within(context, async (inside) => {
    const record = await store.holdBath(inside, id);
    if (!record) throw problems.notFound('bath');
    const names = await personNames(inside);
    if ((await factsById(inside, [factId])).length > 0) return asBath(record, names);
    if (record.endedAt) throw problems.refused([forbidden('vessel-ended', 'the record')]);
    const now = inside.now();
    const came = bathCame({ ...record.begun, begunAt: record.begunAt.getTime() }, now);
    const to = { endedAt: new Date(now), endedBy: person.id, came };
    await store.endBath(inside, id, to);
    const ended = { ...record, ...to };
    await append(inside, told(inside, ended, { factId, person, did: 'ended' }));
    return asBath(ended, names);
  });
