export const hazard = {
  'flammable-2': 'líquido inflamable, categoría 2',
  'flammable-3': 'líquido inflamable, categoría 3',
  'flammable-4': 'líquido combustible, categoría 4',
  'skin-corrosive': 'corrosivo para la piel',
  'eye-damage': 'lesiones oculares graves',
  'eye-irritant': 'irrita los ojos',
  'skin-irritant': 'irrita la piel',
  drowsiness: 'somnolencia',
  'airway-irritant': 'irrita las vías respiratorias',
  reproductive: 'tóxico para la reproducción',
  'toxic-gas-with-acid': 'gas tóxico con ácido',
  'aquatic-acute': 'muy tóxico para la vida acuática',
  'aquatic-chronic': 'tóxico para la vida acuática por mucho tiempo',
};

export const pictogram = {
  flame: 'Llama',
  corrosion: 'Corrosión',
  exclamation: 'Signo de exclamación',
  health: 'Peligro para la salud',
  environment: 'Daño a la vida acuática',
};

export const statement = {
  H225: 'Líquido y vapores muy inflamables.',
  H226: 'Líquido y vapores inflamables.',
  H227: 'Líquido combustible.',
  H314: 'Provoca graves quemaduras en la piel y lesiones oculares.',
  H315: 'Provoca irritación cutánea.',
  H318: 'Provoca lesiones oculares graves.',
  H319: 'Provoca irritación ocular grave.',
  H335: 'Puede irritar las vías respiratorias.',
  H336: 'Puede provocar somnolencia o vértigo.',
  H360FD: 'Puede perjudicar la fertilidad. Puede dañar al feto.',
  EUH031: 'En contacto con ácidos libera gases tóxicos.',
  H400: 'Muy tóxico para los organismos acuáticos.',
  H411: 'Tóxico para los organismos acuáticos, con efectos duraderos.',
};

export const precaution = {
  P102: 'Mantener fuera del alcance de los niños.',
  P210: 'Mantener lejos del calor, chispas, llamas abiertas y superficies calientes. No fumar.',
  P233: 'Mantener el recipiente bien cerrado.',
  P260: 'No respirar los vapores ni el aerosol.',
  P261: 'Evitar respirar los vapores y el aerosol.',
  P264: 'Lavarse bien las manos después de usarlo.',
  P271: 'Usar solo al aire libre o en un lugar bien ventilado.',
  P273: 'Evitar su liberación al medio ambiente.',
  P280: 'Usar guantes y protección para los ojos.',
  'P301+P330+P331': 'EN CASO DE INGESTIÓN: enjuagar la boca. NO provocar el vómito.',
  'P303+P361+P353':
    'EN CASO DE CONTACTO CON LA PIEL: quitar de inmediato la ropa contaminada. Enjuagar la piel con agua.',
  'P305+P351+P338':
    'EN CASO DE CONTACTO CON LOS OJOS: enjuagar con cuidado con agua varios minutos. Quitar los lentes de contacto si es fácil. Seguir enjuagando.',
  'P308+P313': 'EN CASO DE exposición o duda: consultar a un médico.',
  P310: 'Llamar de inmediato a la línea de intoxicaciones o a un médico.',
};
