import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { homeRows } from './service.ts';

export const boardRoutes = (on: Serving): void => {
  serve(on, endpoints.homes, ({ context }) => homeRows(context));
};
