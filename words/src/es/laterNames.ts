/** What things are called that the first page does not name. */

export const batchName = {
  'of disinfecting strength': 'con fuerza para desinfectar',
  'for respiratory illness only': 'solo para gripe, COVID, VRS y resfriados',
  'a cleaner': 'un limpiador, no un desinfectante',
  'a cleaner and descaler': 'un limpiador y quitasarro, no un desinfectante',
  'a registered product': 'un producto registrado, según su propia etiqueta',
};

export const routeMeans = {
  vessel: 'ni una botella que tuvo lo otro, hasta que esté lavada y con etiqueta nueva',
  surface: 'no mientras uno de los dos esté mojado ahí, o sin enjuagar',
  drain: 'no por el mismo desagüe en una visita',
  air: 'no los dos mojados a la vez en un cuarto pequeño o cerrado',
  caddy: 'no se llevan juntos: una botella que se cae se junta con la otra',
  shelf: 'en estantes distintos, bien separados',
};

export const level = {
  above: 'Arriba',
  eye: 'Ojos',
  hand: 'Manos',
  knee: 'Rodillas',
  toilet: 'Inodoro',
  mirror: 'Espejo',
  floor: 'Piso',
};

export const touched = {
  seldom: 'se toca poco',
  daily: 'se toca a diario',
  often: 'se toca mucho',
};

export const outcome = { use: 'Usar', care: 'Cuidado', never: 'Nunca' };

export const container = {
  any: 'cualquier botella limpia',
  'glass or HDPE': 'vidrio o HDPE',
  HDPE: 'HDPE',
  'any clean bottle': 'cualquier botella limpia',
  opaque: 'opaca o marrón, {container}',
  tight: '{container}, bien tapada',
  open: '{container}, nunca tapada',
};

export const checked = {
  measured: '{strength} medido, ± {uncertainty}: {result}',
};

/** Measures of the kitchen, one or more of each. */
export const kitchen = {
  gallon: '{count} gal',
  cup: '{count} {more, select, yes {tazas} other {taza}}',
  tablespoon: '{count} cda.',
  teaspoon: '{count} cdta.',
};

/** How a container is kept. */
export const storedAs = {
  'dark-cool': 'a oscuras y en fresco',
  warm: 'al calor: una furgoneta en verano, más de 25 °C',
  clear: 'a la luz, en botella clara',
  'warm-clear': 'al calor y a la luz',
  unknown: 'nadie lo sabe',
};
