/** Plans of a visit: what does not fit, and why. `what` is the step that is wrong, `other` what it meets. */

export const visitNoFit = {
  1: '{count, plural, one {{what} does not fit into the hours of its room and of those who work.} other {{what} do not all fit into the hours of the rooms and of those who work.}}',
  2: '{count, plural, one {{what} cannot be reached in time on foot.} other {{what} cannot all be reached in time on foot.}}',
  3: '{count, plural, one {The steps of {what} cannot follow each other.} other {The steps of {what} cannot follow each other.}}',
  4: '{count, plural, one {{what} cannot be wetted again in time.} other {{what} cannot all be wetted again in time.}}',
  5: '{count, plural, one {{what} cannot be wiped off in time.} other {{what} cannot all be wiped off in time.}}',
  6: '{count, plural, one {{what} cannot be done in the order that is asked.} other {{what} cannot be done in the order that is asked.}}',
  7: '{count, plural, one {{what} cannot be kept apart long enough.} other {{what} cannot be kept apart long enough.}}',
  8: '{count, plural, one {{what} cannot close the room.} other {{what}: the floor that closes the room does not fit behind the rest.}}',
} as const;

export const visitBreach = {
  unknown: '{what}: this step is not in the protocol, or nobody is there for it.',
  missing: '{what}: a step is left out.',
  twice: '{what}: a step is done twice.',
  length: '{what}: a step is {by} too long or too short.',
  'two-at-once': '{who} would do two things at once: {what} and {other}, {by}.',
  'outside-hours': '{what}: {by} outside the hours of {who}.',
  'room-closed': '{what}: the room is not open then, by {by}.',
  'room-full': '{what}: too many people in the room at once, for {by}.',
  walk: '{who} needs {by} more to walk from {other} to {what}.',
  order: '{what}: {by} before the step ahead of it is over.',
  'rewet-length': '{what}: wetting again takes another time, by {by}.',
  'rewet-outside': '{what}: wetted again {by} outside its wet time.',
  'rewet-late': '{what}: dry for {by} before it is wetted again. It does not count as wet.',
  'wiped-early': '{what}: wiped {by} too early. It has not been wet long enough.',
  'wiped-late': '{what}: wiped {by} too late. It must not stay on so long.',
  before: '{what}: {by} too early. {other} comes first.',
  apart: '{what}: {by} too early. It must not be wet together with {other}.',
  closes: '{what}: {by} too early. {other} in the same room is not through.',
} as const;

/** What is wrong with a problem that was brought in as a file. */
export const visitFault = {
  format: '{at}: found {found}. “zymostat.visit-problem/1” is read.',
  'not-a-list': '{at}: found {found}. A list is needed.',
  'not-an-object': '{at}: found {found}. An object is needed.',
  'not-text': '{at}: found {found}. A name is needed.',
  'not-whole': '{at}: found {found}. A whole number of seconds is needed.',
  negative: '{at}: found {found}. 0 or more is allowed.',
  'no-work': '{at}: found {found}. 1 or more is allowed.',
  'doubled-id': '{at}: {found} is there twice. Each name may stand once.',
  'unknown-id': '{at}: {found} is not in this problem.',
  'ends-before-it-begins': '{at}: found {found}, before its beginning.',
  'walk-missing': '{at}: how long the walk takes is missing.',
  'walk-not-symmetric': '{at}: found {found}, and another time for the way back.',
  'walk-within': '{at}: found {found}. Within a room it is 0.',
  kind: '{at}: found {found}. clean, apply, hold, wipe and rinse are allowed.',
  'no-steps': '{at}: there is no step.',
  'order-of-steps':
    '{at}: found {found}. First clean, then one apply and its hold, then wipe or rinse; or clean alone.',
  'within-elsewhere': '{at}: found {found}. Only the first step after the hold may have it.',
  'rewet-halves': '{at}: missing. rewetEvery and rewetWork go together.',
  'rewet-elsewhere': '{at}: found {found}. Only a hold may have it.',
  pair: '{at}: found {found}. Two values are needed.',
  cycle: '{at}: {found} closes a circle: each would have to come before the other.',
  'two-rooms': '{at}: {found} are in two rooms. Only what is in one room is kept apart.',
  'with-itself': '{at}: found {found}, the same as the other.',
} as const;
