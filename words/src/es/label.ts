/** La etiqueta de un envase secundario. */
export const label = {
  wipes: 'Toallitas con {family}',
  'washing-wipes': 'Toallitas para lavar',
  'washing-liquid': 'jabón líquido para platos en agua',
  'wipes-kept-wet': 'Mantenga la cosa mojada {time}. No es un desinfectante registrado.',
  'wipes-clean': 'Limpian. No desinfectan.',
  'registered-product': 'Producto registrado',
  'makers-label': 'Según la etiqueta del fabricante, que queda en la botella y va primero.',
  gloves: 'Use guantes; gafas al rociar. Ventile.',
  'any-other': 'ningún otro producto',
  emergency: 'Emergencia o si se tragó: línea de intoxicaciones {poisonLine}.',
  'in-water': '{strength} de {active} en agua',
  disinfects:
    'Sobre una superficie dura y limpia. Mantener mojado {time}, luego pasar el paño. No es un desinfectante registrado.',
  cleans: 'Para limpiar: {name}.',
  'never-with': 'Nunca con:',
  made: 'Hecho {day}',
  by: 'por {name}',
  'discard-after': 'Tirar después de {day}',
  danger: 'Peligro',
  warning: 'Atención',
};

/** Lo que la gente tiene en las manos, no grupos: de qué advierte una etiqueta. */
export const neverThing = {
  acid: 'vinagre, limón, quitasarro',
  bleach: 'cloro',
  peroxide: 'peróxido',
  alcohol: 'alcohol de farmacia',
  ammonia: 'amoníaco',
  soda: 'bicarbonato o sosa para lavar',
  soap: 'jabón',
  'drain-cleaner': 'limpiahornos o destapacaños',
  acetone: 'quitaesmalte',
  'pool-chlorine': 'cloro de piscina, pastillas de cloro',
  unlabelled: 'cualquier cosa sin etiqueta',
};
