/** A secondary container's label. */
export const label = {
  wipes: '{family} wipes',
  'washing-wipes': 'Washing wipes',
  'washing-liquid': 'washing-up liquid in water',
  'wipes-kept-wet': 'Keep the thing wet for {time}. Not a registered disinfectant.',
  'wipes-clean': 'They clean. They disinfect nothing.',
  'registered-product': 'Registered product',
  'makers-label': 'By the maker’s label, which stays on the bottle and comes first.',
  gloves: 'Wear gloves; goggles when spraying. Ventilate.',
  'any-other': 'any other product',
  emergency: 'Emergency or swallowed: poison line {poisonLine}.',
  'in-water': '{strength} {active} in water',
  disinfects:
    'On a hard, clean surface. Keep wet {time}, then wipe. Not a registered disinfectant.',
  cleans: 'For cleaning: {name}.',
  'never-with': 'Never with:',
  made: 'Made {day}',
  by: 'by {name}',
  'discard-after': 'Discard after {day}',
  danger: 'Danger',
  warning: 'Warning',
} as const;

/** What people have in their hands, not groups: what a label warns of. */
export const neverThing = {
  acid: 'vinegar, lemon, descaler',
  bleach: 'bleach',
  peroxide: 'peroxide',
  alcohol: 'rubbing alcohol',
  ammonia: 'ammonia',
  soda: 'baking or washing soda',
  soap: 'soap',
  'drain-cleaner': 'oven or drain cleaner',
  acetone: 'nail-polish remover',
  'pool-chlorine': 'pool chlorine, chlorine tablets',
  unlabelled: 'anything without a label',
} as const;
