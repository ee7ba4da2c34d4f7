import { nameOf } from '@zymostat/core';
import type {
  Active, Against, BatchName, Component, EventKind, Family, Goal, Group, HouseRules, Level, MaterialId, Outcome, ProductId, Route, Severity, Situation, Step, Touched, Ventilation,
} from '@zymostat/core';
import type { RecordKind } from '../messages.ts';

export const familyNames: Record<Family, string> = { peroxide: 'Peroxide', alcohol: 'Alcohol', vinegar: 'Vinegar', product: 'Registered product' };
export const activeNames: Record<Active, string> = {
  'hydrogen peroxide': 'hydrogen peroxide', ethanol: 'ethanol', '2-propanol': '2-propanol', 'acetic acid': 'vinegar (acetic acid)', 'registered product': 'registered product',
};
/** What is in a mixture, as people call it. */
export const componentWords: Record<Component, string> = {
  water: 'water', ethanol: 'ethanol', '2-propanol': '2-propanol', 'hydrogen peroxide': 'hydrogen peroxide', 'acetic acid': 'acetic acid', 'citric acid': 'citric acid', 'hydrochloric acid': 'hydrochloric acid',
  'sulfuric acid': 'sulfuric acid', 'sodium hydrogencarbonate': 'baking soda', 'sodium carbonate': 'washing soda', 'sodium hydroxide': 'lye', borax: 'borax', ammonia: 'ammonia', 'sodium hypochlorite': 'chlorine bleach (hypochlorite)',
  soap: 'soap', 'fatty acid': 'fatty acid, from split soap', detergent: 'detergent', quat: 'quat', glycerol: 'glycerol', 'scent oil': 'oil', acetone: 'acetone', metal: 'silver or copper', 'table salt': 'salt', starch: 'starch, gum or sugar',
  'sodium acetate': 'sodium acetate, a weak salt', 'sodium citrate': 'sodium citrate, a weak salt', 'boric acid': 'boric acid', 'carbon dioxide': 'carbon dioxide', oxygen: 'oxygen', chlorine: 'chlorine', chloramine: 'chloramine',
};
export const outcomeNames: Record<Outcome, string> = { use: 'Use', care: 'Care', never: 'Never' };
export const severityNames: Record<Severity, string> = { fine: 'May meet', care: 'Care', spoils: 'Spoils', never: 'Never' };
export const goalNames: Record<Goal, string> = { clean: 'Clean', sanitise: 'Sanitise', disinfect: 'Disinfect' };
export const againstNames: Record<Against, string> = {
  everyday: 'everyday germs', food: 'food contact', poultry: 'raw poultry or meat', respiratory: 'respiratory illness', stomach: 'stomach illness', mildew: 'mildew', allergen: 'an allergen', blood: 'blood or body fluid',
};
export const levelNames: Record<Level, string> = {
  above: 'Above head', eye: 'Eye', hand: 'Hand', knee: 'Knee', toilet: 'Toilet', mirror: 'Mirror', floor: 'Floor',
};
export const touchedNames: Record<Touched, string> = { seldom: 'seldom touched', daily: 'touched daily', often: 'touched often' };
export const ventilationNames: Record<Ventilation, string> = { none: 'no window or fan', window: 'window', fan: 'fan' };
export const situationNames: Record<Situation, string> = {
  infant: 'infant', pets: 'pets', 'birds-fish': 'birds or fish', 'home-oxygen': 'home oxygen', asthma: 'asthma', pregnancy: 'pregnancy',
};
export const stepNames: Record<Step, string> = { 'take-out': 'take the tablet out', flush: 'flush', wash: 'wash and rinse', apply: 'apply', hold: 'keep wet', wipe: 'wipe', rinse: 'rinse' };
export const eventNames: Record<EventKind, string> = {
  lifted: 'Bowl flushed', washed: 'Washed and rinsed', applied: 'Applied', rewet: 'Re-wet', 'found-dry': 'Found dry', wiped: 'Wiped', rinsed: 'Rinsed',
};
export const batchNames: Record<BatchName, string> = {
  'of disinfecting strength': 'of disinfecting strength', 'a cleaner': 'a cleaner, not a disinfectant', 'a cleaner and descaler': 'a cleaner and descaler, not a disinfectant', 'a registered product': 'a registered product, by its own label',
};
export const routeNames: Record<Route, string> = { vessel: 'Bottle', surface: 'Surface', drain: 'Drain', air: 'Air', caddy: 'Caddy', shelf: 'Shelf' };
export const recordKindNames: Record<RecordKind, string> = {
  approval: 'Approval', batch: 'Batch', check: 'Check', bottle: 'Bottle', 'round-started': 'Round started', 'surface-event': 'At a surface', 'wet-time': 'Wet time', refusal: 'Refusal',
  'round-finished': 'Round finished', 'house-rules': 'House rules', 'near-miss': 'Near miss', incident: 'Incident',
  'follow-up': 'Follow-up', 'rule-added': 'Rule added', 'rule-withdrawn': 'Rule withdrawn', 'book-read': 'Book read',
};

/** What people call a material, and why it answers as it does; common practice and makers' care advice (memory). */
export const materialWords: Record<MaterialId, { name: string; why: string }> = {
  'glazed-ceramic': { name: 'Glazed ceramic tile', why: 'The glaze takes all three.' },
  porcelain: { name: 'Porcelain', why: 'Takes all three.' },
  'vitreous-china': { name: 'Vitreous china', why: 'Takes all three.' },
  glass: { name: 'Glass', why: 'Takes all three.' },
  mirror: { name: 'Mirror', why: 'Liquid creeps under the silvering at the edge: use a cloth and keep edge and frame dry.' },
  'stainless-steel': { name: 'Stainless steel', why: 'Long contact with acid or chloride pits it: rinse, and wipe with the grain.' },
  'chrome-plate': { name: 'Chrome plate', why: 'Long acid contact dulls worn plate: keep it short and rinse.' },
  brass: { name: 'Brass or bronze', why: 'Peroxide and acid tarnish it or strip its patina.' },
  copper: { name: 'Copper', why: 'Peroxide and acid tarnish it or strip its patina.' },
  aluminium: { name: 'Aluminium', why: 'Acid etches it, and so does alkali; peroxide may dull it.' },
  'cast-iron': { name: 'Cast iron', why: 'Acid and long wetness rust it.' },
  'enamelled-cast-iron': { name: 'Enamelled cast iron', why: 'Acid attacks chipped enamel; bare iron rusts.' },
  marble: { name: 'Marble', why: 'Acid eats calcite within minutes; peroxide may lighten dark stone.' },
  limestone: { name: 'Limestone or travertine', why: 'Acid eats calcite within minutes; peroxide may lighten dark stone.' },
  'granite-sealed': { name: 'Granite, sealed', why: 'Acid attacks the sealer and any calcite veins; peroxide may lighten dark stone.' },
  'engineered-quartz': { name: 'Engineered quartz', why: 'Its resin dulls under long acid, solvent or oxidiser contact.' },
  terrazzo: { name: 'Terrazzo', why: 'Acid eats the cement and marble in it; peroxide may lighten it.' },
  concrete: { name: 'Concrete or cement', why: 'Acid eats cement; peroxide may lighten it.' },
  'cement-grout': { name: 'Cement grout, unsealed', why: 'Acid wears cement; peroxide may lighten coloured grout, so test it.' },
  'sealed-grout': { name: 'Grout, epoxy or sealed', why: 'Takes all three.' },
  laminate: { name: 'Laminate', why: 'Acid and water get in at the seams: dilute, and wipe dry.' },
  'solid-surface-acrylic': { name: 'Solid-surface acrylic', why: 'Solvent and acid may dull it: short, and rinse.' },
  'acrylic-polycarbonate': { name: 'Acrylic, polycarbonate', why: 'Alcohol crazes it: fine cracks that never close.' },
  'hard-plastic': { name: 'ABS, PVC, polypropylene', why: 'Takes all three.' },
  'painted-wall': { name: 'Painted wall, washable', why: 'Paint may lift or lose its sheen: test a hidden spot.' },
  'sealed-wood': { name: 'Wood, sealed or oiled', why: 'Alcohol dissolves lacquer, acid dulls it, water swells it: barely damp.' },
  'hardwood-floor': { name: 'Hardwood floor', why: 'Alcohol dissolves lacquer, acid dulls it, water swells it: barely damp.' },
  'unsealed-wood': { name: 'Unsealed wood, cork, bamboo', why: 'Porous: it holds no wet film and cannot be disinfected. Clean, dry, or replace.' },
  'wooden-board': { name: 'Wooden cutting board', why: 'Porous: 3 % peroxide, rinsed and dried, reduces germs and does no more.' },
  'plastic-board': { name: 'Plastic cutting board', why: 'Takes all three, rinsed after.' },
  rubber: { name: 'Natural rubber, gaskets', why: 'Alcohol dries it out, acid ages it: keep it short.' },
  silicone: { name: 'Silicone', why: 'Takes all three.' },
  'coated-screen': { name: 'Coated screen or lens', why: 'The coating fails and liquid gets in: wrung-out cloth with 70 % alcohol, device off.' },
  electronics: { name: 'Switch, remote, electronics', why: 'Liquid gets in: never spray; cloth with 70 % alcohol, power off.' },
  leather: { name: 'Leather', why: 'All three strip its finish: use its maker’s cleaner.' },
  upholstery: { name: 'Upholstery, carpet, curtain', why: 'Porous: launder or extract; peroxide bleaches it.' },
  'vinyl-floor': { name: 'Vinyl floor', why: 'Alcohol only on a spot, acid dilute.' },
  'linoleum-waxed': { name: 'Linoleum, waxed floor', why: 'Alcohol, acid and alkali strip the wax.' },
  wallpaper: { name: 'Wallpaper', why: 'It stains and lifts: alcohol on a spot only.' },
  'car-paint': { name: 'Car paint, gelcoat', why: 'It loses its gloss.' },
  'pearl-jewellery': { name: 'Pearl, costume jewellery', why: 'All three attack it.' },
  'hot-surface': { name: 'Hot surface over 40 °C', why: 'It dries too fast, and alcohol vapour can light: wait until it is cool.' },
  'mouthed-toy': { name: 'Toy or thing mouthed', why: 'Takes all three; rinse, since it goes back into a mouth.' },
  'toilet-seat': { name: 'Toilet seat', why: 'A coated wooden seat is dulled by solvent and acid: short.' },
};

export const productNames: Record<ProductId, string> = {
  'chlorine-bleach': 'Chlorine bleach', 'cistern-tablet': 'Bleach tablet in a cistern', 'pool-shock': 'Pool chlorine, dry', vinegar: 'Vinegar', 'citric-descaler': 'Citric descaler',
  'acid-toilet-cleaner': 'Acid toilet cleaner', 'lemon-juice': 'Lemon juice', ammonia: 'Ammonia', 'ammonia-glass-cleaner': 'Glass cleaner with ammonia', urine: 'Urine, unflushed toilet',
  'peroxide-household': 'Peroxide 3 %', 'peroxide-strong': 'Peroxide 12 %', percarbonate: 'Oxygen bleach powder in water', 'rubbing-alcohol': 'Rubbing alcohol',
  'methylated-spirit': 'Methylated spirit', 'nail-polish-remover': 'Nail-polish remover', 'baking-soda': 'Baking soda', 'washing-soda': 'Washing soda', 'oven-cleaner': 'Oven cleaner (lye)',
  'alkaline-drain-opener': 'Drain opener, alkaline', 'acid-drain-opener': 'Drain opener, acid', 'castile-soap': 'Castile soap', 'washing-up-liquid': 'Washing-up liquid', 'quat-spray': 'Quat spray or wipe',
  borax: 'Borax', 'colloidal-silver': 'Colloidal silver', 'essential-oil': 'Essential oil', water: 'Water', 'unlabelled-bottle': 'Unlabelled bottle',
};

export const groupNames: Record<Group, string> = {
  hypochlorite: 'chlorine bleach', 'dry-chlorine': 'dry chlorine', acid: 'acid', ammonia: 'ammonia', peroxide: 'peroxide', alcohol: 'alcohol', ketone: 'acetone', carbonate: 'soda',
  'strong-alkali': 'strong alkali', 'strong-acid': 'strong acid', soap: 'soap', detergent: 'detergent', quat: 'quat', borax: 'borax', metal: 'metal', oil: 'oil', water: 'water', unknown: 'unknown',
};

/** What a solution of that strength is called in words. */
export const nameOfBatch = (active: Active, strength: number, rules: HouseRules): string => batchNames[nameOf(active, strength, rules)];
