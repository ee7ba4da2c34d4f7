/** Lists that are brought in. */
export const lists = {
  title: 'Bring in a list',
  what: 'A table (CSV) of homes or of people, as a spreadsheet saves it. You see first what each line becomes. Nothing comes in unless all of it can.',
  homesHead:
    'Homes: one line a surface, with at least the columns {needed}. A line without a room is a home still to be surveyed.',
  peopleHead: 'People: one line each, with the column {needed}. Each gets a code to come in with.',
  columns: 'Columns that are read: {columns}.',
  example: 'Take an empty one: {what}',
  choose: 'Choose a file',
  ofHomes: 'homes',
  ofPeople: 'people',
  aTable: 'A table of homes or people',
  notATable:
    'Line 1: found “{record}”. A list of homes has a column {home}, a list of people has a column {name}.',
  tooLarge: 'Found a file of {found} kB. At most {most} kB are read.',
  nothing: 'Found no line after the first.',
  noHome: 'found no home. Its name is expected in each line, its place in the first.',
  noPlace: 'found no place for “{home}”. It is expected in its first line.',
  noRoom: 'found surface “{name}” without a room.',
  otherwise: 'found {field} “{found}” for {of}, which had “{before}” before.',
  situation: 'found “{found}” for who lives there. {allowed} are allowed.',
  there: '“{name}” is there already.',
  twice: '“{name}” is in line {line} already.',
  tooMany: 'Found {count}. At most {most} come in at once.',
  noName: 'found no name.',
  becomesHomes:
    '{homes, plural, one {# home} other {# homes}}, {rooms, plural, =0 {no room} one {# room} other {# rooms}}, {surfaces, plural, =0 {no surface} one {# surface} other {# surfaces}}.',
  becomesPeople: '{count, plural, one {# person} other {# people}}.',
  guesses: 'Dotted is a guess, because the line leaves it out. It is confirmed in the survey.',
  wrongLines:
    '{count, plural, one {One line cannot} other {# lines cannot}} be read. Nothing comes in.',
  more: 'and {count, plural, one {# line} other {# lines}} more',
  cameIn: 'It is in.',
  codes:
    'Each comes in with their code, once, until {until}. The codes are shown now and kept nowhere: print them or hand them over.',
  print: 'Print',
  bringThemIn: 'Bring them in',
  nothingYet: 'Choose a file. What each of its lines becomes is shown here first.',
  preview: 'What each line becomes',
  onlyHome: 'to be surveyed',
} as const;

/** Heads of the columns of a list. */
export const listHead = {
  home: 'home',
  place: 'place',
  lives: 'lives there',
  address: 'address',
  door: 'door',
  contact: 'contact',
  hours: 'hours',
  often: 'how often',
  notes: 'notes',
  room: 'room',
  floorArea: 'floor area',
  height: 'height',
  ventilation: 'ventilation',
  flame: 'flame',
  role: 'role',
  language: 'language',
} as const;

/** What two homes are compared by. */
export const besides = {
  compare: 'Compare with',
  choose: 'choose a home',
  lives: 'who lives there',
  keeps: 'the client keeps',
  rooms: 'rooms',
  floor: 'floor',
  surfaces: 'surfaces',
  area: 'all of them',
  often: 'touched often',
  disinfect: 'to disinfect',
  materials: 'materials',
  nothing: 'nothing',
} as const;
