import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import { approvedHomes } from '../protocols/service.ts';
import * as rounds from './service.ts';
import { addEvent } from './takeEvent.ts';
import { wetNow } from './wetNow.ts';

export const roundRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.roundHomes, () => approvedHomes(context));
  serve(router, endpoints.rounds, ({ person }) => rounds.openRounds(context, person));
  serve(router, endpoints.startRound, ({ body, person }) =>
    rounds.startRound(context, body, person),
  );
  serve(router, endpoints.round, ({ params, person }) =>
    rounds.roundById(context, params.id, person),
  );
  serve(router, endpoints.addEvent, ({ params, body, person }) =>
    addEvent(context, params.id, body, person),
  );
  serve(router, endpoints.finishRound, ({ params, person }) =>
    rounds.finishRound(context, params.id, person),
  );
  serve(router, endpoints.wetNow, () => wetNow(context));
};
