import { colours } from '@zymostat/contract';
import {
  Chart as ChartJs,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type ChartDataset,
  type ChartOptions,
} from 'chart.js';
import annotation, { type AnnotationOptions } from 'chartjs-plugin-annotation';
import { Line as LineOf } from 'react-chartjs-2';
import { legend } from './chartLook.ts';

ChartJs.register(
  LineController,
  LineElement,
  PointElement,
  LinearScale,
  Filler,
  Legend,
  Tooltip,
  annotation,
);

interface Point {
  x: number;
  y: number;
}

export interface Line {
  name: string;
  points: Point[];
  colour?: string;
  axis?: 'left' | 'right';
}

/** A limit or a floor: drawn dashed across the chart, with its name on it. */
export interface Mark {
  name: string;
  at: number;
  along: 'x' | 'left';
}

interface Axis {
  title: string;
  most?: number;
}

interface Props {
  label: string;
  lines: Line[];
  marks?: Mark[];
  x: Axis;
  left: Axis;
  right?: Axis;
}

const datasetOf = ({ name, points, colour = colours.ink, axis = 'left' }: Line) =>
  ({
    label: name,
    data: points,
    borderColor: colour,
    backgroundColor: colour,
    borderWidth: 2,
    pointRadius: 0,
    yAxisID: axis,
    parsing: false,
    tension: 0,
  }) satisfies ChartDataset<'line', Point[]>;

const annotationOf = ({ name, at, along }: Mark): AnnotationOptions<'line'> => ({
  type: 'line',
  scaleID: along,
  value: at,
  borderColor: colours.ink,
  borderWidth: 1.5,
  borderDash: [5, 4],
  label: {
    display: true,
    content: name,
    position: along === 'x' ? 'end' : 'start',
    backgroundColor: colours.sheet,
    color: colours.ink,
    padding: 3,
    font: { weight: 'normal' },
  },
});

const scaleOf = ({ title, most }: Axis) => ({
  type: 'linear' as const,
  beginAtZero: true,
  title: { display: true, text: title },
  grid: { color: colours.rule },
  max: most,
});

const scalesOf = ({ x, left, right }: Props): ChartOptions<'line'>['scales'] => ({
  x: scaleOf(x),
  left: { ...scaleOf(left), position: 'left' },
  ...(right ? { right: { ...scaleOf(right), position: 'right', grid: { display: false } } } : {}),
});

/** Curves over time; what they say stands in words beside them. */
export const LineChart = (props: Props) => (
  <div className="h-60">
    <LineOf
      role="img"
      aria-label={props.label}
      data={{ datasets: props.lines.map(datasetOf) }}
      options={{
        interaction: { mode: 'index', intersect: false },
        scales: scalesOf(props),
        plugins: {
          legend: legend(22, 2),
          annotation: { annotations: (props.marks ?? []).map(annotationOf) },
        },
      }}
    />
  </div>
);
