import type { ErrorRequestHandler } from 'express';
import { isDouble, isStranger, isTriedAgain, isUnavailable } from '../database/failures.ts';
import { TooManyWait } from '../gather.ts';
import type { Logger } from '../log.ts';
import { wordsFor } from './language.ts';
import { ProblemError, problems } from './problems.ts';
import { requestIdOf } from './requestId.ts';

const asProblem = (error: unknown, address: string): ProblemError => {
  if (error instanceof ProblemError) return error;
  if (error instanceof TooManyWait || isUnavailable(error)) return problems.unavailable();
  // Two at once: whoever came second is told so.
  if (isDouble(error)) return problems.conflict('at-once');
  if (isStranger(error)) return problems.conflict('gone-meanwhile');
  if (isTriedAgain(error)) return problems.conflict('at-once');
  const { status, type } = error as { status?: number; type?: string };
  if (type === 'entity.parse.failed') return problems.unreadable('not-json');
  if (type === 'entity.too.large') return problems.unreadable('too-large');
  if (status === 404) return problems.notFound('address', address);
  if (status !== undefined && status >= 400 && status < 500) return problems.unreadable('address');
  return problems.unexpected();
};

/** Answers every error as a problem document; what nobody foresaw is logged with its trace. */
export const answerProblem =
  (log: Logger): ErrorRequestHandler =>
  (error, request, response, next) => {
    const known = asProblem(error, `${request.method} ${request.originalUrl}`);
    const requestId = requestIdOf(request);
    if (known.status >= 500) log.error({ id: requestId, err: error as Error });
    if (response.headersSent) return next(error);
    const problem = { ...known.inWords(wordsFor(request)), requestId };
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  };
