import { Chart } from 'chart.js';

Chart.defaults.font.family = '"Atkinson Hyperlegible Next Variable", sans-serif';
Chart.defaults.animation = false;

/** The tokens that a canvas cannot take from the style sheet. */
export const ink = '#14211D';
export const soft = '#54635D';
export const rule = '#D3DCD8';
