import { first } from './first.ts';
import { rest } from './rest.ts';
import { round } from './round.ts';

/** Every message in English, by topic and key. */
export const en = { ...first, ...round, ...rest };
