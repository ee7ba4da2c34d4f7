import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import * as jars from './service.ts';

export const jarRoutes = (on: Serving): void => {
  serve(on, endpoints.vessels, ({ context }) => jars.vesselsNow(context));
  serve(on, endpoints.makeJar, ({ context, body, person }) => jars.makeJar(context, body, person));
  serve(on, endpoints.tellJar, ({ context, params, body, person }) =>
    jars.tellJar(context, params.id, body, person),
  );
  serve(on, endpoints.beginBath, ({ context, body, person }) =>
    jars.beginBath(context, body, person),
  );
  serve(on, endpoints.endBath, ({ context, params, body, person }) =>
    jars.endBath(context, params.id, body, person),
  );
  serve(on, endpoints.tellCloths, ({ context, body, person }) =>
    jars.tellCloths(context, body, person),
  );
};
