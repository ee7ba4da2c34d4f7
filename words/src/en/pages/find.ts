/** Finding homes from anywhere. */
export const find = {
  find: 'Find a home',
  what: 'A name, a street, a room or a surface',
  count: '{count, plural, =0 {Nothing is called so.} one {One found.} other {# found.}}',
} as const;

/** What the keys do. */
export const keys = {
  goTo: 'go to {name}',
  esc: 'Esc',
  findAHome: 'Find a home',
  firstResponseWhatToDo: 'first response: what to do when two have met',
  keys: 'Keys',
  leaveADialog: 'leave a dialog',
  makeANewOneOf: 'make a new one of what the place holds',
  openTheRoomBeforeOr: 'open the room before or after',
  thisList: 'this list',
  walkThroughAListOr: 'walk through a list or a descent',
} as const;
