/** Who lives there, and what of the home bears on a treatment. */
export const situations = [
  'infant',
  'toddler',
  'cat',
  'dog',
  'bird',
  'fish',
  'asthma',
  'home-oxygen',
  'pregnancy',
  'weak-immunity',
  'dementia',
  'floor-heating',
] as const;
export type Situation = (typeof situations)[number];

export const ventilations = ['none', 'window', 'fan'] as const;
export type Ventilation = (typeof ventilations)[number];

/**
 * Whether anything in a room can light a vapour: `hob` a gas hob that can be turned off; `flame` a
 * pilot light, boiler, fire or smoker; `unknown` that nobody has asked yet, which counts as the
 * worst.
 */
export const flames = ['no', 'hob', 'flame', 'unknown'] as const;
export type Flame = (typeof flames)[number];
