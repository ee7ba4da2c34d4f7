import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { checkedSources, checkSource } from './service.ts';

export const sourceRoutes = (on: Serving): void => {
  serve(on, endpoints.sources, ({ context }) => checkedSources(context));
  serve(on, endpoints.checkSource, ({ context, body, person }) =>
    checkSource(context, body, person),
  );
};
