import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { findText } from './store.ts';

export const findRoutes = (on: Serving): void => {
  serve(on, endpoints.find, async ({ context, query }) => {
    const text = query.text.trim();
    return text === '' ? [] : findText(context, text);
  });
};
