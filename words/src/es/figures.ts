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

export const checked = {
  measured: '{strength} medido, ± {uncertainty}: {result}',
};

export const container = {
  any: 'cualquier botella limpia',
  'glass or HDPE': 'vidrio o HDPE',
  HDPE: 'HDPE',
  'any clean bottle': 'cualquier botella limpia',
  opaque: 'opaca o marrón, {container}',
  tight: '{container}, bien tapada',
  open: '{container}, nunca tapada',
};
