import { stretchOutcomes } from '@zymostat/core';
import * as v from 'valibot';
import { learnt, takeOver } from '../messages/drying.ts';
import { revised } from '../messages/homes.ts';
import { name, wholeText } from '../parts/text.ts';
import { active } from '../parts/trade.ts';
import { routes } from '../routes.ts';
import { byId, endpoint } from './endpoint.ts';

/** Wet times that are alike in all that they are told by: how many, and how long they were held. */
export const wetCount = v.strictObject({
  homeName: name,
  roomName: v.string(),
  surfaceName: v.string(),
  person: name,
  active,
  outcome: v.picklist(stretchOutcomes),
  count: v.number(),
  heldSeconds: v.number(),
});

/** `checks`: batches that were measured, and how many of them were not in strength. */
export const trends = v.strictObject({
  wet: v.array(wetCount),
  checks: v.array(v.strictObject({ active, measured: v.number(), out: v.number() })),
});
export type WetCount = v.InferOutput<typeof wetCount>;
export type Trends = v.InferOutput<typeof trends>;

export const trendsEndpoints = {
  trends: endpoint(routes.trends, 'supervisor', 'What wet times and checks came to in a span', {
    query: v.strictObject({ from: wholeText, to: wholeText }),
    answer: trends,
  }),
  drying: endpoint(routes.drying, 'supervisor', 'What was learnt of how fast rooms dry', {
    params: byId,
    answer: learnt,
  }),
  takeOver: endpoint(routes.takeOver, 'supervisor', 'Let what was learnt of a room count there', {
    params: byId,
    body: takeOver,
    answer: revised,
    seen: true,
  }),
} as const;
