import type { Act, Active, Against, Component, Family, MaterialId, ProductId, Reason, ReasonCode, Route } from '@zymostat/core';
import { about, clock, duration, percent, strengthOf } from './figures.ts';
import { activeNames, againstNames, componentWords, familyNames, materialWords, productNames, routeNames } from './names.ts';
import { remedyInWords, wordsOfRule } from './neverCombine.ts';

type Figures = Record<string, number | string>;
const strengthIn = (f: Figures, key = 'strength') => strengthOf(f.active as Active, f[key] as number);
const family = (f: Figures, key = 'family') => familyNames[f[key] as Family];
const material = (f: Figures) => materialWords[f.material as MaterialId];
const rule = (f: Figures) => wordsOfRule(String(f.rule), f);
const acts = (f: Figures): Act[] => String(f.remedy ?? '').split(',').filter(Boolean) as Act[];
const both = (f: Figures) => `${upper(String(f.a))} and ${lower(String(f.b))}`;
const mends: Record<string, string> = { 'leave-out': 'Leave one of them to another visit.', reorder: 'Do it later, after the rinse.' };
const day = (ms: number | string) => new Date(Number(ms)).toISOString().slice(0, 10);

/** One sentence a code. This is the one place where a reason becomes words. */
const sentences: Record<ReasonCode, (f: Figures) => string> = {
  'contact-by-evidence': (f) => `${strengthIn(f)} must stay wet for ${duration(f.seconds as number)} by the published series.`,
  'contact-by-house-rule': (f) => `${strengthIn(f)} must stay wet for ${duration(f.seconds as number)} by the house rule, which is no shorter than the published times.`,
  'below-floor': (f) => `${strengthIn(f)} is below the floor of ${strengthIn(f, 'floor')}: no wet time makes up for it.`,
  'above-evidence': (f) => `${strengthIn(f)} is stronger than the evidence covers: ${strengthIn(f, 'top')} at most.`,
  'stronger-than-stock': (f) => `${strengthIn(f)} cannot be made from a stock of ${strengthIn(f, 'stock')}.`,
  'not-a-disinfectant': (f) => `House rule: ${activeNames[f.active as Active]} cleans and descales. It is on no regulator’s list of disinfectants.`,
  'cleaning-needs-no-wait': () => 'Cleaning needs no wet time.',
  'needs-registered': () => 'Stomach illness: nothing in these three families is known to stop it. It takes a registered product from the regulator’s list for it, or chlorine at published strength by trained staff.',
  'needs-licensed': () => 'Blood or body fluid beyond a small spot: bloodborne-pathogen rules apply. Call a licensed service.',
  'washing-removes-it': () => 'An allergen is washed off, not disinfected: detergent, a cloth of its own, and rinse.',
  'not-for-mildew': (f) => `House rule: mildew is not treated with ${family(f).toLowerCase()}.`,
  'mildew-too-large': (f) => `Mildew over ${(f.area as number).toFixed(1)} m² is more than a cleaning service may treat (about 1 m², 10 sq ft): call a licensed trade.`,
  'not-on-label': (f) => `Its label does not name ${againstNames[f.against as Against]}: it may not be used for that.`,
  'label-time': (f) => `By its label it must stay wet for ${duration(f.seconds as number)}.`,
  'label-bars-surface': (f) => `Its label excludes ${lower(material(f).name)}.`,
  'not-as-sold': () => 'A registered product is used as sold, never thinned.',
  'batch-of-other-product': () => 'This is another product than the protocol sets: each goes by its own label.',
  'one-coat-holds': (f) => `One coat holds for ${about(f.holds as number)} (estimate).`,
  'rewets-needed': (f) => `One coat holds for ${about(f.holds as number)} (estimate): re-wet ${f.count === 1 ? 'once, ' : `${f.count} times, every `}${f.count === 1 ? `after ${clock(f.every as number)}` : clock(f.every as number)}.`,
  'dries-too-fast': (f) => `One coat holds for ${about(f.holds as number)} (estimate): nobody re-wets every ${clock(f.every as number)}. A thicker coat, or the fan off meanwhile.`,
  'air-fits': (f) => `Air, estimate: ${ppm(f)}.`,
  'air-near-limit': (f) => `Air, estimate: ${ppm(f)}. Window open, out of the room while it is wet.`,
  'air-over-limit': (f) => `Air, estimate: ${ppm(f)}. Open a window, take a cloth instead of the spray, do less at once, or take another family.`,
  'air-together-over-limit': (f) => `The ${f.count} treatments with ${family(f).toLowerCase()} in this room fit one by one, not together. Air, estimate: ${ppm(f)}. Spread them over the visit, take cloths, or another family.`,
  'material-bears': (f) => (f.family === 'product' ? `Its label does not exclude ${lower(material(f).name)}.` : `${material(f).name} bears it.`),
  'material-care': (f) => `${material(f).name}: ${material(f).why} Test a hidden spot, keep it short, rinse.`,
  'material-barred': (f) => `Never on ${lower(material(f).name)}: ${lower(material(f).why)}`,
  'material-wait-until-cool': (f) => material(f).why,
  porous: (f) => `${material(f).name} is porous: it holds no wet film, so no contact time can be promised. Clean it, launder it or replace it.`,
  'cloth-only': (f) => `By damp cloth only, never sprayed. ${f.family === 'product' ? 'Liquid gets in: power off, wrung-out cloth.' : material(f).why}`,
  'rinse-after': () => 'Rinse afterwards.',
  'home-oxygen': () => 'Home oxygen is in use: alcohol can catch fire anywhere in this home.',
  'flame-in-room': () => 'There is a flame or pilot light in this room: alcohol vapour can catch fire.',
  'rinse-for-food': () => 'Food touches it: rinse with drinking water afterwards.',
  'infant-rinse': () => 'An infant lives here: rinse afterwards, and keep out until dry.',
  'pets-rinse': () => 'Pets live here: rinse afterwards, keep out until dry, no essential oils.',
  'asthma-cloth': () => 'Asthma in this home: no spraying of vinegar or quats. Apply it by cloth and ventilate.',
  'birds-and-fish': () => 'Birds or a fish tank: cover the tank, take the birds out, ventilate.',
  'pregnancy-ventilate': () => 'Pregnancy in this home: ventilate, and wear gloves.',
  'must-not-meet': (f) => `${family(f, 'on')} is still on this surface and ${family(f, 'hand').toLowerCase()} must not meet it. ${rule(f).happens} ${rule(f).remedy}`,
  'meets-in-bowl': (f) => `The client’s ${lower(productNames[f.keeps as ProductId])} is in that water. ${rule(f).happens} ${remedyInWords(acts(f))}`,
  'taken-out-first': (f) => `The client’s ${lower(productNames[f.keeps as ProductId])} is taken out first and the bowl flushed twice.`,
  'flush-first': () => 'Flush the bowl first: urine and chlorine give off chloramines.',
  'not-taken-out': (f) => (f.tablet ? 'Take the tablet out and flush twice first.' : 'Flush the bowl first.'),
  'meets-in-visit': (f) => `${routeNames[f.route as Route]}: it meets what goes on ${lower(String(f.with))}. ${rule(f).happens} ${mends[f.mend as string] ?? remedyInWords(acts(f))}`,
  'not-with-water': (f) => `It must not be poured to water. ${rule(f).happens} ${rule(f).remedy}`,
  'not-carried-together': (f) => `${both(f)} must not be carried together. ${rule(f).happens} Put one in another caddy.`,
  'not-side-by-side': (f) => `${both(f)} must not stand on one shelf. ${rule(f).happens} Put one on another shelf.`,
  'in-strength': (f) => `${strengthIn(f)} ${activeNames[f.active as Active]} is in strength: ${strengthIn(f, 'floor')} to ${strengthIn(f, 'top')} is.`,
  'must-not-share-a-bottle': (f) => `${upper(f.a as string)} and ${f.b} ${f.severity === 'never' ? 'must never share a bottle' : 'spoil each other in one bottle'}. ${rule(f).happens}`,
  'no-active': () => 'Nothing in it disinfects at any strength.',
  'not-carried': () => 'House rule: bleach is not carried. What a client keeps is used by its own label, by nobody of ours.',
  'used-up': (f) => `${upper(componentWords[f.of as Component])} and ${componentWords[f.with as Component]} use each other up: ${part(f.spent)} of the one and ${part(f.spentWith)} of the other is gone.`,
  'soap-split': (f) => `${part(f.spent)} of the soap is split to greasy curds by the ${componentWords[f.with as Component]}, which loses ${part(f.spentWith)}.`,
  'no-acid-left': (f) => `${percent(f.acid as number)} acid is left, and lime wants ${percent(f.floor as number)} at least.`,
  'cleans-nothing': () => 'Too little in it lifts anything: it is water with company.',
  'counts-for-nothing': (f) => `${upper(f.ingredient as string)} counts for nothing in strength.`,
  'old-label': (f) => `Its label still says ${family(f, 'on').toLowerCase()}: the next person acts on it. Strike it off, wash, relabel.`,
  'held-before': (f) => `It held ${family(f, 'on').toLowerCase()}, which must not meet ${family(f, 'hand').toLowerCase()}. ${rule(f).happens} Wash it first.`,
  'needs-opaque': () => 'Light breaks peroxide down: use an opaque or brown bottle.',
  'needs-glass-or-hdpe': () => 'Strong alcohol works on thin plastic: glass or HDPE is better.',
  'weighed-off': (f) => `By weight this is ${strengthIn(f)}, and ${strengthIn(f, 'wanted')} was meant. Put it right by weight first.`,
  'batch-set-aside': () => 'This batch was checked, is out of strength, and is set aside.',
  'batch-not-verified': () => 'Nobody has checked this batch. It is checked on the Bench before it disinfects.',
  'batch-expired': (f) => `This batch was to be discarded by ${day(f.discardAfter!)}.`,
  'batch-of-other-family': (f) => `The protocol sets ${family(f, 'wanted').toLowerCase()} here, not ${family(f, 'hand').toLowerCase()}.`,
  'batch-of-other-strength': (f) => `This batch is ${strengthIn(f)}; the protocol sets ${strengthIn(f, 'wanted')}.`,
  'not-cleaned-first': () => 'Wash and rinse first: soil spends the solution, so the wet time counts only on a clean surface.',
  'not-wet': () => 'Nothing is wet here.',
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
const spans: Record<string, string> = { short: 'over a quarter of an hour', day: 'over a working day', danger: 'at any time', fire: 'for fire' };
const ppm = (f: Figures) => `${figure(f.ppm as number)} of at most ${figure(f.limit as number)} ppm ${spans[f.of as string] ?? ''}`;
const figure = (n: number) => (n >= 10 ? Math.round(n).toString() : n >= 1 ? n.toFixed(1) : n.toFixed(2));
const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const part = (fraction: number | string | undefined) => `${Math.round(Number(fraction) * 100)} %`;
const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

export const reasonInWords = (reason: Reason): string => sentences[reason.code](reason.figures ?? {});
