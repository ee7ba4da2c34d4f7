import type { BookReadings } from '@zymostat/contract';

/** A stretch of somebody's thread, as shares of the time shown: whole where all was read. */
export interface Stretch {
  from: number;
  to: number;
  read: boolean;
}
export interface Thread {
  stretches: Stretch[];
  /** When they confirmed something, as shares. */
  read: number[];
  /** Whether the newest edition is still to be read. */
  open: boolean;
}

export interface Span {
  from: number;
  to: number;
}
const shareIn = ({ from, to }: Span, at: number): number =>
  Math.min(1, Math.max(0, (at - from) / (to - from)));

/**
 * One person's thread: dotted from the day an edition came out until they have confirmed one as new,
 * whole else. What was never confirmed is dotted from the beginning.
 */
export const threadOf = (
  personId: string,
  { editions, readings }: BookReadings,
  span: Span,
): Thread => {
  const own = readings.filter((one) => one.personId === personId);
  const happened = [
    ...editions.map(({ edition, at }) => ({ at, edition, read: false })),
    ...own.map(({ edition, at }) => ({ at, edition, read: true })),
  ].sort((a, b) => a.at - b.at);
  let [out, known, last] = [1, 0, span.from];
  const stretches: Stretch[] = [];
  const stretchTo = (at: number) => {
    const [from, to] = [shareIn(span, last), shareIn(span, at)];
    if (to > from) stretches.push({ from, to, read: known >= out });
    last = Math.max(last, at);
  };
  for (const { at, edition, read } of happened) {
    stretchTo(at);
    if (read) known = Math.max(known, edition);
    else out = Math.max(out, edition);
  }
  stretchTo(span.to);
  const inSpan = own.filter(({ at }) => at >= span.from);
  return { stretches, read: inSpan.map(({ at }) => shareIn(span, at)), open: known < out };
};
