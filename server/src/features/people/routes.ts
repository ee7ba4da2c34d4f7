import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { sessionToken } from '../../platform/http/session.ts';
import { setNumbers } from './numbers.ts';
import * as rights from './rights.ts';
import { setLanguage } from './service.ts';
import { isToBegin } from './begin.ts';
import { setName } from './setName.ts';
import { answerQuestions, setWays } from './ways.ts';
import * as sessions from './sessions.ts';

export const peopleRoutes = (on: Serving): void => {
  serve(on, endpoints.setNumbers, ({ context, body, person, seen }) =>
    setNumbers(context, body, { person, seen }),
  );
  serve(on, endpoints.setUpNeeded, async ({ context }) => ({ needed: await isToBegin(context) }));
  serve(on, endpoints.setWays, ({ context, body, person, seen }) =>
    setWays(context, body, { person, seen }),
  );
  serve(on, endpoints.answerQuestions, ({ context, body }) =>
    answerQuestions(context, body.questions),
  );
  serve(on, endpoints.setName, ({ context, body, person, request }) =>
    setName(context, body.name, { person, token: sessionToken(request)! }),
  );
  serve(on, endpoints.setLanguage, ({ context, body, person, request }) =>
    setLanguage(context, body, person, sessionToken(request)!),
  );
  serve(on, endpoints.changePassword, ({ context, body, person, request }) =>
    sessions.changePassword(context, body, { person, token: sessionToken(request)! }),
  );
  serve(on, endpoints.sessions, ({ context, person, request }) =>
    sessions.listSessions(context, person.id, sessionToken(request)),
  );
  serve(on, endpoints.sessionsOf, ({ context, params, request }) =>
    sessions.listSessions(context, params.id, sessionToken(request)),
  );
  serve(on, endpoints.endSession, ({ context, params, person }) =>
    sessions.endSession(context, params.id, person),
  );
  serve(on, endpoints.people, ({ context }) => rights.listPeople(context));
  serve(on, endpoints.changeRole, ({ context, params, body, person, seen }) =>
    rights.changeRole(context, params.id, body, { person, seen }),
  );
  serve(on, endpoints.leave, ({ context, params, person, seen }) =>
    rights.leave(context, params.id, { person, seen }),
  );
};
