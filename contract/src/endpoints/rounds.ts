import * as v from 'valibot';
import {
  manyEvents,
  manyTaken,
  finished,
  newAir,
  newRound,
  newRoundEvent,
  round,
  roundAhead,
  roundRow,
  taken,
  wetNow,
} from '../messages/rounds.ts';
import { id } from '../parts/text.ts';
import { routes } from '../routes.ts';
import { byId, endpoint } from './endpoint.ts';

export const roundsEndpoints = {
  roundHomes: endpoint(routes.roundHomes, 'person', 'Homes with an approved protocol', {
    answer: v.array(v.strictObject({ id, name: v.string(), place: v.string() })),
  }),
  roundAhead: endpoint(routes.roundAhead, 'person', 'What a round of a home would be', {
    params: byId,
    answer: roundAhead,
  }),
  rounds: endpoint(routes.rounds, 'person', 'Rounds in hand', { answer: v.array(roundRow) }),
  startRound: endpoint(
    routes.startRound,
    'person',
    'Start a round by the newest approved protocol',
    { body: newRound, answer: roundRow, ownId: true },
  ),
  round: endpoint(routes.round, 'person', 'One round with its events', {
    params: byId,
    answer: round,
  }),
  addEvent: endpoint(
    routes.addEvent,
    'person',
    'Record what was done at a surface; each event is taken once',
    { params: byId, body: newRoundEvent, answer: taken, ownId: true },
  ),
  addEvents: endpoint(
    routes.addEvents,
    'person',
    'Record all that a phone has to send; each event is taken once, by itself',
    { body: manyEvents, answer: manyTaken, ownId: true, mostKb: 64 },
  ),
  measureAir: endpoint(
    routes.measureAir,
    'person',
    'Tell what the air of a room is like, before anything is put on there',
    { params: byId, body: newAir, ownId: true },
  ),
  finishRound: endpoint(routes.finishRound, 'person', 'Finish a round', {
    params: byId,
    body: finished,
  }),
  wetNow: endpoint(routes.wetNow, 'person', 'What is wet right now across all rounds', {
    answer: wetNow,
  }),
} as const;
