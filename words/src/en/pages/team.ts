export const team = {
  howMany:
    '{here, plural, one {One person works} other {# people work}} here{invited, plural, =0 {} one {, one is invited} other {, # are invited}}.',
  invited: 'invited as a {role}, until {until}',
  newPassword: 'may choose a new password, until {until}',
  hasRead: 'has read the book as it stands',
  hasNotRead: 'has not read the book as it stands',
  left: 'has left',
  howToRead:
    'An upright line is the day an edition of the book came out. From there a thread is dotted until its person has read it: a block. A ring at the end is still to be read.',
  invite: 'Invite somebody',
  severalFromAList: 'Several from a list',
  name: 'Name, as others read it',
  worksAs: 'Works as a',
  reads: 'Reads',
  theyChoose: 'they choose',
  makeTheCode: 'Make the code',
  comesInWith: '{name} comes in with this code, once, until {until}.',
  choosesWith: '{name} chooses a new password with this code, once, until {until}.',
  noMail: 'Let them point a phone at it, or give them the link. No mail is sent.',
  copyTheLink: 'Copy the link',
  copied: 'The link is copied.',
  aNewCode: 'Make a new code',
  takeBack: 'Take it back',
  shownOnce:
    'The code was shown when it was made, and is kept nowhere. If it is lost, make a new one.',
  cleanerMay:
    'works on rounds and joins them, pours, checks and fills; sees only what a round needs',
  supervisorMay:
    'all of that, and surveys, approves, accepts a Care with a reason, invites, changes rights and house rules',
  makeRole: 'Make {name} a {role}',
  forgotten: 'Make a code for a new password',
  sessions: 'Signed in on',
  noSessions: 'nowhere',
  since: 'since {since}',
  thisOne: 'this device',
  end: 'End it',
  hasLeft: '{name} has left the company',
  leaving:
    'The record stays whole. A pseudonym stands where the name stood, for good, and all sessions end.',
  yesLeft: 'Yes, {name} has left',
  no: 'No',
  unknownDevice: 'a device that does not say what it is',
} as const;

/** One's own page. */
export const own = {
  signInAs: '{company}, {role}',
  name: 'Your name, as others read it',
  save: 'Save',
  saved: 'Saved.',
  language: 'Language',
  measures: 'Measures',
  onThisDevice: 'On this device',
  sound: 'Sound when something is due',
  on: 'on',
  off: 'off',
  textSize: 'Size of the text',
  password: 'Password',
  now: 'Your present password',
  next: 'A new one',
  change: 'Change it',
  changed: 'Changed. Your other sessions have ended.',
  read: 'What you have read',
  readBook: 'The book, edition {edition}: you have confirmed it.',
  bookUnread: 'The book is at edition {edition}, and you have not confirmed it yet.',
  readIt: 'Read it',
} as const;

/** The company's own page. */
export const ways = {
  whatItIsCalled: 'What it is called, pays in, measures in and lives by.',
} as const;
