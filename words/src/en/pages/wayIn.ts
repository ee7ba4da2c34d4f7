/** How somebody gets into a home. */
export const wayIn = {
  wayIn: 'The way in',
  address: 'Address',
  door: 'Door, keys and codes',
  contact: 'Whom to ask, with a number',
  hours: 'When which rooms may be entered',
  often: 'How often somebody comes',
  before:
    '{count, plural, one {As it was written before} other {As it was written before, # times}}',
  until: 'until {day}, changed by {by}',
  notes: 'What else to know',
  whoSees: 'Seen by supervisors, and by whoever is on a round here, while they are.',
  save: 'Save',
  none: 'Nothing is written down of how to get in.',
  change: 'Change the way in',
  archive: 'Archive this home',
  bringBack: 'Bring it back',
  archived: 'Archived {day}. It is not worked in; all that was done here stays on record.',
} as const;
