import { lazy, Suspense, useMemo, useState } from 'react';
import { Segments } from '../../ui/form/Choice.tsx';
import { monthOfField } from '../../ui/times.ts';
import { useNow } from '../../ui/useNow.ts';
import { w } from '../../words/words.ts';
import { countByMonth, countedBy, lastMonths, type CountedBy, type Mishap } from './counts.ts';

const BarChart = lazy(() =>
  import('../../ui/chart/BarChart.tsx').then((module) => ({ default: module.BarChart })),
);
const MONTHS = 6;
const MOST_BARS = 5;
const HOUR_MS = 3_600_000;

const total = (counts: number[]) => counts.reduce((a, b) => a + b, 0);

/** How often, month by month: by pair, by route or by home. */
export const Counts = ({ rows }: { rows: readonly Mishap[] }) => {
  const [by, setBy] = useState<CountedBy>('pair');
  const now = useNow(HOUR_MS);
  const { months, bars } = useMemo(() => {
    const span = lastMonths(now, MONTHS);
    return { months: span.map(monthOfField), bars: countByMonth(rows, by, span, MOST_BARS) };
  }, [rows, by, now]);
  const inWords = bars.map(({ name, counts }) => `${name} ${total(counts)}`).join(', ');
  return (
    <section className="mt-4" aria-label={w.name('apart', 'howOften')}>
      <div className="headline">
        <h2>{w.name('apart', 'howOften')}</h2>
        <Segments
          label={w.name('apart', 'by')}
          value={by}
          onChange={setBy}
          options={(Object.keys(countedBy) as CountedBy[]).map((one) => ({
            value: one,
            name: countedBy[one],
          }))}
        />
      </div>
      <Suspense>
        <BarChart
          label={w.say('apart.nearMissesAndIncidentsA', { by: countedBy[by], bars: inWords })}
          months={months}
          bars={bars}
        />
      </Suspense>
    </section>
  );
};
