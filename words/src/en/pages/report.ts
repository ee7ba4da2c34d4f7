export const report = {
  loosened: 'loosens {soil}, disinfects nothing{most, select, no {} other {; {most} at most}}',
  leftTooLong:
    '{surface}: {cleaner} lay there {held}, {most} at most. What it did to the material is to be looked at.',
  title: 'Visit report',
  titleOf: 'Visit report, {home}',
  pageOf: '{page} of {pages}',
  whenBy: '{day}, {from} to {to}, by {by}',
  notFinished: '{day}, begun {from}, not finished, by {by}',
  summary:
    'Of {all, plural, one {# surface} other {# surfaces}} {good, plural, =0 {none was} one {# was} other {# were}} done as agreed.{notMet, plural, =0 {} one { One was not wet long enough.} other { # were not wet long enough.}}{notShown, plural, =0 {} one { One nobody can vouch for.} other { # nobody can vouch for.}}{leftOut, plural, =0 {} one { One was left out.} other { # were left out.}}{notDone, plural, =0 {} one { One was not done.} other { # were not done.}}',
  notch: 'The notch is the time it had to be wet.',
  surface: 'Surface, high to low',
  with: 'With',
  kept: 'kept wet',
  room: 'Room',
  water: 'water',
  short: '{missing} short',
  nobodyLooked: 'nobody looked',
  foundDry: 'found dry',
  again: '{surface}, again',
  doneAbout: 'What was done about it',
  againMet: '{surface}: {held} of {required}. Done again, {heldAgain}: {came}.',
  notAgain: '{surface}: {held} of {required}. It was not done again. Take it as cleaned.',
  shownUntil:
    '{surface}: known wet for {shown} of {required}. Nobody looked after that. Take it as cleaned.',
  doneWith: 'What it was done with',
  batch: 'Batch',
  mixture: 'Mixture',
  check: 'Check',
  made: 'Made',
  by: 'By',
  checked: 'measured {measured}',
  verified: 'verified',
  unchecked: 'not measured',
  product: 'product, as its label says',
  pleaseNote: 'Please note',
  ownMixture:
    'These are our own mixtures, kept wet for the time shown. They are not registered disinfectants.',
  label: 'A registered product was used as its label says.',
  saysWhat: 'This paper says what was done. It does not say that a surface is free of germs.',
  corrected:
    '{count, plural, one {One entry was} other {# entries were}} taken back by whoever made it. The record keeps both.',
  checkAt: 'Check this paper at {address}',
  signed: 'signed {at}, {utc} UTC',
  rows: '{count} rows, {from} to {to}, head {head} · Ed25519',
} as const;

/** What a visit came to at a surface. */
export const reportCame = {
  met: 'met',
  'not-met': 'not met',
  'not-shown': 'not shown',
  cleaned: 'cleaned',
  loosened: 'loosened',
  'off-early': 'off early',
  'left-too-long': 'left too long',
  'left-out': 'left out',
  'not-done': 'not done',
} as const;

export const paper = {
  title: 'Check a visit report',
  forClients: 'For clients · no sign-in',
  code: 'Code at the foot of the paper',
  codeHint: 'Capitals and gaps do not matter. O counts as 0, I and L as 1.',
  check: 'Check',
  orDrop: 'or the paper itself, as a PDF',
  choose: 'Choose the file',
  withFile:
    'With the file every line is compared; with the code alone only whether such a paper was signed and its record stands.',
  asking: 'Looking …',
  answer: 'Answer',
  stands: 'This paper stands. Nobody has changed a row of it since {at}.',
  standsWhy: 'All {rows} rows are in the record as they were signed, and the signature is ours.',
  standsFile: 'The file is as it was signed, line by line.',
  standsCode: 'The file was not compared: only the code was given.',
  differs:
    '{count, plural, one {One line of this paper is} other {# lines of this paper are}} not what was signed. Do not rely on it.',
  differsWhy:
    'A paper with this code was signed on {at}. This file was changed after that. It does not say by whom.',
  missing:
    '{count, plural, one {One line that was signed is} other {# lines that were signed are}} missing.',
  paperSays: 'The paper says',
  inRecord: 'In the record: something else.',
  broken: 'The record itself is not as it was signed.',
  brokenWhy:
    '{count, plural, one {One row} other {# rows}} of it {count, plural, one {has} other {have}} changed since {at}. Ask the company.',
  unknown: 'No such code. Nobody here signed a paper with it.',
  unknownWhy: 'Look at the letters again.',
  another: 'This paper is another company’s: {company}.',
  anotherWhy: 'Its signature is good, but not ours. Ask them.',
  forged: 'This paper claims to be signed, and the signature does not fit.',
  forgedWhy: 'Do not rely on it.',
  unreadable: 'This is no visit report that can be read here.',
  unreadableWhy: 'Choose the PDF as you were given it.',
  added:
    '{count, plural, one {One row was} other {# rows were}} added to this visit after the paper was signed. Ask for a paper with it.',
  notSaid: 'What that does not say',
  notSaidWhy:
    'It does not say that the work was good. It says that what was written down is what you hold, and that nobody has changed it.',
  withoutUs: 'Without us',
  withoutUsHow:
    'The signature can be checked by anybody with a public tool: docs/formats/report.md says how, in ten lines.',
  keepsNothing:
    'This page asks for no name and no password, and keeps nothing of your paper. It shows nothing that is not printed on it.',
  open: 'Open the report {code}',
  make: 'Make the visit report',
  language: 'Language',
  paper: 'Paper',
} as const;

export const paperSize = { A4: 'A4', letter: 'US letter' } as const;
