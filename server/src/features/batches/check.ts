import type { BatchRow, CheckReading } from '@zymostat/contract';
import { judgeCheck } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { theCompany, type Person } from '../people/service.ts';
import { append, type NewFact } from '../records/service.ts';
import { batchById, batchCode } from './service.ts';
import * as store from './store.ts';

/**
 * Checks a finished batch: in strength it is verified, out of strength it is set aside for good. A
 * reading that cannot be of such a batch changes nothing.
 */
export const checkBatch = async (
  context: Context,
  id: string,
  reading: CheckReading,
  person: Person,
): Promise<BatchRow> => {
  const { now, newId } = context;
  const { houseRules } = await theCompany(context);
  await within(context, async (inside) => {
    const batch = await store.holdBatch(inside, id);
    if (!batch) throw problems.notFound('batch');
    // What stands in bottles is as weak as it was: a batch is put right whole, or not at all.
    if (batch.status === 'set-aside' && (await store.filledFrom(inside, id)) > 0) {
      throw problems.conflict('filled-before');
    }
    const result = judgeCheck(batch.active, batch.strength, reading, houseRules);
    if (!result.ok) throw problems.conflict(result.why);
    const { inStrength, measured, uncertainty, why } = result;
    const status = inStrength ? ('verified' as const) : ('set-aside' as const);
    await store.noteCheck(inside, id, { status, measured });
    const body = {
      batchId: id,
      batchCode: batchCode(batch.number!),
      active: batch.active,
      meant: batch.strength,
      measured,
      uncertainty,
      reading,
      inStrength,
      why,
    };
    const row: NewFact['row'] = { table: 'batch', id };
    const who = { home: null, person };
    await append(inside, { kind: 'check', factId: newId(), at: now(), ...who, row, body });
  });
  return batchById(context, id);
};
