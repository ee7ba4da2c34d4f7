/** What happens at a surface, and why it may not. */

export const event = {
  lifted: 'Bowl flushed',
  laid: 'Put on to work',
  'taken-off': 'Taken off',
  'nothing-on-it': 'Nothing on it to loosen',
  washed: 'Cleaned',
  applied: 'Applied',
  rewet: 'Re-wet',
  'seen-wet': 'Seen wet',
  'found-dry': 'Found dry',
  wiped: 'Wiped',
  rinsed: 'Rinsed',
  skipped: 'Left out',
} as const;

export const skipReason = {
  'no-access': 'I cannot get to it',
  'client-said-no': 'The client does not want it',
  'in-use': 'It is in use',
  damaged: 'It is damaged',
  'not-there': 'It is not there',
  'no-time': 'There is no time left',
} as const;

export const came = {
  'not-met': 'Not met',
  'not-shown': 'Not shown',
  'left-too-long': 'Left on too long',
  open: 'Not done',
  skipped: 'Left out',
} as const;
