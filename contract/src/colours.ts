import type { Family } from '@zymostat/core';

/** The colours of the page, of its charts and of what is printed: nowhere else is one written. */
export const colours = {
  ground: '#f2f5f4',
  sheet: '#ffffff',
  rule: '#d3dcd8',
  ink: '#14211d',
  'ink-soft': '#54635d',
  ghost: '#75857e',
  cut: '#9aa8a2',
  action: '#0f5b4b',
  peroxide: '#3457c8',
  alcohol: '#945b07',
  vinegar: '#8c2f63',
  soap: '#4c7a3f',
  product: '#4a5568',
  never: '#b3261e',
  met: '#1e7f4f',
} as const satisfies Record<Family | 'soap', string> & Record<string, string>;
