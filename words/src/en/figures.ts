/** Figures with their units. */
export const figure = {
  seconds: '{n} s',
  minutes: '{n} min',
  hours: '{n} h',
  'hours-minutes': '{hours} h {minutes} min',
  about: 'about {time}',
  'as-sold': 'as sold',
  ml: '{n} ml',
  'square-metres': '{n} m²',
} as const;

export const list = {
  or: '{before} or {last}',
  and: '{before} and {last}',
} as const;
