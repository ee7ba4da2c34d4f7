import * as v from 'valibot';
import { languages } from '../languages.ts';
import { codeTyped, login } from './company.ts';
import { newPassword } from './people.ts';
import { MOST_PEOPLE_AT_ONCE } from '../limits.ts';
import { id, instant, listOf, name } from '../parts/text.ts';
import { role } from '../parts/trade.ts';

/** Nothing where whoever comes chooses for themselves. */
const language = v.nullable(v.picklist(languages));

/** Somebody is asked in; the id is the caller's own. */
export const newInvitation = v.strictObject({ id, name, role, language });

/** Several are asked in, all or none. */
export const newInvitations = v.strictObject({
  people: v.pipe(listOf(newInvitation, MOST_PEOPLE_AT_ONCE), v.minLength(1, 'write-something')),
});

/** `for`: to come in, or, for somebody who is here, to choose a new password. */
const what = { name, role, for: v.picklist(['joining', 'password']), expiresAt: instant };

/** One that is open. Its code is nowhere: only whoever made it has seen it. */
export const invitation = v.strictObject({ id, ...what, madeAt: instant, madeBy: name });

/** The only time that a code is told. */
export const invited = v.strictObject({ ...invitation.entries, code: v.string() });

export const invitationCode = v.strictObject({ code: codeTyped });

/** What somebody who holds a code is told: `login` where they have one. */
export const invitationSeen = v.strictObject({
  ...what,
  company: name,
  language,
  login: v.nullable(v.string()),
});

/** Comes in by a code. `login`: nothing where they have one. */
export const accepted = v.strictObject({
  code: codeTyped,
  login: v.nullable(login),
  password: newPassword,
  language: v.picklist(languages),
});

export type Invitation = v.InferOutput<typeof invitation>;
