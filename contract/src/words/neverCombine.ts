import type { Act, Group, Harm, Route, RuleId } from '@zymostat/core';

/** What a rule means by each route. */
export const routeWords: Record<Route, string> = {
  vessel: 'nor a bottle that held the other, until it is washed and relabelled',
  surface: 'not while either is wet there, or not yet rinsed off',
  drain: 'not down the same drain within a visit',
  air: 'not both wet at once in a small or closed room',
  caddy: 'not carried together: a knocked-over bottle meets the other',
  shelf: 'on different shelves, well apart',
};

/**
 * What happens when two meet, the reaction where there is one to write, and what lifts the rule
 * between uses.
 */
export const ruleWords: Record<RuleId, { happens: string; reaction?: string; remedy: string }> = {
  chlorine: {
    happens: 'Together they give off chlorine gas.',
    reaction: 'HOCl + H⁺ + Cl⁻ → Cl₂ + H₂O',
    remedy:
      'Rinse with plenty of water, dry, and ventilate before the other goes on. Flush a drain well and leave it to another day. On a shelf: bleach below, and apart.',
  },
  chloramine: {
    happens: 'Together they give off chloramines, which burn eyes and lungs.',
    remedy:
      'Rinse with plenty of water, dry, and ventilate. Flush a toilet first. Never both in one room’s air.',
  },
  chloroform: {
    happens: 'Bleach turns alcohol into chloroform and chlorinated vapours.',
    remedy: 'Rinse with plenty of water before the other goes on.',
  },
  'oxygen-and-heat': {
    happens: 'They destroy each other with a rush of oxygen and heat, and spatter.',
    reaction: 'OCl⁻ + H₂O₂ → O₂ + Cl⁻ + H₂O',
    remedy: 'Rinse with plenty of water before the other goes on.',
  },
  haloform: {
    happens: 'Bleach turns acetone into chloroform.',
    remedy: 'Rinse with plenty of water before the other goes on.',
  },
  'bleach-quat': {
    happens: 'The label of each forbids it: fumes, and neither works.',
    remedy: 'Rinse with plenty of water before the other goes on.',
  },
  'hot-bleach': {
    happens: 'Hot water drives chlorine fumes out of bleach.',
    remedy: 'Cold water only.',
  },
  'hypochlorite-reducer': {
    happens: 'Bleach and colour remover heat up and give off poisonous gas.',
    remedy: 'Keep them in different rooms. Never in one visit.',
  },
  'bleach-rust-remover': {
    happens: 'Bleach and rust remover give off chlorine gas and heat.',
    remedy: 'Keep them in different rooms. Never in one visit.',
  },
  'oil-oxidiser': {
    happens: 'The oil gives off fumes and leaves stains on what is still wet with it.',
    remedy: 'Rinse before the other goes on.',
  },
  'two-dry-chlorines': {
    happens: 'Two kinds of pool chlorine together burn or explode.',
    remedy: 'Never one after the other with the same scoop. Keep them in different buildings.',
  },
  'chlorine-and-water': {
    happens: 'Water poured onto the powder heats up and spatters.',
    remedy: 'Only the dry powder into much water, never water onto powder.',
  },
  'ammonia-peroxide': {
    happens: 'They use each other up and warm up.',
    remedy: 'Rinse before the other goes on.',
  },
  'ammonia-alkali': {
    happens: 'The strong alkali drives ammonia gas out.',
    remedy: 'Rinse with plenty of water, and open the window.',
  },
  'ammonia-urine': {
    happens: 'Old urine and ammonia add up to strong fumes.',
    remedy: 'Rinse with water first.',
  },
  'alkali-aluminium': {
    happens: 'Strong alkali eats aluminium and gives off hydrogen, which burns.',
    remedy: 'Never on aluminium.',
  },
  hydrofluoric: {
    happens: 'Hydrofluoric acid burns through skin without pain at first.',
    remedy: 'Do not use it. It is for a licensed trade.',
  },
  'boiling-alcohol': {
    happens: 'Alcohol flashes to vapour in boiling water, and can light.',
    remedy: 'Let the water cool first.',
  },
  'may-meet': { happens: 'They may meet.', remedy: 'Nothing has to be done between.' },
  'bleach-with-anything': {
    happens: 'Nobody can tell which chlorinated products form; the label forbids it.',
    remedy: 'Bleach goes into a vessel with water only, and into one that has held nothing else.',
  },
  'dry-chlorine': {
    happens: 'Dry chlorine with anything else can catch fire, explode or give off chlorine gas.',
    remedy: 'Keep it dry, in its own place, apart from everything.',
  },
  peracid: {
    happens: 'Peroxide and acid make a peracid that burns eyes, skin and lungs.',
    remedy: 'Rinse, and wipe dry before the other goes on.',
  },
  'organic-peroxide': {
    happens: 'They make organic peroxides, which explode.',
    remedy: 'Never in one vessel.',
  },
  'peroxide-decomposes': {
    happens: 'The peroxide breaks down fast; in a closed bottle the oxygen bursts it.',
    remedy: 'Never in one vessel. If it has happened, do not close it.',
  },
  'peroxide-alcohol': {
    happens:
      'With peroxide over 10 % the mixture can explode. Up to 10 % both become too weak to work.',
    remedy: 'One bottle each.',
  },
  fizz: {
    happens: 'They cancel out to a weak salt; a closed bottle bursts from the carbon dioxide.',
    reaction: 'HCO₃⁻ + H⁺ → CO₂ + H₂O',
    remedy: 'Rinse between them. Use one after the other.',
  },
  curdles: {
    happens: 'The soap splits to greasy curds that stay behind; neither works.',
    remedy: 'Rinse off the one before the other goes on.',
  },
  'acid-borax': {
    happens:
      'The acid is used up; boric acid is left, which is poisonous if swallowed and may harm the unborn.',
    remedy: 'One bottle each.',
  },
  'acid-alkali': {
    happens: 'Violent heat and spatter.',
    remedy: 'Never in one vessel or drain. Leave a treated drain to a plumber.',
  },
  'strong-acid': {
    happens: 'Strong acid boils and spatters with anything poured to it, water too.',
    remedy: 'Use it alone, by its label. Leave a treated drain to a plumber.',
  },
  'two-drain-openers': {
    happens: 'Two drain openers heat up, gas and spit.',
    remedy: 'Never a second one. Leave the drain to a plumber and say what is in it.',
  },
  'quat-soap': {
    happens: 'The quat binds to the soap and neither works.',
    remedy: 'Rinse off the soap first.',
  },
  unknown: {
    happens: 'Nobody can tell what is in it.',
    remedy: 'Set it aside, label it “unknown”, and take it to a hazardous-waste point.',
  },
};

export interface RuleWords {
  happens: string;
  reaction?: string;
  remedy: string;
}

/** The words of a rule: of the book by its id, of a company's own by what it brings along. */
export const wordsOfRule = (
  rule: string,
  says?: { happens?: number | string; remedy?: number | string },
): RuleWords =>
  says?.happens
    ? { happens: String(says.happens), remedy: String(says.remedy ?? '') }
    : ruleWords[rule as RuleId];

export const actWords: Record<Act, string> = {
  rinse: 'rinse with plenty of water',
  dry: 'wipe dry',
  ventilate: 'ventilate',
  flush: 'flush well',
  'flush-twice': 'flush twice',
  'another-day': 'leave the other to another day',
  'take-out': 'take the tablet out',
  'let-cool': 'let the water cool',
  'powder-into-water': 'pour the dry powder into much water',
  apart: 'put one elsewhere',
  'own-vessel': 'give each its own bottle',
  'set-aside': 'set it aside, marked “unknown”',
};
const sentence = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
/** What lifts a rule, as an order: "Take the tablet out, flush twice." */
export const remedyInWords = (acts: readonly Act[] | null): string =>
  acts === null
    ? 'Nothing makes it safe: leave one of the two out.'
    : sentence(acts.map((act) => actWords[act]).join(', '));

/**
 * What to do first, by what has come of it; nothing where nobody is hurt. Source: general first
 * response (poison control, OSHA).
 */
export const firstResponse = (
  emergencyNumber: string,
  poisonLine: string,
  harm: Harm,
): string[] => {
  const emergency = `Coughing hard, hard to breathe, drowsy, burnt, or something in the eyes: call the emergency number, ${emergencyNumber}. If nobody feels ill: call the poison line, ${poisonLine}.`;
  const leave =
    'Stop. Leave the room. Take people and animals with you. Do not go back for the bottle.';
  const eyes =
    'Eyes: take contact lenses out, then rinse with running water for 15 minutes. Skin: take wet clothes off, rinse.';
  const swallowed =
    'Swallowed: rinse the mouth. Drink no more than a sip of water. Do not make the person vomit. Call the poison line.';
  const later = 'Breathing trouble can come up to 48 hours later: see a doctor.';
  const last = ['Do not pour a third product on it.', 'Write it down in the log.'];
  switch (harm) {
    case 'burns':
      return [
        'Stop. Step back. Do not lean over it.',
        eyes,
        emergency,
        swallowed,
        'Leave the room and open the window on the way out.',
        later,
        ...last,
      ];
    case 'burst':
      return [
        'Do not touch, shake or close the bottle. Step away from it.',
        'If it is open, leave it open. Leave the room.',
        eyes,
        emergency,
        ...last,
      ];
    case 'explosion':
      return [
        'Do not move or touch the bottle. It can explode.',
        leave,
        `Shut the door and call the emergency number, ${emergencyNumber}. Do not fight a fire.`,
        `Nobody hurt and nothing burning: still call. Poison line: ${poisonLine}.`,
        ...last,
      ];
    case 'fire':
      return [
        leave,
        `Fire or smoke: do not fight it. Shut the door and call the emergency number, ${emergencyNumber}. Poison line: ${poisonLine}.`,
        'Go into fresh air.',
        eyes,
        later,
        ...last,
      ];
    case 'gas':
    case 'unknown':
      return [
        leave,
        'Go into fresh air. Open a window only if it is on the way out.',
        emergency,
        eyes,
        swallowed,
        later,
        ...last,
      ];
  }
};

export const groupOrAnything = (names: Record<Group, string>, group: Group | 'anything'): string =>
  group === 'anything' ? 'anything else' : names[group];

export const standingNote = (poisonLine: string): string =>
  `Follow the product label and safety data sheet first; local codes and licensed practice prevail. In an emergency leave, get fresh air and call the local emergency line or the poison line, ${poisonLine}.`;
