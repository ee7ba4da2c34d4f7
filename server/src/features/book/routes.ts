import { endpoints, streams } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve, serveFile, serveLines } from '../../platform/http/serve.ts';
import { bookCsv, bookJson, poster } from './papers.ts';
import * as book from './service.ts';

export const bookRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.book, ({ person }) => book.book(context, person));
  serve(router, endpoints.addRule, ({ body, person }) => book.addRule(context, body, person));
  serve(router, endpoints.withdrawRule, ({ params, body, person }) =>
    book.withdrawRule(context, params.id, body.why, person),
  );
  serve(router, endpoints.readBook, ({ body, person }) =>
    book.readBook(context, body.edition, person),
  );
  serveFile(router, streams.poster, ({ query, words }) => poster(context, query.size, words));
  serveLines(router, streams.bookCsv, 'never-combine.csv', ({ words }) => bookCsv(context, words));
  serveLines(router, streams.bookJson, 'never-combine.json', () => bookJson(context));
};
