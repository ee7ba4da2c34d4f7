import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import * as bottles from './service.ts';

export const bottleRoutes = (on: Serving): void => {
  serve(on, endpoints.bottles, ({ context }) => bottles.allBottles(context));
  serve(on, endpoints.addBottle, ({ context, body, person }) =>
    bottles.addBottle(context, body, person),
  );
  serve(on, endpoints.fillBottle, ({ context, params, body, person }) =>
    bottles.fillBottle(context, params.id, body.batchId, person),
  );
  serve(on, endpoints.washBottle, ({ context, params, body, person }) =>
    bottles.washBottle(context, params.id, body, person),
  );
};
