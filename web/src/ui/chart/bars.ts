import {
  BarController,
  BarElement,
  CategoryScale,
  Chart as ChartJs,
  Legend,
  LinearScale,
  Tooltip,
} from 'chart.js';

ChartJs.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip);

/** Bars of every kind, drawn with what they need and no more. */
export { Bar } from 'react-chartjs-2';
