import * as v from 'valibot';
import * as m from './messages.ts';
import { routes } from './routes.ts';
import {
  companyRuleFields,
  homeFields,
  houseRules,
  id,
  roomFields,
  setting,
  surfaceFields,
} from './parts.ts';

export type Schema = v.GenericSchema<never, unknown> | v.GenericSchema<unknown, unknown>;

/** Who may call: `anyone` without a session, a `person` of either role, or a `supervisor`. */
export type Who = 'anyone' | 'person' | 'supervisor';

export interface Endpoint<
  P extends Schema = Schema,
  Q extends Schema = Schema,
  B extends Schema = Schema,
  A extends Schema = Schema,
> {
  method: 'get' | 'post' | 'put' | 'delete';
  /** Under /api, in Express's way of writing parameters. */
  path: string;
  who: Who;
  does: string;
  params: P;
  query: Q;
  body: B;
  answer: A;
  /** Whether the caller says in `If-Match` which revision of the home they saw. */
  seen: boolean;
}

const nothing = v.strictObject({});
const empty = v.null();
const byId = v.strictObject({ id });

type Given<P, Q, B, A> = { params?: P; query?: Q; body?: B; answer?: A; seen?: true };
const endpoint = <
  const P extends Schema = typeof nothing,
  const Q extends Schema = typeof nothing,
  const B extends Schema = typeof nothing,
  const A extends Schema = typeof empty,
>(
  line: `${'GET' | 'POST' | 'PUT' | 'DELETE'} ${string}`,
  who: Who,
  does: string,
  given: Given<P, Q, B, A> = {},
) => {
  const [method, path] = line.split(' ') as [string, string];
  return {
    method: method.toLowerCase() as Endpoint['method'],
    path,
    who,
    does,
    params: (given.params ?? nothing) as P,
    query: (given.query ?? nothing) as Q,
    body: (given.body ?? nothing) as B,
    answer: (given.answer ?? empty) as A,
    seen: given.seen ?? false,
  };
};

/**
 * Every route there is: the server serves this list, the page calls it, and the OpenAPI description
 * is made from it.
 */
export const endpoints = {
  signIn: endpoint(routes.signIn, 'anyone', 'Sign in', { body: m.signIn, answer: m.me }),
  me: endpoint(routes.me, 'person', 'Who is signed in, and the company', { answer: m.me }),
  signOut: endpoint(routes.signOut, 'person', 'Sign out'),

  homes: endpoint(routes.homes, 'supervisor', 'All homes', { answer: v.array(m.homeRow) }),
  addHome: endpoint(routes.addHome, 'supervisor', 'Add a home', { body: homeFields, answer: byId }),
  home: endpoint(routes.home, 'supervisor', 'One home with its rooms, surfaces and settings', {
    params: byId,
    answer: m.home,
  }),
  editHome: endpoint(routes.editHome, 'supervisor', 'Change a home', {
    params: byId,
    body: homeFields,
    answer: m.revised,
    seen: true,
  }),
  addRoom: endpoint(routes.addRoom, 'supervisor', 'Add a room', {
    params: byId,
    body: roomFields,
    answer: byId,
  }),
  editRoom: endpoint(routes.editRoom, 'supervisor', 'Change a room', {
    params: byId,
    body: roomFields,
    answer: m.revised,
    seen: true,
  }),
  removeRoom: endpoint(routes.removeRoom, 'supervisor', 'Take a room out of the survey', {
    params: byId,
    answer: m.revised,
    seen: true,
  }),
  addSurface: endpoint(routes.addSurface, 'supervisor', 'Add a surface', {
    params: byId,
    body: surfaceFields,
    answer: byId,
  }),
  editSurface: endpoint(routes.editSurface, 'supervisor', 'Change a surface', {
    params: byId,
    body: surfaceFields,
    answer: m.revised,
    seen: true,
  }),
  removeSurface: endpoint(routes.removeSurface, 'supervisor', 'Take a surface out of the survey', {
    params: byId,
    answer: m.revised,
    seen: true,
  }),
  setSurface: endpoint(
    routes.setSurface,
    'supervisor',
    'Set what a surface must reach, and with what',
    { params: byId, body: setting, answer: m.revised, seen: true },
  ),

  setMany: endpoint(routes.setMany, 'supervisor', 'Set several surfaces of a home at once', {
    params: byId,
    body: m.setMany,
    answer: m.revised,
    seen: true,
  }),
  importRooms: endpoint(
    routes.importRooms,
    'supervisor',
    'Add rooms with their surfaces, all or none',
    { params: byId, body: m.importRooms },
  ),
  ruleEffects: endpoint(
    routes.ruleEffects,
    'supervisor',
    'What a change of house rules would make untrue of approved protocols',
    { body: houseRules, answer: m.ruleEffects },
  ),
  setHouseRules: endpoint(
    routes.setHouseRules,
    'supervisor',
    'Change the house rules; approved protocols stay, and are flagged',
    { body: houseRules, answer: m.ruleEffects },
  ),

  approve: endpoint(
    routes.approve,
    'supervisor',
    'Approve the protocol as it is set, as a new version',
    { params: byId, answer: m.versionHead, seen: true },
  ),
  version: endpoint(routes.version, 'person', 'One approved version', {
    params: byId,
    answer: m.version,
  }),

  stock: endpoint(routes.stock, 'person', 'Stock containers at hand', { answer: v.array(m.stock) }),
  batches: endpoint(routes.batches, 'person', 'Batches made, newest first', {
    answer: v.array(m.batch),
  }),
  pourBatch: endpoint(routes.pourBatch, 'person', 'Record a batch', {
    body: m.pourBatch,
    answer: m.batch,
  }),
  addProduct: endpoint(
    routes.addProduct,
    'supervisor',
    'Enter a registered product with its label',
    { body: m.productFields, answer: m.stock },
  ),
  editProduct: endpoint(
    routes.editProduct,
    'supervisor',
    'Change what was entered of a product’s label',
    { params: byId, body: m.productFields, answer: m.stock },
  ),
  checkBatch: endpoint(
    routes.checkBatch,
    'person',
    'Check a finished batch by meter or strip: verified, or set aside',
    { params: byId, body: m.reading, answer: m.batch },
  ),

  bottles: endpoint(routes.bottles, 'person', 'Bottles with what they hold and have held', {
    answer: v.array(m.bottle),
  }),
  addBottle: endpoint(routes.addBottle, 'person', 'Take a new, empty bottle into use', {
    body: m.newBottle,
    answer: m.bottle,
  }),
  fillBottle: endpoint(routes.fillBottle, 'person', 'Fill a bottle from a batch', {
    params: byId,
    body: m.fillBottle,
    answer: m.bottle,
  }),
  washBottle: endpoint(
    routes.washBottle,
    'person',
    'Say that a bottle is washed and its label struck off',
    { params: byId, body: m.washBottle, answer: m.bottle },
  ),

  recipes: endpoint(
    routes.recipes,
    'person',
    'The company’s recipes with their versions, newest first',
    { answer: v.array(m.recipe) },
  ),
  addRecipe: endpoint(routes.addRecipe, 'person', 'Save a recipe under a name of its own', {
    body: m.recipeFields,
    answer: m.recipe,
  }),
  saveRecipe: endpoint(routes.saveRecipe, 'person', 'Save a recipe as its next version', {
    params: byId,
    body: m.recipeFields,
    answer: m.recipe,
  }),

  tareScale: endpoint(routes.tareScale, 'person', 'Set the bench scale to zero'),
  readMeter: endpoint(routes.readMeter, 'person', 'Read the density meter', {
    answer: m.densityReading,
  }),
  readStrip: endpoint(routes.readStrip, 'person', 'Read the peroxide strip', {
    answer: m.stripReading,
  }),

  mishaps: endpoint(routes.mishaps, 'person', 'Near misses and incidents, newest first', {
    answer: v.array(m.record),
  }),
  logMishap: endpoint(routes.logMishap, 'person', 'Log a near miss or an incident', {
    body: m.newMishap,
    answer: m.record,
  }),

  followUp: endpoint(
    routes.followUp,
    'supervisor',
    'Say what follows from a near miss or incident, and whether that closes it',
    { params: byId, body: m.newFollowUp, answer: m.record },
  ),
  book: endpoint(
    routes.book,
    'person',
    'The company’s own rules of what must not meet, their edition, and who has read it',
    { answer: m.book },
  ),
  addRule: endpoint(routes.addRule, 'supervisor', 'Add a rule to the book, or make one stricter', {
    body: companyRuleFields,
    answer: m.companyRule,
  }),
  withdrawRule: endpoint(
    routes.withdrawRule,
    'supervisor',
    'Withdraw a rule that the company has added; the book’s own stay',
    { params: byId, body: m.withdrawal },
  ),
  readBook: endpoint(routes.readBook, 'person', 'Confirm having read the book as it stands', {
    body: m.readBook,
  }),
  places: endpoint(routes.places, 'person', 'Shelves and caddies with what stands in them', {
    answer: v.array(m.place),
  }),
  addPlace: endpoint(routes.addPlace, 'supervisor', 'Add a shelf or a caddy', {
    body: m.newPlace,
    answer: byId,
  }),
  removePlace: endpoint(
    routes.removePlace,
    'supervisor',
    'Take an empty shelf or caddy out of use',
    { params: byId },
  ),
  putThing: endpoint(
    routes.putThing,
    'person',
    'Put something on a shelf or into a caddy, from wherever it stands',
    { params: byId, body: m.putThing, answer: byId },
  ),
  takeThing: endpoint(routes.takeThing, 'person', 'Take something off a shelf or out of a caddy', {
    params: byId,
  }),
  sources: endpoint(
    routes.sources,
    'person',
    'Which sources supervisors have compared with the figures',
    { answer: v.array(m.checkedSource) },
  ),
  checkSource: endpoint(
    routes.checkSource,
    'supervisor',
    'Say that the figures of a source were compared with it',
    { body: m.newCheckedSource },
  ),
  setLanguage: endpoint(routes.setLanguage, 'person', 'Choose the language that one reads in', {
    body: m.chosenLanguage,
  }),
  setNumbers: endpoint(
    routes.setNumbers,
    'supervisor',
    'Set the emergency number and the poison line',
    { body: m.companyNumbers },
  ),

  roundHomes: endpoint(routes.roundHomes, 'person', 'Homes with an approved protocol', {
    answer: v.array(v.strictObject({ id, name: v.string(), place: v.string() })),
  }),
  rounds: endpoint(routes.rounds, 'person', 'Rounds in hand', { answer: v.array(m.roundRow) }),
  startRound: endpoint(
    routes.startRound,
    'person',
    'Start a round by the newest approved protocol',
    { body: m.newRound, answer: m.roundRow },
  ),
  round: endpoint(routes.round, 'person', 'One round with its events', {
    params: byId,
    answer: m.round,
  }),
  addEvent: endpoint(
    routes.addEvent,
    'person',
    'Record what was done at a surface; each event is taken once',
    { params: byId, body: m.newRoundEvent, answer: m.taken },
  ),
  finishRound: endpoint(routes.finishRound, 'person', 'Finish a round', { params: byId }),
  wetNow: endpoint(routes.wetNow, 'person', 'What is wet right now across all rounds', {
    answer: m.wetNow,
  }),

  records: endpoint(routes.records, 'supervisor', 'Rows of the ledger, newest first', {
    query: m.recordFilter,
    answer: m.records,
  }),
} as const;

export type EndpointName = keyof typeof endpoints;
export type Body<N extends EndpointName> = v.InferInput<(typeof endpoints)[N]['body']>;
export type Answer<N extends EndpointName> = v.InferOutput<(typeof endpoints)[N]['answer']>;
