import type { Body } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { append } from '../records/service.ts';
import { changeCompany, type Person } from './service.ts';

/** Sets whom to call; what stood before is on the ledger. */
export const setNumbers = async (
  context: Context,
  numbers: Body<'setNumbers'>,
  { person, seen }: { person: Person; seen: number },
): Promise<null> => {
  await within(context, async (inside) => {
    const { before } = await changeCompany(inside, numbers, seen);
    const { emergencyNumber: emergencyBefore, poisonLine: poisonBefore } = before;
    await append(inside, {
      kind: 'company-numbers',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      row: { table: 'company', id: before.id },
      body: { ...numbers, emergencyBefore, poisonBefore },
    });
  });
  return null;
};
