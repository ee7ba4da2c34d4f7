import { endpoints, type Answer, type Beginning } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { book } from '../book/service.ts';
import { theCompany, type Person } from '../people/service.ts';
import { countsOf } from './store.ts';

/** How many have read the book as it stands. */
const haveRead = ({ readers, edition }: Answer<'book'>): number =>
  readers.filter((one) => one.edition === edition).length;

/** How far a company is on its way to the first round. */
const beginningOf = async (context: Context, person: Person): Promise<Beginning> => {
  const [{ answered }, counts, read] = await Promise.all([
    theCompany(context),
    countsOf(context, new Date(context.now())),
    book(context, person),
  ]);
  return { answered, ...counts, read: haveRead(read) };
};

export const beginningRoutes = (on: Serving): void =>
  serve(on, endpoints.beginning, ({ context, person }) => beginningOf(context, person));
