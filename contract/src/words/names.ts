import { nameOf } from '@zymostat/core';
import type {
  Active,
  Against,
  BatchName,
  Component,
  EventKind,
  Family,
  Goal,
  Group,
  HouseRules,
  Level,
  MaterialId,
  Outcome,
  ProductId,
  Route,
  Severity,
  Flame,
  Situation,
  Touched,
  Ventilation,
} from '@zymostat/core';
import type { RecordKind } from '../messages.ts';

export const familyNames: Record<Family, string> = {
  peroxide: 'Peroxide',
  alcohol: 'Alcohol',
  vinegar: 'Vinegar',
  product: 'Registered product',
};
export const activeNames: Record<Active, string> = {
  'hydrogen peroxide': 'hydrogen peroxide',
  ethanol: 'ethanol',
  '2-propanol': '2-propanol',
  'acetic acid': 'vinegar (acetic acid)',
  'registered product': 'registered product',
};
/** What is in a mixture, as people call it. */
export const componentWords: Record<Component, string> = {
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
};
export const outcomeNames: Record<Outcome, string> = { use: 'Use', care: 'Care', never: 'Never' };
export const severityNames: Record<Severity, string> = {
  fine: 'May meet',
  'no-rule': 'No rule known',
  care: 'Care',
  spoils: 'Spoils',
  never: 'Never',
};
export const goalNames: Record<Goal, string> = {
  clean: 'Clean',
  reduce: 'Reduce',
  sanitise: 'Sanitise',
  disinfect: 'Disinfect',
};
export const againstNames: Record<Against, string> = {
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
};
export const levelNames: Record<Level, string> = {
  above: 'Above head',
  eye: 'Eye',
  hand: 'Hand',
  knee: 'Knee',
  toilet: 'Toilet',
  mirror: 'Mirror',
  floor: 'Floor',
};
export const touchedNames: Record<Touched, string> = {
  seldom: 'seldom touched',
  daily: 'touched daily',
  often: 'touched often',
};
export const ventilationNames: Record<Ventilation, string> = {
  none: 'no window or fan',
  window: 'window',
  fan: 'fan',
};
export const situationNames: Record<Situation, string> = {
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
};
/** Whether anything in a room can light a vapour, as it is asked. */
export const flameNames: Record<Flame, string> = {
  unknown: 'not asked yet',
  no: 'no',
  hob: 'a gas hob that can be turned off',
  flame: 'pilot light, gas boiler, fire or smoker',
};
export const eventNames: Record<EventKind, string> = {
  lifted: 'Bowl flushed',
  washed: 'Cleaned',
  applied: 'Applied',
  rewet: 'Re-wet',
  'found-dry': 'Found dry',
  wiped: 'Wiped',
  rinsed: 'Rinsed',
};
export const batchNames: Record<BatchName, string> = {
  'of disinfecting strength': 'of disinfecting strength',
  'for respiratory illness only': 'for flu, COVID, RSV and colds only',
  'a cleaner': 'a cleaner, not a disinfectant',
  'a cleaner and descaler': 'a cleaner and descaler, not a disinfectant',
  'a registered product': 'a registered product, by its own label',
};
export const routeNames: Record<Route, string> = {
  vessel: 'Bottle',
  surface: 'Surface',
  drain: 'Drain',
  air: 'Air',
  caddy: 'Caddy',
  shelf: 'Shelf',
};
export const recordKindNames: Record<RecordKind, string> = {
  approval: 'Approval',
  batch: 'Batch',
  check: 'Check',
  bottle: 'Bottle',
  'round-started': 'Round started',
  'surface-event': 'At a surface',
  'wet-time': 'Wet time',
  refusal: 'Refusal',
  'round-finished': 'Round finished',
  'house-rules': 'House rules',
  'near-miss': 'Near miss',
  incident: 'Incident',
  'follow-up': 'Follow-up',
  'rule-added': 'Rule added',
  'rule-withdrawn': 'Rule withdrawn',
  'book-read': 'Book read',
  'source-checked': 'Source checked',
};

/**
 * What people call a material, and why it answers as it does; common practice and makers' care
 * advice (memory).
 */
export const materialWords: Record<MaterialId, { name: string; why: string }> = {
  'glazed-ceramic': { name: 'Glazed ceramic tile', why: 'The glaze takes all three.' },
  porcelain: { name: 'Porcelain', why: 'Takes all three.' },
  'vitreous-china': { name: 'Vitreous china', why: 'Takes all three.' },
  glass: { name: 'Glass', why: 'Takes all three.' },
  'glass-ceramic-hob': {
    name: 'Glass-ceramic hob',
    why: 'Only when cold: what is left on it burns in, and alcohol vapour can light.',
  },
  mirror: {
    name: 'Mirror',
    why: 'Liquid creeps under the silvering at the edge: use a cloth and keep edge and frame dry.',
  },
  'stainless-steel': {
    name: 'Stainless steel',
    why: 'Long contact with acid or chloride pits it: rinse, and wipe with the grain.',
  },
  'enamelled-steel': { name: 'Enamelled steel', why: 'Acid dulls the enamel: short, and rinse.' },
  'chrome-plate': {
    name: 'Chrome plate',
    why: 'Long acid contact dulls worn plate: keep it short and rinse.',
  },
  brass: { name: 'Brass or bronze', why: 'Peroxide and acid tarnish it or strip its patina.' },
  nickel: { name: 'Nickel plate', why: 'Acid attacks it; peroxide may stain it.' },
  'coloured-plate': {
    name: 'Black or gold plate',
    why: 'The thin colour layer comes off: test a hidden spot.',
  },
  'lacquered-brass': {
    name: 'Lacquered brass',
    why: 'Alcohol softens the lacquer, acid gets under it.',
  },
  silver: { name: 'Silver', why: 'Peroxide and acid blacken it.' },
  copper: { name: 'Copper', why: 'Peroxide and acid tarnish it or strip its patina.' },
  aluminium: {
    name: 'Aluminium',
    why: 'Acid etches it, and so does alkali; peroxide may dull it.',
  },
  'anodised-aluminium': { name: 'Anodised aluminium', why: 'Acid and alkali take the layer off.' },
  'carbon-steel': { name: 'Carbon steel', why: 'It rusts where it stays wet.' },
  'non-stick': {
    name: 'Non-stick coating',
    why: 'The coating may dull: test, keep it short, rinse.',
  },
  'cast-iron': { name: 'Cast iron', why: 'Acid and long wetness rust it.' },
  'enamelled-cast-iron': {
    name: 'Enamelled cast iron',
    why: 'Acid attacks chipped enamel; bare iron rusts.',
  },
  marble: {
    name: 'Marble',
    why: 'Acid eats calcite within minutes; peroxide may lighten dark stone.',
  },
  limestone: {
    name: 'Limestone or travertine',
    why: 'Acid eats calcite within minutes; peroxide may lighten dark stone.',
  },
  slate: {
    name: 'Slate',
    why: 'Some slate holds calcite: acid eats it. As limestone until it is tested.',
  },
  quartzite: {
    name: 'Quartzite',
    why: 'Often sold for marble: acid may eat it. As limestone until it is tested.',
  },
  'other-stone': {
    name: 'Other natural stone',
    why: 'Nobody knows what is in it: as limestone until it is tested.',
  },
  'cement-tile': {
    name: 'Cement or encaustic tile',
    why: 'Acid eats cement; the colour may fade.',
  },
  terracotta: {
    name: 'Terracotta',
    why: 'It soaks up what is put on it: clean it, it cannot be disinfected.',
  },
  plaster: { name: 'Plaster', why: 'It soaks up water and crumbles: dry or barely damp only.' },
  'granite-sealed': {
    name: 'Granite, sealed',
    why: 'Acid attacks the sealer and any calcite veins; peroxide may lighten dark stone.',
  },
  'engineered-quartz': {
    name: 'Engineered quartz',
    why: 'Its resin dulls under long acid, solvent or oxidiser contact.',
  },
  terrazzo: {
    name: 'Terrazzo',
    why: 'Acid eats the cement and marble in it; peroxide may lighten it.',
  },
  concrete: { name: 'Concrete or cement', why: 'Acid eats cement; peroxide may lighten it.' },
  'cement-grout': {
    name: 'Cement grout, unsealed',
    why: 'Acid wears cement; peroxide may lighten coloured grout, so test it.',
  },
  'sealed-grout': { name: 'Grout, epoxy or sealed', why: 'Takes all three.' },
  laminate: { name: 'Laminate', why: 'Acid and water get in at the seams: dilute, and wipe dry.' },
  'laminate-floor': {
    name: 'Laminate floor',
    why: 'Water swells the joints: barely damp, and wipe dry.',
  },
  'resin-floor': { name: 'Resin floor', why: 'Solvent and acid may dull it: test a hidden spot.' },
  'composite-sink': { name: 'Composite sink', why: 'Acid may lighten it: short, and rinse.' },
  fibreglass: { name: 'Fibreglass', why: 'Solvent and acid dull the gel coat.' },
  melamine: { name: 'Melamine', why: 'Long acid contact dulls it.' },
  'solid-surface-acrylic': {
    name: 'Solid-surface acrylic',
    why: 'Solvent and acid may dull it: short, and rinse.',
  },
  'acrylic-polycarbonate': {
    name: 'Acrylic, polycarbonate',
    why: 'Alcohol crazes it: fine cracks that never close.',
  },
  polystyrene: { name: 'Polystyrene', why: 'Alcohol cracks it.' },
  'soft-pvc': { name: 'Soft PVC, mats', why: 'Alcohol makes it hard: short, and rinse.' },
  'hard-plastic': { name: 'ABS, PVC, polypropylene', why: 'Takes all three.' },
  'painted-wall': {
    name: 'Painted wall, washable',
    why: 'Paint may lift or lose its sheen: test a hidden spot.',
  },
  'sealed-wood': {
    name: 'Wood, sealed or oiled',
    why: 'Alcohol dissolves lacquer, acid dulls it, water swells it: barely damp.',
  },
  'hardwood-floor': {
    name: 'Hardwood floor',
    why: 'Alcohol dissolves lacquer, acid dulls it, water swells it: barely damp.',
  },
  'bamboo-rattan': {
    name: 'Bamboo, rattan',
    why: 'Porous: it holds no wet film. Dust it, barely damp.',
  },
  cork: { name: 'Cork', why: 'Porous: it holds no wet film and swells.' },
  'unsealed-wood': {
    name: 'Unsealed wood',
    why: 'Porous: it holds no wet film and cannot be disinfected. Clean, dry, or replace.',
  },
  'wooden-board': {
    name: 'Wooden cutting board',
    why: 'Porous: 3 % peroxide, rinsed and dried, reduces germs and does no more.',
  },
  'plastic-board': { name: 'Plastic cutting board', why: 'Takes all three, rinsed after.' },
  rubber: {
    name: 'Natural rubber, gaskets',
    why: 'Alcohol dries it out, acid ages it: keep it short.',
  },
  silicone: { name: 'Silicone', why: 'Takes all three.' },
  'coated-screen': {
    name: 'Coated screen or lens',
    why: 'The coating fails and liquid gets in: wrung-out cloth with 70 % alcohol, device off.',
  },
  'coated-spectacles': {
    name: 'Coated spectacles',
    why: 'The coating comes off: soft cloth, 70 % alcohol at most.',
  },
  electronics: {
    name: 'Switch, remote, electronics',
    why: 'Liquid gets in: never spray; cloth with 70 % alcohol, power off.',
  },
  leather: { name: 'Leather', why: 'All three strip its finish: use its maker’s cleaner.' },
  upholstery: { name: 'Upholstery', why: 'Porous: vacuum or extract it; peroxide bleaches it.' },
  carpet: { name: 'Carpet, rug', why: 'Porous: vacuum or extract it; peroxide bleaches it.' },
  textile: { name: 'Curtain, bedding, cloth', why: 'Porous: it goes into the wash.' },
  plush: { name: 'Plush toy', why: 'Porous: it goes into the wash.' },
  'mattress-covered': {
    name: 'Mattress with a wipe-clean cover',
    why: 'Seams let water in: cloth only.',
  },
  mattress: { name: 'Mattress without a cover', why: 'Porous: vacuum it and let it dry.' },
  'harness-straps': {
    name: 'Harness straps (car seat, pram)',
    why: 'Chemicals weaken the webbing: only as its maker says.',
  },
  blinds: { name: 'Blinds', why: 'Coatings and cords differ: test, and wring the cloth out.' },
  paper: { name: 'Books, paper', why: 'Anything wet spoils it: dust it dry.' },
  'medical-breathing': {
    name: 'Breathing device (oxygen, CPAP)',
    why: 'Only its maker says how it is cleaned: leave it alone.',
  },
  'something-porous': {
    name: 'Something else, soaks up water',
    why: 'Nobody has said what it is: dry or barely damp, with care.',
  },
  'something-finished': {
    name: 'Something else, painted or plated',
    why: 'Nobody has said what it is: test a hidden spot, and never alcohol or acid.',
  },
  'something-hard': {
    name: 'Something else, hard and bare',
    why: 'Nobody has said what it is: test a hidden spot first.',
  },
  'vinyl-floor': { name: 'Vinyl floor', why: 'Alcohol only on a spot, acid dilute.' },
  'linoleum-waxed': {
    name: 'Linoleum, waxed floor',
    why: 'Alcohol, acid and alkali strip the wax.',
  },
  wallpaper: { name: 'Wallpaper', why: 'It stains and lifts: alcohol on a spot only.' },
  'car-paint': { name: 'Car paint, gelcoat', why: 'It loses its gloss.' },
  'pearl-jewellery': { name: 'Pearl, costume jewellery', why: 'All three attack it.' },
  'hot-surface': {
    name: 'Hot surface over 40 °C',
    why: 'It dries too fast, and alcohol vapour can light: wait until it is cool.',
  },
  'mouthed-toy': {
    name: 'Toy or thing mouthed',
    why: 'Takes all three; rinse, since it goes back into a mouth.',
  },
  'toilet-seat': {
    name: 'Toilet seat',
    why: 'A coated wooden seat is dulled by solvent and acid: short.',
  },
};

export const productNames: Record<ProductId, string> = {
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
};

export const groupNames: Record<Group, string> = {
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
};

/** What a solution of that strength is called in words. */
export const nameOfBatch = (active: Active, strength: number, rules: HouseRules): string =>
  batchNames[nameOf(active, strength, rules)];
