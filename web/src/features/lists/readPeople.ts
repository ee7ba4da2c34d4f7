import { MOST_PEOPLE_AT_ONCE, nameKey, newInvitation, type Body } from '@zymostat/contract';
import { languageNames, languages, type Language } from '@zymostat/words';
import { v7 as newId } from 'uuid';
import * as v from 'valibot';
import {
  cellsOf,
  columnsIn,
  notAllowed,
  valueOf,
  type Becomes,
  type CellKind,
  type CsvLine,
  type WrongLine,
} from '../../ui/csvLines.ts';
import { misfits } from '../../ui/misfits.ts';
import { w } from '../../words/words.ts';

type Invited = Body<'invite'>;
export interface PeopleRead {
  kind: 'people';
  people: Invited[];
  lines: Becomes[];
  wrong: WrongLine[];
}

export const peopleColumns = ['name', 'role', 'language'] as const;
type Column = (typeof peopleColumns)[number];

export const peopleColumnName = (column: Column): string =>
  column === 'name' ? w.name('fieldHead', 'name') : w.name('listHead', column);

const kinds: Record<'role' | 'language', () => CellKind> = {
  role: () => ({
    called: peopleColumnName('role'),
    schema: newInvitation.entries.role,
    nameOf: (code) => w.tell('roleName', code, {}),
  }),
  language: () => ({
    called: peopleColumnName('language'),
    schema: v.picklist(languages),
    nameOf: (code) => languageNames[code as Language],
  }),
};

/** What a line leaves out: the role that may least, and the language that they choose themselves. */
const leftOut = { role: 'cleaner', language: null } as const;

const nameWrong = (name: string, seen: ReadonlyMap<string, number>): string | null => {
  if (name === '') return w.name('lists', 'noName');
  const before = seen.get(nameKey(name));
  if (before === undefined) return null;
  return before === 0
    ? w.say('lists.there', { name })
    : w.say('lists.twice', { name, line: before });
};

const readLine = (
  cells: Record<Column, string>,
  seen: ReadonlyMap<string, number>,
): { person: Invited } | { wrong: string[] } => {
  const [role, language] = (['role', 'language'] as const).map((field) =>
    cells[field] === '' ? leftOut[field] : valueOf(kinds[field](), cells[field]),
  );
  const wrong = [
    nameWrong(cells.name, seen),
    role === undefined ? notAllowed(kinds.role(), cells.role) : null,
    language === undefined ? notAllowed(kinds.language(), cells.language) : null,
  ].filter((one) => one !== null);
  if (wrong.length > 0) return { wrong };
  const read = v.safeParse(newInvitation, { id: newId(), name: cells.name, role, language });
  return read.success ? { person: read.output } : { wrong: [misfits(read.issues)] };
};

const cellsFor = ({ name, role, language }: Invited, cells: Record<Column, string>) => [
  { text: name, guessed: false },
  { text: w.name('roleName', role), guessed: cells.role === '' },
  {
    text: language ? languageNames[language] : w.name('team', 'theyChoose'),
    guessed: false,
  },
];

/**
 * People from a table, each to be asked in. `known`: names of who works here or is asked in; two of
 * a name could not be told apart.
 */
export const readPeople = ([head, ...lines]: CsvLine[], known: readonly string[]): PeopleRead => {
  const at = columnsIn(head?.record ?? [], peopleColumns, peopleColumnName);
  const seen = new Map(known.map((name) => [nameKey(name), 0]));
  const people: Invited[] = [];
  const becomes: Becomes[] = [];
  const wrong: WrongLine[] = [];
  for (const { record, line } of lines) {
    const cells = cellsOf(record, at);
    const read = readLine(cells, seen);
    if ('wrong' in read) {
      wrong.push(...read.wrong.map((what) => ({ line, what })));
      continue;
    }
    seen.set(nameKey(cells.name), line);
    people.push(read.person);
    becomes.push({ line, cells: () => cellsFor(read.person, cells) });
  }
  if (lines.length === 0) wrong.push({ line: 2, what: w.name('lists', 'nothing') });
  if (people.length > MOST_PEOPLE_AT_ONCE) {
    const figures = { count: people.length, most: MOST_PEOPLE_AT_ONCE };
    wrong.push({ line: 1, what: w.say('lists.tooMany', figures) });
  }
  return { kind: 'people', people, lines: becomes, wrong };
};
