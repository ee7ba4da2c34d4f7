import { changedInWords, reasonInWords, type Problem } from '@zymostat/contract';
import type { Reason } from '@zymostat/core';

/** An error that a client may see, as an RFC 9457 problem document. `type` is stable. */
export class ProblemError extends Error {
  readonly problem: Problem;
  constructor(problem: Problem) {
    super(problem.title);
    this.problem = problem;
  }
}

type Said = [status: number, type: string, title: string, detail: string, more?: Partial<Problem>];
const problem = (...[status, type, title, detail, more]: Said) =>
  new ProblemError({ type: `/problems/${type}`, title, status, detail, ...more });

/** More than this nobody reads; the rest is as it is. */
export const MOST_NAMED = 20;

export const problems = {
  badRequest: (fields: NonNullable<Problem['fields']>) =>
    problem(
      400,
      'bad-request',
      'The request is not as it should be',
      fields.map(({ path, message }) => (path ? `${path}: ${message}` : message)).join(' '),
      { fields },
    ),
  unreadable: (detail: string) => problem(400, 'unreadable', 'The request cannot be read', detail),
  signInFailed: () =>
    problem(401, 'sign-in-failed', 'Sign-in failed', 'Name and password do not go together.'),
  notSignedIn: () => problem(401, 'not-signed-in', 'Not signed in', 'Sign in first.'),
  tooManyAttempts: (minutes: number) =>
    problem(
      429,
      'too-many-attempts',
      'Too many attempts',
      `Too many failed sign-ins. Try again in ${minutes} minutes.`,
    ),
  notAllowed: (role: string) =>
    problem(
      403,
      'not-allowed',
      'Not allowed',
      `This is for a supervisor; you are signed in as a ${role}.`,
    ),
  /** An event belongs to who did it: another who signs in on that phone does not send it. */
  notTheirs: () =>
    problem(
      403,
      'not-theirs',
      'Done by somebody else',
      'Whoever did this signs in and sends it. It was not recorded under your name.',
    ),
  notFound: (what: string) =>
    problem(404, 'not-found', 'Not found', `Found no such thing as ${what}.`),
  conflict: (detail: string) => problem(409, 'conflict', 'That does not fit', detail),
  /** Somebody else has changed the same since it was seen. */
  changedMeanwhile: (changes: NonNullable<Problem['changes']>, revision: number) =>
    problem(409, 'changed-meanwhile', 'Changed meanwhile', changedInWords(changes), {
      changes: changes.slice(0, MOST_NAMED),
      revision,
    }),
  notSeen: () =>
    problem(
      428,
      'not-seen',
      'Say which revision was seen',
      'Send If-Match with the revision of the home that you saw, such as "12".',
    ),
  refused: (reasons: Reason[], more: Partial<Problem> = {}) =>
    problem(
      409,
      'refused',
      'Refused',
      reasons.map(reasonInWords).join(' ') || 'This does not hold.',
      { reasons, ...more },
    ),
  noInstrument: (what: string) =>
    problem(
      503,
      'no-instrument',
      `No ${what} answers`,
      `The ${what} does not answer. Check that it is on and connected, or type what it shows.`,
    ),
  unavailable: () =>
    problem(
      503,
      'unavailable',
      'Not available just now',
      'The database does not answer. Nothing was recorded; try again in a moment.',
    ),
  unexpected: () =>
    problem(
      500,
      'unexpected',
      'Something went wrong',
      'The server could not do this. Nothing was recorded.',
    ),
};
