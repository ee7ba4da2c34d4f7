/** What is on a thing, and what lifts it; what this tool does not do, and whom to ask. */

export const soil = {
  everyday: 'dust and touch marks',
  grease: 'grease',
  'burnt-on': 'burnt on',
  limescale: 'limescale',
  'soap-film': 'soap film',
  mildew: 'mildew',
  rust: 'rust',
  sticky: 'something sticky',
  smell: 'a smell',
  body: 'urine or vomit',
} as const;

export const thing = {
  surface: 'a surface',
  tap: 'a tap',
  'shower-head': 'a shower head',
  'shower-screen': 'a shower screen',
  glass: 'glass or a mirror',
  'toilet-bowl': 'a toilet bowl',
  kettle: 'a kettle',
  'drip-coffee': 'a drip coffee maker',
  'pressure-coffee': 'a capsule or pressure coffee machine',
  dishwasher: 'a dishwasher',
  'washing-machine': 'a washing machine',
  microwave: 'a microwave',
  fridge: 'a fridge',
  drain: 'a drain',
  'hard-things': 'scissors, tweezers, combs',
  cutlery: 'cutlery',
  'white-cloths': 'white cloths',
  'coloured-cloths': 'coloured cloths',
  'toilet-brush': 'a toilet brush',
  plunger: 'a plunger',
  'bath-tools': 'bath tools',
  sponge: 'a sponge or loofah',
  toys: 'toys',
} as const;

export const cleaner = {
  water: 'water',
  'washing-up-liquid': 'washing-up liquid',
  'washing-soda': 'washing soda',
  'soda-paste': 'soda paste',
  vinegar: 'vinegar',
  citric: 'citric acid',
  'vinegar-and-washing-up-liquid': 'vinegar with washing-up liquid',
  peroxide: 'peroxide',
  alcohol: 'alcohol',
  enzyme: 'enzyme cleaner',
} as const;

export const ratio = {
  'ml-a-litre': '{value} ml a litre',
  'g-a-litre': '{value} g a litre',
  fraction: '{value} %',
  parts: '{value} to 1',
  paste: 'soda and a little water',
} as const;

/** What this tool does not do. */
export const refusedJob = {
  skin: 'Nothing for hands, skin, wounds or the mouth is made here.',
  dentures: 'Dentures, aligners and contact lenses are not treated here.',
  breathing: 'CPAP, nebulisers and oxygen equipment are not treated here.',
  bottles: 'Baby bottles and teats are not treated here: steam or boiling water.',
  'drinking-water': 'Drinking water is not treated here.',
  food: 'Fruit and vegetables: running water and a brush, nothing else.',
  straps: 'Child-seat straps are not treated here.',
  parasites: 'Lice, scabies and bed bugs are not treated here.',
  pests: 'Wasps, weeds and other pests are not treated here.',
  sewage: 'Sewage, large mould and more than a spot of blood are not done here.',
  outbreak: 'An outbreak is not for a cleaning service.',
  'for-sale': 'Nothing is made for sale here: that takes a registration.',
} as const;

export const askWho = {
  pharmacist: 'Ask a pharmacist.',
  maker: 'Ask its maker.',
  supplier: 'Ask whoever supplied it.',
  'health-visitor': 'Ask the health visitor.',
  'water-authority': 'Ask the water authority.',
  nobody: 'No product at all.',
  licensed: 'Ask a licensed service.',
  'licensed-and-doctor': 'Ask a licensed service, and a doctor.',
  'health-authority': 'Ask the health authority.',
  registration: 'Ask the authority that registers products.',
} as const;
