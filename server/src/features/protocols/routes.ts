import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { approve } from './approve.ts';
import { ruleEffects, setHouseRules } from './houseRules.ts';
import { homeDetail, versionById } from './service.ts';
import { surveyHome } from './surveyHome.ts';

export const protocolRoutes = (on: Serving): void => {
  serve(on, endpoints.home, ({ context, params }) => homeDetail(context, params.id));
  serve(on, endpoints.editHome, ({ context, params, body, person, seen }) =>
    surveyHome(context, params.id, body, { person, seen }),
  );
  serve(on, endpoints.approve, ({ context, params, seen, person }) =>
    approve(context, params.id, seen, person),
  );
  serve(on, endpoints.ruleEffects, ({ context, body }) => ruleEffects(context, body));
  serve(on, endpoints.setHouseRules, ({ context, body, person, seen }) =>
    setHouseRules(context, body, { person, seen }),
  );
  serve(on, endpoints.version, ({ context, params }) => versionById(context, params.id));
};
