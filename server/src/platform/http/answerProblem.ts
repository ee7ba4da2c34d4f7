import type { ErrorRequestHandler } from 'express';
import { QueryFailedError } from 'typeorm';
import type { Logger } from '../log.ts';
import { wordsFor } from './language.ts';
import { ProblemError, problems } from './problems.ts';
import { requestIdOf } from './requestId.ts';

/**
 * PostgreSQL's classes of "not now": connection lost (08), shutting down or starting (57), too many
 * clients (53).
 */
const isUnavailable = (error: unknown): boolean => {
  const { code = '', message = '' } = ((error instanceof QueryFailedError
    ? error.driverError
    : error) ?? {}) as { code?: string; message?: string };
  return (
    /^(08|53|57)/.test(code) ||
    ['ECONNREFUSED', 'ECONNRESET', 'EPIPE'].includes(code) ||
    /Connection terminated|timeout exceeded when trying to connect|not queryable/i.test(message)
  );
};

const asProblem = (error: unknown): ProblemError => {
  if (error instanceof ProblemError) return error;
  if (isUnavailable(error)) return problems.unavailable();
  const { status, type } = error as { status?: number; type?: string };
  if (type === 'entity.parse.failed') return problems.unreadable('not-json');
  if (type === 'entity.too.large') return problems.unreadable('too-large');
  if (status !== undefined && status >= 400 && status < 500) return problems.unreadable('address');
  return problems.unexpected();
};

/** Answers every error as a problem document; what nobody foresaw is logged with its trace. */
export const answerProblem =
  (log: Logger): ErrorRequestHandler =>
  (error, request, response, next) => {
    const known = asProblem(error);
    const requestId = requestIdOf(request);
    if (known.status >= 500) log.error({ id: requestId, err: error as Error });
    if (response.headersSent) return next(error);
    const problem = { ...known.inWords(wordsFor(request)), requestId };
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  };
