import type { FactBody } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import type { Person } from '../people/service.ts';
import { append } from '../records/service.ts';

/** Puts on record that a container has come in. */
export const tellReceived = (
  inside: Context,
  body: FactBody<'stock-received'>,
  person: Person,
): Promise<unknown> =>
  append(inside, {
    kind: 'stock-received',
    factId: inside.newId(),
    at: inside.now(),
    home: null,
    person,
    body,
  });
