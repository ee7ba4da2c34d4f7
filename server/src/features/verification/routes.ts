import type { KeyObject } from 'node:crypto';
import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { lastVerification, verifyNow } from './service.ts';

export const verificationRoutes = (on: Serving, key: KeyObject): void => {
  serve(on, endpoints.verification, ({ context }) => lastVerification(context));
  serve(on, endpoints.verify, ({ context }) => verifyNow(context, key));
};
