export const trends = {
  trends: 'Trends',
  from: 'From',
  by: 'By',
  surface: 'surface',
  room: 'room',
  person: 'person',
  solution: 'solution',
  home: 'home',
  wetTimes: 'Wet times',
  none: 'No wet time in this span.',
  kept: 'kept wet',
  met: 'met',
  notMet: 'not met',
  notShown: 'not shown',
  shareOf: '{name}: {met} met, {notMet} not met, {notShown} not shown',
  checks: 'Batches measured',
  out: '{out} of {measured} not in strength',
  noChecks: 'No batch was measured in this span.',
  drying: 'What was learnt of how fast rooms dry',
  chooseHome: 'Home',
  dries:
    '{roomName}, {how}: dries <b>{factor}</b> times as fast as the tables say ({low} to {high}, from {rounds, plural, one {# round} other {# rounds}}).',
  counts: 'Now {taken} counts there.',
  takeOver: 'Let it count in {roomName}',
  nothingLearnt:
    'Nothing has been learnt of this home yet: a look, a re-wet in time and a dry find each tell something.',
  never: 'No required time gets shorter by it: only what is expected of a coat.',
  nearMisses: 'Near misses by pair are in the log',
  last: '{days} days',
} as const;

/** How something is put on. */
export const application = {
  spray: 'sprayed',
  cloth: 'put on with a cloth',
  wipe: 'wiped on',
} as const;
