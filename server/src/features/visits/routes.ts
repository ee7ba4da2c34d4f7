import { endpoints, streams } from '@zymostat/contract';
import { problems } from '../../platform/http/problems.ts';
import { serve, serveFile, type Serving } from '../../platform/http/serve.ts';
import { layOut } from '../../platform/pdfPool.ts';
import type { Context } from '../../platform/context.ts';
import { versionById } from '../protocols/service.ts';
import { visitCalendar } from './calendar.ts';
import { giveVisit } from './giveVisit.ts';
import { planAnew, planOfRound } from './planAnew.ts';
import { runSheetOf } from './runSheet.ts';
import * as visits from './service.ts';

const givenFor = async (context: Context, homeId: string) => {
  const visit = await visits.visitOf(context, homeId);
  if (!visit) throw problems.notFound('visit');
  return visit;
};

export const visitRoutes = (on: Serving): void => {
  serve(on, endpoints.visitTeam, ({ context }) => visits.visitTeam(context));
  serve(on, endpoints.visitOf, ({ context, params }) => visits.visitOf(context, params.id));
  serve(on, endpoints.giveVisit, ({ context, params, body, person }) =>
    giveVisit(context, params.id, body, person),
  );
  serve(on, endpoints.roundPlan, ({ context, params, person }) =>
    planOfRound(context, params.id, person),
  );
  serve(on, endpoints.planAnew, ({ context, params, body, person }) =>
    planAnew(context, params.id, body, person),
  );
  serveFile(on, streams.visitSheet, async ({ context, params, query, words, person }) => {
    const visit = await givenFor(context, params.id);
    if (!visit.people.some(({ id }) => id === query.person)) throw problems.notFound('visit');
    const version = await versionById(context, visit.versionId);
    const asked = [runSheetOf(words, visit, version, query.person)];
    const bytes = await layOut(person.id, 'runSheet', { language: words.language, asked });
    return { name: 'run-sheet.pdf', bytes };
  });
  serveFile(on, streams.visitCalendar, async ({ context, params, words }) => {
    const visit = await givenFor(context, params.id);
    return { name: 'visit.ics', bytes: Buffer.from(visitCalendar(words, visit)) };
  });
};
