import type { Catalogue } from '../words.ts';
import { first } from './first.ts';
import { rest } from './rest.ts';
import { round } from './round.ts';

/** Every message in Spanish, by the topics and keys of the English ones. */
export const es: Catalogue = { ...first, ...round, ...rest };
