import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import { approve } from './approve.ts';
import { ruleEffects, setHouseRules } from './houseRules.ts';
import { homeDetail, versionById } from './service.ts';
import { surveyHome } from './surveyHome.ts';

export const protocolRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.home, ({ params }) => homeDetail(context, params.id));
  serve(router, endpoints.editHome, ({ params, body, person, seen }) =>
    surveyHome(context, params.id, body, { person, seen }),
  );
  serve(router, endpoints.approve, ({ params, seen, person }) =>
    approve(context, params.id, seen, person),
  );
  serve(router, endpoints.ruleEffects, ({ body }) => ruleEffects(context, body));
  serve(router, endpoints.setHouseRules, ({ body, person }) =>
    setHouseRules(context, body, person),
  );
  serve(router, endpoints.version, ({ params }) => versionById(context, params.id));
};
