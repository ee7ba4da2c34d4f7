export const event = {
  lifted: 'Bowl flushed',
  washed: 'Cleaned',
  applied: 'Applied',
  rewet: 'Re-wet',
  'seen-wet': 'Seen wet',
  'found-dry': 'Found dry',
  wiped: 'Wiped',
  rinsed: 'Rinsed',
  skipped: 'Left out',
} as const;

export const batchName = {
  'of disinfecting strength': 'of disinfecting strength',
  'for respiratory illness only': 'for flu, COVID, RSV and colds only',
  'a cleaner': 'a cleaner, not a disinfectant',
  'a cleaner and descaler': 'a cleaner and descaler, not a disinfectant',
  'a registered product': 'a registered product, by its own label',
} as const;

export const routeMeans = {
  vessel: 'nor a bottle that held the other, until it is washed and relabelled',
  surface: 'not while either is wet there, or not yet rinsed off',
  drain: 'not down the same drain within a visit',
  air: 'not both wet at once in a small or closed room',
  caddy: 'not carried together: a knocked-over bottle meets the other',
  shelf: 'on different shelves, well apart',
} as const;
