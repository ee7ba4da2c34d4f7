import type { FillReason, FlagWhy, HouseQuestion, HouseRules } from '@zymostat/core';

type SchoolWords = {
  [Q in HouseQuestion]: {
    asks: string;
    schools: Record<HouseRules[Q], { name: string; trades: string }>;
  };
};

/** Each question where practice differs, its schools, and in one line what each trades. */
export const houseWords: SchoolWords = {
  vinegar: {
    asks: 'What is vinegar for?',
    schools: {
      'cleaner-only': {
        name: 'Cleaner and descaler only',
        trades: 'It is on no regulator’s list and fails against important germs.',
      },
      'household-reduction': {
        name: 'Household reduction, 30 min undiluted',
        trades:
          'A goal of its own, “reduce”: some bacteria for half an hour’s wait, always with a reason, never called disinfecting.',
      },
    },
  },
  alcoholFloor: {
    asks: 'How strong is alcohol mixed at least?',
    schools: {
      70: { name: '70 % v/v', trades: 'A margin over the 60 % that the film may fall to.' },
      60: { name: '60 % v/v', trades: 'Saves stock; the film is below its floor almost at once.' },
    },
  },
  alcoholTime: {
    asks: 'How long is alcohol kept wet?',
    schools: {
      'two-minutes': {
        name: 'Two minutes',
        trades: 'Twice the published minute, and one coat mostly holds it.',
      },
      'until-dry': {
        name: 'Until dry',
        trades: 'About 30 s as the trade does it; the published minute stands in any case.',
      },
      'ten-minutes': {
        name: 'Ten minutes',
        trades: 'Several re-wets and much vapour for no published gain.',
      },
    },
  },
  peroxideTime: {
    asks: 'How long is 3 % peroxide kept wet?',
    schools: {
      'ten-minutes': {
        name: 'Ten minutes',
        trades: 'Two minutes over the published series, easy to remember.',
      },
      'published-series': {
        name: 'Eight minutes, by the published series',
        trades: 'Two minutes saved, no margin.',
      },
    },
  },
  dilutedPeroxide: {
    asks: 'May peroxide be diluted to disinfect?',
    schools: {
      'by-the-series': {
        name: 'Down to 0.75 %, against flu, COVID, RSV and colds only',
        trades: 'Cheaper and milder, for 20 min at 1.5 % and an hour at 0.75 %.',
      },
      refuse: { name: 'No', trades: 'One strength, one time; delicate surfaces go without.' },
    },
  },
  soapAndVinegar: {
    asks: 'Castile soap with vinegar?',
    schools: {
      'never-together': {
        name: 'Never together',
        trades: 'They undo each other, whatever the order.',
      },
      'water-first': {
        name: 'Tolerated, water first',
        trades: 'It clumps less; the soap is split all the same.',
      },
    },
  },
  vinegarAndSoda: {
    asks: 'Vinegar with baking soda?',
    schools: {
      separately: { name: 'Separately, flushed between', trades: 'Each does its own work.' },
      'one-step': {
        name: 'In one step, in an open bowl',
        trades: 'The fizz loosens a little; what is left is salt water. In a bottle it is Never.',
      },
    },
  },
  vinegarOnSealedWood: {
    asks: 'Vinegar on sealed wood?',
    schools: {
      never: { name: 'Never', trades: 'Acid dulls the finish.' },
      weak: { name: 'Weak, with care', trades: 'Cuts grease; the finish pays for it in time.' },
    },
  },
  scents: {
    asks: 'What are essential oils?',
    schools: {
      scent: { name: 'A scent', trades: 'They count for nothing in strength; pets are checked.' },
      booster: {
        name: 'A booster',
        trades:
          'Believed by many, accepted by no regulator: they count for nothing here all the same.',
      },
    },
  },
  bleach: {
    asks: 'Is bleach carried?',
    schools: {
      'not-carried': {
        name: 'Not carried',
        trades: 'Nothing of ours can meet it; norovirus goes to a registered product.',
      },
      'named-cases': {
        name: 'For named cases',
        trades: 'Reaches what the three families do not; one more thing that must never meet acid.',
      },
    },
  },
  mildew: {
    asks: 'What goes on a little mildew?',
    schools: {
      peroxide: {
        name: 'Peroxide',
        trades: 'Small areas on hard surfaces, with air and eye protection.',
      },
      alcohol: {
        name: 'Alcohol',
        trades:
          'Cleans and dries fast, burns, and fills the room. No evidence says that it disinfects mildew.',
      },
      bleach: {
        name: 'Bleach',
        trades: 'By trained staff only; none of the three families is then offered.',
      },
    },
  },
};

export const fillWords: Record<FillReason, string> = {
  toilet: 'many hands touch it at the toilet',
  'weak-immunity': 'touched often, and somebody here has weak immunity',
  'cleaning-is-enough': 'cleaning is enough',
  porous: 'porous: clean, launder or replace',
  'nothing-fits': 'nothing fits without a reason: you decide',
  'goal-was-set': 'as the goal was set',
};
export const flagWords: Record<FlagWhy, string> = {
  never: 'would be refused now',
  care: 'wants a reason now',
  longer: 'takes longer now',
  shorter: 'takes less time now',
  gone: 'is no longer in the survey',
};
