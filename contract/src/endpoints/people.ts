import * as v from 'valibot';
import {
  chosenLanguage,
  companyNumbers,
  me,
  passwordChange,
  personRow,
  session,
  signIn,
} from '../messages/people.ts';
import { name } from '../parts/text.ts';
import { role } from '../parts/trade.ts';
import { routes } from '../routes.ts';
import { byId, endpoint } from './endpoint.ts';

export const peopleEndpoints = {
  signIn: endpoint(routes.signIn, 'anyone', 'Sign in', { body: signIn, answer: me }),
  me: endpoint(routes.me, 'person', 'Who is signed in, and the company', { answer: me }),
  signOut: endpoint(routes.signOut, 'person', 'Sign out'),
  setLanguage: endpoint(routes.setLanguage, 'person', 'Choose the language that one reads in', {
    body: chosenLanguage,
  }),
  setName: endpoint(routes.setName, 'person', 'Choose what one is called here', {
    body: v.strictObject({ name }),
  }),
  changePassword: endpoint(
    routes.changePassword,
    'person',
    'Choose a new password; all other sessions end',
    { body: passwordChange },
  ),
  sessions: endpoint(routes.sessions, 'person', 'One’s own sessions, the newest first', {
    answer: v.array(session),
  }),
  sessionsOf: endpoint(routes.sessionsOf, 'supervisor', 'The sessions of somebody', {
    params: byId,
    answer: v.array(session),
  }),
  endSession: endpoint(
    routes.endSession,
    'person',
    'End a session: one’s own, or anybody’s by a supervisor',
    { params: byId },
  ),
  people: endpoint(routes.people, 'supervisor', 'Who is or was here', {
    answer: v.array(personRow),
  }),
  changeRole: endpoint(routes.changeRole, 'supervisor', 'Change what somebody may do', {
    params: byId,
    body: v.strictObject({ role }),
    seen: true,
  }),
  leave: endpoint(
    routes.leave,
    'supervisor',
    'Somebody left: a pseudonym stands for their name, the record stays whole',
    { params: byId, seen: true },
  ),
  setNumbers: endpoint(
    routes.setNumbers,
    'supervisor',
    'Set the emergency number and the poison line',
    { body: companyNumbers, seen: true },
  ),
} as const;
