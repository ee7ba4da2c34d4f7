import { en } from '../src/en/index.ts';
import { wordsOf } from '../src/index.ts';

export const w = wordsOf('en', en);
