import type { Route, RuleId } from '@zymostat/core';

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

/** General first response; the company's own numbers are put in where it is shown. */
export const firstResponse = (emergencyNumber: string, poisonLine: string): string[] => [
  'Stop. Leave the room and take others along, pets too. Do not go back for the bottle.',
  'Fresh air. Open a window only if it is on the way out.',
  `Coughing hard, wheezing or drowsy: emergency line, ${emergencyNumber}. Otherwise poison line, ${poisonLine}.`,
  'Eyes: running water for 15 min. Skin: wet clothing off, rinse.',
  'Do not neutralise it with a third product.',
  'Log it.',
];

export const standingNote = (poisonLine: string): string =>
  `Follow the product label and safety data sheet first; local codes and licensed practice prevail. In an emergency leave, get fresh air and call the local emergency line or the poison line, ${poisonLine}.`;
