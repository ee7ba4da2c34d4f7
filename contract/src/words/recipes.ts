import { ingredientName, type ProblemCode, type Question, type Unread } from '@zymostat/core';

/** What a line is asked, in one sentence. */
export const questionWords: Record<Question, (found: string) => string> = {
  thousands: () => 'Which number is meant?',
  'which-amount': () => 'Two amounts stand here. Which one is right?',
  'which-strength': (found) =>
    found
      ? `How strong is it? “${found}” can mean several things.`
      : 'How strong is it? It stands on its label.',
  'which-ingredient': () => 'Which one is it?',
  dilution: (found) => `Thinned ${found}: what is in the cup then?`,
  per: (found) =>
    `“${found}”: is that much water poured to it, or does the water stand on another line?`,
  'left-over': (found) => `What does “${found}” change? If nothing, choose the first.`,
  nearest: (found) => `“${found}” is not known. Is this meant?`,
  'shares-basis': () => 'By volume or by weight?',
};

/** Why a line was not read, and what would be. */
export const problemWords: Record<ProblemCode, (found: string) => string> = {
  'no-ingredient': (found) => `“${found}”: say what it is, after the amount.`,
  'no-amount': (found) =>
    `“${found}”: say how much, such as 1 1/4 cups, 250 ml, 40 g, 20 drops, half the bottle, or top up.`,
  'no-amount-of-liquid': (found) =>
    `“${found}”: cloths and wipes are not poured. Say which liquid, and how much.`,
  'no-unit': (found) =>
    `“${found}”: say the measure behind the number, such as cups, ml, g, drops or parts.`,
  'unknown-name': (found) =>
    `“${found}” is not known. Use a plain name such as water, rubbing alcohol, peroxide, vinegar, castile soap or baking soda; or “unknown”.`,
  'not-positive': (found) => `“${found}”: an amount is more than nothing.`,
  'over-100': (found) => `“${found}”: a strength is over 0 % and at most 100 %.`,
  'no-proof': (found) => `“${found}”: proof counts alcohol only. Give this in %.`,
  'no-volumes': (found) => `“${found}”: volumes count peroxide only. Give this in %.`,
  'no-strength': (found) => `“${found}”: this has no strength, it is taken as it is.`,
  'too-much': (found) => `“${found}”: at most 100 l, 100 kg, 2,000 drops or 1,000 parts.`,
  range: (found) => `“${found}”: the smaller number comes first.`,
  'bottle-size': (found) =>
    `${found ? `“${found}”: say` : 'Say'} how large the bottle is, on a line of its own, such as 500 ml bottle.`,
  'too-long': (found) => `${found} characters in one line: at most 300.`,
  'too-many': (found) =>
    `${found}: at most 60 lines and 20,000 characters. The rest is not measured out.`,
  'nothing-in-it': () => 'Write at least one ingredient with its amount.',
  'already-full': () => 'The bottle is already full to there.',
  'no-room': () => 'The other amounts already fill the bottle.',
  'too-much-for-bottle': (found) => `In all this is ${found} ml: more than the bottle holds.`,
  'shares-sum': (found) => `The shares add up to ${found}: they must make 100 %.`,
  'shares-mixed': () => 'Give all shares by weight, or all by volume.',
};

/** What an unread line says, with what it names all the same. */
export const unreadInWords = ({
  code,
  found,
  names,
}: Pick<Unread, 'code' | 'found' | 'names'>): string => {
  const said =
    names.length > 0
      ? ` It is judged for danger as ${[...new Set(names)].map(ingredientName).join(', ')}.`
      : '';
  return `${problemWords[code](found)}${said}`;
};
