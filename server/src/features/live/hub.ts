import { things, thingsTouchedBy, type Thing } from '@zymostat/contract';
import type { Notices } from '../../platform/database/notices.ts';

/** What happened up to a row of the ledger, as the things that it touched. */
export interface News {
  seq: number;
  touched: readonly Thing[];
}

const TELL_MS = 100;

export const touchedBy = (kinds: readonly string[]): Thing[] => [
  ...new Set([...kinds.flatMap((kind) => thingsTouchedBy(kind)), 'Records' as const]),
];

/**
 * Tells all who listen what the ledger has grown by: at most ten times a second, the same to
 * everybody, however much is written.
 */
export const newsHub = (notices: Notices) => {
  const hearers = new Set<(news: News) => void>();
  let touched = new Set<Thing>();
  let seq = 0;
  let timer: NodeJS.Timeout | null = null;

  const tell = () => {
    timer = null;
    const news = { seq, touched: [...touched] };
    touched = new Set();
    hearers.forEach((hear) => hear(news));
  };
  const stop = notices.on('ledger', (payload) => {
    const [last, ...kinds] = (payload ?? '').split(' ');
    seq = Math.max(seq, Number(last));
    // Some may have been missed: everything may have changed.
    for (const thing of payload === null ? things : touchedBy(kinds)) touched.add(thing);
    timer ??= setTimeout(tell, TELL_MS);
  });

  return {
    hear: (hear: (news: News) => void): (() => void) => {
      hearers.add(hear);
      return () => hearers.delete(hear);
    },
    close: () => {
      stop();
      if (timer) clearTimeout(timer);
    },
  };
};
export type NewsHub = ReturnType<typeof newsHub>;
