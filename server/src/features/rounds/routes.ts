import { endpoints } from '@zymostat/contract';
import { gather } from '../../platform/gather.ts';
import { wordsFor } from '../../platform/http/language.ts';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { approvedHomes } from '../protocols/service.ts';
import { finishRound } from './finishRound.ts';
import { measureAir } from './measureAir.ts';
import * as rounds from './service.ts';
import { roundAhead, startRound } from './startRound.ts';
import { answerOf, takeEvents, takenOf, type Sent } from './takeEvents.ts';
import { wetNow } from './wetNow.ts';

/** As many events as one transaction takes: it lasts some tens of milliseconds. */
const MOST_AT_ONCE = 400;

export const roundRoutes = (on: Serving): void => {
  serve(on, endpoints.roundHomes, ({ context }) => approvedHomes(context));
  serve(on, endpoints.roundAhead, ({ context, params }) => roundAhead(context, params.id));
  serve(on, endpoints.rounds, ({ context, person }) => rounds.openRounds(context, person));
  serve(on, endpoints.startRound, ({ context, body, person }) => startRound(context, body, person));
  serve(on, endpoints.round, ({ context, params, person }) =>
    rounds.roundById(context, params.id, person),
  );
  // What arrives from all phones while the last was being written shares one transaction.
  const take = gather((sent: readonly Sent[]) => takeEvents(on.write, sent), MOST_AT_ONCE);
  serve(on, endpoints.addEvent, async ({ params, body, person }) => {
    const took = await take({ roundId: params.id, event: body, person });
    return { id: body.id, taken: takenOf(took) };
  });
  serve(on, endpoints.addEvents, ({ body, person, request }) =>
    Promise.all(
      body.events.map(async ({ roundId, ...event }) =>
        answerOf(event.id, await take({ roundId, event, person }), (problem) =>
          problem.inWords(wordsFor(request)),
        ),
      ),
    ),
  );
  serve(on, endpoints.measureAir, ({ context, params, body, person }) =>
    measureAir(context, { roundId: params.id, air: body }, person),
  );
  serve(on, endpoints.finishRound, ({ context, params, body, person }) =>
    finishRound(context, { id: params.id, at: body.at }, person),
  );
  serve(on, endpoints.wetNow, ({ context }) => wetNow(context));
};
