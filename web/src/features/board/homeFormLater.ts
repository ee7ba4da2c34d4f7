import { later } from '../../words/later.ts';

/** Fetched when somebody adds or changes a home. */
export const HomeForm = later(() =>
  import('../homes/forms/HomeForm.tsx').then((module) => ({ default: module.HomeForm })),
);
