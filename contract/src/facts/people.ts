import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { role } from '../parts/trade.ts';
import { about } from './about.ts';
import { factOf } from './fact.ts';

/** The company began to use the application. */
export const companySetUp = factOf('company-set-up', ['Me'], v.strictObject({ ...about }));

/** Somebody was entered. Names stand outside the ledger: a row holds the id. */
export const personAdded = factOf(
  'person-added',
  ['Book', 'People', 'Beginning'],
  v.strictObject({ ...about, personId: id, role }),
);

/** Somebody is called otherwise from now on. */
export const nameChanged = factOf(
  'name-changed',
  ['Me', 'People'],
  v.strictObject({ ...about, personId: id }),
);

/** What somebody may do was changed. */
export const roleChanged = factOf(
  'role-changed',
  ['Me', 'Book', 'People'],
  v.strictObject({ ...about, personId: id, from: role, to: role }),
);

/** Somebody left: from then on a pseudonym stands where their name stood. */
export const personLeft = factOf(
  'person-left',
  ['Me', 'Book', 'People'],
  v.strictObject({ ...about, personId: id }),
);

/** Somebody signed in; on a device that they had signed in on before, or on a new one. */
export const signedIn = factOf('signed-in', [], v.strictObject({ newDevice: v.boolean() }));

/** A session was ended by hand: somebody's own, or another's by a supervisor. */
export const sessionEnded = factOf(
  'session-ended',
  [],
  v.strictObject({ personId: id, sessions: v.number() }),
);

/** Somebody chose a new password; all their other sessions ended with it. */
export const passwordChanged = factOf('password-changed', [], v.strictObject({}));
