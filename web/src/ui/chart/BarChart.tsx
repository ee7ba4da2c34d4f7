import { colours } from '@zymostat/contract';
import type { ChartOptions } from 'chart.js';
import { Bar } from './bars.ts';
import { legend } from './chartLook.ts';

/**
 * Inks that tell bars apart, none of them a family's; what they are stands in the legend and in
 * words beside it.
 */
const inks = [colours.ink, colours.action, colours.ghost, '#8DB5A6', '#C9D3CE'];

const options: ChartOptions<'bar'> = {
  plugins: { legend: legend(12) },
  scales: {
    x: { stacked: true, grid: { display: false } },
    y: {
      stacked: true,
      beginAtZero: true,
      ticks: { precision: 0 },
      grid: { color: colours.rule },
    },
  },
};

interface Props {
  label: string;
  months: string[];
  bars: { name: string; counts: number[] }[];
}

/** Counts month by month, one bar on another. */
export const BarChart = ({ label, months, bars }: Props) => (
  <div className="h-52">
    <Bar
      role="img"
      aria-label={label}
      options={options}
      data={{
        labels: months,
        datasets: bars.map(({ name, counts }, i) => ({
          label: name,
          data: counts,
          backgroundColor: inks[i % inks.length],
        })),
      }}
    />
  </div>
);
