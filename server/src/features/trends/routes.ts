import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { learntOfHome } from '../rounds/service.ts';
import { takeOver, trendsIn } from './service.ts';

export const trendRoutes = (on: Serving): void => {
  serve(on, endpoints.trends, ({ context, query }) => trendsIn(context, query));
  serve(on, endpoints.drying, ({ context, params }) => learntOfHome(context, params.id));
  serve(on, endpoints.takeOver, ({ context, params, body, person, seen }) =>
    takeOver(context, { roomId: params.id, application: body.application }, { person, seen }),
  );
};
