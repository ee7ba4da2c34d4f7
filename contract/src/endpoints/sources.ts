import * as v from 'valibot';
import { checkedSource, newCheckedSource } from '../messages/sources.ts';
import { routes } from '../routes.ts';
import { endpoint } from './endpoint.ts';

export const sourcesEndpoints = {
  sources: endpoint(
    routes.sources,
    'person',
    'Which sources supervisors have compared with the figures',
    { answer: v.array(checkedSource) },
  ),
  checkSource: endpoint(
    routes.checkSource,
    'supervisor',
    'Say that the figures of a source were compared with it',
    { body: newCheckedSource },
  ),
} as const;
