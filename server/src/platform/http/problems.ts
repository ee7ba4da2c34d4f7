import type { Problem } from '@zymostat/contract';
import type { Reason } from '@zymostat/core';
import {
  changedInWords,
  invalidInWords,
  reasonsInWords,
  type KeyOf,
  type Words,
} from '@zymostat/words';

/** A field that is not as it should be: where, by which check, and its figures. */
export interface WrongField {
  path: string;
  code: string;
  figures?: Record<string, string | number>;
}

interface Told {
  detail: string;
  fields?: Problem['fields'];
}

/**
 * An error that a client may see, as an RFC 9457 problem document. `type` is stable; the words are
 * made when it is answered, in the language of whoever asked.
 */
export class ProblemError extends Error {
  constructor(
    readonly status: number,
    readonly kind: KeyOf<'problemTitle'>,
    private readonly tell: (words: Words) => Told,
    private readonly more: Partial<Problem> = {},
  ) {
    super(kind);
  }

  inWords(words: Words): Problem {
    const { status, kind, more } = this;
    const title = words.name('problemTitle', kind);
    return { type: `/problems/${kind}`, title, status, ...this.tell(words), ...more };
  }
}

/** More than this nobody reads; the rest is as it is. */
export const MOST_NAMED = 20;

type Detail = KeyOf<'problemDetail'>;
const detail =
  (id: Detail, figures: Record<string, string | number> = {}) =>
  ({ tell }: Words): Told => ({ detail: tell('problemDetail', id, figures) });

const fieldsInWords =
  (wrong: readonly WrongField[]) =>
  (words: Words): Told => {
    const fields = wrong.map((field) => ({
      path: field.path,
      message: invalidInWords(words, field.code, field.figures),
    }));
    const lines = fields.map(({ path, message }) =>
      path ? words.say('problemDetail.field', { path, message }) : message,
    );
    return { detail: lines.join(' '), fields };
  };

type Said = Record<string, string | number>;
/** Figures of a conflict, where some are words: in the language of whoever reads it. */
type ConflictFigures = Said | ((words: Words) => Said);

export const problems = {
  badRequest: (wrong: readonly WrongField[]) =>
    new ProblemError(400, 'bad-request', fieldsInWords(wrong)),
  unreadable: (why: 'not-json' | 'too-large' | 'address') =>
    new ProblemError(400, 'unreadable', detail(why)),
  signInFailed: () => new ProblemError(401, 'sign-in-failed', detail('sign-in-failed')),
  notSignedIn: () => new ProblemError(401, 'not-signed-in', detail('not-signed-in')),
  tooManyAttempts: (minutes: number) =>
    new ProblemError(429, 'too-many-attempts', detail('too-many-attempts', { minutes })),
  notAllowed: (role: KeyOf<'roleName'>) =>
    new ProblemError(403, 'not-allowed', ({ say, name }) => ({
      detail: say('problemDetail.not-allowed', { role: name('roleName', role) }),
    })),
  /** An event belongs to who did it: another who signs in on that phone does not send it. */
  notTheirs: () => new ProblemError(403, 'not-theirs', detail('not-theirs')),
  notFound: (what: KeyOf<'missing'>, address = '') =>
    new ProblemError(404, 'not-found', ({ tell }) => ({
      detail: tell('missing', what, { address }),
    })),
  conflict: (code: KeyOf<'conflict'>, figures: ConflictFigures = {}) =>
    new ProblemError(409, 'conflict', (words) => ({
      detail: words.tell(
        'conflict',
        code,
        typeof figures === 'function' ? figures(words) : figures,
      ),
    })),
  /** Somebody else has changed the same since it was seen. */
  changedMeanwhile: (changes: NonNullable<Problem['changes']>, revision: number) =>
    new ProblemError(
      409,
      'changed-meanwhile',
      (words) => ({ detail: changedInWords(words, changes) }),
      { changes: changes.slice(0, MOST_NAMED), revision },
    ),
  notKeyed: () => new ProblemError(428, 'not-keyed', detail('not-keyed')),
  /** Another page than this application's own wants to change something. */
  otherOrigin: (found: string) =>
    new ProblemError(403, 'other-origin', detail('other-origin', { found })),
  notJsonType: (found: string) =>
    new ProblemError(415, 'not-json-type', detail('not-json-type', { found })),
  notSeen: () => new ProblemError(428, 'not-seen', detail('not-seen')),
  refused: (reasons: Reason[], more: Partial<Problem> = {}) =>
    new ProblemError(
      409,
      'refused',
      (words) =>
        reasons.length > 0 ? { detail: reasonsInWords(words, reasons) } : detail('refused')(words),
      { reasons, ...more },
    ),
  noInstrument: (what: KeyOf<'instrument'>) =>
    new ProblemError(503, 'no-instrument', ({ name }) => ({ detail: name('instrument', what) })),
  unavailable: () => new ProblemError(503, 'unavailable', detail('unavailable')),
  unexpected: () => new ProblemError(500, 'unexpected', detail('unexpected')),
};
