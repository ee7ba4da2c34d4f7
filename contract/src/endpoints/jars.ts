import * as v from 'valibot';
import {
  bath,
  clothAct,
  endBath,
  jar,
  jarAct,
  newBath,
  newJar,
  vesselsNow,
} from '../messages/jars.ts';
import { labelSheet } from './batches.ts';
import { routes, streamRoutes } from '../routes.ts';
import { byId, endpoint, stream } from './endpoint.ts';

export const jarsEndpoints = {
  vessels: endpoint(routes.vessels, 'person', 'Jars, baths and clean cloths as they stand', {
    answer: vesselsNow,
  }),
  makeJar: endpoint(routes.makeJar, 'person', 'Make a jar of wipes; refused where it must not be', {
    body: newJar,
    answer: jar,
    ownId: true,
  }),
  tellJar: endpoint(routes.tellJar, 'person', 'Say what was done with a jar', {
    params: byId,
    body: jarAct,
    answer: jar,
    ownId: true,
  }),
  beginBath: endpoint(routes.beginBath, 'person', 'Lay something in a bath; its clock starts', {
    body: newBath,
    answer: bath,
    ownId: true,
  }),
  endBath: endpoint(routes.endBath, 'person', 'Take it out: how long it lay goes on record', {
    params: byId,
    body: endBath,
    answer: bath,
    ownId: true,
  }),
  tellCloths: endpoint(routes.tellCloths, 'person', 'Say what was done with clean cloths', {
    body: clothAct,
    answer: v.strictObject({ clean: v.number() }),
    ownId: true,
  }),
} as const;

export const jarsStreams = {
  jarLabel: stream(streamRoutes.jarLabel, 'person', 'The label of a jar, to be printed', {
    type: 'application/pdf',
    params: byId,
    query: labelSheet,
  }),
} as const;
