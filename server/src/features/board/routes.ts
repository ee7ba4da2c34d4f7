import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { boardSince, homeRows } from './service.ts';

export const boardRoutes = (on: Serving): void => {
  serve(on, endpoints.board, ({ context, query, person }) =>
    boardSince(context, query.from, person),
  );
  serve(on, endpoints.homes, ({ context }) => homeRows(context));
};
