import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../context.ts';
import { serve } from '../../http/serve.ts';
import { approvedHomes } from '../protocols/service.ts';
import * as rounds from './service.ts';

export const roundRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.roundHomes, () => approvedHomes(context));
  serve(router, context, endpoints.rounds, ({ person }) => rounds.openRounds(context, person));
  serve(router, context, endpoints.startRound, ({ body, person }) =>
    rounds.startRound(context, body, person),
  );
  serve(router, context, endpoints.round, ({ params, person }) =>
    rounds.roundById(context, params.id, person),
  );
  serve(router, context, endpoints.addEvent, ({ params, body, person }) =>
    rounds.addEvent(context, params.id, body, person),
  );
  serve(router, context, endpoints.finishRound, ({ params, person }) =>
    rounds.finishRound(context, params.id, person),
  );
  serve(router, context, endpoints.wetNow, () => rounds.wetNow(context));
};
