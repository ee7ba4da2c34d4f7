import type { Answer, Body } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { append, turnToAppend, type NewFact } from '../records/service.ts';
import type { Person } from './service.ts';
import { endAll } from './sessions.ts';
import * as store from './store.ts';

/** Who is here, and what they may do. */
export const listPeople = async (context: Context): Promise<Answer<'people'>> =>
  (await store.allPeople(context)).map(({ id, name, login, role, leftAt, revision }) => ({
    id,
    name,
    login: leftAt ? null : login,
    role,
    leftAt: leftAt?.getTime() ?? null,
    revision: revision!,
  }));

interface Doer {
  person: Person;
  seen: number;
}

type Fact = Pick<NewFact, 'kind' | 'body'>;

/**
 * Changes one person as they were seen, with the fact of it. There is always a supervisor, and
 * nobody changes their own rights.
 */
const changing = (
  context: Context,
  id: string,
  { person, seen }: Doer,
  work: (inside: Context, found: store.Person) => Promise<Fact>,
): Promise<null> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    const found = await store.holdPerson(inside, id);
    if (!found || found.leftAt) throw problems.notFound('person');
    if (id === person.id) throw problems.conflict('own-rights');
    if (seen < found.revision!) throw problems.conflict('changed-since');
    const fact = await work(inside, found);
    await store.changePerson(inside, id, { revision: found.revision! + 1 });
    if ((await store.countOfSupervisors(inside)) === 0) throw problems.conflict('last-supervisor');
    await append(inside, {
      ...fact,
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      row: { table: 'person', id },
    } as NewFact);
    return null;
  });

/** Changes what somebody may do: they sign in anew with it. */
export const changeRole = (
  context: Context,
  id: string,
  { role: to }: Body<'changeRole'>,
  doer: Doer,
): Promise<null> =>
  changing(context, id, doer, async (inside, { role: from }) => {
    await store.changePerson(inside, id, { role: to });
    await endAll(inside, id, doer.person);
    return { kind: 'role-changed', body: { personId: id, from, to } };
  });

/** What stands for a name that is no longer kept: the same wherever the person is spoken of. */
const pseudonymOf = (id: string): string => `P-${id.replaceAll('-', '').slice(0, 8)}`;

/**
 * Somebody left. The record stays whole, byte for byte: it holds their id, and a pseudonym stands
 * where their name stood. With the salt goes the last by which the name could be guessed.
 */
export const leave = (context: Context, id: string, doer: Doer): Promise<null> =>
  changing(context, id, doer, async (inside) => {
    await endAll(inside, id, doer.person);
    await store.changePerson(inside, id, {
      name: pseudonymOf(id),
      login: pseudonymOf(id),
      passwordHash: '',
      salt: inside.newId(),
      leftAt: new Date(inside.now()),
    });
    return { kind: 'person-left', body: { personId: id } };
  });
