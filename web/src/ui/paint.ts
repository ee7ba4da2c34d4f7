import { colours } from '@zymostat/contract';

/** Gives the style sheet its colours, before anything is drawn. */
export const paint = (root: HTMLElement): void => {
  for (const [name, colour] of Object.entries(colours)) root.style.setProperty(`--${name}`, colour);
};
