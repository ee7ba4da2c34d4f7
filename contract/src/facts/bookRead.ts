import * as v from 'valibot';
import { factOf } from './fact.ts';

/** Somebody confirmed having read the book. */
export const bookRead = factOf('book-read', ['Book'], v.strictObject({ edition: v.number() }));
