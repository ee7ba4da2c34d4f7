import type { RoundRow } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { personNames, type Person } from '../people/service.ts';
import type { RoundAtHome } from './store.ts';

/** A round as it stands in lists, for whoever asks. */
export const asRow = async (
  context: Context,
  row: RoundAtHome,
  person: Person,
): Promise<RoundRow> => {
  const names = await personNames(context);
  const { id, homeId, homeName, place, people } = row;
  return {
    id,
    homeId,
    homeName,
    place,
    by: people.map((one) => names.get(one) ?? '').join(', '),
    joined: people.includes(person.id),
    startedAt: row.startedAt.getTime(),
    finishedAt: row.finishedAt?.getTime() ?? null,
  };
};
