import { alreadyHere, nameKey, type Answer, type Body, type FactBody } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { MOST_NAMED, problems } from '../../platform/http/problems.ts';
import { append, turnToAppend } from '../records/service.ts';
import { hashCode, newCode } from './codes.ts';
import * as invitations from './invitationStore.ts';
import { personNames, type Person } from './service.ts';
import * as store from './store.ts';

/** A code runs out after a week. Source: house rule. */
const LASTS_MS = 7 * 86_400_000;

type Row = invitations.Invitation;
type Invited = Answer<'invite'>;

/** What anybody may see of an invitation who may see it. */
export const seenOf = ({ id, name, role, personId, madeAt, expiresAt }: Row) => ({
  id,
  name,
  role,
  for: personId === null ? ('joining' as const) : ('password' as const),
  madeAt: madeAt.getTime(),
  expiresAt: expiresAt.getTime(),
});

/** Puts on record what was done with an invitation. */
export const tellInvitation = (
  inside: Context,
  { id, role, personId }: Row,
  did: FactBody<'invitation'>['did'],
  person: Pick<Person, 'id' | 'name'>,
): Promise<unknown> =>
  append(inside, {
    kind: 'invitation',
    factId: inside.newId(),
    at: inside.now(),
    home: null,
    person,
    body: { invitationId: id, did, role, personId },
  });

/** Those that are open. */
export const listInvitations = async (context: Context): Promise<Answer<'invitations'>> => {
  const names = await personNames(context);
  const open = await invitations.openInvitations(context, new Date(context.now()));
  return open.map((row) => ({ ...seenOf(row), madeBy: names.get(row.madeBy) ?? '' }));
};

type Asked = Pick<Row, 'id' | 'name' | 'role' | 'language' | 'personId'>;

/** Makes an invitation, or another code for one that is there, and tells the code this once. */
const makeCode = async (inside: Context, asked: Asked, person: Person): Promise<Invited> => {
  const before = await invitations.holdInvitation(inside, asked.id);
  const code = newCode();
  const now = inside.now();
  const row = {
    ...asked,
    codeHash: hashCode(code),
    madeBy: person.id,
    madeAt: new Date(now),
    expiresAt: new Date(now + LASTS_MS),
  };
  await invitations.keepInvitation(inside, row);
  await tellInvitation(inside, row, before ? 'renewed' : 'made', person);
  return { ...seenOf(row), madeBy: person.name, code };
};

/** Asks somebody in. */
export const invite = (
  context: Context,
  { id, name, role, language }: Body<'invite'>,
  person: Person,
): Promise<Invited> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    return makeCode(inside, { id, name, role, language, personId: null }, person);
  });

/** Refuses where somebody of that name works here or is asked in: two could not be told apart. */
const refuseKnown = async (inside: Context, people: readonly Body<'invite'>[]): Promise<void> => {
  const own = new Set(people.map(({ id }) => id));
  const open = await invitations.openInvitations(inside, new Date(inside.now()));
  const asked = open.filter(({ id }) => !own.has(id)).map(({ name }) => name);
  const here = (await store.allPeople(inside)).filter(({ leftAt }) => !leftAt);
  const taken = [...asked, ...here.map(({ name }) => name)].map((name) => nameKey(name));
  const known = alreadyHere(people, taken, ({ name }) => nameKey(name));
  const names = known.slice(0, MOST_NAMED).map(({ name }) => name);
  if (known.length > 0) throw problems.conflict('already-here', { names: names.join(', ') });
};

/** Asks several in, all or none. Sent again, it makes other codes: the first were perhaps not seen. */
export const inviteMany = (
  context: Context,
  people: readonly Body<'invite'>[],
  person: Person,
): Promise<Invited[]> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    await refuseKnown(inside, people);
    const made: Invited[] = [];
    for (const one of people) made.push(await makeCode(inside, { ...one, personId: null }, person));
    return made;
  });

/** Lets somebody who is here choose a new password: a code that was made before does not count. */
export const newPasswordFor = (
  context: Context,
  { id, personId }: { id: string; personId: string },
  person: Person,
): Promise<Invited> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    const found = await store.holdPerson(inside, personId);
    if (!found || found.leftAt) throw problems.notFound('person');
    const { name, role, language } = found;
    await invitations.dropOfPerson(inside, personId);
    return makeCode(inside, { id, name, role, language, personId }, person);
  });

export const renewInvitation = (context: Context, id: string, person: Person): Promise<Invited> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    const found = await invitations.holdInvitation(inside, id);
    if (!found) throw problems.notFound('invitation');
    const { name, role, language, personId } = found;
    return makeCode(inside, { id, name, role, language, personId }, person);
  });

export const endInvitation = async (
  context: Context,
  id: string,
  person: Person,
): Promise<null> => {
  await within(context, async (inside) => {
    await turnToAppend(inside);
    const found = await invitations.holdInvitation(inside, id);
    if (!found) throw problems.notFound('invitation');
    await invitations.dropInvitation(inside, id);
    await tellInvitation(inside, found, 'taken-back', person);
  });
  return null;
};
