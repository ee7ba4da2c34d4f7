import * as v from 'valibot';
import { cellsOf, columnsIn, csvLines, notAllowed, valueOf } from '../src/ui/csvLines.ts';

const records = (text: string) => csvLines(text).map(({ record }) => record);

describe('lines of a table', () => {
  test.each<[string, string, string[][]]>([
    [
      'commas',
      'room,name\nBath,Basin',
      [
        ['room', 'name'],
        ['Bath', 'Basin'],
      ],
    ],
    [
      'semicolons',
      'room;name\nBath;Basin',
      [
        ['room', 'name'],
        ['Bath', 'Basin'],
      ],
    ],
    [
      'a decimal comma between semicolons',
      'area;name\n1,5;Sink',
      [
        ['area', 'name'],
        ['1,5', 'Sink'],
      ],
    ],
    ['a comma in quotes', 'name\n"Shelf, oak"', [['name'], ['Shelf, oak']]],
    ['a quote that is not closed off', 'name\n5" tile', [['name'], ['5" tile']]],
    ['a mark of the byte order before it', '\uFEFFroom\nBath', [['room'], ['Bath']]],
    ['lines of Windows', 'room\r\nBath\r\n', [['room'], ['Bath']]],
    ['lines that are shorter or longer', 'a,b\n1\n1,2,3', [['a', 'b'], ['1'], ['1', '2', '3']]],
    ['nothing', '', []],
  ])('with %s', (_, text, found) => {
    expect(records(text)).toEqual(found);
  });

  test('count as an editor counts them, empty ones and those within quotes too', () => {
    const lines = csvLines('room,name\n\nBath,"Basin\nleft"\nHall,Door').map(({ line }) => line);
    expect(lines[0]).toBe(1);
    expect(lines.at(-1)).toBe(5);
  });
});

describe('columns', () => {
  const columns = ['room', 'name', 'area'] as const;
  const at = columnsIn(['Cuarto', 'NAME'], columns, (one) => (one === 'room' ? 'cuarto' : one));

  test('are found by code or by the name in the page’s language, in any case', () => {
    expect([...at]).toEqual([
      ['room', 0],
      ['name', 1],
      ['area', -1],
    ]);
  });

  test('that are not there hold nothing, nor do lines that end before them', () => {
    expect(cellsOf(['Bath', 'Basin'], at)).toEqual({ room: 'Bath', name: 'Basin', area: '' });
    expect(cellsOf(['Bath'], at)).toEqual({ room: 'Bath', name: '', area: '' });
  });
});

const kind = (schema: v.GenericSchema, called = 'Food') => ({
  called,
  schema,
  nameOf: (code: string) => ({ high: 'High up', floor: 'Floor' })[code] ?? code,
});
const level = kind(v.picklist(['high', 'floor']), 'Level');

describe('a cell', () => {
  test.each<[string, v.GenericSchema, string, unknown]>([
    ['a number with a point', v.number(), '1.5', 1.5],
    ['a number with a comma', v.number(), '1,5', 1.5],
    ['a number that is none', v.number(), 'big', undefined],
    ['a number with thousands is not guessed', v.number(), '1,000,5', undefined],
    ['yes', v.boolean(), 'YES', true],
    ['sí', v.boolean(), 'sí', true],
    ['a cross', v.boolean(), 'x', true],
    ['no', v.boolean(), 'No', false],
    ['nothing', v.boolean(), '', false],
    ['perhaps', v.boolean(), 'perhaps', undefined],
    ['text', v.string(), ' as it is ', ' as it is '],
  ])('%s', (_, schema, text, value) => {
    expect(valueOf(kind(schema), text)).toBe(value);
  });

  test.each([
    ['high', 'high'],
    ['HIGH UP', 'high'],
    ['Floor', 'floor'],
    ['flor', undefined],
    ['', undefined],
  ])('“%s” of a choice', (text, code) => {
    expect(valueOf(level, text)).toBe(code);
  });

  test('that cannot be taken says what was found and what is allowed', () => {
    expect(notAllowed(level, 'flor')).toMatch(/Level.*flor.*High up, Floor/);
    expect(notAllowed(kind(v.number(), 'Area'), 'big')).toMatch(/Area.*big/);
    expect(notAllowed(kind(v.boolean()), 'perhaps')).toMatch(/Food.*perhaps.*yes, no/);
  });
});
