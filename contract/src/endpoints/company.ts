import { answered, beginning, companyWays, setUp, setUpNeeded } from '../messages/company.ts';
import { me } from '../messages/people.ts';
import { routes } from '../routes.ts';
import { endpoint } from './endpoint.ts';

export const companyEndpoints = {
  setUpNeeded: endpoint(routes.setUpNeeded, 'anyone', 'Whether a company is still to begin here', {
    answer: setUpNeeded,
  }),
  setUp: endpoint(
    routes.setUp,
    'anyone',
    'A company begins, with its first supervisor, by the code that the server has printed',
    { body: setUp, answer: me },
  ),
  setWays: endpoint(
    routes.setWays,
    'supervisor',
    'Change what the company is called, pays in, measures in and lives by',
    { body: companyWays, seen: true },
  ),
  answerQuestions: endpoint(
    routes.answerQuestions,
    'supervisor',
    'Questions of the house were looked at and answered',
    { body: answered },
  ),
  beginning: endpoint(routes.beginning, 'supervisor', 'How far it is to the first round', {
    answer: beginning,
  }),
} as const;
