import { kindOfField } from '@zymostat/contract';
import { parse } from 'csv-parse/browser/esm/sync';
import type * as v from 'valibot';
import { w } from '../words/words.ts';

/** One line of a table as it was found; `line` counts from 1, as editors do. */
export interface CsvLine {
  record: string[];
  line: number;
}

/** A guess is marked until somebody confirms it. */
export interface Cell {
  text: string;
  guessed: boolean;
}
/** What one line becomes, cell by cell: said only of the lines that are shown. */
export interface Becomes {
  line: number;
  cells: () => Cell[];
}

/** A line that cannot be taken, and why. */
export interface WrongLine {
  line: number;
  what: string;
}

const SEMICOLON = /^[^,\n]*;/;

/** The lines of a table. Spreadsheets of half the world write semicolons for commas. */
export const csvLines = (text: string): CsvLine[] =>
  (
    parse(text, {
      bom: true,
      delimiter: SEMICOLON.test(text) ? ';' : ',',
      relax_column_count: true,
      relax_quotes: true,
      skip_empty_lines: true,
      trim: true,
      info: true,
    }) as unknown as { record: string[]; info: { lines: number } }[]
  ).map(({ record, info }) => ({ record, line: info.lines }));

/** Where each column stands in the head, by its code or its name in the page’s language; or -1. */
export const columnsIn = <Column extends string>(
  head: readonly string[],
  columns: readonly Column[],
  nameOf: (column: Column) => string,
): Map<Column, number> => {
  const heads = head.map((one) => one.toLowerCase());
  return new Map(
    columns.map((column) => {
      const at = heads.indexOf(column.toLowerCase());
      return [column, at >= 0 ? at : heads.indexOf(nameOf(column).toLowerCase())];
    }),
  );
};

/** What stands in each column of a line; nothing where there is no such column. */
export const cellsOf = <Column extends string>(
  record: readonly string[],
  at: ReadonlyMap<Column, number>,
): Record<Column, string> =>
  Object.fromEntries([...at].map(([column, i]) => [column, record[i] ?? ''])) as Record<
    Column,
    string
  >;

/** A column as what its cells may hold; `nameOf`: what a choice is called on the page. */
export interface CellKind {
  called: string;
  schema: Pick<v.GenericSchema, 'type'>;
  nameOf: (code: string) => string;
}

const choicesIn = (schema: CellKind['schema']): readonly string[] =>
  'options' in schema ? (schema.options as string[]) : [];

const YES = /^(yes|true|1|x|sí|si)$/i;
const NO = /^(no|false|0|)$/i;

const yesOrNo = (text: string): boolean | undefined => {
  if (YES.test(text)) return true;
  return NO.test(text) ? false : undefined;
};

const numberIn = (text: string): number | undefined => {
  const number = Number(text.replace(',', '.'));
  return Number.isFinite(number) ? number : undefined;
};

/** A cell as what its column holds; undefined where it is none of what is allowed. */
export const valueOf = ({ schema, nameOf }: CellKind, text: string): unknown => {
  switch (kindOfField(schema)) {
    case 'text':
      return text;
    case 'number':
      return numberIn(text);
    case 'yes-no':
      return yesOrNo(text);
    case 'choice': {
      const asked = text.toLowerCase();
      return choicesIn(schema).find(
        (code) => code.toLowerCase() === asked || nameOf(code).toLowerCase() === asked,
      );
    }
  }
};

/** So many choices can be named in a line; of more it is said that there is a table. */
const FEW = 12;

/** Why a cell cannot be taken: what was found and what is allowed. */
export const notAllowed = ({ called, schema, nameOf }: CellKind, found: string): string => {
  const named = { field: called, found };
  const kind = kindOfField(schema);
  if (kind === 'number') return w.say('survey.foundNoNumber', named);
  const allowed = kind === 'yes-no' ? ['yes', 'no'] : choicesIn(schema).map(nameOf);
  return w.say('survey.foundChoice', {
    ...named,
    few: allowed.length <= FEW ? 'yes' : 'no',
    allowed: allowed.join(', '),
  });
};
