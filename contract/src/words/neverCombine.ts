import type { Act, Group, Route, RuleId } from '@zymostat/core';

/** What a rule means by each route. */
export const routeWords: Record<Route, string> = {
  vessel: 'nor a bottle that held the other, until it is washed and relabelled',
  surface: 'not while either is wet there, or not yet rinsed off',
  drain: 'not down the same drain within a visit',
  air: 'not both wet at once in a small or closed room',
  caddy: 'not carried together: a knocked-over bottle meets the other',
  shelf: 'on different shelves, well apart',
};

/** What happens when two meet, the reaction where there is one to write, and what lifts the rule between uses. */
export const ruleWords: Record<RuleId, { happens: string; reaction?: string; remedy: string }> = {
  chlorine: { happens: 'Together they give off chlorine gas.', reaction: 'HOCl + H⁺ + Cl⁻ → Cl₂ + H₂O', remedy: 'Rinse with plenty of water, dry, and ventilate before the other goes on. Flush a drain well and leave it to another day. On a shelf: bleach below, and apart.' },
  chloramine: { happens: 'Together they give off chloramines, which burn eyes and lungs.', remedy: 'Rinse with plenty of water, dry, and ventilate. Flush a toilet first. Never both in one room’s air.' },
  chloroform: { happens: 'Bleach turns alcohol into chloroform and chlorinated vapours.', remedy: 'Rinse with plenty of water before the other goes on.' },
  'oxygen-and-heat': { happens: 'They destroy each other with a rush of oxygen and heat, and spatter.', reaction: 'OCl⁻ + H₂O₂ → O₂ + Cl⁻ + H₂O', remedy: 'Rinse with plenty of water before the other goes on.' },
  haloform: { happens: 'Bleach turns acetone into chloroform.', remedy: 'Rinse with plenty of water before the other goes on.' },
  'bleach-with-anything': { happens: 'Nobody can tell which chlorinated products form; the label forbids it.', remedy: 'Bleach goes into a vessel with water only, and into one that has held nothing else.' },
  'dry-chlorine': { happens: 'Dry chlorine sets off chlorine, fire or an explosion.', remedy: 'Keep it dry, in its own place, apart from everything.' },
  peracid: { happens: 'Peroxide and acid make a peracid that burns eyes, skin and lungs.', remedy: 'Rinse, and wipe dry before the other goes on.' },
  'organic-peroxide': { happens: 'They make organic peroxides, which explode.', remedy: 'Never in one vessel.' },
  'peroxide-decomposes': { happens: 'The peroxide breaks down fast; in a closed bottle the oxygen bursts it.', remedy: 'Never in one vessel. If it has happened, do not close it.' },
  'peroxide-alcohol': { happens: 'Both fall below strength; with strong peroxide the mixture can explode.', remedy: 'One bottle each.' },
  fizz: { happens: 'They cancel out to a weak salt; a closed bottle bursts from the carbon dioxide.', reaction: 'HCO₃⁻ + H⁺ → CO₂ + H₂O', remedy: 'Rinse between them. Use one after the other.' },
  curdles: { happens: 'The soap splits to greasy curds that stay behind; neither works.', remedy: 'Rinse off the one before the other goes on.' },
  'acid-borax': { happens: 'The acid is used up; boric acid is left, which is toxic if swallowed.', remedy: 'One bottle each.' },
  'acid-alkali': { happens: 'Violent heat and spatter.', remedy: 'Never in one vessel or drain. Leave a treated drain to a plumber.' },
  'strong-acid': { happens: 'Strong acid boils and spatters with anything poured to it, water too.', remedy: 'Use it alone, by its label. Leave a treated drain to a plumber.' },
  'two-drain-openers': { happens: 'Two drain openers heat up, gas and spit.', remedy: 'Never a second one. Leave the drain to a plumber and say what is in it.' },
  'quat-soap': { happens: 'The quat binds to the soap and neither works.', remedy: 'Rinse off the soap first.' },
  unknown: { happens: 'Nobody can tell what is in it.', remedy: 'Set it aside, label it “unknown”, and take it to a hazardous-waste point.' },
};

export interface RuleWords { happens: string; reaction?: string; remedy: string }

/** The words of a rule: of the book by its id, of a company's own by what it brings along. */
export const wordsOfRule = (rule: string, says?: { happens?: number | string; remedy?: number | string }): RuleWords =>
  says?.happens ? { happens: String(says.happens), remedy: String(says.remedy ?? '') } : ruleWords[rule as RuleId];

export const actWords: Record<Act, string> = {
  rinse: 'rinse with plenty of water', dry: 'wipe dry', ventilate: 'ventilate', flush: 'flush well', 'flush-twice': 'flush twice', 'another-day': 'leave the other to another day', 'take-out': 'take the tablet out',
  apart: 'put one elsewhere', 'own-vessel': 'give each its own bottle', 'set-aside': 'set it aside, marked “unknown”',
};
const sentence = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
/** What lifts a rule, as an order: "Take the tablet out, flush twice." */
export const remedyInWords = (acts: readonly Act[] | null): string => (acts === null ? 'Nothing lifts it: one of them is left out.' : sentence(acts.map((act) => actWords[act]).join(', ')));

/** What comes of a rule that is broken, as far as it changes what to do first. */
export type Harm = 'gas' | 'splash' | 'pressure' | 'fire' | 'spoilt' | 'unknown';
export const harmOf: Record<RuleId, Harm> = {
  chlorine: 'gas', chloramine: 'gas', chloroform: 'gas', haloform: 'gas', 'bleach-with-anything': 'gas', peracid: 'gas', 'oxygen-and-heat': 'splash', 'acid-alkali': 'splash', 'strong-acid': 'splash',
  'two-drain-openers': 'splash', 'dry-chlorine': 'fire', 'organic-peroxide': 'fire', 'peroxide-decomposes': 'pressure', 'peroxide-alcohol': 'spoilt', fizz: 'pressure', curdles: 'spoilt', 'acid-borax': 'spoilt',
  'quat-soap': 'spoilt', unknown: 'unknown',
};

/** What to do first, by what has come of it; the company's own numbers are put in where it is shown. Source: general first response (poison control, OSHA, memory). */
export const firstResponse = (emergencyNumber: string, poisonLine: string, harm: Harm = 'gas'): string[] => {
  const call = `Coughing hard, wheezing or drowsy: emergency line, ${emergencyNumber}. Otherwise poison line, ${poisonLine}.`;
  const eyes = 'Eyes: running water for 15 min. Skin: wet clothing off, rinse.';
  const leave = 'Stop. Leave the room and take others along, pets too. Do not go back for the bottle.';
  const last = ['Do not neutralise it with a third product.', 'Log it.'];
  switch (harm) {
    case 'splash':
      return ['Stop, step back, do not lean over it.', eyes, leave.replace('Stop. ', ''), call, ...last];
    case 'pressure':
      return ['Do not touch, shake or close the bottle. Step away from it.', 'If it is open, leave it open and leave the room.', eyes, call, ...last];
    case 'fire':
      return [leave, `Fire or smoke: emergency line, ${emergencyNumber}, before anything else. No water on it.`, 'Fresh air.', eyes, call, ...last];
    case 'spoilt':
      return ['Nobody is hurt by it, and it does not work any more.', 'Rinse it off, pour the bottle away with plenty of water, begin anew.', 'Log it.'];
    default:
      return [leave, 'Fresh air. Open a window only if it is on the way out.', call, eyes, ...last];
  }
};

export const groupOrAnything = (names: Record<Group, string>, group: Group | 'anything'): string => (group === 'anything' ? 'anything else' : names[group]);

export const standingNote = (poisonLine: string): string =>
  `Follow the product label and safety data sheet first; local codes and licensed practice prevail. In an emergency leave, get fresh air and call the local emergency line or the poison line, ${poisonLine}.`;
