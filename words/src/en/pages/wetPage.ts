export const wetPage = {
  sprayedOfTimes: 'Sprayed {done} of {DRAWS} times …',
  cancel: 'Cancel',
  howSureAsPeopleSpray: 'How sure, as people spray?',
  itHoldsTimesIn100:
    'It holds <b>{floor}</b> times in 100, as people spray (estimate). What helps most: {lever}.',
  filmLeft: 'film left',
  shortTermLimit: 'short-term limit',
  limitOverAWorkingDay: 'limit over a working day',
  itOnlyCleansNothingHas: 'It only cleans: nothing has to stay wet.',
  oneCoatHoldsForMore: 'One coat holds for {holds}: {more} more than it needs.',
  oneCoatHoldsForShort:
    'One coat stays wet for {holds}, {seconds} short: re-wet {count, plural, one {once} other {# times}}, every {every}.',
  filmAndStrengthEstimate: 'Film and strength, estimate',
  strengthAndFilmOverTime:
    'Strength and film over time: above the floor until {holds}, wet until {floor}',
  ofTheFilm: '% of the film',
  airInThisRoomOf: 'Air in this room of {volume} m³, estimate',
  vapourOverTimePpmAt: 'Vapour over time: {round} ppm at most',
  upTo: 'Up to <b>{most} ppm</b>; over a quarter of an hour <b>{quarter}</b>{limit, select, none {} other { of {limit}}}.',
  stayOutUntilAfterThe: 'Stay out until {reentry} after the first coat.',
  oneMayStay: 'One may stay.',
  coat: 'Coat',
  m: 'µm',
  draughtOverIt: 'Draught over it',
  mS: 'm/s',
  humidity: 'Humidity',
  temperature: 'Temperature',
  c: '°C',
  window: 'Window',
  aCoatOf50M:
    'A coat of 50 µm is about 50 ml a m²; a damp cloth leaves 15. The model knows water and alcohol, still and moving air; it does not know your surface. Found dry is found dry.',
  close: 'Close',
  strength: 'strength',
  required: 'required',
  vapour: 'vapour',
  floor: 'floor',
  title: '{title}: {strength} {active}',
} as const;

/** What helps most that a coat holds, as people spray. */
export const holdingLever = {
  coat: 'a thicker coat',
  temperature: 'a cooler room',
  humidity: 'a damper room',
  airSpeed: 'less draught: the fan off, the window to, while it is wet',
  strength: 'a fuller strength',
} as const;

export const airing = { closed: 'closed', ajar: 'ajar', open: 'open', fan: 'fan' } as const;
