import type * as v from 'valibot';
import { peopleEndpoints } from './people.ts';
import { companyEndpoints } from './company.ts';
import { invitationsEndpoints } from './invitations.ts';
import { boardEndpoints } from './board.ts';
import { findEndpoints } from './find.ts';
import { homesEndpoints } from './homes.ts';
import { photosEndpoints, photosStreams } from './photos.ts';
import { protocolsEndpoints } from './protocols.ts';
import { stockEndpoints } from './stock.ts';
import { batchesEndpoints, batchesStreams } from './batches.ts';
import { instrumentsEndpoints, instrumentsStreams } from './instruments.ts';
import { bottlesEndpoints } from './bottles.ts';
import { jarsEndpoints, jarsStreams } from './jars.ts';
import { recipesEndpoints } from './recipes.ts';
import { mishapsEndpoints, mishapsStreams } from './mishaps.ts';
import { bookEndpoints, bookStreams } from './book.ts';
import { placesEndpoints } from './places.ts';
import { sourcesEndpoints } from './sources.ts';
import { verificationEndpoints } from './verification.ts';
import { roundsEndpoints } from './rounds.ts';
import { reportsEndpoints, reportsStreams } from './reports.ts';
import { trendsEndpoints } from './trends.ts';
import { visitsEndpoints, visitsStreams } from './visits.ts';
import { weekEndpoints, weekStreams } from './week.ts';
import { recordsEndpoints, recordsStreams } from './records.ts';

/**
 * Every route that answers with a message: the server serves this list, the page calls it, and the
 * OpenAPI description is made from it.
 */
export const endpoints = {
  ...companyEndpoints,
  ...peopleEndpoints,
  ...invitationsEndpoints,
  ...boardEndpoints,
  ...findEndpoints,
  ...homesEndpoints,
  ...photosEndpoints,
  ...protocolsEndpoints,
  ...stockEndpoints,
  ...batchesEndpoints,
  ...instrumentsEndpoints,
  ...bottlesEndpoints,
  ...jarsEndpoints,
  ...recipesEndpoints,
  ...mishapsEndpoints,
  ...bookEndpoints,
  ...placesEndpoints,
  ...sourcesEndpoints,
  ...visitsEndpoints,
  ...weekEndpoints,
  ...roundsEndpoints,
  ...reportsEndpoints,
  ...trendsEndpoints,
  ...recordsEndpoints,
  ...verificationEndpoints,
} as const;

/** Every route that answers with a file, or as long as somebody listens. */
export const streams = {
  ...batchesStreams,
  ...jarsStreams,
  ...visitsStreams,
  ...weekStreams,
  ...instrumentsStreams,
  ...photosStreams,
  ...mishapsStreams,
  ...bookStreams,
  ...reportsStreams,
  ...recordsStreams,
} as const;

export type EndpointName = keyof typeof endpoints;
export type Body<N extends EndpointName> = v.InferInput<(typeof endpoints)[N]['body']>;
export type Answer<N extends EndpointName> = v.InferOutput<(typeof endpoints)[N]['answer']>;
