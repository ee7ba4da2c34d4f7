import type { Answer, Body } from '@zymostat/contract';
import { afterJarAct, judgeJarAct } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { personNames, type Person } from '../people/service.ts';
import { append, factsById } from '../records/service.ts';
import { asJar, jarCode } from './asRow.ts';
import * as store from './store.ts';

/** Says what was done with a jar: cloths out or in, that it no longer wets, that it is gone. */
export const tellJar = (
  context: Context,
  id: string,
  { id: factId, did, count }: Body<'tellJar'>,
  person: Person,
): Promise<Answer<'tellJar'>> =>
  within(context, async (inside) => {
    const record = await store.holdJar(inside, id);
    if (!record) throw problems.notFound('jar');
    const names = await personNames(inside);
    if ((await factsById(inside, [factId])).length > 0) return asJar(record, names);
    const now = inside.now();
    const { readyAt, awayAt, active, strength, batchCode } = record.made;
    const standing = {
      left: record.left,
      readyAt,
      awayAt,
      endedAt: record.endedAt?.getTime() ?? null,
    };
    const reasons = judgeJarAct(standing, { did, count, now });
    if (reasons.length > 0) throw problems.refused(reasons);
    const { left, endedAt } = afterJarAct(standing, { did, count, now });
    const to = { left, endedAt: endedAt === null ? null : new Date(endedAt) };
    await store.changeJar(inside, id, to);
    await append(inside, {
      kind: 'jar',
      factId,
      at: now,
      home: null,
      person,
      body: {
        jarId: id,
        jarCode: jarCode(record),
        did,
        count,
        left,
        active,
        strength,
        batchCode,
        awayAt,
      },
    });
    return asJar({ ...record, ...to }, names);
  });
