import { chosenLanguage, companyNumbers, me, signIn } from '../messages/people.ts';
import { routes } from '../routes.ts';
import { endpoint } from './endpoint.ts';

export const peopleEndpoints = {
  signIn: endpoint(routes.signIn, 'anyone', 'Sign in', { body: signIn, answer: me }),
  me: endpoint(routes.me, 'person', 'Who is signed in, and the company', { answer: me }),
  signOut: endpoint(routes.signOut, 'person', 'Sign out'),
  setLanguage: endpoint(routes.setLanguage, 'person', 'Choose the language that one reads in', {
    body: chosenLanguage,
  }),
  setNumbers: endpoint(
    routes.setNumbers,
    'supervisor',
    'Set the emergency number and the poison line',
    { body: companyNumbers },
  ),
} as const;
