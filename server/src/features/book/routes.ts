import { endpoints, streams } from '@zymostat/contract';
import { serve, serveFile, serveLines, type Serving } from '../../platform/http/serve.ts';
import { bookCsv, bookJson, poster } from './papers.ts';
import { bookReadings } from './readings.ts';
import * as book from './service.ts';

export const bookRoutes = (on: Serving): void => {
  serve(on, endpoints.book, ({ context, person }) => book.book(context, person));
  serve(on, endpoints.bookReadings, ({ context }) => bookReadings(context));
  serve(on, endpoints.addRule, ({ context, body, person }) => book.addRule(context, body, person));
  serve(on, endpoints.withdrawRule, ({ context, params, body, person }) =>
    book.withdrawRule(context, params.id, body.why, person),
  );
  serve(on, endpoints.readBook, ({ context, body, person }) =>
    book.readBook(context, body.edition, person),
  );
  serveFile(on, streams.poster, ({ context, query, words, person }) =>
    poster(context, query.size, { words, person }),
  );
  serveLines(on, streams.bookCsv, 'never-combine.csv', ({ context, words }) =>
    bookCsv(context, words),
  );
  serveLines(on, streams.bookJson, 'never-combine.json', ({ context }) => bookJson(context));
};
