/** What a line is asked, in one sentence; `found` is what stands there. */
export const question = {
  thousands: 'Which number is meant?',
  'which-amount': 'There are two amounts here. Which one is right?',
  'which-strength':
    'How strong is it? {has, select, yes {“{found}” can mean several things.} other {It is on its label.}}',
  'which-ingredient': 'Which one is it?',
  dilution: 'Diluted {found}: what is in the cup then?',
  per: '“{found}”: is that much water poured to it, or is the water on another line?',
  'left-over': 'What does “{found}” change? If nothing, choose the first.',
  nearest: '“{found}” is not known. Is this meant?',
  'shares-basis': 'By volume or by weight?',
} as const;

/** Why a line was not read, and what would be. */
export const problem = {
  'no-ingredient': '“{found}”: say what it is, after the amount.',
  'no-amount':
    '“{found}”: say how much, such as 1 1/4 cups, 250 ml, 40 g, 20 drops, half the bottle, or top up.',
  'no-amount-of-liquid':
    '“{found}”: cloths and wipes are not poured. Say which liquid, and how much.',
  'no-unit': '“{found}”: say the measure after the number, such as cups, ml, g, drops or parts.',
  'unknown-name':
    '“{found}” is not known. Use a plain name such as water, rubbing alcohol, peroxide, vinegar, castile soap or baking soda; or “unknown”.',
  'not-positive': '“{found}”: an amount is more than nothing.',
  'over-100': '“{found}”: a strength is over 0 % and at most 100 %.',
  'no-proof': '“{found}”: proof counts alcohol only. Give this in %.',
  'no-volumes': '“{found}”: volumes count peroxide only. Give this in %.',
  'no-strength': '“{found}”: this has no strength, it is taken as it is.',
  'too-much': '“{found}”: at most 100 l, 100 kg, 2,000 drops or 1,000 parts.',
  range: '“{found}”: the smaller number comes first.',
  'bottle-size':
    '{has, select, yes {“{found}”: say} other {Say}} how large the bottle is, on a line of its own, such as 500 ml bottle.',
  'too-long': '{found} characters in one line: at most 300.',
  'too-many': '{found}: at most 60 lines and 20,000 characters. The rest is not measured out.',
  'nothing-in-it': 'Write at least one ingredient with its amount.',
  'already-full': 'The bottle is already full to there.',
  'no-room': 'The other amounts already fill the bottle.',
  'too-much-for-bottle': 'In all this is {found} ml: more than the bottle holds.',
  'shares-sum': 'The shares add up to {found}: they must make 100 %.',
  'shares-mixed': 'Give all shares by weight, or all by volume.',
} as const;

export const reading = {
  'judged-as': '{problem} It is judged for danger as {names}.',
} as const;
