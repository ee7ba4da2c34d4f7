import { millilitres, oneOf } from '../../units/volume.ts';
import type { Unit } from './vocabulary.ts';

export const jug = (value: number, more: { imperial?: number; ounces?: true } = {}): Unit => ({
  of: 'volume',
  value,
  tool: 'jug',
  ...more,
});
export const cup: Unit = {
  of: 'volume',
  value: oneOf('cup'),
  tool: 'cup',
  imperial: millilitres(284.131),
};
export const spoon = (value: number): Unit => ({ of: 'volume', value, tool: 'spoon' });
export const mass = (value: number): Unit => ({ of: 'mass', value });
export const words = (text: string): string[] => text.split(' ');

/**
 * Imperial measures are set by law in litres. Source: UK Weights and Measures, from memory; US ones
 * by NIST.
 */
export const fluidOunce = jug(oneOf('fluid ounce'), { imperial: millilitres(28.4131) });
