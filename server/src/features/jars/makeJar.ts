import type { Answer, Body } from '@zymostat/contract';
import { usualAir, verdictOf, wipeJar, type Jar, type JarLiquid } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { judgingOf } from '../book/service.ts';
import { personNames, type Person } from '../people/service.ts';
import { append } from '../records/service.ts';
import { asJar, jarCode } from './asRow.ts';
import { liquidOf, liquidReasons, type Liquid } from './liquid.ts';
import * as store from './store.ts';

type Asked = Body<'makeJar'>;

const asLiquid = (liquid: Liquid | null): JarLiquid =>
  liquid
    ? {
        active: liquid.batch.active,
        strength: liquid.batch.strength,
        label: liquid.stock?.label ?? null,
        discardAfter: liquid.batch.discardAfter,
      }
    : { active: null };

/** A jar as the core works it out: the page asks the same. */
const workedOut = async (inside: Context, asked: Asked, liquid: Liquid | null): Promise<Jar> => {
  const { cloth, count, vessel, seconds, against, ventilation, temperature, opened } = asked;
  const air = { ...usualAir[ventilation], temperature };
  return wipeJar(
    { cloth, count, vessel, seconds, against, air, opened, liquid: asLiquid(liquid) },
    await judgingOf(inside),
  );
};

const madeOf = (
  { id: _, ...asked }: Asked,
  jar: Jar,
  liquid: Liquid | null,
  now: number,
): store.JarMade => ({
  ...asked,
  active: liquid?.batch.active ?? null,
  strength: liquid?.batch.strength ?? null,
  batchCode: liquid?.batch.code ?? null,
  pour: jar.pour,
  keepsWet: jar.keepsWet && { usual: jar.keepsWet.usual, last: jar.keepsWet.last },
  held: jar.seconds,
  claim: jar.claim,
  readyAt: now + jar.ready * 1000,
  awayAt: now + Math.round(jar.keeps.seconds * 1000),
  because: jar.keeps.because,
});

const make = async (inside: Context, asked: Asked, person: Person): Promise<Answer<'makeJar'>> => {
  const liquid = asked.batchId === null ? null : await liquidOf(inside, asked.batchId);
  const jar = await workedOut(inside, asked, liquid);
  const of = { pour: jar.pour, disinfects: jar.claim === 'disinfects' };
  const reasons = [...jar.reasons, ...(liquid ? liquidReasons(inside, liquid, of) : [])];
  if (verdictOf(reasons).outcome === 'never')
    throw problems.refused(reasons.filter(({ outcome }) => outcome === 'never'));
  const now = inside.now();
  const made = madeOf(asked, jar, liquid, now);
  const { id, count } = asked;
  const [madeAt, madeBy] = [new Date(now), person.id];
  await store.addJar(inside, { id, madeAt, madeBy, made, left: count, endedAt: null });
  const record = (await store.jarById(inside, id))!;
  const { active, strength, batchCode, awayAt } = made;
  await append(inside, {
    kind: 'jar',
    factId: id,
    at: now,
    home: null,
    person,
    body: {
      jarId: id,
      jarCode: jarCode(record),
      did: 'made',
      count,
      left: count,
      active,
      strength,
      batchCode,
      awayAt,
    },
  });
  return asJar(record, await personNames(inside));
};

/** Makes a jar of wipes, or refuses it with every reason. One that is there already stays. */
export const makeJar = (
  context: Context,
  asked: Asked,
  person: Person,
): Promise<Answer<'makeJar'>> =>
  within(context, async (inside) => {
    const before = await store.jarById(inside, asked.id);
    return before ? asJar(before, await personNames(inside)) : make(inside, asked, person);
  });
