import type { HomeRow } from '@zymostat/contract';
import { columnsIn, csvLines } from '../../ui/csvLines.ts';
import { w } from '../../words/words.ts';
import { homeColumnName } from './homeColumns.ts';
import { readHomes, type HomesRead } from './readHomes.ts';
import { peopleColumnName, readPeople, type PeopleRead } from './readPeople.ts';

/** Who and what is here already. */
export interface Here {
  homes: readonly Pick<HomeRow, 'name' | 'place'>[];
  people: readonly string[];
}
export type ListRead = HomesRead | PeopleRead;

const hasHome = (head: readonly string[]): boolean =>
  columnsIn(head, ['home'], homeColumnName).get('home')! >= 0;
const hasName = (head: readonly string[]): boolean =>
  columnsIn(head, ['name'], peopleColumnName).get('name')! >= 0;

/** A list of homes or of people, told apart by its head; or why it is neither. */
export const readList = (text: string, here: Here): ListRead | { problem: string } => {
  const lines = csvLines(text);
  const head = lines[0]?.record ?? [];
  if (hasHome(head)) return readHomes(lines, here.homes);
  if (hasName(head)) return readPeople(lines, here.people);
  const figures = {
    record: head.join(','),
    home: homeColumnName('home'),
    name: peopleColumnName('name'),
  };
  return { problem: w.say('lists.notATable', figures) };
};
