import { within, type Context } from '../../platform/context.ts';
import { appendAll, type NewFact } from '../records/service.ts';
import { addCompany, addPeople, type NewCompany, type Person } from './store.ts';

export type NewPerson = Pick<
  Person,
  'id' | 'name' | 'login' | 'role' | 'passwordHash' | 'language'
>;

const enteredBy = (inside: Context, by: NewPerson, { id, role }: NewPerson): NewFact => ({
  kind: 'person-added',
  factId: inside.newId(),
  at: inside.now(),
  home: null,
  person: by,
  row: { table: 'person', id },
  body: { personId: id, role },
});

/** Enters people, and puts on record who did so. */
export const enterPeople = async (
  inside: Context,
  people: readonly NewPerson[],
  by: NewPerson,
): Promise<void> => {
  await addPeople(inside, people);
  await appendAll(
    inside,
    people.map((one) => enteredBy(inside, by, one)),
  );
};

type FirstPeople = readonly [NewPerson, ...NewPerson[]];

/** A company begins, with its first people; the first of them does it. */
export const setUpInside = async (
  inside: Context,
  company: NewCompany,
  people: FirstPeople,
): Promise<void> => {
  await addCompany(inside, company);
  await appendAll(inside, [
    {
      kind: 'company-set-up',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person: people[0],
      row: { table: 'company', id: company.id },
      body: {},
    },
  ]);
  await enterPeople(inside, people, people[0]);
};

export const setUpCompany = (
  context: Context,
  company: NewCompany,
  people: FirstPeople,
): Promise<void> => within(context, (inside) => setUpInside(inside, company, people));
