import { jobReason } from './jobReasons.ts';

/** Why something may be done, wants care, or may not: one message a code. */
export const reason = {
  ...jobReason,
  'contact-by-evidence': '{strength} must stay wet for {time}, by the published series.',
  'contact-by-house-rule':
    '{strength} must stay wet for {time}, by the house rule. That is no shorter than the published times.',
  'below-floor':
    '{strength} is too weak: at least {floor} is needed. A longer wet time does not make up for it.',
  'above-evidence': '{strength} is stronger than the evidence covers: {top} at most.',
  'stronger-than-stock': '{strength} cannot be made from a stock of {stock}.',
  'not-a-disinfectant': '{active} cleans and descales. It is not EPA-registered as a disinfectant.',
  'cleaning-needs-no-wait': 'Cleaning needs no wet time.',
  'needs-registered':
    '{against}: nothing in these three families is known to stop it. It takes a registered product whose label names it, or chlorine at published strength by trained staff.',
  'needs-authority':
    'Candida auris: ask the health authority. A cleaning service does not take this on.',
  'not-for-colds': '2-propanol is not supported against a cold. Ethanol 70 to 90 % or peroxide is.',
  'not-for-reducing':
    '“Reduce” is only for undiluted vinegar, and only where the house rules allow it. It cannot be set for {active}.',
  'reduces-everyday-only': 'Vinegar reduces some everyday bacteria. It is not for anything else.',
  'reduces-only':
    'Undiluted vinegar, wet for {time}, reduces some bacteria. It does not disinfect: it is not EPA-registered as a disinfectant.',
  'needs-licensed': 'More blood or body fluid than a small spot: call trained and equipped staff.',
  'washing-removes-it':
    'An allergen is washed off, not disinfected: use detergent, a separate cloth, and rinse.',
  'not-for-mildew':
    '{kind, select, alcohol {No evidence says that alcohol disinfects mildew: it cleans and dries.} other {House rule: mildew is not treated with {family}.}}',
  'mildew-too-large':
    '{area} of mildew in this home, all together, is more than a cleaning service may treat (about 1 m², 10 sq ft): call a licensed trade.',
  'not-on-label': 'Its label does not name {against}: it may not be used for that.',
  'label-time': 'By its label it must stay wet for {time}.',
  'label-bars-surface': 'Its label excludes {material}.',
  'not-as-sold':
    'A registered product is used as its label says: as sold, or diluted by the label’s ratio and no other.',
  'batch-of-other-product':
    'This is another product than the protocol sets. Each product goes by its own label.',
  'one-coat-holds': 'One coat stays wet for {holds} (estimate).',
  'rewets-needed':
    'One coat stays wet for {holds} (estimate): re-wet {count, plural, one {once, after {every}} other {# times, every {every}}}.',
  'dries-too-fast':
    'One coat stays wet for {holds} (estimate): nobody can re-wet every {every}. Use a thicker coat, or turn the fan off meanwhile.',
  'air-fits': 'Air, estimate: {air}.',
  'air-near-limit': 'Air, estimate: {air}. Open the window, and leave the room while it is wet.',
  'air-over-stricter':
    'Air, estimate: {air} by a stricter figure. Open the window, and leave the room while it is wet.',
  'air-over-limit':
    'Air, estimate: {air}. Open a window, use a cloth instead of the spray, do less at once, or use another family.',
  'air-together-over-limit':
    'The {count} treatments with {family} in this room fit one by one, but not together. Air, estimate: {air}. Spread them over the visit, use cloths, or use another family.',
  'material-bears':
    '{kind, select, product {Its label does not exclude {material}.} other {This can be used on {material}.}}',
  'material-care': '{material}: {why} Test a hidden spot, keep it short, rinse.',
  'material-barred': 'Never on {material}: {because}',
  'material-wait-until-cool': '{why}',
  'material-stronger':
    '{material}: this is stronger than it is known to stand. Test a hidden spot, keep it short, rinse.',
  'material-not-known': '{why}',
  porous:
    '{material} is porous: it does not stay wet on top, so no wet time can be promised. Clean it, launder it or replace it.',
  'cloth-only':
    'By damp cloth only, never sprayed. {kind, select, product {Liquid gets in: power off, wrung-out cloth.} other {{why}}}',
  'rinse-after': 'Rinse afterwards.',
  'home-oxygen': 'Home oxygen is in use: alcohol can catch fire anywhere in this home.',
  'flame-in-room': 'There is a flame or pilot light in this room: alcohol vapour can catch fire.',
  'flame-not-asked':
    'Nobody has asked yet whether anything burns in this room: until then it counts as a flame. Answer it in the survey.',
  'hob-off':
    'There is a gas hob in this room: turn it off and let it get cold before alcohol is used.',
  'breathing-device': 'Nobody treats a breathing device: its maker says how.',
  'rinse-for-food': 'Food touches it: rinse with drinking water afterwards.',
  'infant-rinse':
    'An infant lives here: rinse afterwards, and keep the infant out of the room until it is dry and aired.',
  'toddler-rinse':
    'A toddler lives here: rinse afterwards, keep the toddler out of the room until it is dry and aired, and lock bottles away.',
  'cat-rinse':
    'A cat lives here: rinse afterwards, and keep it out until it is dry. The litter tray counts as urine.',
  'cat-no-oils': 'A cat lives here: no essential oils.',
  'dog-rinse': 'A dog lives here: rinse afterwards, and keep it out until it is dry.',
  'bird-out': 'A bird lives here: carry it out of the room until it is dry and aired.',
  'cover-tank': 'There is a fish tank: cover it and turn the pump off.',
  'asthma-cloth':
    'Asthma or scent sensitivity in this home: nothing is sprayed. Put it on with a cloth and open the window.',
  'asthma-barred':
    'Asthma or scent sensitivity in this home: no bleach, no ammonia, no quat spray.',
  'locked-away':
    'Dementia or self-harm in this home: bottles stay locked away, nothing is left behind.',
  'weak-immunity-strength':
    'Somebody here has weak immunity: nothing weaker than 3 % peroxide or 70 % alcohol.',
  'pregnancy-ventilate': 'Pregnancy in this home: ventilate, and wear gloves.',
  'nearby-unknown':
    'Still wet in this room: {surface}, and it is not known here with what. Wipe and rinse that first.',
  'waits-for':
    'Still wet in this room: {surface}, with {on}, which must not meet {hand}. {happens} Wipe and rinse that first.',
  'must-not-meet': '{on} is still on this surface and must not meet {hand}. {happens} {remedy}',
  'meets-in-bowl': 'The client’s {keeps} is in that water. {happens} {remedy}',
  'taken-out-first': 'The client’s {keeps} is taken out first and the bowl flushed twice.',
  'flush-first': 'Flush the bowl first: urine and chlorine give off chloramines.',
  'not-taken-out':
    '{tablet, select, yes {Take the tablet out and flush twice first.} other {Flush the bowl first.}}',
  'meets-in-visit': '{route}: it meets what goes on “{surface}”. {happens} {remedy}',
  'not-with-water': 'It must not be poured to water. {happens} {remedy}',
  'not-carried-together':
    '{one} and {other} must not be carried together. {happens} Put one in another caddy.',
  'not-side-by-side':
    '{one} and {other} must not stand on one shelf. {happens} Put one on another shelf.',
  'in-strength': '{strength} {active} is in strength: from {floor} to {top}.',
  'must-not-share-a-bottle':
    '{severity, select, never {{one} and {other} must never be in one bottle.} spoils {{one} and {other} spoil each other in one bottle.} other {{one} and {other} in one bottle need care.}} {happens}',
  'no-active': 'Nothing in it disinfects at any strength.',
  'above-cleaning-top': '{strength} {component} is too strong for this work: at most {top}.',
  'must-not-be-used':
    '{ingredient} is not used in this work: it burns, or nobody knows what is in it.',
  'solvent-burns': 'Its vapour lights easily: no flame, no spark, window open.',
  'asked-first':
    'Line {row}: {has, select, yes {“{found}” can mean several things.} other {this can mean several things.}} Until it is answered the worst counts.',
  'not-read': 'Not all of it could be read or measured out: nobody can say what it makes.',
  'not-carried':
    'House rule: bleach is not carried. What a client keeps is used by its own label, and not by us.',
  'used-up':
    '{component} and {with} use each other up: {spent} of the one and {spentWith} of the other is gone.',
  'soap-split':
    '{spent} of the soap is split to greasy lumps by the {with}, which loses {spentWith}.',
  'no-acid-left': '{acid} acid is left; lime needs at least {floor}.',
  'cleans-nothing': 'There is too little in it to clean anything.',
  'counts-for-nothing': '{ingredient} adds nothing to the strength.',
  'batch-used-up': 'All of this batch ({volume}) is in bottles already. Make another.',
  'like-refill':
    'It held the same. Pour out what is left, and put on a new label with the new date.',
  'old-label':
    'Its label still says {on}: the next person acts on it. Cross it out, wash, and relabel.',
  'held-before': 'It held {on}, which must not meet {hand}. {happens} Wash it first.',
  'needs-opaque': 'Light breaks peroxide down: use an opaque or brown bottle.',
  'needs-glass-or-hdpe': 'Strong alcohol attacks thin plastic: glass or HDPE is better.',
  'weighed-off':
    'By weight this is {strength}, but {wanted} was meant. Put it right by weight first.',
  'batch-set-aside': 'This batch was checked, is out of strength, and is set aside.',
  'batch-not-verified':
    'Nobody has checked this batch. It is checked on the Bench before it disinfects.',
  'batch-expired': 'This batch was to be thrown away by {day}.',
  'batch-of-other-family': 'The protocol sets {wantedFamily} here, not {hand}.',
  'batch-of-other-strength': 'This batch is {strength}; the protocol sets {wanted}.',
  'not-cleaned-first':
    'Clean it first: dirt uses the solution up, so the wet time counts only on a clean surface.',
  'not-wet': 'Nothing is wet here.',
  'wet-in-another-round': 'It is wet in another round of this home. Ask who is on it.',
  'already-wet': 'It is wet already: re-wet it, or say that it was found dry.',
  'no-reason-given': 'Left out without a reason: say why.',
  'not-the-last': 'Something was done there after it. Only the last thing can be taken back.',
  'nothing-to-take-back': 'Nothing of that kind was told there.',
  'corrected-by-supervisors': 'This round is finished: only a supervisor corrects it.',
  'say-why-not-so': 'Say why it was not so.',
  'on-unknown': 'Nobody knows what is on it. Rinse it first.',
  'not-joined': 'You have not joined this round.',
  'not-in-this-round': 'This surface is not in the protocol of this round.',
  'nothing-to-do': 'There is nothing here to rinse off.',
  'not-in-the-protocol': 'The protocol sets only washing here.',
  'stock-missing': 'No stock or batch is chosen that could do it.',
  'stock-expired': 'This stock was good until {day}.',
  'care-not-accepted': 'A supervisor must accept this with a reason.',
  'refused-on-the-phone': 'Refused on the phone, by what the phone knew.',
} as const;

/** "310 of at most 500 ppm over a quarter of an hour" */
export const air = {
  short: '{ppm} of at most {limit} ppm over a quarter of an hour',
  day: '{ppm} of at most {limit} ppm over a working day',
  danger: '{ppm} of at most {limit} ppm at any time',
  fire: '{ppm} of at most {limit} ppm for fire',
} as const;

/** What mends a meeting in a visit where nothing done between does. */
export const mend = {
  'leave-out': 'Leave one of them to another visit.',
  reorder: 'Do it later, after the rinse.',
  never: 'Nothing makes it safe: leave one of the two out.',
} as const;
