/** What a row of the ledger says in one line. */
export const recordWhat = {
  approval: 'Version {number} approved',
  batch: '{code}: {strength} {active}',
  'check-verified': '{batch} verified',
  'check-set-aside': '{batch} set aside',
  'bottle-filled': '{bottle} filled from {batch}',
  'bottle-washed': '{bottle} washed, label crossed out',
  'house-rule': '{asks} {school}',
  'round-started': 'By version {version}',
  'round-finished':
    '{done} done{open, plural, =0 {} other {, # left open}}{notMet, plural, =0 {} other {, # not met}}',
  'surface-event': '{room}: {surface}. {event}',
  'wet-time': '{room}: {surface}. {held} of {required}, {met, select, yes {met} other {not met}}',
  'wet-cleaned': '{room}: {surface}. Cleaned',
  refusal: '{what}: {detail}',
  rule: '{one} with {other}',
  'book-read': 'Edition {edition}',
  'source-checked': '{source} compared with its figures',
} as const;

export const recordNote = {
  approval:
    '{surfaces, plural, one {# surface} other {# surfaces}}, {accepted} accepted with a reason',
  batch: 'from {stock}',
  'bottle-washed': 'by {name}',
  'house-rules': '{flagged, plural, one {# surface} other {# surfaces}} to review',
  'surface-event': 'bottle {batch}',
  'wet-time': '{event}, {strength}',
  'follow-up':
    '{owner}{due, select, no {} other {, by {due}}}, {state, select, closed {closed} other {open}}',
  rule: 'edition {edition} of the book',
  mishap: 'Place: {place}. Who: {who}. Done: {done}',
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
