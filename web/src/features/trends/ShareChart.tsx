import { colours } from '@zymostat/contract';
import { stretchOutcomes, type StretchOutcome } from '@zymostat/core';
import type { ChartOptions } from 'chart.js';
import { Bar } from '../../ui/chart/bars.ts';
import { legend } from '../../ui/chart/chartLook.ts';
import { w } from '../../words/words.ts';
import type { Share } from './shares.ts';

const inkOf: Record<StretchOutcome, string> = {
  met: colours.ink,
  'not-met': colours.sheet,
  'not-shown': colours.rule,
};

const options: ChartOptions<'bar'> = {
  indexAxis: 'y',
  maintainAspectRatio: false,
  plugins: { legend: legend(12) },
  scales: {
    x: { stacked: true, min: 0, max: 100, grid: { color: colours.rule } },
    y: { stacked: true, grid: { display: false } },
  },
};

const ROW = 26;

/** How often each was met, not met and not shown, in per cent: one bar each. */
const ShareChart = ({ shares, label }: { shares: readonly Share[]; label: string }) => (
  <div className="flex-none" style={{ height: 70 + ROW * shares.length }}>
    <Bar
      role="img"
      aria-label={label}
      options={options}
      data={{
        labels: shares.map(({ name, all }) => `${name} (${all})`),
        datasets: stretchOutcomes.map((outcome) => ({
          label: w.name('boardStop', outcome),
          data: shares.map(({ counts, all }) => (100 * counts[outcome]) / all),
          backgroundColor: inkOf[outcome],
          borderColor: colours.ink,
          borderWidth: outcome === 'met' ? 0 : 1,
        })),
      }}
    />
  </div>
);
export default ShareChart;
