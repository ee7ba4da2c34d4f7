/** What a kind of fact is called. */
export const record = {
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
} as const;

/** What a row of the ledger says in one line. */
export const recordWhat = {
  approval: 'Version {number} approved',
  batch: '{code}: {strength} {active}',
  check: '{batchCode} {inStrength, select, yes {verified} other {set aside}}',
  bottle:
    '{did, select, filled {{bottleCode} filled from {batchCode}} other {{bottleCode} washed, label crossed out}}',
  'house-rule': '{asks} {school}',
  'round-started': 'By version {version}',
  'round-finished':
    '{done} done{open, plural, =0 {} other {, # left open}}{notMet, plural, =0 {} other {, # not met}}',
  'surface-event': '{roomName}: {surfaceName}. {event}',
  'wet-time':
    '{roomName}: {surfaceName}. {timed, select, yes {{heldSeconds} of {requiredSeconds}, {met, select, yes {met} other {not met}}} other {Cleaned}}',
  refusal: '{what}: {refused}',
  'follow-up': '{text}',
  'rule-added': '{one} with {other}',
  'rule-withdrawn': '{one} with {other}',
  'book-read': 'Edition {edition}',
  'source-checked': '{source} compared with its figures',
  'near-miss': '{what}',
  incident: '{what}',
} as const;

export const recordNote = {
  approval:
    '{surfaces, plural, one {# surface} other {# surfaces}}, {accepted} accepted with a reason',
  batch: 'from {stockCode}',
  bottle: '{washedBy, select, no {} other {by {washedBy}}}',
  'house-rules': '{flagged, plural, one {# surface} other {# surfaces}} to review',
  'surface-event': '{batchCode, select, no {} other {bottle {batchCode}}}',
  'wet-time': '{event}, {strength}',
  'follow-up':
    '{owner}{due, select, no {} other {, by {due}}}, {closed, select, yes {closed} other {open}}',
  'rule-added': 'edition {edition} of the book',
  'rule-withdrawn': 'edition {edition} of the book',
  'source-checked': '{note}',
  'near-miss': 'Place: {place}. Who: {who}. Done: {done}',
  incident: 'Place: {place}. Who: {who}. Done: {done}',
} as const;

/** What was refused, by what kind of thing it was. */
export const refusedThing = {
  surface: '{roomName}: {surfaceName}',
  pour: '{stockCode} at {strength}, {purpose, select, disinfect {to disinfect} other {to clean}}',
  event: '{roomName}: {surfaceName}{batchCode, select, no {} other {, bottle {batchCode}}}',
  filling: '{bottleCode} from {batchCode}',
  putting: '{thing} into {place}',
} as const;

export const refusedWhat = {
  protocol: 'A protocol',
  batch: 'A batch',
  'round-event': 'In a round',
  bottle: 'A bottle',
  place: 'A shelf or caddy',
  survey: 'At a survey',
} as const;

/** Heads of the columns of exported files: stable names, so that a spreadsheet finds them. */
export const column = {
  row: 'row',
  happened: 'happened',
  recorded: 'recorded',
  kind: 'kind',
  home: 'home',
  person: 'person',
  what: 'what',
  required_seconds: 'required_seconds',
  held_seconds: 'held_seconds',
  met: 'met',
  hash: 'hash',
  products: 'products',
  route: 'route',
  amount: 'amount',
  symptoms: 'symptoms',
  text: 'text',
  owner: 'owner',
  due: 'due',
  state: 'state',
  pair: 'pair',
  severity: 'severity',
  routes: 'routes',
  what_happens: 'what_happens',
  what_to_do: 'what_to_do',
  source: 'source',
} as const;

export const poster = {
  title: 'Never together',
  edition: 'edition {edition}',
  'first-response': 'First response',
  own: 'our own',
  'file-title': 'Never together, edition {edition}',
  'label-title': 'Label {code}',
  open: 'open',
  closed: 'closed',
} as const;
