import * as v from 'valibot';
import { verification } from '../messages/verification.ts';
import { routes } from '../routes.ts';
import { endpoint } from './endpoint.ts';

export const verificationEndpoints = {
  verification: endpoint(
    routes.verification,
    'supervisor',
    'What came of it when the record was last verified; nothing before the first time',
    { answer: v.nullable(verification) },
  ),
  verify: endpoint(routes.verify, 'supervisor', 'Verify the record now', {
    answer: verification,
  }),
} as const;
