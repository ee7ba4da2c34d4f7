import { about, clock, duration, familyNames, strengthShort } from '@zymostat/contract';
import { activeFacts, type Active, type Assessed, type Contact, type Goal } from '@zymostat/core';

const figures = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'];

/** "Two things stand" */
export const countInWords = (n: number): string => `${figures[n] ?? n} ${n === 1 ? 'thing stands' : 'things stand'}`;

/** The sentence that a surface's sheet begins with. */
export const sayTreatment = (goal: Goal, active: Active, strength: number, { seconds, reasons }: Contact): string => {
  const what = active === 'registered product' ? 'the registered product' : `${strengthShort(active, strength)} ${familyNames[activeFacts[active].family].toLowerCase()}`;
  const rinse = reasons.some((reason) => /rinse/.test(reason.code)) ? ', rinse' : '';
  const first = reasons.some(({ code }) => code === 'taken-out-first') ? 'Tablet out, flush twice. ' : '';
  if (goal === 'clean') return `${first}Wash it, go over it with ${what}, wipe${rinse}.`;
  return `${first}Wash it, keep it wet with ${what} for ${duration(seconds)}, wipe${rinse}.`;
};

export const sayWashOnly = (porous: boolean): string => (porous ? 'Clean it only: nothing disinfects a porous thing.' : 'Wash it with detergent, rinse, dry.');

/** How it will hold, in a sentence. */
export const sayHolding = ({ seconds, prediction }: Assessed): string | undefined => {
  if (!prediction || seconds === 0) return undefined;
  const { rewets, holds } = prediction;
  return rewets.count === 0 ? `One coat is enough: it holds for ${about(holds)} (estimate).` : `One coat holds for ${about(holds)} (estimate): re-wet ${rewets.count === 1 ? `once, after ${clock(rewets.every)}` : `every ${clock(rewets.every)}`}.`;
};
