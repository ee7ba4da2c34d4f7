/** What a kind of fact is called. */
export const record = {
  jar: 'Jar of wipes',
  bath: 'Bath',
  visit: 'Visit plan given',
  'week-planned': 'Week planned',
  'hours-said': 'Working hours',
  'roads-said': 'Roads',
  cloths: 'Clean cloths',
  'stock-received': 'Stock received',
  'stock-read': 'Stock read',
  'stock-told': 'Stock',
  approval: 'Approval',
  batch: 'Batch',
  check: 'Check',
  bottle: 'Bottle',
  'round-started': 'Round started',
  'round-joined': 'Round joined',
  'air-measured': 'Room air measured',
  'surface-event': 'At a surface',
  'wet-time': 'Wet time',
  'lay-time': 'Left to work',
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
  'company-ways': 'The company’s ways',
  invitation: 'Invitation',
  'name-changed': 'Name changed',
  'company-numbers': 'Whom to call',
  'late-event': 'Sent late',
  correction: 'Taken back',
  'report-made': 'Visit report signed',
  'drying-taken': 'Drying learnt',
  'company-set-up': 'Set up',
  'person-added': 'Person entered',
  'role-changed': 'Rights changed',
  'person-left': 'Left the company',
  'signed-in': 'Signed in',
  'session-ended': 'Signed out by hand',
  'password-changed': 'Password changed',
} as const;

/** What a row of the ledger says in one line. */
export const recordWhat = {
  jar: '{jarCode}: {did, select, made {made, {count, plural, one {# cloth} other {# cloths}}} taken {{count, plural, one {# cloth} other {# cloths}} taken} topped {{count, plural, one {# cloth} other {# cloths}} put in} dry {it no longer wets} other {thrown away}}',
  bath: '{bathCode}: {thing}, {did, select, begun {laid in {liquid}} other {taken out after {time}, {outcome, select, intime {in time} tooshort {too early} other {too late}}}}',
  visit:
    '{did, select, again {given anew, for {people}} rest {the rest planned anew, for {people}} other {for {people}}}, {time} from {at}',
  'week-planned':
    'Week of {monday}: {count, plural, one {# visit} other {# visits}}, {crews, plural, one {# place} other {# places}} filled',
  'hours-said': '{subject}: {days, plural, one {# day} other {# days}}, at most {most} a week',
  'roads-said': '{count, plural, one {# road} other {# roads}}',
  cloths:
    '{zone}: {did, select, counted {{count} counted} taken {{count} taken} washed {{count} washed at {temperature} °C} other {{count} thrown away}}',
  'lay-time':
    '{roomName}: {surfaceName}. {cleaner} for {time}, {outcome, select, intime {off in time} tooshort {off too early} other {left too long}}',
  'stock-received': '{code}: {name}, {strength}, {amount}',
  'stock-read': '{code}: between {low} and {high}',
  'stock-told':
    '{code}: {did, select, opened {opened} counted {counted, {amount} left} topped {topped up with {amount} from {other}} moved {kept elsewhere} emptied {emptied} other {discarded}}',
  approval: 'Version {number} approved',
  batch: '{code}: {strength} {active}',
  check: '{batchCode} {inStrength, select, yes {verified} other {set aside}}',

  'house-rule': '{asks} {school}',
  'round-started': 'By version {version}',
  'round-joined': 'Works in it too',
  'air-measured': '{roomName}: {temperature} °C, {humidity} %',
  'round-finished':
    '{done} done{open, plural, =0 {} other {, # left open}}{notMet, plural, =0 {} other {, # not met}}{notShown, plural, =0 {} other {, # not shown}}',
  'surface-event': '{roomName}: {surfaceName}. {event}{why, select, no {} other {: {why}}}',
  'wet-time':
    '{roomName}: {surfaceName}. {timed, select, yes {{heldSeconds} of {requiredSeconds}, {outcome, select, met {met} notshown {not shown} other {not met}}} other {Cleaned}}',
  refusal: '{what}: {refused}',
  'follow-up': '{text}',
  'rule-added': '{one} with {other}',
  'rule-withdrawn': '{one} with {other}',
  'book-read': 'Edition {edition}',
  'source-checked': '{source} compared with its figures',
  'near-miss': '{what}',
  incident: '{what}',
  'company-numbers': 'Emergency {emergencyNumber}, poison line {poisonLine}',
  'late-event': '{roomName}: {surfaceName}. {event}{why, select, no {} other {: {why}}}',
  correction: '{roomName}: {surfaceName}. Not so: {event}',
  'report-made': '{code}, {rows} rows',
  'drying-taken': '{roomName}: {how}, {factor} times as fast as the tables say',
  'company-set-up': 'The company began',
  'company-ways':
    '{name}: {currency}, {zone}, {units, select, us {cups and ounces} other {litres}}',
  invitation:
    '{did, select, made {A code was made} renewed {A new code was made} used {The code was used} other {Taken back}}: {role}',
  'name-changed': 'now {subject}',
  'person-added': '{subject}: {role}',
  'role-changed': '{subject}: from {from} to {to}',
  'person-left': '{subject}',
  'signed-in': '{newDevice, select, yes {On a new device} other {On a known device}}',
  'session-ended': '{subject}: {sessions, plural, one {# session} other {# sessions}}',
  'password-changed': 'All other sessions ended with it',
  bottle:
    '{did, select, filled {{bottleCode} filled from {batchCode}} added {{bottleCode} entered} other {{bottleCode} washed, label crossed out}}',
} as const;

export const recordNote = {
  jar: '{left, plural, one {# cloth} other {# cloths}} left{batch, select, no {} other {, from {batch}}}',
  bath: '{place}. {claim}',
  visit: 'by version {version}, {paid} paid',
  cloths: '{clean} clean',
  'lay-time': '{soil}{most, select, no {} other {, at most {most}}}',
  'stock-received': '{lot, select, no {} other {lot {lot}}}',
  'stock-told':
    'before: {had}{kept, select, no {} other {, kept {kept}}}{why, select, no {} other {, {why}}}',
  'air-measured': 'the wet clocks there go by it',
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
  'company-numbers': 'before: {emergencyNumber}, {poisonLine}',
  correction: '{because, select, no {at once} other {{because}}}',
  'drying-taken': 'from {rounds, plural, one {# round} other {# rounds}}, before {before}',
  'late-event':
    'sent after the round was finished{batchCode, select, no {} other {, bottle {batchCode}}}',
} as const;

/** What was refused, by what kind of thing it was. */
export const refusedThing = {
  surface: '{roomName}: {surfaceName}',
  pour: '{stockCode} at {strength}, {purpose, select, disinfect {to disinfect} other {to clean}}',
  event: '{roomName}: {surfaceName}{batchCode, select, no {} other {, bottle {batchCode}}}',
  'unknown-surface': 'a surface that is not in this round',
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
  happened_local: 'happened_local',
  recorded: 'recorded',
  kind: 'kind',
  home: 'home',
  person: 'person',
  what: 'what',
  required_seconds: 'required_seconds',
  held_seconds: 'held_seconds',
  shown_seconds: 'shown_seconds',
  outcome: 'outcome',
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
  anchor: 'anchor',
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

/** What is not as it was written, and where. */
export const broken = {
  number: 'Row {seq}: its number does not follow the one before. A row is missing or doubled.',
  link: 'Row {seq} does not carry the hash of the row before.',
  content: 'Row {seq}: what it holds is not what was hashed.',
  'row-changed': '{table} {id} is not as row {seq} says of it.',
  'row-missing': '{table} {id} is gone; row {seq} speaks of it.',
  'row-unspoken': '{table} {id}: no row of the record speaks of it.',
  'wet-differs': 'What is kept of surface {surfaceId} is not what was done there.',
  'guard-off': '{name}, which refuses changes, is switched off or gone.',
  'anchor-signature': 'The anchor of row {seq} is not signed by the key that it names.',
  'anchor-missing': 'The record ends before row {seq}, of which there is an anchor.',
  'anchor-differs': 'Row {seq} was another when its anchor was made.',
} as const;

/** What the database itself would let the application change. */
export const unprotected = {
  superuser: 'Not protected: the application signs in to the database as a superuser.',
  owner: 'Not protected: the application owns the tables, and could switch their guards off.',
  'may-change': 'Not protected: the application could change rows of the record.',
} as const;
