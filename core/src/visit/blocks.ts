import type { Line } from './lines.ts';
import type { Ops } from './ops.ts';
import { holdOf } from './problem.ts';
import { wayBetween } from './walks.ts';

/**
 * The coats of one hold as a line sees them: what takes longer than a coat lasts fits between no two
 * of them, and is done before the first or after the last.
 */
export interface Block {
  coats: number[];
  apply: number;
  /** The last coat that is among the operations; more may follow. */
  last: number;
  /** From the start of the apply to the end of the last coat of all, at least, s. */
  span: number;
  /** From the end of the apply until it may be wiped, s. */
  wet: number;
  walks: boolean;
  /** Of the line, what is not done between the coats, and of it what is of other treatments. */
  outside: number[];
  others: number[];
}

/** The coats of a treatment, in their order: its apply and its re-wets. */
export const coatsOf = ({ list }: Ops, t: number): number[] =>
  list.flatMap(({ treatment, kind }, j) =>
    treatment === t && (kind === 'apply' || kind === 'rewet') ? [j] : [],
  );

/** Every hold with re-wets, for every line in which it stands. */
export const blocksOf = (ops: Ops, lines: readonly Line[]): Block[] =>
  ops.problem.treatments.flatMap((treatment, t) => {
    const { wet = 0, rewetEvery } = holdOf(treatment) ?? {};
    const coats = coatsOf(ops, t);
    if (rewetEvery === undefined || coats.length < 2) return [];
    const [apply, last] = [coats[0]!, coats.at(-1)!];
    return lines
      .filter(({ ops: own }) => own.includes(apply))
      .map(({ ops: own, walks }): Block => {
        const away = (j: number) => (walks ? 2 * wayBetween(ops, j, apply) : 0);
        const others = own.filter(
          (j) => ops.treatment[j] !== t && ops.work[j]! + away(j) > rewetEvery,
        );
        const self = own.filter((j) => ops.treatment[j] === t && !coats.includes(j));
        const span = ops.work[apply]! + wet - rewetEvery;
        const outside = [...others, ...self];
        return { coats, apply, last, span, wet, walks, others, outside };
      });
  });

/** One or several holds of one line of which no coat fits between two of another. */
export interface BlockGroup {
  blocks: Block[];
  /** Of the line, what is done between the coats of none of them. */
  outside: number[];
}

const excludes = (a: Block, b: Block) => b.coats.every((j) => a.others.includes(j));

/** Each block by itself, and with all of its line that it cannot be mixed with. */
export const groupsOf = (blocks: readonly Block[]): BlockGroup[] =>
  blocks.flatMap((first): BlockGroup[] => {
    const group = [first];
    for (const one of blocks)
      if (group.every((other) => excludes(one, other) && excludes(other, one))) group.push(one);
    const coats = new Set(group.flatMap((one) => one.coats));
    const outside = first.outside.filter(
      (j) => !coats.has(j) && group.every((one) => one.outside.includes(j)),
    );
    const alone = { blocks: [first], outside: first.outside };
    return group.length > 1 ? [alone, { blocks: group, outside }] : [alone];
  });
