import type { Group } from '../domain/groups.ts';
import { cautiousRules, type HouseRules } from './houseRules.ts';

export const routes = ['vessel', 'surface', 'drain', 'air', 'caddy', 'shelf'] as const;
export type Route = (typeof routes)[number];

/**
 * What the book says of a pair, the worse the later. `fine`: a row says that they may meet;
 * `no-rule`: nobody has written anything, which is no yes; `spoils`: nobody is hurt, but neither
 * works afterwards.
 */
export const severities = ['fine', 'no-rule', 'care', 'spoils', 'never'] as const;
export type Severity = (typeof severities)[number];
/** What a rule may say against a pair. */
export type Speaking = Exclude<Severity, 'fine' | 'no-rule'>;

/** Whether anything speaks against them. */
export const isAgainst = (severity: Severity): severity is Speaking =>
  severity !== 'fine' && severity !== 'no-rule';

/** What can be done between two things so that they may follow each other. */
export const acts = [
  'rinse',
  'dry',
  'ventilate',
  'flush',
  'flush-twice',
  'another-day',
  'take-out',
  'apart',
  'own-vessel',
  'set-aside',
  'let-cool',
  'powder-into-water',
] as const;
export type Act = (typeof acts)[number];

/** What comes of it where somebody is hurt: what to do first depends on it. */
export const harms = ['gas', 'fire', 'explosion', 'burst', 'burns', 'unknown'] as const;
export type Harm = (typeof harms)[number];

/** What is known of the place of meeting. What is not known is taken as the worse. */
export interface Circumstances {
  /** A capped bottle; an open bowl is `false`. */
  closed?: boolean;
  /** Room volume in m³ and whether a window or fan is open. */
  roomVolume?: number;
  ventilated?: boolean;
  /** Strongest peroxide that takes part, as a fraction. */
  peroxideStrength?: number;
  /**
   * One is in the toilet's water: a tablet that doses it anew, or something that a flush takes
   * away.
   */
  inBowl?: 'doses' | 'waits';
  /** What has been done between the two. */
  done?: readonly Act[];
}

/**
 * The severity in a place; a route that is not listed has no rule. The listed severity is the worst
 * there is.
 */
type When = (route: Route, listed: Severity, place: Circumstances) => Severity;

export interface Rule {
  /** A `RuleId`; a company's own rule has an id of its own and brings its words along. */
  id: string;
  one: Group;
  other: Group | 'anything';
  /** "Anything" here means water too. */
  water?: true;
  by: Partial<Record<Route, Severity>>;
  when?: When;
  harm: Harm | null;
  source: string;
  says?: { happens: string; remedy: string };
}

type By = Partial<Record<Route, Severity>>;
const on =
  (severity: Severity) =>
  (...by: Route[]): By =>
    Object.fromEntries(by.map((route) => [route, severity]));
const never = on('never');
const spoils = on('spoils');
const care = on('care');
const fine = on('fine');

interface More {
  harm?: Harm;
  when?: When;
  water?: true;
}
/** A rule as it is written below. */
type Columns = [id: string, one: Group, other: Rule['other'], by: By, source: string, more?: More];
const rule = (...[id, one, other, by, source, more = {}]: Columns): Rule => ({
  id,
  one,
  other,
  by,
  source,
  harm: null,
  ...more,
});

/**
 * Rooms smaller than this, m³, do not thin out what two products give off. Source: common practice,
 * no source.
 */
const SMALL_ROOM = 12;
/** Peroxide stronger than this, w/v, with alcohol or ketone can explode. Source: Bretherick. */
const EXPLOSIVE_PEROXIDE = 0.1;
/**
 * Peroxide stronger than this, w/v, makes explosive peroxides with a ketone on a surface too.
 * Source: Bretherick.
 */
const KETONE_PEROXIDE = 0.08;

const openBowl =
  (then: Severity): When =>
  (route, listed, { closed }) =>
    route === 'vessel' && closed === false ? then : listed;
const upTo =
  (strength: number, then: Severity): When =>
  (_, listed, place) =>
    (place.peroxideStrength ?? 1) <= strength ? then : listed;

/** Which groups must not meet, by route. Words are made elsewhere, by `id`. */
const against: readonly Rule[] = [
  rule(
    'chlorine',
    'hypochlorite',
    'acid',
    { ...never('vessel', 'surface', 'drain', 'caddy'), ...care('air', 'shelf') },
    'EPA-label; CDC-2008',
    {
      harm: 'gas',
      when: (route, listed, { ventilated, roomVolume = 0 }) =>
        route === 'air' && ventilated === true && roomVolume >= SMALL_ROOM ? 'fine' : listed,
    },
  ),
  rule(
    'chloramine',
    'hypochlorite',
    'ammonia',
    { ...never('vessel', 'surface', 'drain', 'air', 'caddy'), ...care('shelf') },
    'EPA-label; CDC-2008',
    { harm: 'gas' },
  ),
  rule(
    'chloroform',
    'hypochlorite',
    'alcohol',
    { ...never('vessel', 'surface', 'drain'), ...care('caddy', 'shelf') },
    'poison control',
    { harm: 'gas' },
  ),
  rule(
    'oxygen-and-heat',
    'hypochlorite',
    'peroxide',
    never('vessel', 'surface', 'drain'),
    'Bretherick',
    { harm: 'burns' },
  ),
  rule('haloform', 'hypochlorite', 'ketone', never('vessel', 'surface', 'drain'), 'Bretherick', {
    harm: 'gas',
  }),
  rule(
    'bleach-quat',
    'hypochlorite',
    'quat',
    { ...never('vessel'), ...care('surface') },
    'EPA-label',
    { harm: 'gas' },
  ),
  rule('hot-bleach', 'hypochlorite', 'hot-water', never('vessel'), 'EPA-label', { harm: 'gas' }),
  rule('hypochlorite-reducer', 'hypochlorite', 'reducer', never(...routes), 'EPA-label', {
    harm: 'gas',
  }),
  rule('bleach-rust-remover', 'hypochlorite', 'rust-remover', never(...routes), 'EPA-label', {
    harm: 'gas',
  }),
  rule(
    'oil-oxidiser',
    'hypochlorite',
    'oil',
    { ...never('vessel'), ...care('surface') },
    'EPA-label',
    { harm: 'gas' },
  ),
  rule('oil-oxidiser', 'peroxide', 'oil', care('surface'), 'EPA-label'),
  rule('bleach-with-anything', 'hypochlorite', 'anything', never('vessel'), 'EPA-label', {
    harm: 'gas',
  }),
  rule(
    'two-dry-chlorines',
    'calcium-hypochlorite',
    'isocyanurate',
    never(...routes),
    'labels; NFPA-400',
    { harm: 'explosion' },
  ),
  rule(
    'dry-chlorine',
    'dry-chlorine',
    'anything',
    never('vessel', 'surface', 'drain', 'caddy', 'shelf'),
    'labels; Bretherick',
    { harm: 'fire' },
  ),
  rule('chlorine-and-water', 'dry-chlorine', 'water', care('vessel'), 'labels'),
  rule(
    'peracid',
    'peroxide',
    'acid',
    { ...never('vessel', 'surface'), ...care('drain') },
    'EPA-label; poison control',
    { harm: 'burns' },
  ),
  rule('organic-peroxide', 'peroxide', 'ketone', never('vessel', 'surface'), 'Bretherick', {
    harm: 'explosion',
    when: (route, listed, place) =>
      route === 'surface' && (place.peroxideStrength ?? 1) <= KETONE_PEROXIDE ? 'care' : listed,
  }),
  ...(['strong-alkali', 'carbonate', 'metal'] as const).map((other) =>
    rule('peroxide-decomposes', 'peroxide', other, never('vessel'), 'Bretherick', {
      harm: 'burst',
      when: openBowl('care'),
    }),
  ),
  rule('peroxide-alcohol', 'peroxide', 'alcohol', never('vessel'), 'Bretherick', {
    harm: 'explosion',
    when: upTo(EXPLOSIVE_PEROXIDE, 'spoils'),
  }),
  rule('ammonia-peroxide', 'ammonia', 'peroxide', care('vessel', 'surface'), 'chemistry'),
  rule(
    'ammonia-alkali',
    'ammonia',
    'strong-alkali',
    { ...never('vessel'), ...care('surface', 'drain', 'air') },
    'chemistry',
    { harm: 'gas' },
  ),
  rule('ammonia-urine', 'ammonia', 'urine', care('surface'), 'labels'),
  rule(
    'fizz',
    'acid',
    'carbonate',
    { ...never('vessel'), ...spoils('surface') },
    'stoichiometry; common practice',
    { harm: 'burst', when: openBowl('spoils') },
  ),
  rule('curdles', 'acid', 'soap', spoils('vessel', 'surface'), 'stoichiometry; house rule'),
  rule('acid-borax', 'acid', 'borax', spoils('vessel'), 'stoichiometry; CLP'),
  rule(
    'acid-alkali',
    'acid',
    'strong-alkali',
    never('vessel', 'surface', 'drain', 'caddy', 'shelf'),
    'Bretherick',
    { harm: 'burns' },
  ),
  rule('alkali-aluminium', 'strong-alkali', 'aluminium', never('vessel', 'surface'), 'Bretherick', {
    harm: 'fire',
  }),
  rule('strong-acid', 'strong-acid', 'anything', never('vessel', 'drain'), 'labels', {
    harm: 'burns',
    water: true,
  }),
  rule('hydrofluoric', 'hydrofluoric', 'anything', never(...routes), 'labels', {
    harm: 'burns',
    water: true,
  }),
  rule('boiling-alcohol', 'alcohol', 'boiling-water', never('vessel'), 'chemistry', {
    harm: 'fire',
  }),
  ...(
    [
      ['strong-alkali', 'strong-alkali'],
      ['strong-alkali', 'strong-acid'],
      ['strong-acid', 'strong-acid'],
    ] as const
  ).map(([one, other]) =>
    rule('two-drain-openers', one, other, never('drain'), 'labels; poison control', {
      harm: 'burns',
    }),
  ),
  rule('quat-soap', 'quat', 'soap', spoils('vessel', 'surface'), 'CDC-2008'),
  rule('quat-soap', 'quat', 'detergent', spoils('vessel', 'surface'), 'CDC-2008'),
  // Nobody can tell what an unknown does in a drain either: the cautious reading of the reference.
  rule(
    'unknown',
    'unknown',
    'anything',
    { ...never('vessel', 'surface', 'drain', 'caddy'), ...care('air', 'shelf') },
    'common practice, no source',
    { harm: 'unknown' },
  ),
];

const everywhere = fine(...routes);
const practice = 'common practice, no source';
const may = (one: Group, others: readonly Group[], by: By, source = practice): Rule[] =>
  others.map((other) => rule('may-meet', one, other, by, source));

/**
 * Which may meet, and by which route. Where neither a row here nor a rule above speaks, no rule is
 * known. Source: common practice, no source: what is mixed, carried and rinsed after each other in
 * this trade every day.
 */
const mayMeet: readonly Rule[] = [
  ...may(
    'water',
    [
      'water',
      'hot-water',
      'acid',
      'alcohol',
      'peroxide',
      'carbonate',
      'soap',
      'detergent',
      'quat',
      'borax',
      'ammonia',
      'oil',
      'metal',
      'urine',
      'aluminium',
    ],
    everywhere,
  ),
  ...may('water', ['hypochlorite', 'strong-alkali'], everywhere, 'labels'),
  ...may(
    'water',
    ['dry-chlorine', 'calcium-hypochlorite', 'isocyanurate'],
    fine('surface', 'drain', 'air'),
  ),
  ...may(
    'hot-water',
    ['hot-water', 'acid', 'carbonate', 'soap', 'detergent', 'borax', 'oil', 'urine'],
    everywhere,
  ),
  ...may(
    'detergent',
    ['detergent', 'acid', 'alcohol', 'carbonate', 'soap', 'borax', 'oil', 'urine'],
    everywhere,
  ),
  ...may('soap', ['soap', 'carbonate', 'borax', 'alcohol', 'oil', 'urine'], everywhere),
  ...may('carbonate', ['carbonate', 'borax', 'urine'], everywhere),
  ...may('acid', ['oil', 'urine'], everywhere),
  ...may('alcohol', ['acid', 'alcohol', 'oil'], everywhere),
  ...may('alcohol', ['carbonate', 'borax', 'quat'], fine('caddy', 'shelf')),
  ...may(
    'peroxide',
    ['detergent', 'soap', 'carbonate', 'borax', 'alcohol', 'acid'],
    fine('caddy', 'shelf'),
  ),
  ...may('peroxide', ['detergent', 'soap'], fine('drain', 'air')),
  ...may('acid', ['carbonate', 'soap', 'borax'], fine('drain', 'air', 'caddy', 'shelf')),
];

/** The rows that hold everywhere: what speaks against a pair, and what lets it meet. */
export const rules: readonly Rule[] = [...against, ...mayMeet];

export const ruleIds = [
  'chlorine',
  'chloramine',
  'chloroform',
  'oxygen-and-heat',
  'haloform',
  'bleach-quat',
  'hot-bleach',
  'hypochlorite-reducer',
  'bleach-rust-remover',
  'oil-oxidiser',
  'bleach-with-anything',
  'two-dry-chlorines',
  'dry-chlorine',
  'chlorine-and-water',
  'peracid',
  'organic-peroxide',
  'peroxide-decomposes',
  'peroxide-alcohol',
  'ammonia-peroxide',
  'ammonia-alkali',
  'ammonia-urine',
  'fizz',
  'curdles',
  'acid-borax',
  'acid-alkali',
  'alkali-aluminium',
  'strong-acid',
  'hydrofluoric',
  'boiling-alcohol',
  'two-drain-openers',
  'quat-soap',
  'unknown',
  'may-meet',
] as const;
export type RuleId = (typeof ruleIds)[number];

/**
 * What lifts a rule by each route unless it says otherwise. Source: the remedies of each rule
 * (common practice; labels).
 */
const usualRemedy: Record<Route, readonly Act[]> = {
  vessel: ['own-vessel'],
  surface: ['rinse'],
  drain: ['flush', 'another-day'],
  air: ['ventilate'],
  caddy: ['apart'],
  shelf: ['apart'],
};

/** Where a rule is lifted by something else; nothing lifts what is `null`. */
const otherRemedies: Partial<Record<string, Partial<Record<Route, readonly Act[] | null>>>> = {
  chlorine: { surface: ['rinse', 'dry', 'ventilate'] },
  chloramine: { surface: ['rinse', 'dry', 'ventilate'] },
  peracid: { surface: ['rinse', 'dry'], drain: ['flush'] },
  chloroform: { drain: ['flush'] },
  'oxygen-and-heat': { drain: ['flush'] },
  'ammonia-alkali': { drain: ['flush'] },
  'dry-chlorine': { surface: null, drain: null },
  'chlorine-and-water': { vessel: ['powder-into-water'] },
  'hot-bleach': { vessel: ['let-cool'] },
  'boiling-alcohol': { vessel: ['let-cool'] },
  'two-dry-chlorines': { surface: null, drain: null, vessel: null },
  'acid-alkali': { drain: null },
  'strong-acid': { vessel: null, drain: null },
  hydrofluoric: { vessel: null, surface: null, drain: null, air: null, caddy: null, shelf: null },
  'two-drain-openers': { drain: null },
  unknown: Object.fromEntries(routes.map((route) => [route, ['set-aside']])),
};

/** What has to be done between two so that a rule is lifted by that route; nothing lifts `null`. */
export const remedyOf = (
  id: string,
  route: Route,
  place: Circumstances = {},
): readonly Act[] | null => {
  const inTheBowl = route === 'surface' || route === 'drain';
  if (inTheBowl && place.inBowl === 'doses') return ['take-out', 'flush-twice'];
  if (inTheBowl && place.inBowl === 'waits') return ['flush-twice'];
  const other = otherRemedies[id]?.[route];
  return other === undefined ? usualRemedy[route] : other;
};

/**
 * A rule that a company has added for itself. It can only make things stricter: the worst of all
 * rules holds.
 */
export interface CompanyRule {
  id: string;
  one: Group;
  other: Group | 'anything';
  by: Partial<Record<Route, Speaking>>;
  happens: string;
  remedy: string;
}

/**
 * The book: the rows that hold everywhere as the house's schools have them, and the company's own.
 */
export type Book = readonly Rule[];

type Schools = Pick<HouseRules, 'soapAndVinegar' | 'vinegarAndSoda'>;

/** Two rules on which schools differ: soap and vinegar, and the fizz in one step. */
const asTheHouseHasIt =
  (schools: Schools) =>
  (one: Rule): Rule => {
    if (one.id === 'curdles' && schools.soapAndVinegar === 'water-first') {
      return { ...one, by: { ...one.by, vessel: 'care' } };
    }
    if (one.id === 'fizz' && schools.vinegarAndSoda === 'one-step') {
      return { ...one, by: { ...one.by, vessel: 'spoils' } };
    }
    return one;
  };

/** The book that holds in a company: what every judgement of what must not meet asks. */
export const bookWith = (own: readonly CompanyRule[], schools: Schools): Book => [
  ...rules.map(asTheHouseHasIt(schools)),
  ...own.map(({ id, one, other, by, happens, remedy }): Rule => ({
    id,
    one,
    other,
    by,
    harm: 'unknown',
    source: 'company rule',
    says: { happens, remedy },
  })),
];

/** The book of a company that has chosen nothing and added nothing. */
export const cautiousBook: Book = bookWith([], cautiousRules);
