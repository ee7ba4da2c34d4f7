import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { newVisit, planAnew, roundPlan, visitPlan, visitTeam } from '../messages/visits.ts';
import { routes, streamRoutes } from '../routes.ts';
import { byId, endpoint, stream } from './endpoint.ts';

export const visitsEndpoints = {
  visitTeam: endpoint(routes.visitTeam, 'supervisor', 'Who can be sent to a visit', {
    answer: visitTeam,
  }),
  visitOf: endpoint(routes.visitOf, 'person', 'The plan of a home that was given out last', {
    params: byId,
    answer: v.nullable(visitPlan),
  }),
  giveVisit: endpoint(
    routes.giveVisit,
    'supervisor',
    'Give a visit’s plan to those who work it; refused where it breaks a rule',
    { params: byId, body: newVisit, answer: visitPlan, ownId: true },
  ),
  roundPlan: endpoint(routes.roundPlan, 'person', 'The plan that a round goes by', {
    params: byId,
    answer: roundPlan,
  }),
  planAnew: endpoint(
    routes.planAnew,
    'person',
    'Plan the rest of a round anew from now, for those who go on',
    { params: byId, body: planAnew, answer: visitPlan, ownId: true },
  ),
} as const;

const runSheet = v.strictObject({ person: id });

export const visitsStreams = {
  visitSheet: stream(streamRoutes.visitSheet, 'person', 'What one person does in a visit', {
    type: 'application/pdf',
    params: byId,
    query: runSheet,
  }),
  visitCalendar: stream(streamRoutes.visitCalendar, 'person', 'A visit for a calendar', {
    type: 'text/calendar',
    params: byId,
  }),
} as const;
