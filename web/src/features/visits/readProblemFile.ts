import { readVisitProblem, type VisitProblem } from '@zymostat/core';
import { tellFault } from '@zymostat/words';
import { w } from '../../words/words.ts';

/** As many faults as are shown at once. */
const MOST_FAULTS = 20;

/** A visit out of a file, or every fault of it in a sentence. */
export const readProblemFile = (
  text: string,
): { problem: VisitProblem } | { problem: undefined; wrong: string[] } => {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return { problem: undefined, wrong: [(error as Error).message] };
  }
  const { problem, faults } = readVisitProblem(json);
  if (problem) return { problem };
  const said = faults.slice(0, MOST_FAULTS).map((fault) => tellFault(w, fault));
  const more = faults.length - said.length;
  return { problem, wrong: more > 0 ? [...said, w.say('visitPlan.moreFaults', { more })] : said };
};
