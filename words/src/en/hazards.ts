export const hazard = {
  'flammable-2': 'flammable liquid, category 2',
  'flammable-3': 'flammable liquid, category 3',
  'flammable-4': 'combustible liquid, category 4',
  'skin-corrosive': 'corrosive to skin',
  'eye-damage': 'serious eye damage',
  'eye-irritant': 'eye irritant',
  'skin-irritant': 'skin irritant',
  drowsiness: 'drowsiness',
  'airway-irritant': 'irritates airways',
  reproductive: 'toxic to reproduction',
  'toxic-gas-with-acid': 'toxic gas with acid',
  'aquatic-acute': 'very toxic to water life',
  'aquatic-chronic': 'toxic to water life for long',
} as const;

export const pictogram = {
  flame: 'Flame',
  corrosion: 'Corrosion',
  exclamation: 'Exclamation mark',
  health: 'Health hazard',
  environment: 'Harm to water life',
} as const;

export const statement = {
  H225: 'Highly flammable liquid and vapour.',
  H226: 'Flammable liquid and vapour.',
  H227: 'Combustible liquid.',
  H314: 'Causes severe skin burns and eye damage.',
  H315: 'Causes skin irritation.',
  H318: 'Causes serious eye damage.',
  H319: 'Causes serious eye irritation.',
  H335: 'May cause respiratory irritation.',
  H336: 'May cause drowsiness or dizziness.',
  H360FD: 'May damage fertility. May damage the unborn child.',
  EUH031: 'Contact with acids liberates toxic gas.',
  H400: 'Very toxic to aquatic life.',
  H411: 'Toxic to aquatic life with long lasting effects.',
} as const;

export const precaution = {
  P102: 'Keep out of reach of children.',
  P210: 'Keep away from heat, sparks, open flames and hot surfaces. No smoking.',
  P233: 'Keep container tightly closed.',
  P260: 'Do not breathe vapours or spray.',
  P261: 'Avoid breathing vapours and spray.',
  P264: 'Wash hands thoroughly after handling.',
  P271: 'Use only outdoors or in a well-ventilated area.',
  P273: 'Avoid release to the environment.',
  P280: 'Wear protective gloves and eye protection.',
  'P301+P330+P331': 'IF SWALLOWED: rinse mouth. Do NOT induce vomiting.',
  'P303+P361+P353': 'IF ON SKIN: take off contaminated clothing at once. Rinse skin with water.',
  'P305+P351+P338':
    'IF IN EYES: rinse cautiously with water for several minutes. Remove contact lenses if easy to do. Continue rinsing.',
  'P308+P313': 'IF exposed or concerned: get medical advice.',
  P310: 'Call the poison line or a doctor at once.',
} as const;
