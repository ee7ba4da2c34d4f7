/** Qué tiene encima una cosa y qué lo quita; qué no se hace aquí y a quién preguntar. */

export const soil = {
  everyday: 'polvo y huellas',
  grease: 'grasa',
  'burnt-on': 'quemado',
  limescale: 'sarro',
  'soap-film': 'restos de jabón',
  mildew: 'moho',
  rust: 'óxido',
  sticky: 'algo pegajoso',
  smell: 'un olor',
  body: 'orina o vómito',
};

export const thing = {
  surface: 'una superficie',
  tap: 'una llave',
  'shower-head': 'una regadera',
  'shower-screen': 'un cancel de ducha',
  glass: 'vidrio o un espejo',
  'toilet-bowl': 'la taza del inodoro',
  kettle: 'un hervidor',
  'drip-coffee': 'una cafetera de goteo',
  'pressure-coffee': 'una cafetera de cápsulas o de presión',
  dishwasher: 'un lavavajillas',
  'washing-machine': 'una lavadora',
  microwave: 'un microondas',
  fridge: 'un refrigerador',
  drain: 'un desagüe',
  'hard-things': 'tijeras, pinzas, peines',
  cutlery: 'cubiertos',
  'white-cloths': 'paños blancos',
  'coloured-cloths': 'paños de color',
  'toilet-brush': 'una escobilla del inodoro',
  plunger: 'un destapacaños',
  'bath-tools': 'cosas del baño',
  sponge: 'una esponja o un estropajo',
  toys: 'juguetes',
};

export const cleaner = {
  water: 'agua',
  'washing-up-liquid': 'jabón líquido para platos',
  'washing-soda': 'carbonato de sodio',
  'soda-paste': 'pasta de carbonato',
  vinegar: 'vinagre',
  citric: 'ácido cítrico',
  'vinegar-and-washing-up-liquid': 'vinagre con jabón líquido para platos',
  peroxide: 'peróxido',
  alcohol: 'alcohol',
  enzyme: 'limpiador enzimático',
};

export const ratio = {
  'ml-a-litre': '{value} ml por litro',
  'g-a-litre': '{value} g por litro',
  fraction: '{value} %',
  parts: '{value} a 1',
  paste: 'carbonato con poca agua',
};

export const refusedJob = {
  skin: 'Aquí no se hace nada para manos, piel, heridas o boca.',
  dentures: 'Aquí no se tratan dentaduras, alineadores ni lentes de contacto.',
  breathing: 'Aquí no se tratan CPAP, nebulizadores ni equipo de oxígeno.',
  bottles: 'Aquí no se tratan biberones ni tetinas: vapor o agua hirviendo.',
  'drinking-water': 'Aquí no se trata agua para beber.',
  food: 'Frutas y verduras: agua corriente y un cepillo, nada más.',
  straps: 'Aquí no se tratan correas de sillas de niños.',
  parasites: 'Aquí no se tratan piojos, sarna ni chinches.',
  pests: 'Aquí no se tratan avispas, maleza ni otras plagas.',
  sewage: 'Aguas negras, mucho moho o más que una mancha de sangre no se hacen aquí.',
  outbreak: 'Un brote no es para un servicio de limpieza.',
  'for-sale': 'Aquí no se hace nada para vender: para eso hace falta un registro.',
};

export const askWho = {
  pharmacist: 'Pregunte en la farmacia.',
  maker: 'Pregunte al fabricante.',
  supplier: 'Pregunte a quien lo entregó.',
  'health-visitor': 'Pregunte a la enfermera de salud.',
  'water-authority': 'Pregunte a la autoridad del agua.',
  nobody: 'Ningún producto.',
  licensed: 'Pregunte a un servicio con licencia.',
  'licensed-and-doctor': 'Pregunte a un servicio con licencia y a un médico.',
  'health-authority': 'Pregunte a la autoridad de salud.',
  registration: 'Pregunte a la autoridad que registra productos.',
};
