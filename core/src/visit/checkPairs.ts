import type { Breaks, Done } from './breach.ts';
import type { VisitProblem } from './problem.ts';

/** The apply has ended; its last step, where nothing is applied. */
const through = ({ wet, hands }: Done) => wet?.applied ?? hands.at(-1)?.end ?? 0;

const ofApart = (one: Done, other: Done, gap: number, breaks: Breaks) => {
  if (!one.wet || !other.wet) return;
  const [first, second] = one.wet.from <= other.wet.from ? [one, other] : [other, one];
  const early = first.wet!.to + gap - second.wet!.from;
  if (early > 0)
    breaks({
      rule: 7,
      code: 'apart',
      treatments: [second.treatment.id, first.treatment.id],
      by: early,
    });
};

const ofCloses = (floor: Done, others: Done[], breaks: Breaks) => {
  for (const other of others)
    if (other.to > floor.from)
      breaks({
        rule: 8,
        code: 'closes',
        treatments: [floor.treatment.id, other.treatment.id],
        by: other.to - floor.from,
      });
};

/** Rules 6, 7 and 8: what one treatment asks of another. */
export const checkPairs = (
  problem: VisitProblem,
  done: Map<string, Done>,
  breaks: Breaks,
): void => {
  for (const [a, b] of problem.before) {
    const early = through(done.get(a)!) - done.get(b)!.from;
    if (early > 0) breaks({ rule: 6, code: 'before', treatments: [b, a], by: early });
  }
  for (const { a, b, gap } of problem.apart) ofApart(done.get(a)!, done.get(b)!, gap, breaks);
  for (const id of problem.closes) {
    const floor = done.get(id)!;
    const others = [...done.values()].filter(
      ({ treatment }) => treatment.room === floor.treatment.room && treatment.id !== id,
    );
    ofCloses(floor, others, breaks);
  }
};
