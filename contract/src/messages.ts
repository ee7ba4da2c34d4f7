import {
  bottleMaterials,
  claims,
  groups,
  levels,
  materialIds,
  sourceIds,
  stripSteps,
} from '@zymostat/core';
import * as v from 'valibot';
import { languages } from './languages.ts';
import {
  active,
  against,
  application,
  batchPurpose,
  clientKeeps,
  companyRuleFields,
  eventKind,
  goal,
  group,
  homeFields,
  houseRules,
  id,
  instant,
  listOf,
  name,
  placedThing,
  productLabel,
  reason,
  role,
  roomFields,
  route,
  sentence,
  setting,
  plain,
  situationList,
  step,
  strength,
  surfaceFields,
  volume,
} from './parts.ts';

/**
 * What crosses the wire, one schema a message. Strengths are fractions, lengths m, volumes m³,
 * times ms since 1970.
 */

export const signIn = v.strictObject({
  login: name,
  password: v.pipe(v.string(), v.minLength(1, 'write-password'), v.maxLength(200)),
});

export const companyRule = v.strictObject({ id, ...companyRuleFields.entries });

export const me = v.strictObject({
  /** Nothing until they have chosen a language. */
  person: v.strictObject({ id, name, role, language: v.nullable(v.picklist(languages)) }),
  company: v.strictObject({
    name,
    emergencyNumber: v.string(),
    poisonLine: v.string(),
    houseRules,
    /**
     * What the company has added to the book, and which edition that makes; the one this person has
     * last confirmed.
     */
    ownRules: v.array(companyRule),
    edition: v.number(),
  }),
  readEdition: v.nullable(v.number()),
});

export const surface = v.strictObject({ id, ...surfaceFields.entries, setting });
export const room = v.strictObject({ id, ...roomFields.entries, surfaces: v.array(surface) });
export const versionHead = v.strictObject({
  id,
  number: v.number(),
  approvedAt: instant,
  approvedBy: name,
});
/** What a change of a home has made its revision. */
export const revised = v.strictObject({ revision: v.number() });
/** A surface of the newest approved version that no longer stands as it was approved. */
export const flag = v.strictObject({
  surfaceId: id,
  surfaceName: v.string(),
  roomName: v.string(),
  why: v.picklist(['never', 'care', 'longer', 'shorter', 'gone']),
  approved: v.number(),
  now: v.number(),
  reasons: v.array(reason),
});
/** `revision` counts what was changed of it: whoever changes it says which one they saw. */
export const home = v.strictObject({
  id,
  ...homeFields.entries,
  revision: v.number(),
  rooms: v.array(room),
  versions: v.array(versionHead),
  changedSinceApproval: v.boolean(),
  flags: v.array(flag),
});
export const setMany = v.strictObject({
  settings: listOf(v.strictObject({ surfaceId: id, setting }), 2000),
});
/**
 * Rooms with their surfaces, as a home's file and a list of surfaces bring them:
 * docs/formats/home.md.
 */
export const surveyedRoom = v.strictObject({
  ...roomFields.entries,
  surfaces: listOf(surfaceFields, 500),
});
export const importRooms = v.strictObject({
  rooms: v.pipe(listOf(surveyedRoom, 100, 'most-rooms'), v.minLength(1, 'least-rooms')),
});
export const homeFile = v.strictObject({
  format: v.literal('zymostat.home/1'),
  ...homeFields.entries,
  rooms: listOf(surveyedRoom, 100, 'most-rooms'),
});
/** What a change of house rules would make untrue, home by home. */
export const ruleEffects = v.array(
  v.strictObject({ homeId: id, homeName: name, flags: v.array(flag) }),
);
export const homeRow = v.strictObject({
  id,
  ...homeFields.entries,
  rooms: v.number(),
  surfaces: v.number(),
  version: v.nullable(v.number()),
  lastRoundAt: v.nullable(instant),
});

/** A surface as it was approved: what is to be done, with the reasons that stood behind it. */
export const treatedSurface = v.strictObject({
  id,
  name,
  material: v.picklist(materialIds),
  level: v.picklist(levels),
  area: v.number(),
  food: v.boolean(),
  goal,
  against,
  accepted: v.nullable(sentence),
  treatment: v.nullable(
    v.strictObject({ stockId: id, active, strength, seconds: v.number(), application }),
  ),
  steps: v.array(step),
  reasons: v.array(reason),
});
export const protocol = v.strictObject({
  homeName: name,
  place: name,
  situations: situationList,
  rooms: v.array(v.strictObject({ id, name, surfaces: v.array(treatedSurface) })),
});
export const version = v.strictObject({ ...versionHead.entries, homeId: id, protocol });

export const stock = v.strictObject({
  id,
  code: v.string(),
  name,
  active,
  strength,
  volume: v.number(),
  expiresAt: instant,
  pricePerLitre: v.nullable(v.number()),
  label: v.nullable(productLabel),
});
export const productFields = v.strictObject({
  name,
  volume,
  expiresAt: instant,
  pricePerLitre: v.nullable(
    v.pipe(v.number(), v.minValue(0, 'price-0-or-more'), v.maxValue(10_000)),
  ),
  label: productLabel,
});

/** `weighed` in kg, where it was poured by a scale. */
const weighed = v.strictObject({
  stock: v.pipe(v.number(), v.gtValue(0), v.maxValue(100)),
  water: v.pipe(v.number(), v.minValue(0), v.maxValue(100)),
});
export const pourBatch = v.strictObject({
  stockId: id,
  strength,
  purpose: batchPurpose,
  volume,
  weighed: v.optional(weighed),
});
export const batchFacts = v.strictObject({
  id,
  code: v.string(),
  stockId: id,
  stockCode: v.string(),
  active,
  strength,
  purpose: batchPurpose,
  volume: v.number(),
  stockVolume: v.number(),
  waterVolume: v.number(),
  madeAt: instant,
  madeBy: name,
  discardAfter: instant,
  weighed: v.optional(weighed),
});
export const batchStatus = v.picklist(['unchecked', 'verified', 'set-aside']);
export const batch = v.strictObject({
  ...batchFacts.entries,
  status: batchStatus,
  measured: v.nullable(v.number()),
  groups: v.array(v.picklist(groups)),
});

/**
 * kg/m³ and °C as a density meter shows them, or the step of a peroxide strip as a fraction w/v.
 */
export const densityReading = v.strictObject({
  density: v.pipe(
    v.number(),
    v.minValue(600, 'density-600-1300-kgm'),
    v.maxValue(1300, 'density-600-1300-kgm'),
  ),
  temperature: v.pipe(
    v.number(),
    v.minValue(-10, 'temperature-10-40-c'),
    v.maxValue(40, 'temperature-10-40-c'),
  ),
});
export const stripReading = v.strictObject({ step: v.picklist(stripSteps) });
export const reading = v.variant('by', [
  v.strictObject({ by: v.literal('density'), ...densityReading.entries }),
  v.strictObject({ by: v.literal('strip'), ...stripReading.entries }),
]);

export const newBottle = v.strictObject({
  material: v.picklist(bottleMaterials),
  opaque: v.boolean(),
  volume,
});
const bottleEvent = v.strictObject({
  at: instant,
  by: name,
  did: v.picklist(['filled', 'washed']),
  batchCode: v.nullable(v.string()),
});
export const bottle = v.strictObject({
  id,
  code: v.string(),
  ...newBottle.entries,
  heldSinceWash: v.nullable(
    v.strictObject({
      active,
      strength,
      groups: v.array(v.picklist(groups)),
      batchId: id,
      batchCode: v.string(),
    }),
  ),
  history: v.array(bottleEvent),
});
export const fillBottle = v.strictObject({ batchId: id });
/** The bottle's code and the person's own name, typed, so that nobody confirms by a slip. */
export const washBottle = v.strictObject({ code: name, washedBy: name });

const recipeText = v.pipe(
  v.string(),
  v.maxLength(20_000, 'too-long'),
  v.check((text) => text.trim() !== '', 'write-line'),
  v.check((text) => !text.includes('\u0000'), 'control-characters'),
);
export const recipeFields = v.strictObject({ name, claim: v.picklist(claims), text: recipeText });
export const recipeVersion = v.strictObject({
  number: v.number(),
  claim: v.picklist(claims),
  text: v.string(),
  savedAt: instant,
  savedBy: name,
});
export const recipe = v.strictObject({ id, name, versions: v.array(recipeVersion) });
/** A recipe as it travels in a file: docs/formats/recipe.md. */
export const recipeFile = v.strictObject({
  format: v.literal('zymostat.recipe/1'),
  ...recipeFields.entries,
});

/**
 * Which two met or nearly did, by which route, how much, and what somebody felt: as far as it is
 * known.
 */
const meeting = {
  pair: v.optional(v.nullable(v.strictObject({ one: group, other: group }))),
  route: v.optional(v.nullable(route)),
  amount: v.optional(v.nullable(v.pipe(v.string(), v.trim(), v.maxLength(120, 'too-long'), plain))),
  symptoms: v.optional(
    v.nullable(v.pipe(v.string(), v.trim(), v.maxLength(500, 'too-long'), plain)),
  ),
};
const mishapFacts = {
  what: sentence,
  products: listOf(v.pipe(v.string(), v.maxLength(80, 'too-long'), plain), 2, 'two-products'),
  place: name,
  who: name,
  done: sentence,
  ...meeting,
};
export const newMishap = v.strictObject({
  kind: v.picklist(['near-miss', 'incident']),
  homeId: v.nullable(id),
  at: instant,
  ...mishapFacts,
});
/**
 * What a supervisor makes of a near miss or an incident: what is to be done, whose it is, until
 * when, and whether that closes it.
 */
export const newFollowUp = v.strictObject({
  text: sentence,
  owner: name,
  due: v.nullable(v.pipe(v.string(), v.isoDate('day-written-20260131'))),
  closed: v.boolean(),
});

export const readBook = v.strictObject({ edition: v.pipe(v.number(), v.integer(), v.minValue(1)) });
export const withdrawal = v.strictObject({ why: sentence });
/**
 * Rules of the company, the edition they make, and who has confirmed which; a cleaner sees only
 * their own line.
 */
export const book = v.strictObject({
  edition: v.number(),
  own: v.array(companyRule),
  readers: v.array(
    v.strictObject({
      personId: id,
      name,
      role,
      edition: v.nullable(v.number()),
      at: v.nullable(instant),
    }),
  ),
});
/** A publication that somebody has compared with the figures entered from it. */
export const checkedSource = v.strictObject({
  source: v.string(),
  by: name,
  at: instant,
  note: v.string(),
});
export const newCheckedSource = v.strictObject({
  source: v.picklist(sourceIds, 'no-source'),
  note: sentence,
});
export const chosenLanguage = v.strictObject({ language: v.picklist(languages) });
export const companyNumbers = v.strictObject({
  emergencyNumber: v.pipe(name, v.maxLength(40, 'too-long')),
  poisonLine: v.pipe(name, v.maxLength(40, 'too-long')),
});

export const newPlace = v.strictObject({ kind: v.picklist(['shelf', 'caddy']), name });
export const placeItem = v.strictObject({
  id,
  is: v.picklist(['stock', 'bottle', 'kind']),
  of: v.string(),
  name: v.string(),
  code: v.nullable(v.string()),
  groups: v.array(group),
  strength: v.nullable(v.number()),
});
export const place = v.strictObject({ id, ...newPlace.entries, items: v.array(placeItem) });
export const putThing = placedThing;

export const roundEvent = v.strictObject({
  id,
  surfaceId: id,
  kind: eventKind,
  at: instant,
  batchId: v.nullable(id),
});
/**
 * `personId`: who did it; nobody else's session may send it. `turnedBack`: the phone has already
 * refused it, so it is only put on record.
 */
export const newRoundEvent = v.strictObject({
  ...roundEvent.entries,
  personId: id,
  turnedBack: v.optional(v.boolean(), false),
});
export const taken = v.strictObject({ id, taken: v.picklist(['now', 'before']) });
export const newRound = v.strictObject({ id, homeId: id });
export const roundRow = v.strictObject({
  id,
  homeId: id,
  homeName: name,
  place: name,
  by: name,
  startedAt: instant,
  finishedAt: v.nullable(instant),
});
/** `clientKeeps` as of now, whatever stood when the version was approved. */
export const round = v.strictObject({
  ...roundRow.entries,
  version,
  clientKeeps,
  events: v.array(roundEvent),
});

export const wetNow = v.array(
  v.strictObject({
    roundId: id,
    surfaceId: id,
    homeName: name,
    surfaceName: name,
    by: name,
    active,
    seconds: v.number(),
    wetSince: instant,
    coats: v.array(instant),
  }),
);

/**
 * A row of the ledger. What happened is in `body`, by `kind`; `hash` covers the row and the hash
 * before it.
 */
const row = {
  seq: v.number(),
  factId: id,
  at: instant,
  recordedAt: instant,
  homeId: v.nullable(id),
  homeName: v.nullable(name),
  person: name,
  hash: v.string(),
  previousHash: v.string(),
};
const surfaceNamed = { surfaceName: v.string(), roomName: v.string() };
const inHand = { batchCode: v.nullable(v.string()) };
export const record = v.variant('kind', [
  v.strictObject({
    ...row,
    kind: v.literal('approval'),
    body: v.strictObject({
      versionId: id,
      number: v.number(),
      surfaces: v.number(),
      accepted: v.number(),
    }),
  }),
  v.strictObject({ ...row, kind: v.literal('batch'), body: batchFacts }),
  v.strictObject({
    ...row,
    kind: v.literal('check'),
    body: v.strictObject({
      batchId: id,
      batchCode: v.string(),
      active,
      meant: strength,
      measured: v.number(),
      uncertainty: v.number(),
      reading,
      inStrength: v.boolean(),
      why: v.string(),
    }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('bottle'),
    body: v.strictObject({
      bottleId: id,
      bottleCode: v.string(),
      did: v.picklist(['filled', 'washed']),
      batchId: v.nullable(id),
      batchCode: v.nullable(v.string()),
      active: v.nullable(active),
      strength: v.nullable(strength),
      washedBy: v.nullable(name),
    }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('round-started'),
    body: v.strictObject({ roundId: id, version: v.number() }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('round-finished'),
    body: v.strictObject({ roundId: id, done: v.number(), open: v.number(), notMet: v.number() }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('surface-event'),
    body: v.strictObject({
      roundId: id,
      surfaceId: id,
      event: eventKind,
      batchId: v.nullable(id),
      ...surfaceNamed,
      ...inHand,
    }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('wet-time'),
    body: v.strictObject({
      roundId: id,
      surfaceId: id,
      event: v.picklist(['wiped', 'found-dry']),
      batchId: v.nullable(id),
      ...surfaceNamed,
      ...inHand,
      active,
      strength,
      requiredSeconds: v.number(),
      heldSeconds: v.number(),
      coats: v.number(),
      met: v.boolean(),
    }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('refusal'),
    body: v.strictObject({
      what: v.picklist(['protocol', 'batch', 'round-event', 'bottle', 'place', 'survey']),
      detail: v.string(),
      reasons: v.array(reason),
    }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('source-checked'),
    body: v.strictObject({ source: v.string(), note: v.string() }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('house-rules'),
    body: v.strictObject({
      changes: v.array(v.strictObject({ question: v.string(), from: v.string(), to: v.string() })),
      flagged: v.number(),
    }),
  }),
  v.strictObject({
    ...row,
    kind: v.picklist(['near-miss', 'incident']),
    body: v.strictObject({ ...mishapFacts, products: v.array(v.string()) }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('follow-up'),
    body: v.strictObject({ of: id, ...newFollowUp.entries }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('rule-added'),
    body: v.strictObject({ rule: companyRule, edition: v.number() }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('rule-withdrawn'),
    body: v.strictObject({ rule: companyRule, edition: v.number(), why: sentence }),
  }),
  v.strictObject({
    ...row,
    kind: v.literal('book-read'),
    body: v.strictObject({ edition: v.number() }),
  }),
]);
export type CheckedSource = v.InferOutput<typeof checkedSource>;
/** The body of one kind of fact. */
export type FactBody<K extends RecordRow['kind']> = Extract<RecordRow, { kind: K }>['body'];
export type RecordRow = v.InferOutput<typeof record>;
export const recordKinds = [
  'approval',
  'batch',
  'check',
  'bottle',
  'round-started',
  'surface-event',
  'wet-time',
  'refusal',
  'round-finished',
  'house-rules',
  'near-miss',
  'incident',
  'follow-up',
  'rule-added',
  'rule-withdrawn',
  'book-read',
  'source-checked',
] as const satisfies RecordRow['kind'][];

/** Query strings are text: whole numbers are read from it. */
const whole = v.pipe(
  v.string(),
  v.regex(/^\d{1,15}$/, 'whole-number-allowed'),
  v.transform(Number),
);
export const recordFilter = v.strictObject({
  homeId: v.optional(id),
  kind: v.optional(v.picklist(recordKinds)),
  from: v.optional(whole),
  to: v.optional(whole),
  before: v.optional(whole),
  limit: v.optional(v.pipe(whole, v.minValue(1), v.maxValue(500)), '100'),
});
export const records = v.strictObject({ rows: v.array(record), more: v.boolean() });

/**
 * RFC 9457. `reasons` are the core's, for a refusal; `fields` name what was found and what is
 * allowed.
 */
export const problem = v.strictObject({
  type: v.string(),
  title: v.string(),
  status: v.number(),
  detail: v.string(),
  fields: v.optional(v.array(v.strictObject({ path: v.string(), message: v.string() }))),
  reasons: v.optional(v.array(reason)),
  /** What somebody else has changed since it was seen, and the revision that stands now. */
  changes: v.optional(
    v.array(
      v.strictObject({
        by: v.string(),
        at: instant,
        subject: v.string(),
        what: v.string(),
        fields: v.array(v.string()),
      }),
    ),
  ),
  revision: v.optional(v.number()),
  objections: v.optional(
    v.array(
      v.strictObject({
        surfaceId: id,
        surfaceName: v.string(),
        roomName: v.string(),
        outcome: reason.entries.outcome,
        reasons: v.array(reason),
      }),
    ),
  ),
});

export type SignIn = v.InferOutput<typeof signIn>;
export type Me = v.InferOutput<typeof me>;
export type Revised = v.InferOutput<typeof revised>;
export type SurfaceRow = v.InferOutput<typeof surface>;
export type RoomRow = v.InferOutput<typeof room>;
export type HomeDetail = v.InferOutput<typeof home>;
export type HomeRow = v.InferOutput<typeof homeRow>;
export type TreatedSurface = v.InferOutput<typeof treatedSurface>;
export type Protocol = v.InferOutput<typeof protocol>;
export type Version = v.InferOutput<typeof version>;
export type StockRow = v.InferOutput<typeof stock>;
export type PourBatch = v.InferOutput<typeof pourBatch>;
export type BatchRow = v.InferOutput<typeof batch>;
export type BatchFacts = v.InferOutput<typeof batchFacts>;
export type BatchStatus = v.InferOutput<typeof batchStatus>;
export type CheckReading = v.InferOutput<typeof reading>;
export type BottleRow = v.InferOutput<typeof bottle>;
export type RecipeRow = v.InferOutput<typeof recipe>;
export type RecipeFile = v.InferOutput<typeof recipeFile>;
export type FlagRow = v.InferOutput<typeof flag>;
export type SurveyedRoom = v.InferOutput<typeof surveyedRoom>;
export type HomeFile = v.InferOutput<typeof homeFile>;
export type RuleEffects = v.InferOutput<typeof ruleEffects>;
export type CompanyRuleRow = v.InferOutput<typeof companyRule>;
export type Book = v.InferOutput<typeof book>;
export type PlaceRow = v.InferOutput<typeof place>;
export type PlaceItem = v.InferOutput<typeof placeItem>;
export type PlacedThing = v.InferOutput<typeof placedThing>;
export type FollowUp = v.InferOutput<typeof newFollowUp>;
export type NewMishap = v.InferOutput<typeof newMishap>;
export type RoundEvent = v.InferOutput<typeof roundEvent>;
export type NewRoundEvent = v.InferOutput<typeof newRoundEvent>;
export type RoundRow = v.InferOutput<typeof roundRow>;
export type Round = v.InferOutput<typeof round>;
export type WetNow = v.InferOutput<typeof wetNow>;
export type RecordKind = RecordRow['kind'];
export type RecordFilter = v.InferOutput<typeof recordFilter>;
export type Records = v.InferOutput<typeof records>;
export type Problem = v.InferOutput<typeof problem>;
