import { QueryFailedError } from 'typeorm';

/** What PostgreSQL calls what went wrong (SQLSTATE), or nothing. */
export const stateOf = (error: unknown): string => {
  const cause = error instanceof QueryFailedError ? (error.driverError as unknown) : error;
  const { code } = (cause ?? {}) as { code?: unknown };
  return typeof code === 'string' ? code : '';
};

/** There may be only one of it, and there is one. */
export const isDouble = (error: unknown): boolean => stateOf(error) === '23505';

/** It speaks of what is not there, or is spoken of by what is. */
export const isStranger = (error: unknown): boolean => stateOf(error) === '23503';

/** Two waited for each other, or could not both be: whoever was sent away may try again. */
export const isTriedAgain = (error: unknown): boolean =>
  ['40001', '40P01'].includes(stateOf(error));

/**
 * PostgreSQL's classes of "not now": connection lost (08), shutting down or starting (57), too many
 * clients (53).
 */
export const isUnavailable = (error: unknown): boolean => {
  const { message = '' } = (error ?? {}) as { message?: string };
  return (
    /^(08|53|57)/.test(stateOf(error)) ||
    ['ECONNREFUSED', 'ECONNRESET', 'EPIPE'].includes(stateOf(error)) ||
    /Connection terminated|timeout exceeded when trying to connect|not queryable/i.test(message)
  );
};
