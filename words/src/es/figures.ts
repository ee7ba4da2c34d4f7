/** Cifras con sus unidades. */
export const figure = {
  seconds: '{n} s',
  minutes: '{n} min',
  hours: '{n} h',
  'hours-minutes': '{hours} h {minutes} min',
  about: 'unos {time}',
  'as-sold': 'tal como se vende',
  ml: '{n} ml',
  'square-metres': '{n} m²',
};

export const list = {
  or: '{before} o {last}',
  and: '{before} y {last}',
};
