import { within, type Context } from '../../platform/context.ts';
import { append, turnToAppend } from '../records/service.ts';
import { forgetSession, hashToken, type Person } from './service.ts';
import * as store from './store.ts';

/** Somebody is called otherwise from now on, also where they were spoken of before. */
export const setName = async (
  context: Context,
  name: string,
  { person, token }: { person: Person; token: string },
): Promise<null> => {
  await within(context, async (inside) => {
    await turnToAppend(inside);
    const found = await store.holdPerson(inside, person.id);
    await store.changePerson(inside, person.id, { name, revision: found!.revision! + 1 });
    await append(inside, {
      kind: 'name-changed',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      row: { table: 'person', id: person.id },
      body: { personId: person.id },
    });
  });
  forgetSession(hashToken(token));
  return null;
};
