/** Jars of wipes, baths and clean cloths. */

export const jars = {
  jarsAndBaths: 'Jars and baths',
  theJars: 'the jars',
  chosen: 'What is chosen',
  soakingNow: 'Soaking now',
  nothingSoaks: 'Nothing soaks.',
  jars: 'Jars',
  noJar: 'No jar yet.',
  cleanCloths: 'Clean cloths',
  notCounted: 'not counted',
  here: '{count} here',
  washingWipes: 'Washing wipes',
  wipesOf: '{family} wipes, {strength}',
  leftOf: '{left} of {count} left',
  awayOn: 'away on {day}',
  throwAway: 'throw it away',
  isOut: 'out',
  outIn: 'out in {left}',
  readyIn: 'ready in {left}',
  takeItOut: 'Take it out',
  tooLongBy: 'Too long by {over}: take it out',
  newJar: 'New jar',
  newBath: 'New bath',
  makeIt: 'Make it',
  notReadYet: 'A figure in this sentence cannot be read, or is more than is allowed.',
  pourOver: 'Pour {pour} over {count, plural, one {one cloth} other {# cloths}}.',
  oneDoes:
    'For {time} a tap takes {tap, plural, one {one cloth} other {# cloths}}, a toilet seat {seat, plural, one {one} other {#}}.',
  theyOnlyClean: 'They clean. They disinfect nothing.',
  theRecipe: 'the recipe “{name}”',
  washingLiquid: 'washing-up liquid in water',
  pourItFirst:
    'A recipe is poured as a batch first, and checked. This shows what a jar of it would do.',
  sentence:
    '{count} cloths of {kind}, {length} × {width} cm, in {liquid}, in a jar of {litres} l, {vessel}, its mouth {mouth} cm wide, to keep things wet for {minutes} min in {ventilation} at {temperature} °C. The lid is off {opened} times a day.',
  theSum: 'How it comes to that',
  weigh:
    '{count, plural, one {one cloth} other {# cloths}}, dry{guess, select, yes { (usual weight)} other {, weighed}}',
  grams: '{g} g',
  takeUp: 'take up, dripping',
  pourOf: 'pour {part} of that',
  eachHolds: 'each cloth holds',
  eachGives: 'and gives under the hand, {part}',
  timeAsks: '{time} asks for',
  aSquareMetre: '{ml} ml/m²',
  oneKeepsWet: 'one cloth keeps wet',
  weighOne:
    '{usual, select, yes {Usual weights. Weigh one dry, one dripping, and it is yours} other {Weighed: it is yours}}',
  oneDry: 'One dry, g',
  oneDripping: 'The same dripping, g',
  oneCloth: 'One cloth',
  clothsFor: '{count, plural, one {one cloth} other {# cloths}}',
  whenItMustGo: 'When it must go',
  fallsTo: 'Strength in the jar: from {from} to {to} on its last day (estimate)',
  soonerAt: 'Sooner at a smell, a spot, or when a cloth no longer wets its thing to the end.',
  soaksFirst:
    'It soaks half an hour first, turned once. Boiled water is cooled before alcohol goes in. One cloth, one thing.',
  isGone: 'It is gone.',
  pastItsDay: 'It was to go on {day}: throw it away.',
  readyAt: 'It soaks until {at}.',
  stands: '{left, plural, one {One cloth} other {# cloths}} left. Away on {day}.',
  keepsWetFor: 'One cloth keeps {area} wet for {minutes} min; on its last day {last}.',
  clothsTaken: 'Cloths taken',
  clothsPutIn: 'Cloths put in',
  say: 'Say so',
  noLongerWets: 'It no longer wets',
  throwItAway: 'Throw it away',
  madeBy: 'made by {by}, {at}',
  chooseALiquid: 'Choose what it lies in, and say how much.',
  noBathForIt: 'There is no bath for it.',
  pourAndLeave: 'Pour in {pour}, and leave it {time}.',
  whatLiesInIt: 'What lies in it',
  inWhat: 'In what',
  airThere: 'Air there',
  flameThere: 'Flame there',
  heldBefore: 'What was in it before',
  rinsedClean: 'Clean, rinsed out',
  nobodyKnows: 'Nobody knows',
  lidOn: 'The lid is on',
  sayWhere: 'Say where it stands.',
  layItIn: 'Lay it in',
  noBatchForIt: 'No batch is at hand: pour one first.',
  layFor: 'It lay {time}: {outcome}.',
  takenOut: 'Taken out',
  laidInBy: 'laid in by {by}, {at}',
  nobodyCounted: 'Nobody has counted these yet.',
  cleanHere: '{count, plural, one {One is} other {# are}} clean.',
  neverToiletToBasin: 'One colour a zone. Never from toilet to basin. Fresh ones for each home.',
  whatWasDone: 'What was done',
  howMany: 'How many',
  whatWasWashed: 'What was washed',
  degrees: '°C',
  withSoftener: 'With softener',
  withAlcohol: 'There is alcohol in them',
  forCloths: 'A jar of wipes with it',
} as const;

export const jarField = {
  count: 'How many cloths',
  kind: 'What the cloths are of',
  length: 'Length, cm',
  width: 'Width, cm',
  dry: 'One dry, g',
  dripping: 'One dripping, g',
  liquid: 'What is poured over',
  vessel: 'What the jar is',
  litres: 'What the jar holds, l',
  mouth: 'How wide its mouth is, cm',
  minutes: 'How long things are kept wet, min',
  ventilation: 'In what room',
  temperature: 'How warm, °C',
  opened: 'How often the lid is off a day',
} as const;

export const bathField = {
  litres: 'What the vessel holds, l',
  mouth: 'How wide it is, cm',
  load: 'What lies in it takes up, ml',
  minutes: 'How long, min',
  place: 'Where it stands',
  floorArea: 'Floor of that room, m²',
} as const;

export const clothKind = {
  'paper-towel': 'paper towel',
  'thick-paper-towel': 'thick paper towel',
  nonwoven: 'nonwoven',
  't-shirt': 't-shirt cotton',
  flannel: 'flannel cotton',
  terry: 'terry cotton',
  microfibre: 'microfibre',
} as const;

export const vesselKind = {
  glass: 'glass',
  hdpe: 'HDPE',
  'clear-plastic': 'thin clear plastic',
  'bleach-tub': 'a tub that held bleach wipes',
  'bleach-tub-washed': 'such a tub, washed and relabelled',
} as const;

export const airOfRoom = {
  none: 'a room without window or fan',
  window: 'a room with a window',
  fan: 'a room with a fan',
} as const;

export const jarThing = {
  handle: 'Door handle',
  tap: 'Tap',
  seat: 'Toilet seat',
} as const;

export const jarEnd = {
  month: 'A month with the lid tight, by house rule.',
  weak: 'By then it is too weak: alcohol goes off each time the lid is off.',
  week: 'A week: nothing in it keeps it longer.',
  'tap-water': 'Three days: the water came straight from the tap.',
  'its-liquid': 'What was poured over goes then.',
} as const;

export const clothAct = {
  counted: 'Counted',
  taken: 'Taken',
  washed: 'Washed',
  thrown: 'Thrown away',
} as const;

export const washed = {
  microfibre: 'microfibre',
  other: 'other cloths',
  'mop-heads': 'mop heads',
} as const;
