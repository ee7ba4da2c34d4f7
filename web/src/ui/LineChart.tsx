import {
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import { useEffect, useRef } from 'react';
import { ink, rule, soft } from './chartLook.ts';

Chart.register(LineController, LineElement, PointElement, LinearScale, Filler, Legend, Tooltip);

export interface Line {
  name: string;
  points: { x: number; y: number }[];
  colour?: string;
  /** A limit or a floor is dashed; what it is of is drawn through. */
  dashed?: boolean;
  axis?: 'left' | 'right';
}

interface Props {
  label: string;
  lines: Line[];
  x: { title: string; most: number };
  left: { title: string; most?: number };
  right?: { title: string; most?: number };
}

/** Curves over time; what they say stands in words beside them. */
export const LineChart = ({ label, lines, x, left, right }: Props) => {
  const canvas = useRef<HTMLCanvasElement>(null);
  const chart = useRef<Chart<'line', { x: number; y: number }[]> | null>(null);
  useEffect(() => {
    const datasets = lines.map(({ name, points, colour = ink, dashed, axis = 'left' }) => ({
      label: name,
      data: points,
      borderColor: colour,
      backgroundColor: colour,
      borderWidth: dashed ? 1.5 : 2,
      borderDash: dashed ? [5, 4] : [],
      pointRadius: 0,
      yAxisID: axis,
      parsing: false as const,
      tension: 0,
    }));
    const scale = (title: string, more: object = {}) => ({
      type: 'linear' as const,
      beginAtZero: true,
      title: { display: true, text: title, color: soft },
      grid: { color: rule },
      ticks: { color: soft },
      ...more,
    });
    const scales = {
      x: scale(x.title, { max: x.most }),
      left: scale(left.title, { position: 'left', max: left.most }),
      ...(right
        ? {
            right: scale(right.title, {
              position: 'right',
              max: right.most,
              grid: { display: false },
            }),
          }
        : {}),
    };
    if (chart.current) {
      chart.current.data.datasets = datasets;
      chart.current.options.scales = scales;
      chart.current.update('none');
      return;
    }
    chart.current = new Chart(canvas.current!, {
      type: 'line',
      data: { datasets },
      options: {
        responsive: true,
        maintainAspectRatio: false,
        interaction: { mode: 'index', intersect: false },
        scales,
        plugins: {
          legend: { position: 'bottom', labels: { color: ink, boxWidth: 22, boxHeight: 2 } },
          tooltip: { enabled: true },
        },
      },
    });
  }, [lines, x, left, right]);
  useEffect(
    () => () => {
      chart.current?.destroy();
      chart.current = null;
    },
    [],
  );
  return (
    <div className="h-60">
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
};
