export const gas = {
  'carbon dioxide': 'carbon dioxide',
  oxygen: 'oxygen',
  chlorine: 'chlorine',
  chloramine: 'chloramine',
} as const;

export const claim = {
  disinfect: 'disinfect',
  clean: 'clean',
  descale: 'descale',
} as const;

export const mixture = {
  disinfecting: 'of disinfecting strength',
  cleaner: 'a cleaner, not a disinfectant',
  descaler: 'a descaler, not a disinfectant',
  nothing: 'nothing useful',
  dangerous: 'must never be mixed',
  'not known yet': 'not known yet',
} as const;

export const reaction = {
  'acid-alkali': 'Acid and lye use each other up with violent heat.',
  'acid-carbonate': 'Acid and soda use each other up, and fizz.',
  'acid-soap': 'Acid splits the soap to greasy curds.',
  'acid-borax':
    'Acid and borax use each other up and leave boric acid, which is toxic if swallowed.',
  'peroxide-decomposes': 'The peroxide breaks down and gives off oxygen.',
  peracid: 'Peroxide and acid make a peracid that burns eyes, skin and lungs.',
  'bleach-acid': 'Bleach and acid give off chlorine gas.',
  'bleach-ammonia': 'Bleach and ammonia give off chloramines.',
  'bleach-peroxide': 'Bleach and peroxide destroy each other with a rush of oxygen and heat.',
  'bleach-alcohol': 'Bleach turns alcohol into chloroform.',
} as const;

export const change = {
  'leave-out-water': 'Leave out the water.',
  'leave-out-spoiler': 'Leave out what spoils it.',
  'only-the-active': 'Leave out everything else.',
  'stronger-stock': 'Pour it from a stock on the shelf.',
  'detergent-for-soap': 'Take detergent for the soap.',
} as const;

export const noChange = {
  already: 'Nothing has to change.',
  'not-read': 'First put right what could not be read.',
  asked: 'First answer what is asked.',
  'no-such-active': 'No change can do it: nothing in this recipe does that at any strength.',
} as const;

export const pouredBefore = {
  'water-first': 'first, so the stock never stands alone',
  'water-before-foam': 'first, or the bottle foams over',
  'foam-last': 'before what foams',
  'dissolve-powder': 'warm, to dissolve the powder',
  'solubilise-first': 'stirred with the oil first',
  'solubilised-before-alcohol': 'before the alcohol',
  'alcohol-before-water': 'before the water',
  'soap-before-acid': 'before the acid, or it clumps',
  'fizz-in-open-bowl': 'in an open bowl',
  'oil-into-alcohol': 'takes up the oil',
  'scent-last': 'before the scent',
  wished: 'as you asked',
} as const;

export const pouredAfter = {
  'water-first': 'into the water',
  'water-before-foam': 'after the water',
  'foam-last': 'last, down the wall; turn, do not shake',
  'dissolve-powder': 'stirred until it is dissolved',
  'solubilise-first': 'into the solubiliser',
  'solubilised-before-alcohol': 'into the solubilised oil',
  'alcohol-before-water': 'last, slowly; cloudy means too little solubiliser',
  'soap-before-acid': 'after the soap, or it clumps',
  'fizz-in-open-bowl': 'slowly, in an open bowl, until the fizz is over',
  'oil-into-alcohol': 'into the alcohol',
  'scent-last': 'last, a scent only',
  wished: 'as you asked',
} as const;

export const keeping = {
  'diluted-peroxide': 'diluted peroxide goes the same day',
  'opened-peroxide': 'opened peroxide is tested monthly',
  'diluted-vinegar': 'diluted vinegar keeps a week',
  'vinegar-keeps': 'undiluted vinegar keeps',
  'alcohol-in-strength': 'alcohol of strength keeps, closed',
  'alcohol-weak': 'weak alcohol keeps a week',
  'by-its-date': 'a registered product goes by its date, else a year',
  'must-not-be-kept': 'it gives off gas: do not keep it, do not close it',
  'bleach-diluted': 'diluted bleach goes the same day',
  bleach: 'bleach loses strength',
  'no-preservative': 'nothing in it keeps it from spoiling',
} as const;

export const bottleMaterial = {
  glass: 'glass',
  HDPE: 'HDPE plastic',
  PET: 'PET plastic',
} as const;

export const tool = {
  cup: 'kitchen cup',
  spoon: 'spoon',
  'by eye': 'by eye',
  jug: 'graduated jug',
  cylinder: 'graduated cylinder',
  syringe: 'syringe',
  'kitchen scale': 'kitchen scale',
  'bench scale': 'bench scale',
  'free pour': 'free pour',
} as const;

export const check = {
  'as-meant': 'in strength, as it was meant',
  'too-weak': 'too weak: set aside, or make it stronger',
  'too-strong': 'too strong: set aside',
  'not-as-meant': 'in strength, but not what was meant: set aside',
  'no-such-mixture':
    'No mixture of this alcohol and water weighs so at that temperature. Read it again; check the unit: 0.886 g/mL is 886 kg/m³.',
  'wrong-meter':
    'This cannot be read that way: alcohol by density and temperature, peroxide by strip.',
  'no-such-step': 'The strip has no such step.',
} as const;
