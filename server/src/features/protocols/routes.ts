import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../context.ts';
import { serve } from '../../http/serve.ts';
import * as protocols from './service.ts';

export const protocolRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.approve, ({ params, seen, person }) =>
    protocols.approve(context, params.id, seen, person),
  );
  serve(router, context, endpoints.ruleEffects, ({ body }) => protocols.ruleEffects(context, body));
  serve(router, context, endpoints.setHouseRules, ({ body, person }) =>
    protocols.setHouseRules(context, body, person),
  );
  serve(router, context, endpoints.version, ({ params }) =>
    protocols.versionById(context, params.id),
  );
};
