import type { Answer, Body } from '@zymostat/contract';
import { clothsAfter, judgeWash } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { theBook } from '../book/service.ts';
import type { Person } from '../people/service.ts';
import { append, factsById } from '../records/service.ts';
import * as store from './store.ts';

/** A wash counts only where it makes cloths fit for the next home. */
const refuseWash = async (inside: Context, { did, wash }: Body<'tellCloths'>): Promise<void> => {
  if (did !== 'washed') return;
  if (!wash) throw problems.conflict('wash-not-said');
  const { outcome, reasons } = judgeWash({ ...wash, washes: 0 }, await theBook(inside));
  if (outcome === 'never') throw problems.refused(reasons);
};

/** Says what was done with clean cloths of a zone: counted, taken, washed, thrown away. */
export const tellCloths = (
  context: Context,
  asked: Body<'tellCloths'>,
  person: Person,
): Promise<Answer<'tellCloths'>> =>
  within(context, async (inside) => {
    const { id: factId, zone, did, count, wash } = asked;
    const before = await store.holdCloths(inside, zone);
    if ((await factsById(inside, [factId])).length > 0) return { clean: before.clean };
    await refuseWash(inside, asked);
    const clean = clothsAfter(before.clean, { did, count });
    await store.keepCloths(inside, { zone, clean });
    await append(inside, {
      kind: 'cloths',
      factId,
      at: inside.now(),
      home: null,
      person,
      body: { zone, did, count, clean, temperature: wash?.temperature ?? null },
    });
    return { clean };
  });
