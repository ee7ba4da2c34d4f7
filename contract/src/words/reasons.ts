import {
  ingredientName,
  type Act,
  type Active,
  type Against,
  type Component,
  type Family,
  type IngredientId,
  type MaterialId,
  type ProductId,
  type Reason,
  type ReasonCode,
  type Route,
} from '@zymostat/core';
import { about, clock, duration, percent, strengthOf } from './figures.ts';
import {
  activeNames,
  againstNames,
  componentWords,
  familyNames,
  materialWords,
  productNames,
  routeNames,
} from './names.ts';
import { remedyInWords, wordsOfRule } from './neverCombine.ts';

type Figures = Record<string, number | string>;
const floorStrength = (f: Figures, key = 'strength') =>
  f.active === 'sodium hypochlorite' ? `${percent(f[key] as number)} chlorine` : strengthIn(f, key);
const strengthIn = (f: Figures, key = 'strength') =>
  strengthOf(f.active as Active, f[key] as number);
const family = (f: Figures, key = 'family') => familyNames[f[key] as Family];
const material = (f: Figures) => materialWords[f.material as MaterialId];
const rule = (f: Figures) => wordsOfRule(String(f.rule), f);
const acts = (f: Figures): Act[] =>
  String(f.remedy ?? '')
    .split(',')
    .filter(Boolean) as Act[];
const both = (f: Figures) => `${upper(String(f.a))} and ${lower(String(f.b))}`;
const nameOfActive = (f: Figures) =>
  f.active === 'alcohol' ? 'alcohol' : componentWords[f.active as Component];
const shares = (f: Figures) =>
  f.severity === 'never'
    ? 'must never be in one bottle.'
    : f.severity === 'spoils'
      ? 'spoil each other in one bottle.'
      : 'in one bottle want care.';
const mends: Record<string, string> = {
  'leave-out': 'Leave one of them to another visit.',
  reorder: 'Do it later, after the rinse.',
};
const day = (ms: number | string) => new Date(Number(ms)).toISOString().slice(0, 10);

/** One sentence a code. This is the one place where a reason becomes words. */
const sentences: Record<ReasonCode, (f: Figures) => string> = {
  'contact-by-evidence': (f) =>
    `${strengthIn(f)} must stay wet for ${duration(f.seconds as number)} by the published series.`,
  'contact-by-house-rule': (f) =>
    `${strengthIn(f)} must stay wet for ${duration(f.seconds as number)} by the house rule, which is no shorter than the published times.`,
  'below-floor': (f) =>
    `${floorStrength(f)} is too weak: at least ${floorStrength(f, 'floor')} is needed, and no wet time makes up for it.`,
  'above-evidence': (f) =>
    `${strengthIn(f)} is stronger than the evidence covers: ${strengthIn(f, 'top')} at most.`,
  'stronger-than-stock': (f) =>
    `${strengthIn(f)} cannot be made from a stock of ${strengthIn(f, 'stock')}.`,
  'not-a-disinfectant': (f) =>
    `${upper(activeNames[f.active as Active])} cleans and descales. It is not EPA-registered as a disinfectant.`,
  'cleaning-needs-no-wait': () => 'Cleaning needs no wet time.',
  'needs-registered': (f) =>
    `${upper(againstNames[f.against as Against])}: nothing in these three families is known to stop it. It takes a registered product whose label names it, or chlorine at published strength by trained staff.`,
  'needs-authority': () =>
    'Candida auris: ask the health authority. A cleaning service does not take this on.',
  'not-for-colds': () =>
    '2-propanol is not supported against a cold. Ethanol 70 to 90 % or peroxide is.',
  'not-for-reducing': (f) =>
    `“Reduce” is only for undiluted vinegar, and only where the house rules allow it. ${upper(activeNames[f.active as Active])} does not reduce here.`,
  'reduces-everyday-only': () =>
    'Vinegar reduces some everyday bacteria. It is not for anything else.',
  'reduces-only': (f) =>
    `Undiluted vinegar, wet for ${duration(f.seconds as number)}, reduces some bacteria. It does not disinfect: it is not EPA-registered as a disinfectant.`,
  'needs-licensed': () =>
    'More blood or body fluid than a small spot: call trained and equipped staff.',
  'washing-removes-it': () =>
    'An allergen is washed off, not disinfected: detergent, a cloth of its own, and rinse.',
  'not-for-mildew': (f) =>
    f.family === 'alcohol'
      ? 'No evidence says that alcohol disinfects mildew: it cleans and dries.'
      : `House rule: mildew is not treated with ${family(f).toLowerCase()}.`,
  'mildew-too-large': (f) =>
    `${(f.area as number).toFixed(1)} m² of mildew in this home, all together, is more than a cleaning service may treat (about 1 m², 10 sq ft): call a licensed trade.`,
  'not-on-label': (f) =>
    `Its label does not name ${againstNames[f.against as Against]}: it may not be used for that.`,
  'label-time': (f) => `By its label it must stay wet for ${duration(f.seconds as number)}.`,
  'label-bars-surface': (f) => `Its label excludes ${lower(material(f).name)}.`,
  'not-as-sold': () =>
    'A registered product is used as its label says: as sold, or thinned by the label’s ratio and by no other.',
  'batch-of-other-product': () =>
    'This is another product than the protocol sets: each goes by its own label.',
  'one-coat-holds': (f) => `One coat holds for ${about(f.holds as number)} (estimate).`,
  'rewets-needed': (f) =>
    `One coat holds for ${about(f.holds as number)} (estimate): re-wet ${f.count === 1 ? 'once, ' : `${f.count} times, every `}${f.count === 1 ? `after ${clock(f.every as number)}` : clock(f.every as number)}.`,
  'dries-too-fast': (f) =>
    `One coat holds for ${about(f.holds as number)} (estimate): nobody re-wets every ${clock(f.every as number)}. A thicker coat, or the fan off meanwhile.`,
  'air-fits': (f) => `Air, estimate: ${ppm(f)}.`,
  'air-near-limit': (f) =>
    `Air, estimate: ${ppm(f)}. Open the window, and leave the room while it is wet.`,
  'air-over-stricter': (f) =>
    `Air, estimate: ${ppm(f)} by a stricter figure. Open the window, and leave the room while it is wet.`,
  'air-over-limit': (f) =>
    `Air, estimate: ${ppm(f)}. Open a window, take a cloth instead of the spray, do less at once, or take another family.`,
  'air-together-over-limit': (f) =>
    `The ${f.count} treatments with ${family(f).toLowerCase()} in this room fit one by one, not together. Air, estimate: ${ppm(f)}. Spread them over the visit, take cloths, or another family.`,
  'material-bears': (f) =>
    f.family === 'product'
      ? `Its label does not exclude ${lower(material(f).name)}.`
      : `${material(f).name} can take it.`,
  'material-care': (f) =>
    `${material(f).name}: ${material(f).why} Test a hidden spot, keep it short, rinse.`,
  'material-barred': (f) => `Never on ${lower(material(f).name)}: ${lower(material(f).why)}`,
  'material-wait-until-cool': (f) => material(f).why,
  'material-stronger': (f) =>
    `${material(f).name}: this is stronger than it is known to take. Test a hidden spot, keep it short, rinse.`,
  'material-not-known': (f) => `${material(f).why}`,
  porous: (f) =>
    `${material(f).name} is porous: it holds no wet film, so no contact time can be promised. Clean it, launder it or replace it.`,
  'cloth-only': (f) =>
    `By damp cloth only, never sprayed. ${f.family === 'product' ? 'Liquid gets in: power off, wrung-out cloth.' : material(f).why}`,
  'rinse-after': () => 'Rinse afterwards.',
  'home-oxygen': () => 'Home oxygen is in use: alcohol can catch fire anywhere in this home.',
  'flame-in-room': () =>
    'There is a flame or pilot light in this room: alcohol vapour can catch fire.',
  'flame-not-asked': () =>
    'Nobody has asked yet whether anything burns in this room: until then it counts as a flame. Answer it in the survey.',
  'hob-off': () =>
    'There is a gas hob in this room: turn it off and let it get cold before alcohol is used.',
  'breathing-device': () => 'Nobody treats a breathing device: its maker says how.',
  'rinse-for-food': () => 'Food touches it: rinse with drinking water afterwards.',
  'infant-rinse': () =>
    'An infant lives here: rinse afterwards, out of the room until it is dry and aired.',
  'toddler-rinse': () =>
    'A toddler lives here: rinse afterwards, out of the room until it is dry and aired, bottles locked away.',
  'cat-rinse': () =>
    'A cat lives here: rinse afterwards, out until it is dry. The litter tray counts as urine.',
  'cat-no-oils': () => 'A cat lives here: no essential oils.',
  'dog-rinse': () => 'A dog lives here: rinse afterwards, out until it is dry.',
  'bird-out': () => 'A bird lives here: carry it out of the room until it is dry and aired.',
  'cover-tank': () => 'There is a fish tank: cover it and turn the pump off.',
  'asthma-cloth': () =>
    'Asthma or scent sensitivity in this home: nothing is sprayed. Put it on with a cloth and open the window.',
  'asthma-barred': () =>
    'Asthma or scent sensitivity in this home: no bleach, no ammonia, no quat spray.',
  'locked-away': () =>
    'Dementia or self-harm in this home: bottles stay locked away, nothing is left behind.',
  'weak-immunity-strength': () =>
    'Somebody here has weak immunity: nothing weaker than 3 % peroxide or 70 % alcohol.',
  'pregnancy-ventilate': () => 'Pregnancy in this home: ventilate, and wear gloves.',
  'must-not-meet': (f) =>
    `${family(f, 'on')} is still on this surface and ${family(f, 'hand').toLowerCase()} must not meet it. ${rule(f).happens} ${rule(f).remedy}`,
  'meets-in-bowl': (f) =>
    `The client’s ${lower(productNames[f.keeps as ProductId])} is in that water. ${rule(f).happens} ${remedyInWords(acts(f))}`,
  'taken-out-first': (f) =>
    `The client’s ${lower(productNames[f.keeps as ProductId])} is taken out first and the bowl flushed twice.`,
  'flush-first': () => 'Flush the bowl first: urine and chlorine give off chloramines.',
  'not-taken-out': (f) =>
    f.tablet ? 'Take the tablet out and flush twice first.' : 'Flush the bowl first.',
  'meets-in-visit': (f) =>
    `${routeNames[f.route as Route]}: it meets what goes on ${lower(String(f.with))}. ${rule(f).happens} ${mends[f.mend as string] ?? remedyInWords(acts(f))}`,
  'not-with-water': (f) => `It must not be poured to water. ${rule(f).happens} ${rule(f).remedy}`,
  'not-carried-together': (f) =>
    `${both(f)} must not be carried together. ${rule(f).happens} Put one in another caddy.`,
  'not-side-by-side': (f) =>
    `${both(f)} must not stand on one shelf. ${rule(f).happens} Put one on another shelf.`,
  'in-strength': (f) =>
    `${strengthIn(f)} ${activeNames[f.active as Active]} is in strength: ${strengthIn(f, 'floor')} to ${strengthIn(f, 'top')} is.`,
  'must-not-share-a-bottle': (f) =>
    `${upper(ingredientName(f.a as IngredientId))} and ${ingredientName(f.b as IngredientId)} ${shares(f)} ${rule(f).happens}`,
  'no-active': () => 'Nothing in it disinfects at any strength.',
  'above-cleaning-top': (f) =>
    `${percent(f.strength as number)} ${nameOfActive(f)} is too strong for this work: at most ${percent(f.top as number)}.`,
  'must-not-be-used': (f) =>
    `${upper(ingredientName(f.ingredient as IngredientId))} is not used in this work: it burns, or nobody knows what is in it.`,
  'solvent-burns': () => 'Its vapour lights easily: no flame, no spark, window open.',
  'asked-first': (f) =>
    `Line ${f.row}: ${f.found ? `“${f.found}” can mean several things.` : 'this can mean several things.'} Until it is answered the worst counts.`,
  'not-read': () => 'Not all of it could be read or measured out: nobody can say what it makes.',
  'not-carried': () =>
    'House rule: bleach is not carried. What a client keeps is used by its own label, by nobody of ours.',
  'used-up': (f) =>
    `${upper(componentWords[f.of as Component])} and ${componentWords[f.with as Component]} use each other up: ${part(f.spent)} of the one and ${part(f.spentWith)} of the other is gone.`,
  'soap-split': (f) =>
    `${part(f.spent)} of the soap is split to greasy curds by the ${componentWords[f.with as Component]}, which loses ${part(f.spentWith)}.`,
  'no-acid-left': (f) =>
    `${percent(f.acid as number)} acid is left, and lime wants ${percent(f.floor as number)} at least.`,
  'cleans-nothing': () => 'Too little in it cleans anything.',
  'counts-for-nothing': (f) =>
    `${upper(ingredientName(f.ingredient as IngredientId))} counts for nothing in strength.`,
  'batch-used-up': (f) =>
    `All of this batch (${Math.round((f.volume as number) * 1e6)} ml) stands in bottles already. Make another.`,
  'like-refill': () =>
    'It held the same. Pour out what is left, and put a new label with the new date on.',
  'old-label': (f) =>
    `Its label still says ${family(f, 'on').toLowerCase()}: the next person acts on it. Strike it off, wash, relabel.`,
  'held-before': (f) =>
    `It held ${family(f, 'on').toLowerCase()}, which must not meet ${family(f, 'hand').toLowerCase()}. ${rule(f).happens} Wash it first.`,
  'needs-opaque': () => 'Light breaks peroxide down: use an opaque or brown bottle.',
  'needs-glass-or-hdpe': () => 'Strong alcohol works on thin plastic: glass or HDPE is better.',
  'weighed-off': (f) =>
    `By weight this is ${strengthIn(f)}, and ${strengthIn(f, 'wanted')} was meant. Put it right by weight first.`,
  'batch-set-aside': () => 'This batch was checked, is out of strength, and is set aside.',
  'batch-not-verified': () =>
    'Nobody has checked this batch. It is checked on the Bench before it disinfects.',
  'batch-expired': (f) => `This batch was to be discarded by ${day(f.discardAfter!)}.`,
  'batch-of-other-family': (f) =>
    `The protocol sets ${family(f, 'wanted').toLowerCase()} here, not ${family(f, 'hand').toLowerCase()}.`,
  'batch-of-other-strength': (f) =>
    `This batch is ${strengthIn(f)}; the protocol sets ${strengthIn(f, 'wanted')}.`,
  'not-cleaned-first': () =>
    'Clean it first: dirt uses the solution up, so the wet time counts only on a clean surface.',
  'not-wet': () => 'Nothing is wet here.',
  'wet-in-another-round': () => 'It is wet in another round of this home. Ask who is on it.',
  'already-wet': () => 'It is wet already: re-wet it, or say that it was found dry.',
  'out-of-order': () => 'This is older than what is already recorded here.',
  'nothing-to-do': () => 'There is nothing here to rinse off.',
  'not-in-the-protocol': () => 'The protocol sets washing only here.',
  'stock-missing': () => 'No stock or batch is chosen that could do it.',
  'stock-expired': (f) => `This stock was good until ${day(f.expiresAt!)}.`,
  'care-not-accepted': () => 'A supervisor must accept this with a reason.',
  'refused-on-the-phone': () => 'Refused on the phone, by what the phone knew.',
};

/** "310 of at most 500 ppm over a quarter of an hour" */
const spans: Record<string, string> = {
  short: 'over a quarter of an hour',
  day: 'over a working day',
  danger: 'at any time',
  fire: 'for fire',
};
const ppm = (f: Figures) =>
  `${figure(f.ppm as number)} of at most ${figure(f.limit as number)} ppm ${spans[f.of as string] ?? ''}`;
const figure = (n: number) =>
  n >= 10 ? Math.round(n).toString() : n >= 1 ? n.toFixed(1) : n.toFixed(2);
const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const part = (fraction: number | string | undefined) => `${Math.round(Number(fraction) * 100)} %`;
const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

export const reasonInWords = (reason: Reason): string =>
  sentences[reason.code](reason.figures ?? {});
