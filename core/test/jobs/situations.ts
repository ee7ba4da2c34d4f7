import {
  cleanGlass,
  clearDrain,
  clothsFor,
  cautiousBook as book,
  descale,
  dryMixture,
  freshenFridge,
  judgeScent,
  judgeWash,
  refusedIn,
  soakBath,
  steamMicrowave,
  wipeJar,
  type Clothed,
  type DescaleAsked,
  type JobRow,
  type Outcome,
  type PowderAsked,
  type Scented,
  type Wash,
} from '../../src/index.ts';
import { bathOf, by, descaleOf, jarOf, jobOf, judging, peroxide, vinegar } from './asked.ts';

/** What is looked at of an answer; what is not named is not asked. */
export interface Expected {
  outcome?: Outcome;
  /** Codes of reasons that are among its reasons. */
  says?: string[];
  /** Codes of steps that come in this order. */
  steps?: string[];
  /** Codes of steps that must not be there. */
  not?: string[];
  least?: number;
  most?: number | null;
  claim?: string;
  cleaners?: [string, number][];
  figures?: Record<string, number>;
}
export type Answer = Record<string, unknown> & { rows: readonly JobRow[] };
export type Situation = [what: string, answer: () => unknown, expected: Expected];

const MIN = 60;
const NIGHT = 480 * MIN;

const descaled = (asked: Partial<DescaleAsked>) => descale(descaleOf(asked), by);
const scent = (asked: Partial<Scented>) =>
  judgeScent({
    oil: 5e-6,
    solubiliser: 10e-6,
    total: 500e-6,
    alcohol: 0,
    openedFor: 86_400,
    situations: [],
    ...asked,
  });
const wash = (asked: Partial<Wash>) =>
  judgeWash(
    {
      of: 'microfibre',
      temperature: 60,
      softener: false,
      drawer: [],
      solvent: false,
      washes: 10,
      ...asked,
    },
    book,
  );
const powder = (asked: Partial<PowderAsked>) =>
  dryMixture(
    {
      ingredients: ['washing soda', 'baking soda'],
      mass: 0.4,
      load: 5,
      hard: false,
      beside: [],
      ...asked,
    },
    book,
  );
const cloth = (asked: Partial<Clothed>): Clothed => ({
  level: 'hand',
  material: 'porcelain',
  area: 0.4,
  food: false,
  disinfectedWith: null,
  zone: 'bath',
  roomId: 'a',
  ...asked,
});
/** What is typed, anywhere, and is no job of this tool. */
const typed = (text: string) => {
  const found = refusedIn(text);
  return { ...found, rows: found ? [found.row] : [] };
};
const ask = (who: string): Expected => ({ claim: who });
const asks = (text: string) => () => {
  const answer = typed(text);
  return { ...answer, claim: answer.ask };
};

/** Soil and things, wipes, baths, cloths, scent: what the trade does, asks, believes and gets wrong. */
export const situations: Situation[] = [
  // soil × material × situation
  [
    'dust needs no more than a wash',
    () => ({ rows: ['soil-everyday'], none: jobOf({}) === null }),
    {},
  ],
  [
    'dust with a ratio that somebody set',
    () => jobOf({ set: { ratio: 5 } }),
    { outcome: 'use', cleaners: [['washing-up-liquid', 5]] },
  ],
  [
    'a ratio over its end',
    () => jobOf({ soil: 'grease', set: { ratio: 60 } }),
    { outcome: 'never', says: ['ratio-outside'] },
  ],
  [
    'grease on a worktop: detergent, more of it',
    () => jobOf({ soil: 'grease', material: 'laminate' }),
    {
      outcome: 'use',
      cleaners: [['washing-up-liquid', 15]],
      steps: ['gloves', 'wash-with', 'rinse-hard'],
    },
  ],
  [
    'grease, soda on tiles',
    () => jobOf({ soil: 'grease', set: { cleaner: 'washing-soda' } }),
    { outcome: 'use', cleaners: [['washing-soda', 10]] },
  ],
  [
    'grease, soda on an aluminium hood',
    () => jobOf({ soil: 'grease', material: 'aluminium', set: { cleaner: 'washing-soda' } }),
    { outcome: 'never', says: ['alkali-barred'] },
  ],
  [
    'grease, vinegar first, as many do',
    () => jobOf({ soil: 'grease', set: { cleaner: 'vinegar' } }),
    { outcome: 'never', says: ['does-not-lift'] },
  ],
  [
    'burnt-on in an oven',
    () => jobOf({ soil: 'burnt-on', material: 'enamelled-steel' }),
    { outcome: 'use', least: 30 * MIN, steps: ['paste-on', 'leave', 'scrape'] },
  ],
  [
    'burnt-on in a coated pan',
    () => jobOf({ soil: 'burnt-on', material: 'non-stick' }),
    { outcome: 'never', says: ['alkali-barred'] },
  ],
  [
    'burnt-on on acrylic: a hidden spot first',
    () => jobOf({ soil: 'burnt-on', material: 'acrylic-polycarbonate' }),
    { outcome: 'care', says: ['alkali-care'] },
  ],
  [
    'water marks on tiles',
    () => jobOf({ soil: 'limescale' }),
    { outcome: 'use', most: 10 * MIN, claim: 'loosens' },
  ],
  [
    'lime on marble',
    () => jobOf({ soil: 'limescale', material: 'marble' }),
    { outcome: 'never', says: ['material-barred'] },
  ],
  [
    'lime on a cement joint',
    () => jobOf({ soil: 'limescale', material: 'cement-grout' }),
    { outcome: 'care', most: 10 * MIN },
  ],
  [
    'lime on an aluminium rail',
    () => jobOf({ soil: 'limescale', material: 'aluminium' }),
    { outcome: 'never' },
  ],
  [
    'lime in an enamelled bath',
    () => jobOf({ soil: 'limescale', material: 'enamelled-cast-iron' }),
    { outcome: 'never' },
  ],
  [
    'lime on something nobody named',
    () => jobOf({ soil: 'limescale', material: 'something-finished' }),
    { outcome: 'never', says: ['material-not-known'] },
  ],
  [
    'soap film: detergent, rinsed, then vinegar',
    () => jobOf({ soil: 'soap-film', material: 'glass' }),
    {
      outcome: 'use',
      cleaners: [
        ['washing-up-liquid', 15],
        ['vinegar', 0.025],
      ],
      steps: ['castile-never', 'wash-with', 'rinse-hard', 'wipe-on', 'leave', 'rinse-hard'],
    },
  ],
  [
    'soap film, both in one, where the house does not',
    () => jobOf({ soil: 'soap-film', set: { cleaner: 'vinegar-and-washing-up-liquid' } }),
    { outcome: 'never', says: ['does-not-lift'] },
  ],
  [
    'soap film, both in one, where it does, two to one',
    () => jobOf({ soil: 'soap-film', set: { ratio: 2 } }, { vinegarAndWashingUp: 'two-to-one' }),
    { outcome: 'use', cleaners: [['vinegar-and-washing-up-liquid', 2]] },
  ],
  [
    'soap film, three to one',
    () => jobOf({ soil: 'soap-film', set: { ratio: 3 } }, { vinegarAndWashingUp: 'two-to-one' }),
    { outcome: 'never', says: ['ratio-outside'] },
  ],
  [
    'soap film on limestone',
    () => jobOf({ soil: 'soap-film', material: 'limestone' }),
    { outcome: 'never' },
  ],
  [
    'mildew: detergent, dry, then peroxide for ten minutes',
    () => jobOf({ soil: 'mildew' }),
    {
      outcome: 'use',
      least: 10 * MIN,
      steps: ['mask', 'find-damp', 'wash-with', 'wipe-on', 'leave'],
    },
  ],
  [
    'rust on tiles',
    () => jobOf({ soil: 'rust' }),
    { outcome: 'use', least: 5 * MIN, most: 10 * MIN, cleaners: [['citric', 0.05]] },
  ],
  [
    'rust on enamelled steel',
    () => jobOf({ soil: 'rust', material: 'enamelled-steel' }),
    { outcome: 'never', says: ['rust-acid-barred'] },
  ],
  [
    'a sticker on glass',
    () => jobOf({ soil: 'sticky', material: 'glass' }),
    { outcome: 'use', cleaners: [['alcohol', 0.7]], steps: ['no-flame', 'on-cloth', 'dry-cloth'] },
  ],
  [
    'marker on car paint',
    () => jobOf({ soil: 'sticky', material: 'car-paint' }),
    { outcome: 'never' },
  ],
  [
    'resin on acrylic',
    () => jobOf({ soil: 'sticky', material: 'acrylic-polycarbonate' }),
    { outcome: 'never' },
  ],
  [
    'gum beside a hob that nobody asked about',
    () => jobOf({ soil: 'sticky', material: 'glass', flame: 'unknown' }),
    { outcome: 'never', says: ['flame-not-asked'] },
  ],
  [
    'gum where somebody has oxygen',
    () => jobOf({ soil: 'sticky', material: 'glass', situations: ['home-oxygen'] }),
    { outcome: 'never', says: ['home-oxygen'] },
  ],
  [
    'vomit: taken up and rinsed before anything',
    () => jobOf({ soil: 'body' }),
    { outcome: 'use', steps: ['gloves', 'absorb', 'bag-waste', 'rinse-water', 'wash-with'] },
  ],
  [
    'urine on a rug',
    () => jobOf({ soil: 'body', material: 'carpet' }),
    { outcome: 'use', cleaners: [['enzyme', 5]], least: 10 * MIN },
  ],
  [
    'a smell in a drain',
    () => jobOf({ soil: 'smell', thing: 'drain' }),
    { outcome: 'use', steps: ['nothing-else-in-it', 'trap-out', 'hot-water'], not: ['soda-in'] },
  ],
  [
    'the same, soda then flush by house rule',
    () => jobOf({ soil: 'smell', thing: 'drain' }, { drainSmell: 'soda-then-flush' }),
    { steps: ['hot-water', 'soda-in', 'water-after'], cleaners: [['washing-soda', 10]] },
  ],
  // descaling
  [
    'a chrome tap in a bag: looked at after half an hour, off at an hour',
    () => jobOf({ soil: 'limescale', thing: 'tap', material: 'chrome-plate' }),
    {
      outcome: 'use',
      least: 30 * MIN,
      most: 60 * MIN,
      claim: 'loosens',
      steps: [
        'gloves',
        'goggles',
        'wash-with',
        'cover-stone',
        'tie-bag',
        'leave',
        'take-off',
        'rinse-hard',
      ],
    },
  ],
  [
    'the same overnight',
    () =>
      jobOf({
        soil: 'limescale',
        thing: 'shower-head',
        material: 'chrome-plate',
        set: { seconds: NIGHT },
      }),
    { outcome: 'never', says: ['over-longest'] },
  ],
  [
    'a nickel tap',
    () => jobOf({ soil: 'limescale', thing: 'tap', material: 'nickel' }),
    { outcome: 'care', most: 10 * MIN, least: 5 * MIN, says: ['acid-for-minutes'] },
  ],
  [
    'a black tap',
    () => jobOf({ soil: 'limescale', thing: 'tap', material: 'coloured-plate' }),
    { outcome: 'care', most: 10 * MIN },
  ],
  [
    'a brass tap',
    () => jobOf({ soil: 'limescale', thing: 'tap', material: 'brass' }),
    { most: 10 * MIN },
  ],
  [
    'a plastic shower head overnight',
    () =>
      jobOf({
        soil: 'limescale',
        thing: 'shower-head',
        material: 'hard-plastic',
        set: { seconds: NIGHT },
      }),
    { outcome: 'use', most: NIGHT, least: NIGHT },
  ],
  [
    'a steel shower head',
    () => jobOf({ soil: 'limescale', thing: 'shower-head', material: 'stainless-steel' }),
    { most: NIGHT, least: 30 * MIN },
  ],
  [
    'a chrome tap over a marble shelf that the vinegar would run on',
    () => descaled({ materials: ['chrome-plate', 'marble'] }),
    { outcome: 'never' },
  ],
  [
    'a shower head with vinegar from the cleaner’s shop, 10 %',
    () => descaled({ strength: 0.1 }),
    { outcome: 'never', says: ['bath-too-strong'] },
  ],
  [
    'a kettle',
    () => descaled({ thing: 'kettle', materials: ['stainless-steel'] }),
    { most: 60 * MIN, steps: ['fill', 'not-boiled-dry', 'leave', 'take-off', 'clear-runs'] },
  ],
  [
    'a kettle overnight',
    () => descaled({ thing: 'kettle', materials: ['stainless-steel'], seconds: NIGHT }),
    { outcome: 'never', says: ['over-longest'] },
  ],
  [
    'a kettle with citric acid, 2 %',
    () => descaled({ thing: 'kettle', materials: ['stainless-steel'], acid: 'citric' }),
    { figures: { strength: 0.02 } },
  ],
  [
    'citric at 15 %, the more the better',
    () =>
      descaled({ thing: 'kettle', materials: ['stainless-steel'], acid: 'citric', strength: 0.15 }),
    { outcome: 'never', says: ['citrate-drops'] },
  ],
  [
    'a drip coffee maker',
    () => descaled({ thing: 'drip-coffee', materials: ['hard-plastic'] }),
    {
      most: 60 * MIN,
      steps: ['run-half', 'leave', 'run-through', 'clear-runs'],
      figures: { strength: 0.025 },
    },
  ],
  [
    'a drip coffee maker with citric acid',
    () => descaled({ thing: 'drip-coffee', materials: ['hard-plastic'], acid: 'citric' }),
    { outcome: 'never', says: ['no-such-descaling'] },
  ],
  [
    'a capsule machine',
    () => jobOf({ soil: 'limescale', thing: 'pressure-coffee', material: 'hard-plastic' }),
    { outcome: 'never', says: ['maker-decides'], steps: [] },
  ],
  [
    'a dishwasher',
    () => descaled({ thing: 'dishwasher', materials: ['stainless-steel'] }),
    { steps: ['bowl-on-rack', 'leave', 'clear-runs'], figures: { poured: 0.25e-3 } },
  ],
  [
    'a washing machine with bleach in its drawer',
    () =>
      descaled({
        thing: 'washing-machine',
        materials: ['stainless-steel'],
        keeps: ['chlorine-bleach'],
      }),
    { outcome: 'never', says: ['meets-about'] },
  ],
  [
    'a shower screen',
    () => jobOf({ soil: 'limescale', thing: 'shower-screen', material: 'glass' }),
    {
      outcome: 'use',
      most: 10 * MIN,
      cleaners: [['vinegar', 0.025]],
      steps: ['wipe-on', 'squeegee'],
    },
  ],
  [
    'a toilet bowl for a night',
    () =>
      jobOf({ soil: 'limescale', thing: 'toilet-bowl', material: 'vitreous-china', toilet: true }),
    { most: NIGHT, steps: ['lower-water', 'pour-in', 'leave', 'flush'] },
  ],
  [
    'a bowl that a tablet doses',
    () =>
      jobOf({
        soil: 'limescale',
        thing: 'toilet-bowl',
        material: 'vitreous-china',
        toilet: true,
        keeps: ['cistern-tablet'],
      }),
    { outcome: 'never', says: ['meets-in-bowl'] },
  ],
  [
    'the same with the tablet taken out',
    () =>
      jobOf({
        soil: 'limescale',
        thing: 'toilet-bowl',
        material: 'vitreous-china',
        toilet: true,
        lifts: true,
        keeps: ['cistern-tablet'],
      }),
    { outcome: 'use', says: ['taken-out-first'], steps: ['take-tablet-out', 'flush', 'pour-in'] },
  ],
  // steam, smell, glass
  [
    'a microwave',
    steamMicrowave,
    { steps: ['spoon-in', 'heat', 'door-shut', 'hot-inside', 'gloves', 'wipe-inside'] },
  ],
  [
    'a microwave with grease in it',
    () => jobOf({ thing: 'microwave', soil: 'grease' }),
    { claim: 'cleans' },
  ],
  [
    'a smell in a fridge',
    freshenFridge,
    { steps: ['power-off', 'find-smell', 'wash-with', 'dish-hides'] },
  ],
  [
    'a mirror',
    () => cleanGlass(false),
    { steps: ['no-sun', 'water-only', 'two-cloths'], not: ['wipe-on'] },
  ],
  ['a window with water marks', () => cleanGlass(true), { steps: ['wipe-on', 'two-cloths'] }],
  ['a drain by the cautious house', () => clearDrain(judging().rules), { not: ['soda-in'] }],
  // soaks
  [
    'scissors in 70 % alcohol for five minutes',
    () => soakBath(bathOf(), by),
    {
      outcome: 'use',
      claim: 'disinfects',
      least: 5 * MIN,
      most: null,
      steps: ['no-flame', 'fill-bath', 'cover-bath', 'air-dry'],
    },
  ],
  [
    'the same for one minute',
    () => soakBath(bathOf({ seconds: 60 }), by),
    { outcome: 'care', claim: 'nothing', says: ['under-least'] },
  ],
  [
    'scissors in 50 % alcohol',
    () => soakBath(bathOf({ bath: { active: '2-propanol', strength: 0.5 } }), by),
    { outcome: 'never', says: ['bath-too-weak'] },
  ],
  [
    'two litres of alcohol in a pail',
    () => soakBath(bathOf({ vessel: { volume: 2e-3, mouth: 0.02 } }), by),
    { outcome: 'never', says: ['bath-too-much'] },
  ],
  [
    'alcohol without a lid',
    () => soakBath(bathOf({ covered: false }), by),
    { outcome: 'never', says: ['bath-open'] },
  ],
  [
    'alcohol beside a pilot light',
    () => soakBath(bathOf({ room: { ...bathOf().room, flame: 'flame' } }), by),
    { outcome: 'never', says: ['flame-in-room'] },
  ],
  [
    'tweezers in peroxide for half an hour',
    () => soakBath(bathOf({ bath: peroxide, seconds: 30 * MIN }), by),
    { outcome: 'use', claim: 'disinfects', steps: ['rinse-well', 'dry-cloth'] },
  ],
  [
    'white cloths in peroxide',
    () =>
      soakBath(
        bathOf({
          thing: 'white-cloths',
          bath: peroxide,
          vessel: { volume: 5e-3, mouth: 0.05 },
          load: 1e-3,
          seconds: 30 * MIN,
        }),
        by,
      ),
    { outcome: 'use', claim: 'treats', steps: ['once-only', 'wash-hot'] },
  ],
  [
    'coloured cloths in peroxide',
    () => soakBath(bathOf({ thing: 'coloured-cloths', bath: peroxide }), by),
    { outcome: 'never', says: ['colours-may-run'] },
  ],
  [
    'a toilet brush in peroxide',
    () =>
      soakBath(
        bathOf({
          thing: 'toilet-brush',
          bath: peroxide,
          vessel: { volume: 3e-3, mouth: 0.03 },
          load: 0.3e-3,
          seconds: 30 * MIN,
        }),
        by,
      ),
    { outcome: 'use', claim: 'treats', least: 30 * MIN, steps: ['rinse-well', 'hang-dry'] },
  ],
  [
    'a toilet brush in vinegar overnight: believed to disinfect',
    () => soakBath(bathOf({ thing: 'toilet-brush', bath: vinegar(0.05), seconds: NIGHT }), by),
    { outcome: 'use', claim: 'loosens', most: NIGHT },
  ],
  [
    'cutlery in vinegar, for shine',
    () => soakBath(bathOf({ thing: 'cutlery', bath: vinegar(0.025), seconds: 10 * MIN }), by),
    { claim: 'shines', most: 10 * MIN },
  ],
  [
    'cutlery forgotten in vinegar',
    () => soakBath(bathOf({ thing: 'cutlery', bath: vinegar(0.025), seconds: 60 * MIN }), by),
    { outcome: 'never', says: ['over-longest'] },
  ],
  [
    'razor handles in vinegar',
    () => soakBath(bathOf({ thing: 'bath-tools', bath: vinegar(0.025), seconds: 60 * MIN }), by),
    { claim: 'cleans', most: 60 * MIN },
  ],
  [
    'a loofah',
    () => soakBath(bathOf({ thing: 'sponge', bath: vinegar(0.025) }), by),
    { outcome: 'never', says: ['replaced-not-soaked'], steps: ['replace'] },
  ],
  [
    'toys in peroxide',
    () =>
      soakBath(
        bathOf({
          thing: 'toys',
          bath: peroxide,
          vessel: { volume: 5e-3, mouth: 0.05 },
          load: 1e-3,
          seconds: 10 * MIN,
        }),
        by,
      ),
    { outcome: 'use', claim: 'treats', steps: ['rinse-well', 'air-dry'] },
  ],
  [
    'toys in alcohol',
    () => soakBath(bathOf({ thing: 'toys' }), by),
    { outcome: 'never', says: ['no-such-soak'] },
  ],
  [
    'a brush in a pail with bleach in it',
    () =>
      soakBath(
        bathOf({
          thing: 'toilet-brush',
          bath: vinegar(0.05),
          seconds: 30 * MIN,
          holds: ['chlorine-bleach'],
        }),
        by,
      ),
    { outcome: 'never', says: ['meets-about'] },
  ],
  [
    'more brushes than the pail covers',
    () =>
      soakBath(
        bathOf({ thing: 'toilet-brush', bath: peroxide, load: 0.45e-3, seconds: 30 * MIN }),
        by,
      ),
    { outcome: 'never', says: ['bath-does-not-cover'] },
  ],
  [
    'the brush of a home, during the visit',
    () => jobOf({ thing: 'toilet-brush', material: 'hard-plastic', toilet: true }),
    { outcome: 'use', least: 30 * MIN, claim: 'treats', cleaners: [['peroxide', 0.03]] },
  ],
  [
    'the brush of a home whose cistern has a bleach tablet, in vinegar',
    () =>
      jobOf({
        thing: 'toilet-brush',
        material: 'hard-plastic',
        toilet: true,
        keeps: ['cistern-tablet'],
        set: { cleaner: 'vinegar' },
      }),
    { outcome: 'never', says: ['meets-in-bowl'] },
  ],
  [
    'the same, once the tablet is out and the bowl flushed',
    () =>
      jobOf({
        thing: 'toilet-brush',
        material: 'hard-plastic',
        toilet: true,
        keeps: ['cistern-tablet'],
        lifts: true,
        set: { cleaner: 'vinegar' },
      }),
    { says: ['taken-out-first'], claim: 'loosens' },
  ],
  [
    'scissors in alcohol at a home with a hob: a bath stands',
    () => jobOf({ thing: 'hard-things', flame: 'hob', set: { cleaner: 'alcohol' } }),
    { outcome: 'never', says: ['flame-in-room'] },
  ],
  [
    'scissors in alcohol over a hob on the bench',
    () => soakBath(bathOf({ room: { ...bathOf().room, flame: 'hob' } }), by),
    { outcome: 'never', says: ['flame-in-room'] },
  ],
  [
    'brush out of vinegar a night and an hour later',
    () =>
      jobOf({
        thing: 'toilet-brush',
        material: 'hard-plastic',
        set: { cleaner: 'vinegar', seconds: NIGHT + 60 * MIN },
      }),
    { outcome: 'never', says: ['over-longest'], least: NIGHT, most: NIGHT },
  ],
  [
    'a kitchen sponge on the survey',
    () => jobOf({ thing: 'sponge' }),
    { outcome: 'never', says: ['replaced-not-soaked'], steps: ['replace'] },
  ],
  // wipes
  [
    'the worked jar',
    () => wipeJar(jarOf(), by),
    { outcome: 'use', claim: 'disinfects', figures: { pour: 420e-6 } },
  ],
  [
    'one cup of 70 % in two cups of water',
    () =>
      wipeJar(jarOf({ liquid: { active: '2-propanol', strength: 0.233, discardAfter: null } }), by),
    { outcome: 'care', claim: 'cleans', says: ['jar-cleans-only'] },
  ],
  [
    'vinegar wipes, believed to disinfect',
    () =>
      wipeJar(jarOf({ liquid: { active: 'acetic acid', strength: 0.05, discardAfter: null } }), by),
    { outcome: 'care', claim: 'cleans', says: ['not-a-disinfectant'] },
  ],
  [
    'washing wipes',
    () => wipeJar(jarOf({ liquid: { active: null } }), by),
    { outcome: 'use', claim: 'cleans' },
  ],
  [
    'alcohol in a thin clear box',
    () => wipeJar(jarOf({ vessel: { kind: 'clear-plastic', volume: 1.5e-3, mouth: 0.0079 } }), by),
    { outcome: 'never', says: ['jar-vessel-crazes'] },
  ],
  [
    'an old tub of bleach wipes',
    () => wipeJar(jarOf({ vessel: { kind: 'bleach-tub', volume: 1.5e-3, mouth: 0.0079 } }), by),
    { outcome: 'never', says: ['jar-held-bleach'] },
  ],
  [
    'too many cloths for the jar',
    () => wipeJar(jarOf({ count: 400 }), by),
    { outcome: 'never', says: ['jar-too-small'] },
  ],
  [
    'a quat over cotton flannel',
    () =>
      wipeJar(
        jarOf({
          cloth: { kind: 'flannel', length: 0.2, width: 0.2, weighed: null },
          liquid: {
            active: 'registered product',
            strength: 1,
            discardAfter: null,
            label: quatLabel,
          },
        }),
        by,
      ),
    { outcome: 'never', says: ['cotton-binds-quats', 'jar-not-on-label'] },
  ],
  // cloths
  [
    'a bath: tiles, a mirror, the toilet',
    () =>
      clothsFor([
        cloth({ area: 3 }),
        cloth({ disinfectedWith: 'p' }),
        cloth({ material: 'mirror' }),
        cloth({ level: 'toilet', disinfectedWith: 'p' }),
      ]),
    {},
  ],
  ['microfibre at 60 °C', () => wash({}), { outcome: 'use' }],
  [
    'microfibre at 30 °C',
    () => wash({ temperature: 30 }),
    { outcome: 'never', says: ['wash-too-cold'] },
  ],
  [
    'softener on microfibre',
    () => wash({ softener: true }),
    { outcome: 'never', says: ['softener-clogs'] },
  ],
  [
    'bleach and vinegar in one drawer',
    () => wash({ drawer: ['chlorine-bleach', 'vinegar'] }),
    { outcome: 'never', says: ['meets-about'] },
  ],
  [
    'cloths that are soaked with alcohol, in the dryer',
    () => wash({ solvent: true }),
    { outcome: 'never', says: ['solvent-cloths-burn'] },
  ],
  ['mop heads', () => wash({ of: 'mop-heads' }), { outcome: 'use' }],
  ['a cloth at its end', () => wash({ washes: 300 }), { outcome: 'care', says: ['worn-out'] }],
  // scent
  [
    '5 ml of oil, 10 of solubiliser, half a litre',
    () => scent({}),
    { outcome: 'use', figures: { share: 0.01 } },
  ],
  [
    'too little solubiliser',
    () => scent({ solubiliser: 3e-6 }),
    { outcome: 'care', says: ['solubiliser-short'] },
  ],
  [
    'too much scent',
    () => scent({ oil: 15e-6, solubiliser: 30e-6 }),
    { outcome: 'never', says: ['scent-too-much'] },
  ],
  [
    'scent with a cat',
    () => scent({ situations: ['cat'] }),
    { outcome: 'never', says: ['scent-with'] },
  ],
  [
    'an oil that nobody dated',
    () => scent({ openedFor: null }),
    { outcome: 'never', says: ['oil-old'] },
  ],
  [
    'in strong alcohol',
    () => scent({ solubiliser: 0, alcohol: 0.7 }),
    { outcome: 'use', figures: { wanted: 0 } },
  ],
  // powders
  ['soda and soda', () => powder({}), { outcome: 'use', figures: { dose: 0.03, loads: 13 } }],
  [
    'the same in hard water',
    () => powder({ hard: true }),
    { outcome: 'use', figures: { dose: 0.045, loads: 8 } },
  ],
  [
    'a booster with citric acid beside the bleach drawer',
    () => powder({ ingredients: ['citric acid', 'table salt'], beside: ['chlorine-bleach'] }),
    { outcome: 'never', says: ['meets-about'] },
  ],
  // not a job of this tool
  ['hand gel', asks('hand gel with aloe'), ask('pharmacist')],
  ['dentures', asks('dentures in a glass'), ask('maker')],
  ['a CPAP', asks('CPAP mask'), ask('supplier')],
  ['baby bottles', asks('baby bottles and teats'), ask('health-visitor')],
  ['drinking water', asks('bleach for drinking water'), ask('water-authority')],
  ['fruit', asks('vinegar wash for strawberries'), ask('nobody')],
  ['straps', asks('child-seat straps'), ask('maker')],
  ['bed bugs', asks('spray for bed bugs'), ask('licensed-and-doctor')],
  ['wasps', asks('wasp nest under the eaves'), ask('licensed')],
  ['sewage', asks('sewage in the cellar'), ask('licensed')],
  ['an outbreak', asks('Candida auris'), ask('health-authority')],
  ['to sell', asks('200 bottles for sale'), ask('registration')],
  ['gel de manos', asks('gel de manos casero'), ask('pharmacist')],
  ['biberones', asks('esterilizar biberones'), ask('health-visitor')],
  ['dentadura, with and without accents', asks('Dentadura  postiza'), ask('maker')],
];

const quatLabel = {
  registration: '0000-0',
  claims: [],
  groups: ['quat'],
  notOn: [],
} as never;
