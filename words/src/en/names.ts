export const family = {
  peroxide: 'Peroxide',
  alcohol: 'Alcohol',
  vinegar: 'Vinegar',
  product: 'Registered product',
} as const;

export const active = {
  'hydrogen peroxide': 'hydrogen peroxide',
  ethanol: 'ethanol',
  '2-propanol': '2-propanol',
  'acetic acid': 'vinegar (acetic acid)',
  'registered product': 'registered product',
} as const;

export const component = {
  water: 'water',
  ethanol: 'ethanol',
  '2-propanol': '2-propanol',
  'hydrogen peroxide': 'hydrogen peroxide',
  'acetic acid': 'acetic acid',
  'citric acid': 'citric acid',
  'hydrochloric acid': 'hydrochloric acid',
  'sulfuric acid': 'sulfuric acid',
  'sodium hydrogencarbonate': 'baking soda',
  'sodium carbonate': 'washing soda',
  'sodium hydroxide': 'lye',
  borax: 'borax',
  ammonia: 'ammonia',
  'sodium hypochlorite': 'chlorine bleach (hypochlorite)',
  soap: 'soap',
  'fatty acid': 'fatty acid, from split soap',
  detergent: 'detergent',
  quat: 'quat',
  glycerol: 'glycerol',
  'scent oil': 'oil',
  acetone: 'acetone',
  terpene: 'turpentine or citrus oil',
  'fatty oil': 'fatty oil',
  'oxalic acid': 'oxalic acid',
  'hydrofluoric acid': 'hydrofluoric acid',
  'sodium dithionite': 'colour remover',
  metal: 'silver or copper',
  'table salt': 'salt',
  starch: 'starch, gum or sugar',
  'sodium acetate': 'sodium acetate, a weak salt',
  'sodium citrate': 'sodium citrate, a weak salt',
  'boric acid': 'boric acid',
  'carbon dioxide': 'carbon dioxide',
  oxygen: 'oxygen',
  chlorine: 'chlorine',
  chloramine: 'chloramine',
} as const;

export const outcome = {
  use: 'Use',
  care: 'Care',
  never: 'Never',
} as const;

export const severity = {
  fine: 'May meet',
  'no-rule': 'No rule known',
  care: 'Care',
  spoils: 'Spoils',
  never: 'Never',
} as const;

export const goal = {
  clean: 'Clean',
  reduce: 'Reduce',
  sanitise: 'Sanitise',
  disinfect: 'Disinfect',
} as const;

export const against = {
  everyday: 'everyday germs',
  food: 'food contact',
  poultry: 'raw poultry or meat',
  respiratory: 'flu, COVID or RSV',
  cold: 'a cold',
  norovirus: 'stomach illness (norovirus)',
  'c-difficile': 'C. difficile',
  'candida-auris': 'Candida auris',
  mildew: 'mildew',
  allergen: 'an allergen',
  'blood-spot': 'a small spot of blood or body fluid',
  blood: 'more blood or body fluid than a spot',
} as const;

export const level = {
  above: 'Above head',
  eye: 'Eye',
  hand: 'Hand',
  knee: 'Knee',
  toilet: 'Toilet',
  mirror: 'Mirror',
  floor: 'Floor',
} as const;

export const touched = {
  seldom: 'seldom touched',
  daily: 'touched daily',
  often: 'touched often',
} as const;

export const ventilation = {
  none: 'no window or fan',
  window: 'window',
  fan: 'fan',
} as const;

export const situation = {
  infant: 'infant',
  toddler: 'toddler (crawls, puts things in the mouth)',
  cat: 'cat',
  dog: 'dog',
  bird: 'bird',
  fish: 'fish tank',
  asthma: 'asthma or scent sensitivity',
  'home-oxygen': 'home oxygen',
  pregnancy: 'pregnancy',
  'weak-immunity': 'weak immunity',
  dementia: 'dementia or self-harm',
  'floor-heating': 'floor heating on',
} as const;

export const flame = {
  unknown: 'not asked yet',
  no: 'no',
  hob: 'a gas hob that can be turned off',
  flame: 'pilot light, gas boiler, fire or smoker',
} as const;

export const route = {
  vessel: 'Bottle',
  surface: 'Surface',
  drain: 'Drain',
  air: 'Air',
  caddy: 'Caddy',
  shelf: 'Shelf',
} as const;

export const product = {
  'chlorine-bleach': 'Chlorine bleach',
  'cistern-tablet': 'Bleach tablet in a cistern',
  'pool-shock': 'Pool chlorine, dry',
  vinegar: 'Vinegar',
  'citric-descaler': 'Citric descaler',
  'acid-toilet-cleaner': 'Acid toilet cleaner',
  'lemon-juice': 'Lemon juice',
  ammonia: 'Ammonia',
  'ammonia-glass-cleaner': 'Glass cleaner with ammonia',
  urine: 'Urine, unflushed toilet',
  'peroxide-household': 'Peroxide 3 %',
  'peroxide-strong': 'Peroxide 12 %',
  percarbonate: 'Oxygen bleach powder in water',
  'rubbing-alcohol': 'Rubbing alcohol',
  'methylated-spirit': 'Methylated spirit',
  'nail-polish-remover': 'Nail-polish remover',
  'baking-soda': 'Baking soda',
  'washing-soda': 'Washing soda',
  'oven-cleaner': 'Oven cleaner (lye)',
  'alkaline-drain-opener': 'Drain opener, alkaline',
  'acid-drain-opener': 'Drain opener, acid',
  'castile-soap': 'Castile soap',
  'washing-up-liquid': 'Washing-up liquid',
  'quat-spray': 'Quat spray or wipe',
  'muriatic-acid': 'Muriatic acid',
  'rust-remover': 'Rust remover (hydrofluoric)',
  'colour-remover': 'Colour remover',
  'hot-water': 'Hot water, over 40 °C',
  'aluminium-pan': 'Aluminium pan',
  glycerine: 'Glycerine',
  borax: 'Borax',
  'colloidal-silver': 'Colloidal silver',
  'essential-oil': 'Essential oil',
  water: 'Water',
  'unlabelled-bottle': 'Unlabelled bottle',
} as const;

export const group = {
  hypochlorite: 'chlorine bleach',
  'dry-chlorine': 'dry chlorine',
  acid: 'acid',
  ammonia: 'ammonia',
  peroxide: 'peroxide',
  alcohol: 'alcohol',
  ketone: 'acetone',
  carbonate: 'soda',
  'strong-alkali': 'strong alkali',
  'strong-acid': 'strong acid',
  soap: 'soap',
  detergent: 'detergent',
  quat: 'quat',
  borax: 'borax',
  metal: 'metal',
  oil: 'oil',
  water: 'water',
  unknown: 'unknown',
  'calcium-hypochlorite': 'calcium hypochlorite (pool shock)',
  isocyanurate: 'chlorine tablets',
  hydrofluoric: 'hydrofluoric acid',
  'rust-remover': 'rust remover',
  reducer: 'colour remover',
  urine: 'urine',
  aluminium: 'aluminium',
  'hot-water': 'hot water',
  'boiling-water': 'boiling water',
} as const;
