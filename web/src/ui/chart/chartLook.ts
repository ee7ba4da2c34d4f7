import { colours } from '@zymostat/contract';
import { Chart } from 'chart.js';

Chart.defaults.font.family = '"Atkinson Hyperlegible Next Variable", sans-serif';
Chart.defaults.animation = false;
Chart.defaults.color = colours['ink-soft'];
Chart.defaults.responsive = true;
Chart.defaults.maintainAspectRatio = false;

/** A legend under the chart, with so large a sample of each colour. */
export const legend = (boxWidth: number, boxHeight?: number) => ({
  position: 'bottom' as const,
  labels: { color: colours.ink, boxWidth, boxHeight },
});
