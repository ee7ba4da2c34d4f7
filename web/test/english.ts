import { learnRest, speak } from '../src/words/words.ts';

await speak('en');
await learnRest();
