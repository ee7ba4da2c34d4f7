import type { Answer, Body, CompanyRuleRow } from '@zymostat/contract';
import { bookWith, type Book, type CompanyRule, type Judging } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { allPeople, theCompany, type Person } from '../people/service.ts';
import { append, countOfKinds, lastOfKindByPerson, turnToAppend } from '../records/service.ts';
import * as store from './store.ts';

export { ownRules } from './store.ts';

const asRule = ({ id, one, other, by, happens, remedy }: CompanyRule): CompanyRule => ({
  id,
  one,
  other,
  by,
  happens,
  remedy,
});

/** The whole book as it stands: what holds everywhere and what the company has added. */
export const theBook = async (context: Context): Promise<Book> =>
  bookWith(await store.ownRules(context), (await theCompany(context)).houseRules);

/** What a judgement of the core rests on, as it stands now. */
export const judgingOf = async (context: Context): Promise<Judging> => ({
  rules: (await theCompany(context)).houseRules,
  book: await theBook(context),
  now: context.now(),
});

/** Every change of the company's rules makes a new edition. */
export const editionOf = async (context: Context): Promise<number> =>
  1 + (await countOfKinds(context, ['rule-added', 'rule-withdrawn']));

export const lastRead = async (context: Context, personId: string): Promise<number | null> =>
  (await lastOfKindByPerson(context, 'book-read')).get(personId)?.body.edition ?? null;

export const book = async (context: Context, person: Person): Promise<Answer<'book'>> => {
  const [own, edition, people, read] = await Promise.all([
    store.ownRules(context),
    editionOf(context),
    allPeople(context),
    lastOfKindByPerson(context, 'book-read'),
  ]);
  const readers = people
    .filter(({ id }) => person.role === 'supervisor' || id === person.id)
    .map(({ id, name, role }) => ({
      personId: id,
      name,
      role,
      edition: read.get(id)?.body.edition ?? null,
      at: read.get(id)?.at ?? null,
    }));
  return { edition, own, readers };
};

/**
 * Adds a rule. It can only make things stricter, since the worst rule holds; everybody is asked to
 * read the book again.
 */
export const addRule = (
  context: Context,
  fields: Body<'addRule'>,
  person: Person,
): Promise<CompanyRuleRow> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    const rule = { id: inside.newId(), ...fields } as CompanyRule;
    await store.addRule(inside, rule);
    const edition = (await editionOf(inside)) + 1;
    await append(inside, {
      kind: 'rule-added',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      row: { table: 'company_rule', id: rule.id },
      body: { rule, edition },
    });
    return rule;
  });

/**
 * Takes back a rule that the company itself has added, and says why. What the book holds for
 * everybody stays.
 */
export const withdrawRule = async (
  context: Context,
  id: string,
  why: string,
  person: Person,
): Promise<null> => {
  await within(context, async (inside) => {
    await turnToAppend(inside);
    const record = await store.holdRule(inside, id);
    if (!record) throw problems.notFound('rule');
    await store.withdrawRule(inside, id, new Date(inside.now()));
    const edition = (await editionOf(inside)) + 1;
    await append(inside, {
      kind: 'rule-withdrawn',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      row: { table: 'company_rule', id },
      body: { rule: asRule(record), edition, why },
    });
  });
  return null;
};

/** Confirms the edition that stands; one that was read before a change is not the one. */
export const readBook = async (
  context: Context,
  edition: number,
  person: Person,
): Promise<null> => {
  await within(context, async (inside) => {
    await turnToAppend(inside);
    const current = await editionOf(inside);
    if (edition !== current) throw problems.conflict('other-edition', { edition: current });
    await append(inside, {
      kind: 'book-read',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      body: { edition },
    });
  });
  return null;
};
