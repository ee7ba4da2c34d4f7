import * as v from 'valibot';
import { bottle, fillBottle, newBottle, washBottle } from '../messages/bottles.ts';
import { routes } from '../routes.ts';
import { byId, endpoint } from './endpoint.ts';

export const bottlesEndpoints = {
  bottles: endpoint(routes.bottles, 'person', 'Bottles with what they hold and have held', {
    answer: v.array(bottle),
  }),
  addBottle: endpoint(routes.addBottle, 'person', 'Take a new, empty bottle into use', {
    body: newBottle,
    answer: bottle,
  }),
  fillBottle: endpoint(routes.fillBottle, 'person', 'Fill a bottle from a batch', {
    params: byId,
    body: fillBottle,
    answer: bottle,
  }),
  washBottle: endpoint(
    routes.washBottle,
    'person',
    'Say that a bottle is washed and its label struck off',
    { params: byId, body: washBottle, answer: bottle },
  ),
} as const;
