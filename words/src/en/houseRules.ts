export const houseAsks = {
  vinegar: 'What is vinegar for?',
  alcoholFloor: 'How strong is alcohol mixed at least?',
  alcoholTime: 'How long is alcohol kept wet?',
  peroxideTime: 'How long is 3 % peroxide kept wet?',
  dilutedPeroxide: 'May peroxide be diluted to disinfect?',
  soapAndVinegar: 'Castile soap with vinegar?',
  vinegarAndSoda: 'Vinegar with baking soda?',
  vinegarOnSealedWood: 'Vinegar on sealed wood?',
  scents: 'What are essential oils?',
  bleach: 'Is bleach carried?',
  mildew: 'What goes on a little mildew?',
} as const;

export const school = {
  'vinegar.cleaner-only': 'Cleaner and descaler only',
  'vinegar.household-reduction': 'Household reduction, 30 min undiluted',
  'alcoholFloor.60': '60 % v/v',
  'alcoholFloor.70': '70 % v/v',
  'alcoholTime.two-minutes': 'Two minutes',
  'alcoholTime.until-dry': 'Until dry',
  'alcoholTime.ten-minutes': 'Ten minutes',
  'peroxideTime.ten-minutes': 'Ten minutes',
  'peroxideTime.published-series': 'Eight minutes, by the published series',
  'dilutedPeroxide.by-the-series': 'Down to 0.75 %, against flu, COVID, RSV and colds only',
  'dilutedPeroxide.refuse': 'No',
  'soapAndVinegar.never-together': 'Never together',
  'soapAndVinegar.water-first': 'Tolerated, water first',
  'vinegarAndSoda.separately': 'Separately, flushed between',
  'vinegarAndSoda.one-step': 'In one step, in an open bowl',
  'vinegarOnSealedWood.never': 'Never',
  'vinegarOnSealedWood.weak': 'Weak, with care',
  'scents.scent': 'A scent',
  'scents.booster': 'A booster',
  'bleach.not-carried': 'Not carried',
  'bleach.named-cases': 'For named cases',
  'mildew.peroxide': 'Peroxide',
  'mildew.alcohol': 'Alcohol',
  'mildew.bleach': 'Bleach',
} as const;

export const trades = {
  'vinegar.cleaner-only': 'It is on no regulator’s list and fails against important germs.',
  'vinegar.household-reduction':
    'A goal of its own, “reduce”: some bacteria for half an hour’s wait, always with a reason, never called disinfecting.',
  'alcoholFloor.60': 'Saves stock; the film is below its floor almost at once.',
  'alcoholFloor.70': 'A margin over the 60 % that the film may fall to.',
  'alcoholTime.two-minutes': 'Twice the published minute, and one coat mostly holds it.',
  'alcoholTime.until-dry':
    'About 30 s as the trade does it; the published minute stands in any case.',
  'alcoholTime.ten-minutes': 'Several re-wets and much vapour for no published gain.',
  'peroxideTime.ten-minutes': 'Two minutes over the published series, easy to remember.',
  'peroxideTime.published-series': 'Two minutes saved, no margin.',
  'dilutedPeroxide.by-the-series': 'Cheaper and milder, for 20 min at 1.5 % and an hour at 0.75 %.',
  'dilutedPeroxide.refuse': 'One strength, one time; delicate surfaces go without.',
  'soapAndVinegar.never-together': 'They undo each other, whatever the order.',
  'soapAndVinegar.water-first': 'It clumps less; the soap is split all the same.',
  'vinegarAndSoda.separately': 'Each does its own work.',
  'vinegarAndSoda.one-step':
    'The fizz loosens a little; what is left is salt water. In a bottle it is Never.',
  'vinegarOnSealedWood.never': 'Acid dulls the finish.',
  'vinegarOnSealedWood.weak': 'Cuts grease; the finish pays for it in time.',
  'scents.scent': 'They count for nothing in strength; pets are checked.',
  'scents.booster':
    'Believed by many, accepted by no regulator: they count for nothing here all the same.',
  'bleach.not-carried': 'Nothing of ours can meet it; norovirus goes to a registered product.',
  'bleach.named-cases':
    'Reaches what the three families do not; one more thing that must never meet acid.',
  'mildew.peroxide': 'Small areas on hard surfaces, with air and eye protection.',
  'mildew.alcohol':
    'Cleans and dries fast, burns, and fills the room. No evidence says that it disinfects mildew.',
  'mildew.bleach': 'By trained staff only; none of the three families is then offered.',
} as const;

export const fill = {
  toilet: 'many hands touch it at the toilet',
  'weak-immunity': 'touched often, and somebody here has weak immunity',
  'cleaning-is-enough': 'cleaning is enough',
  porous: 'porous: clean, launder or replace',
  'nothing-fits': 'nothing fits without a reason: you decide',
  'goal-was-set': 'as the goal was set',
} as const;
