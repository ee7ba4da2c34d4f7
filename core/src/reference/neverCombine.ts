export const groups = [
  'hypochlorite', 'dry-chlorine', 'acid', 'ammonia', 'peroxide', 'alcohol', 'ketone', 'carbonate', 'strong-alkali',
  'strong-acid', 'soap', 'detergent', 'quat', 'borax', 'metal', 'oil', 'water', 'unknown',
] as const;
export type Group = (typeof groups)[number];

export const routes = ['vessel', 'surface', 'drain', 'air', 'caddy', 'shelf'] as const;
export type Route = (typeof routes)[number];

export const severities = ['fine', 'care', 'spoils', 'never'] as const;
/** `spoils`: nobody is hurt, but neither works afterwards. */
export type Severity = (typeof severities)[number];

/** What can be done between two things so that they may follow each other. */
export const acts = ['rinse', 'dry', 'ventilate', 'flush', 'flush-twice', 'another-day', 'take-out', 'apart', 'own-vessel', 'set-aside'] as const;
export type Act = (typeof acts)[number];

/** What is known of the place of meeting. What is not known is taken as the worse. */
export interface Circumstances {
  /** A capped bottle; an open bowl is `false`. */
  closed?: boolean;
  /** Room volume in m³ and whether a window or fan is open. */
  roomVolume?: number;
  ventilated?: boolean;
  /** Strongest peroxide that takes part, as a fraction. */
  peroxideStrength?: number;
  /** One of them is in the toilet's water: a tablet that doses it anew at every flush, or something that a flush takes away. */
  inBowl?: 'doses' | 'waits';
  /** What has been done between the two. */
  done?: readonly Act[];
}

export interface Rule {
  /** A `RuleId`; a company's own rule has an id of its own and brings its words along. */
  id: string;
  one: Group;
  other: Group | 'anything';
  /** A route that is not listed is allowed. */
  by: Partial<Record<Route, Severity>>;
  /** Where strength or place changes the severity: the severity then. */
  when?: (route: Route, severity: Severity, place: Circumstances) => Severity;
  source: string;
  says?: { happens: string; remedy: string };
}

const never = (...by: Route[]) => Object.fromEntries(by.map((route) => [route, 'never'])) as Rule['by'];
const spoils = (...by: Route[]) => Object.fromEntries(by.map((route) => [route, 'spoils'])) as Rule['by'];
const rule = (id: string, one: Group, other: Rule['other'], by: Rule['by'], source: string, when?: Rule['when']) =>
  ({ id, one, other, by, source, when }) as const satisfies Rule;

const SMALL_ROOM = 12;

const dryChlorine = (other: Group) =>
  rule('dry-chlorine', 'dry-chlorine', other, never('vessel', 'surface', 'drain', 'caddy', 'shelf'), 'Bretherick (memory)');
const decomposes = (other: Group) =>
  rule('peroxide-decomposes', 'peroxide', other, never('vessel'), 'Bretherick (memory)', (_, severity, place) =>
    place.closed === false ? 'care' : severity,
  );
const drainOpeners = (one: Group, other: Group) =>
  rule('two-drain-openers', one, other, never('drain'), 'label; poison control (memory)');

/** Which groups must not meet, by route. What happens and what lifts it is said in words elsewhere, by `id`. */
export const rules: readonly Rule[] = [
  rule('chlorine', 'hypochlorite', 'acid', { ...never('vessel', 'surface', 'drain', 'caddy'), air: 'care', shelf: 'care' }, 'EPA-label; CDC-2008 (memory)',
    (route, severity, place) =>
      route === 'air' && place.ventilated === true && (place.roomVolume ?? 0) >= SMALL_ROOM ? 'fine' : severity),
  rule('chloramine', 'hypochlorite', 'ammonia', { ...never('vessel', 'surface', 'drain', 'air', 'caddy'), shelf: 'care' }, 'EPA-label; CDC-2008 (memory)'),
  rule('chloroform', 'hypochlorite', 'alcohol', { ...never('vessel', 'surface', 'drain'), caddy: 'care', shelf: 'care' }, 'poison control (memory)'),
  rule('oxygen-and-heat', 'hypochlorite', 'peroxide', never('vessel', 'surface', 'drain'), 'Bretherick (memory)'),
  rule('haloform', 'hypochlorite', 'ketone', never('vessel', 'surface'), 'memory'),
  rule('bleach-with-anything', 'hypochlorite', 'anything', never('vessel'), 'EPA-label (memory)'),
  dryChlorine('acid'),
  dryChlorine('ammonia'),
  dryChlorine('alcohol'),
  dryChlorine('oil'),
  dryChlorine('peroxide'),
  dryChlorine('hypochlorite'),
  rule('peracid', 'peroxide', 'acid', never('vessel', 'surface'), 'EPA-label; poison control (memory)'),
  rule('organic-peroxide', 'peroxide', 'ketone', never('vessel'), 'Bretherick (memory)'),
  decomposes('strong-alkali'),
  decomposes('carbonate'),
  decomposes('metal'),
  rule('peroxide-alcohol', 'peroxide', 'alcohol', spoils('vessel'), 'memory', (_, severity, place) =>
    (place.peroxideStrength ?? 1) > 0.1 ? 'never' : severity,
  ),
  rule('fizz', 'acid', 'carbonate', spoils('vessel', 'surface'), 'stoichiometry; common practice', (route, severity, place) =>
    route === 'vessel' && place.closed !== false ? 'never' : severity,
  ),
  rule('curdles', 'acid', 'soap', spoils('vessel', 'surface'), 'stoichiometry; house rule'),
  rule('acid-borax', 'acid', 'borax', spoils('vessel'), 'stoichiometry'),
  rule('acid-alkali', 'acid', 'strong-alkali', never('vessel', 'drain'), 'Bretherick (memory)'),
  rule('strong-acid', 'strong-acid', 'anything', never('vessel', 'drain'), 'label (memory)'),
  drainOpeners('strong-alkali', 'strong-alkali'),
  drainOpeners('strong-alkali', 'strong-acid'),
  drainOpeners('strong-acid', 'strong-acid'),
  rule('quat-soap', 'quat', 'soap', spoils('vessel', 'surface'), 'CDC-2008 (memory)'),
  rule('quat-soap', 'quat', 'detergent', spoils('vessel', 'surface'), 'CDC-2008 (memory)'),
  // The reference lists vessel, surface and caddy; nobody can tell what an unknown does in a drain either, so the cautious reading stands.
  rule('unknown', 'unknown', 'anything', { ...never('vessel', 'surface', 'drain', 'caddy'), air: 'care', shelf: 'care' }, 'common practice, no source'),
];

export const ruleIds = [
  'chlorine', 'chloramine', 'chloroform', 'oxygen-and-heat', 'haloform', 'bleach-with-anything', 'dry-chlorine', 'peracid',
  'organic-peroxide', 'peroxide-decomposes', 'peroxide-alcohol', 'fizz', 'curdles', 'acid-borax', 'acid-alkali', 'strong-acid',
  'two-drain-openers', 'quat-soap', 'unknown',
] as const;
export type RuleId = (typeof ruleIds)[number];

/** What lifts a rule by each route unless it says otherwise. Source: the remedies of each rule (common practice; labels, memory). */
const usualRemedy: Record<Route, readonly Act[]> = {
  vessel: ['own-vessel'], surface: ['rinse'], drain: ['flush', 'another-day'], air: ['ventilate'], caddy: ['apart'], shelf: ['apart'],
};

/** Where a rule is lifted by something else; nothing lifts what is `null`. */
const otherRemedies: Partial<Record<string, Partial<Record<Route, readonly Act[] | null>>>> = {
  chlorine: { surface: ['rinse', 'dry', 'ventilate'] },
  chloramine: { surface: ['rinse', 'dry', 'ventilate'] },
  peracid: { surface: ['rinse', 'dry'] },
  chloroform: { drain: ['flush'] },
  'oxygen-and-heat': { drain: ['flush'] },
  'dry-chlorine': { surface: null, drain: null },
  'acid-alkali': { drain: null },
  'strong-acid': { drain: null },
  'two-drain-openers': { drain: null },
  unknown: { vessel: ['set-aside'], surface: ['set-aside'], drain: ['set-aside'], air: ['set-aside'], caddy: ['set-aside'], shelf: ['set-aside'] },
};

/** What has to be done between two so that a rule is lifted by that route; nothing lifts `null`. */
export const remedyOf = (rule: string, route: Route, place: Circumstances = {}): readonly Act[] | null => {
  const inTheBowl = route === 'surface' || route === 'drain';
  if (inTheBowl && place.inBowl === 'doses') return ['take-out', 'flush-twice'];
  if (inTheBowl && place.inBowl === 'waits') return ['flush-twice'];
  const other = otherRemedies[rule]?.[route];
  return other === undefined ? usualRemedy[route] : other;
};

/** A rule that a company has added for itself. It can only make things stricter: the worst of all rules holds. */
export interface CompanyRule {
  id: string;
  one: Group;
  other: Group | 'anything';
  by: Partial<Record<Route, Exclude<Severity, 'fine'>>>;
  happens: string;
  remedy: string;
}

/** The book: the rules that hold everywhere, and those of the company. */
export type Book = readonly Rule[];
export const bookWith = (own: readonly CompanyRule[]): Book =>
  own.length === 0 ? rules : [...rules, ...own.map(({ id, one, other, by, happens, remedy }) => ({ id, one, other, by, source: 'company rule', says: { happens, remedy } }))];
