/** Titles of problem documents, by the last part of their type. */
export const problemTitle = {
  'bad-request': 'The request is not as it should be',
  unreadable: 'The request cannot be read',
  'sign-in-failed': 'Sign-in failed',
  'not-signed-in': 'Not signed in',
  'too-many-attempts': 'Too many attempts',
  'not-allowed': 'Not allowed',
  'not-theirs': 'Done by somebody else',
  'not-found': 'Not found',
  conflict: 'That does not fit',
  'changed-meanwhile': 'Changed meanwhile',
  'not-seen': 'Say which revision was seen',
  refused: 'Refused',
  'no-instrument': 'No answer from the instrument',
  unavailable: 'Not available just now',
  unexpected: 'Something went wrong',
  'not-keyed': 'Send a key with it',
  'other-origin': 'From another page',
  'not-json-type': 'Not sent as JSON',
} as const;

/** What was found and what is allowed, where one sentence says it for every case. */
export const problemDetail = {
  'not-json': 'The body is not JSON.',

  address: 'The address or the body cannot be read.',
  'sign-in-failed': 'Name and password do not go together.',
  'not-signed-in': 'Sign in first.',

  'not-allowed': 'This is for a supervisor; you are signed in as a {role}.',
  'not-theirs': 'Whoever did this signs in and sends it. It was not recorded under your name.',

  refused: 'This does not hold.',

  field: '{path}: {message}',
  'not-keyed': 'Send Idempotency-Key with a new UUID for each thing that is to be done once.',
  'other-origin':
    'Found a request from “{found}”. Changes are allowed from this application’s own pages only.',
  'not-json-type': 'Found “{found}”. The body is sent as application/json.',
  'too-large': 'The body is larger than this address takes.',
  unavailable:
    'The database does not answer. It may have been recorded or not: try again in a moment, nothing is taken twice.',
  unexpected:
    'The server could not do this. It may have been recorded or not: look before you do it again.',
  'not-seen': 'Send If-Match with the revision that you saw of what you change, such as "12".',
  'too-many-attempts':
    'Too many failed sign-ins. Try again in {minutes, plural, one {# minute} other {# minutes}}.',
} as const;

export const roleName = { supervisor: 'supervisor', cleaner: 'cleaner' } as const;

/** What was looked for and is not there. */
export const missing = {
  visit: 'No plan was given for this home.',
  jar: 'This jar was not found.',
  bath: 'This bath was not found.',
  report: 'This visit report does not exist.',
  home: 'This home was not found.',
  room: 'This room was not found.',
  surface: 'This surface was not found.',
  'surface-in-home': 'This surface was not found in this home.',
  stock: 'This stock was not found.',
  bottle: 'This bottle was not found.',
  batch: 'This batch was not found.',
  product: 'This product was not found.',
  recipe: 'This recipe was not found.',
  round: 'This round was not found.',
  version: 'This version was not found.',
  rule: 'This rule was not found among the company’s own.',
  mishap: 'This near miss or incident was not found.',
  place: 'This shelf or caddy was not found.',
  'placed-thing': 'This was not found on a shelf or in a caddy.',
  company: 'The company was not found.',
  address: 'Nothing was found at {address}.',
  session: 'This session was not found.',
  person: 'This person was not found.',
  photo: 'This photo was not found. It may have been taken out.',
  invitation: 'This invitation was not found. It may have run out, or been taken back.',
  code: 'This code does not count. It may have been used, have run out, or been taken back: ask a supervisor for a new one.',
} as const;

/** What does not fit with what is there already. */
export const conflict = {
  'visit-breaks': 'The plan breaks a rule. {breaks}',
  'visit-old-version': 'Since then version {number} was approved. Plan by it.',
  'road-to-itself': 'A road goes from one place to another.',
  'nothing-to-plan': 'Nothing of the plan is left to be done.',
  'no-plan-anew':
    'No order was found in which all wet times hold. Go by the clocks, soonest first.',
  'visit-nobody': 'Found somebody who does not work here. Only people of the team can be sent.',
  'recipe-name':
    'There is a recipe “{name}” already. Open it to save a new version, or choose another name.',
  'recipe-name-taken': 'Another recipe is called “{name}” already.',
  'place-name': '“{name}” is there already. Give this one another name.',
  'not-topped':
    '{from} was not poured into {code}: both must hold the same, there must be so much of it, and it must go in.',
  'most-photos': 'There are {most} photos already. Take one out first.',
  'already-here': 'Already here: {names}. Nothing was brought in.',
  'place-not-empty':
    '{name} still holds {count, plural, one {# thing} other {# things}}. Empty it first.',
  'no-protocol': 'No protocol is approved for {home} yet.',
  'id-taken': 'This id already belongs to something else.',
  'round-finished': 'This round is finished.',
  'still-wet': 'Still wet: {surfaces}. Wipe each first.',
  'air-too-late':
    'Something was put on in {room} in this round already. Measure before the first coat.',
  'stock-gone': '{code} is no longer on the shelf.',
  'home-archived': '{home} is archived. Bring it back first.',
  'nothing-learnt': 'Nothing has been learnt of {room} yet.',
  'wash-not-said': 'Say how they were washed.',
  'nothing-surveyed': 'There is no surface in this home yet. Survey it first.',
  'other-edition': 'The book is at edition {edition} now. Read it as it is now.',
  'filled-before':
    'Bottles were filled from this batch before it was set aside. Pour it and them away.',
  'no-such-mixture':
    'No mixture of this alcohol and water weighs that much at that temperature. Read it again; check the unit: 0.886 g/mL is 886 kg/m³.',
  'wrong-meter':
    'This cannot be read that way: alcohol by density and temperature, peroxide by strip.',
  'no-such-step': 'The strip has no such step.',
  'at-once':
    'Somebody else did the same at the same moment. Look at how it stands now, then try again.',
  'gone-meanwhile':
    'What this belongs to has gone meanwhile, or is still used by something else. Look at how it stands now.',
  'key-of-another':
    'This key was sent before with something else. Send each thing with a key of its own.',
  'taken-before': 'This was taken before and is not done twice. Look at how it stands now.',
  'changed-since':
    'Somebody else has changed this since you saw it. Look at it as it stands now, then change it again.',
  'not-joined': 'You only look on here. Join the round first.',
  'too-many-open': '{most} rounds are open already. Finish those first.',
  verifying: 'The record is being verified already. Look again in a moment.',
  'own-rights': 'Nobody changes their own rights. Ask another supervisor.',
  'begun-before': 'A company has begun here already. Sign in.',
  'login-taken': 'Somebody signs in as {login} already. Choose another name to sign in with.',
  'last-supervisor': 'There must be a supervisor. Make somebody else a supervisor first.',
} as const;

export const instrument = {
  scale: 'The scale does not answer. Check that it is on and connected, or type what it shows.',
  'density meter':
    'The density meter does not answer. Check that it is on and connected, or type what it shows.',
  'strip reader':
    'The strip reader does not answer. Check that it is on and connected, or type what it shows.',
  thermometer: 'The thermometer does not answer. Type what it shows.',
} as const;

/** What is allowed in a field, by the code of its check; `most` or `least` is its figure. */
export const invalid = {
  type: 'Found {received}. Allowed is {expected}.',
  'too-long': 'At most {requirement} characters.',
  'write-something': 'Write something here.',
  'write-password': 'Write your password.',
  'control-characters': 'Control characters are not allowed.',
  uuid: 'An id is a UUID.',
  'over-zero-amount': 'An amount is over 0.',
  'most-amount': 'An amount is at most 100 l.',
  'most-rooms': 'At most 100 rooms.',
  'least-rooms': 'At least one room.',
  'write-line': 'Write at least one line.',
  'two-products': 'At most two products.',
  'no-source': 'That is no source of this application.',
  'groups-needed': 'Say what is in it: at least one reactive group, or unknown.',
  'against-needed': 'Say against what.',
  'uses-needed': 'Enter at least one use with its time, as the label gives it.',
  'water-parts': 'Parts of water to one part: over 0 and at most 1,000.',
  hardness: 'Hardness is 0 to 2,000 ppm.',
  'routes-needed': 'Say by which route: at least one.',
  'wrong-code': 'Found “{found}”. Write the code on this bottle, {code}.',
  'wrong-name': 'Found “{found}”. Write your own name, {name}.',
  'poster-sizes': 'The sizes are A4, A3 and card.',
  'label-sizes': 'The sizes are 62x100 and A6.',
  'whole-copies': 'A whole number of copies is allowed.',
  'least-copies': 'At least one copy.',
  'most-copies': 'At most {requirement} copies.',
  'sheet-place': 'The place on the sheet is 1 to 6.',
  'at-least': 'At least {requirement, number}.',
  'at-most': 'At most {requirement, number}.',
  'too-many': 'At most {requirement}.',
  'longer-reason':
    'A reason has at least {requirement} characters: what was tested, or who allows it.',
  'in-future': 'It cannot have happened later than now.',
  'strength-over-0': 'A strength is over 0 %.',
  'strength-most-100': 'A strength is at most 100 %.',
  'no-photo': 'This is no photo in JPEG.',
  'photo-too-large': 'This photo is larger than 1.5 MB.',
  'labels-time-1-s': 'A label’s time is 1 s to 2 h.',
  'dilution-keeps-1-min': 'A dilution keeps 1 min to 2 years.',
  'rule-care-spoils-or':
    'A rule is care, spoils or never: a company makes nothing milder than the book.',
  'price-0-or-more': 'A price is 0 or more.',
  'density-600-1300-kgm': 'A density is 600 to 1300 kg/m³.',
  'temperature-10-40-c': 'A temperature is -10 to 40 °C.',
  'room-temperature': 'A room that somebody works in is 0 to 45 °C.',
  'room-humidity': 'The humidity of a room is 10 to 95 %.',
  'day-written-20260131': 'A day is written 2026-01-31.',
  'whole-number-allowed': 'A whole number is allowed.',
  'report-code': 'A code of 12 letters and digits is at the foot of the paper.',
  base64: 'A file in base64 is allowed.',
  'time-zone': 'A time zone is allowed, as Europe/Madrid.',
  'half-character': 'There is half a character in it. Write it again.',
  'number-range': 'This number is too small or too large for anything that is measured.',
  'too-deep': 'This is nested too deeply.',
  'no-such-day': 'There is no such day.',
  'at-least-one': 'At least one.',
  monday: 'A week is called by its Monday, written 2026-01-26.',
  date: 'A day is written 2026-01-31.',
  'ends-before': 'The second time is before the first.',
  'in-a-circle': 'A way leads in a circle: a room cannot be come into by way of itself.',
  twice: 'Nobody is named twice.',
  'longer-password': 'A password has at least 12 characters. A few words in a row are good.',
  'common-password':
    'This password is one of those that are tried first. A few words in a row are good.',
  'wrong-set-up-code': 'This is not the code that the server printed last.',
  currency: 'A currency is written as its code, as EUR or USD.',
  login: '2 to 40 letters, figures, dots, hyphens or _, without spaces.',
  'wrong-password': 'This is not your present password.',
  'not-printable': 'There are letters in it that cannot be printed. Write it in Latin letters.',
  'word-too-long': 'One word is longer than 40 letters. It would not fit on the poster.',
  opening: '1 to 36 letters, figures, - or _.',
} as const;
