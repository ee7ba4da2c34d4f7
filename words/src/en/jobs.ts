/** The jobs beside spray and wipe, step by step. */

export const ratioMore = {
  greasier: 'more, the greasier it is',
  'thicker-lime': 'more, the thicker the lime is',
  glassier: 'more vinegar for glass, more washing-up liquid for grease',
  none: 'as it is',
} as const;

export const notOnSoil = {
  'vinegar-first': 'no vinegar before the grease is off',
  scouring: 'nothing that scours',
  'castile-with-vinegar': 'no castile soap with vinegar',
  'bleach-sets-rust': 'no bleach: it sets rust',
  'two-in-one-drain': 'never two products in one drain',
  'bleach-before-rinse': 'no bleach before it is rinsed with water',
  'large-areas': 'not on large areas: licensed trade',
} as const;

export const soakClaim = {
  nothing: 'It claims nothing yet.',
  shines: 'It makes it shine. It disinfects nothing.',
  loosens: 'It loosens what sticks. It disinfects nothing.',
  cleans: 'It cleans. It disinfects nothing.',
  treats: 'Treated, as the trade does it. It is not called disinfecting.',
  disinfects: 'It disinfects, for the published time.',
} as const;

export const limeAmount = {
  pinch: 'a pinch',
  crust: 'a crust',
} as const;

export const layOutcome = {
  'in-time': 'off in time',
  'too-short': 'off too early',
  'too-long': 'left too long',
} as const;

export const clearRuns = {
  boils:
    '{runs, plural, one {Boil clear water once} other {Boil clear water # times}}, and pour it away.',
  tanks:
    '{runs, plural, one {Run one full tank of water} other {Run # full tanks of water}} through it.',
  cycles: '{runs, plural, one {Run one empty cycle.} other {Run # empty cycles.}}',
} as const;

/** A step of a job as an order to whoever does it. */
export const jobStep = {
  gloves: 'Put on gloves.',
  goggles: 'Put on goggles.',
  'fan-on': 'Turn the fan on.',
  'open-window': 'Open the window.',
  mask: 'Put on a mask (N95 or better).',
  'no-flame': 'No flame, no cigarette, no hot hob.',
  'power-off': 'Turn it off and unplug it.',
  'take-tablet-out': 'Take the tablet out of the cistern or bowl.',
  flush: 'Flush.',
  'nothing-else-in-it': 'Ask, and look: no bleach, tablet or drain opener in it. If so, stop.',
  'castile-never': 'Never castile soap before vinegar: it leaves a greasy film.',
  'cover-stone': 'Lay a folded towel over stone and joints below: a drip marks them in minutes.',
  absorb: 'Soak it up with paper.',
  'rinse-water': 'Rinse with cold water.',
  'bag-waste': 'Put what was soaked up into a bag and tie it.',
  'find-damp': 'Find where the damp comes from.',
  'dry-through': 'Dry it right through.',
  'wash-with': 'Wash with {what}, then rinse.',
  'paste-on': 'Spread a paste of washing soda and a little water.',
  'wipe-on': 'Wet it with {what}.',
  'tie-bag': 'Pour {volume} of {acid} {strength} into a bag, and tie it on so that it covers.',
  fill: 'Fill up to the lime with {acid} {strength}, {volume} at least. Cold or warm, never boiling.',
  'run-half': 'Fill the tank with {acid} {strength}, run half of it through, and stop.',
  'bowl-on-rack':
    'Stand a bowl with {volume} of {acid} {strength} on the top rack or in the drum, and run it once. Not as a habit: rubber suffers.',
  'lower-water': 'Push the water down with the brush.',
  'pour-in': 'Pour {volume} of {acid} {strength} all round.',
  'on-cloth': 'Put {what} on a cloth, not on the thing.',
  'not-boiled-dry': 'Never boil it dry.',
  leave:
    '{until, select, none {Leave it {least}.} same {Leave it {least}. Off then, no longer.} other {Leave it. Look at {least}. Off at {most}, loose or not.}}',
  'take-off': 'Take it off.',
  'run-through': 'Run the rest through.',
  'rinse-hard': 'Rinse with plenty of water.',
  'rinse-well': 'Rinse it well.',
  brush: 'Brush with a soft brush.',
  scrape: 'Lift it off with a plastic scraper, then rinse.',
  'clear-runs': '{runs}',
  'dry-cloth': 'Dry with a clean cloth.',
  squeegee: 'Pull it dry with a squeegee.',
  'water-only': 'Wipe with a cloth and water.',
  'two-cloths': 'Then a second cloth: dry, and without lint.',
  'no-sun': 'Not in the sun: it dries in streaks.',
  'demineralised-water': 'Demineralised water, where streaks matter.',
  'hot-water': 'Run hot water, not boiling.',
  'trap-out': 'Take the trap or strainer out and empty it.',
  'soda-in': 'Put in a cup of washing soda. Nothing else goes into this drain today.',
  'water-after': 'After {time}, flush with plenty of water.',
  'find-smell': 'Find what smells, and take it out.',
  'dish-hides': 'An open dish of vinegar or soda only hides a smell.',
  'spoon-in':
    'A bowl with {water} of water, {vinegar} of vinegar and a wooden spoon standing in it. Without the spoon it may leap out when you touch it.',
  heat: 'Heat it for {time}.',
  'door-shut': 'Leave the door shut for {time}.',
  'hot-inside': 'The bowl is hot.',
  'wipe-inside': 'Wipe it out.',
  'fill-bath': 'Pour in {volume} at {strength}. No second product.',
  submerge: 'Put it in so that it is covered all over.',
  'cover-bath': 'Put the lid on.',
  'label-bath': 'Label it: what, when, whose.',
  'out-of-reach': 'Stand it where no child or animal can reach.',
  'once-only': 'Pour the bath away afterwards: it is used once.',
  'air-dry': 'Let it dry in the air.',
  'wash-hot': 'Wash at {temperature} °C or hotter. No softener.',
  'hang-dry': 'Hang it up to dry.',
  replace: 'Throw it away, and take a new one.',
} as const;

export const zone = {
  toilet: 'Toilet',
  bath: 'Bath',
  kitchen: 'Kitchen',
  rest: 'Rest',
  glass: 'Glass',
} as const;
