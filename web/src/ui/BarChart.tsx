import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  Tooltip,
} from 'chart.js';
import { useEffect, useRef } from 'react';
import { ink, rule, soft } from './chartLook.ts';

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip);

/**
 * Inks that tell bars apart, none of them a family's; what they are stands in the legend and in
 * words beside it.
 */
const inks = [ink, '#0F5B4B', '#75857E', '#8DB5A6', '#C9D3CE'];

/** Counts month by month, one bar on another. */
export const BarChart = ({
  label,
  months,
  bars,
}: {
  label: string;
  months: string[];
  bars: { name: string; counts: number[] }[];
}) => {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const chart = new Chart(canvas.current!, {
      type: 'bar',
      data: {
        labels: months,
        datasets: bars.map(({ name, counts }, i) => ({
          label: name,
          data: counts,
          backgroundColor: inks[i % inks.length],
        })),
      },
      options: {
        responsive: true,
        maintainAspectRatio: false,
        plugins: { legend: { position: 'bottom', labels: { color: ink, boxWidth: 12 } } },
        scales: {
          x: { stacked: true, grid: { display: false }, ticks: { color: soft } },
          y: {
            stacked: true,
            beginAtZero: true,
            ticks: { precision: 0, color: soft },
            grid: { color: rule },
          },
        },
      },
    });
    return () => chart.destroy();
  }, [months, bars]);
  return (
    <div className="h-52">
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
};
