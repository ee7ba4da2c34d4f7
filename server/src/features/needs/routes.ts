import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { stockUse } from './service.ts';

export const needRoutes = (on: Serving): void => {
  serve(on, endpoints.stockUse, ({ context }) => stockUse(context));
};
