import type { SetUp } from '@zymostat/contract';
import { cautiousRules } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { turnToAppend } from '../records/service.ts';
import { hashCode, newCode } from './codes.ts';
import { countAttempt, forgetAttempts } from './guessingStore.ts';
import { keepSetUpCode, useSetUpCode } from './invitationStore.ts';
import { openFirst, type From, type SignedIn } from './openSession.ts';
import { hashPassword, refuseCommon } from './passwords.ts';
import { setUpInside } from './setUp.ts';
import * as store from './store.ts';

/** Whether a company is still to begin here. */
export const isToBegin = async (context: Context): Promise<boolean> =>
  (await store.companyIn(context)) === undefined;

/**
 * A code by which a company may begin, for whoever has started the server; nothing where one has
 * begun. Only the last one counts.
 */
export const newSetUpCode = (context: Context): Promise<string | null> =>
  within(context, async (inside) => {
    if (!(await isToBegin(inside))) return null;
    const code = newCode();
    await keepSetUpCode(inside, hashCode(code), new Date(inside.now()));
    return code;
  });

/** Rules as the most cautious school has them, until somebody chooses. */
const companyOf = (inside: Context, { company }: SetUp): store.NewCompany => ({
  id: inside.newId(),
  ...company,
  houseRules: cautiousRules,
});

/** Whoever knows the code begins the company, as its first supervisor, and is signed in. */
export const beginCompany = async (
  context: Context,
  setUp: SetUp,
  from: From,
): Promise<SignedIn> => {
  const { name, login, password, language } = setUp.person;
  refuseCommon(password, 'person.password');
  const guesser = { login: 'set-up', address: from.address, device: null };
  await countAttempt(context, guesser);
  const passwordHash = await hashPassword(password);
  const signedIn = await within(context, async (inside) => {
    await turnToAppend(inside);
    if (!(await isToBegin(inside))) throw problems.conflict('begun-before');
    if (!(await useSetUpCode(inside, hashCode(setUp.code))))
      throw problems.badRequest([{ path: 'code', code: 'wrong-set-up-code' }]);
    const id = inside.newId();
    const person = { id, name, login, role: 'supervisor' as const, passwordHash, language };
    await setUpInside(inside, companyOf(inside, setUp), [person]);
    return openFirst(inside, person, from);
  });
  await forgetAttempts(context, guesser);
  return signedIn;
};
