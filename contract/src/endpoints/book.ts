import * as v from 'valibot';
import {
  book,
  bookReadings,
  companyRule,
  companyRuleFields,
  readBook,
  withdrawal,
} from '../messages/book.ts';
import { routes, streamRoutes } from '../routes.ts';
import { byId, endpoint, stream } from './endpoint.ts';

const posterSheet = v.strictObject({
  size: v.optional(v.picklist(['A4', 'A3', 'card'], 'poster-sizes'), 'A4'),
});
export type PosterSheet = v.InferOutput<typeof posterSheet>;

export const bookEndpoints = {
  book: endpoint(
    routes.book,
    'person',
    'The company’s own rules of what must not meet, their edition, and who has read it',
    { answer: book },
  ),
  bookReadings: endpoint(
    routes.bookReadings,
    'supervisor',
    'When each edition of the book came out, and who has confirmed which, when',
    { answer: bookReadings },
  ),
  addRule: endpoint(routes.addRule, 'supervisor', 'Add a rule to the book, or make one stricter', {
    body: companyRuleFields,
    answer: companyRule,
  }),
  withdrawRule: endpoint(
    routes.withdrawRule,
    'supervisor',
    'Withdraw a rule that the company has added; the book’s own stay',
    { params: byId, body: withdrawal },
  ),
  readBook: endpoint(routes.readBook, 'person', 'Confirm having read the book as it stands', {
    body: readBook,
  }),
} as const;

export const bookStreams = {
  poster: stream(streamRoutes.poster, 'person', 'The book as a poster or a card, to be printed', {
    type: 'application/pdf',
    query: posterSheet,
  }),
  bookCsv: stream(streamRoutes.bookCsv, 'person', 'The book as a table', { type: 'text/csv' }),
  bookJson: stream(streamRoutes.bookJson, 'person', 'The book: docs/formats/never-combine.md', {
    type: 'application/json',
  }),
} as const;
