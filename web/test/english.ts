import { learnRest, speak } from '../src/app/words.ts';

await speak('en');
await learnRest();
