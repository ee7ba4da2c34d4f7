import { surfaceFieldNames } from '@zymostat/contract';
import { roomTemplates, type RoomTemplate } from '@zymostat/core';
import * as v from 'valibot';
import { homeForm, homeLines } from '../src/features/homes/forms/homeForm.ts';
import { linesOfTemplate, roomForm, roomLines } from '../src/features/homes/forms/roomForm.ts';
import {
  guessedLines,
  surfaceForm,
  surfaceLines,
} from '../src/features/homes/forms/surfaceForm.ts';
import { optionalLine, textLine, volumeLine } from '../src/ui/form/lines.ts';

const faultsOf = (schema: v.GenericSchema, value: unknown): string[] =>
  (v.safeParse(schema, value).issues ?? []).map(
    (issue) => `${v.getDotPath(issue) ?? ''}: ${issue.message}`,
  );

describe('a surface as it is filled in', () => {
  const filled = {
    name: ' Worktop ',
    material: 'laminate',
    level: 'hand',
    area: '1,4',
    touched: 'often',
    food: true,
    thing: 'surface',
    soil: 'everyday',
  };

  test('is read as what is sent, a comma as a point', () => {
    expect(v.parse(surfaceForm, filled)).toEqual({ ...filled, name: 'Worktop', area: 1.4 });
  });

  test.each([
    ['name', '  ', 'Write something here'],
    ['area', '', '0.01 to 200 m² is allowed'],
    ['area', '0', '0.01 to 200 m² is allowed'],
    ['area', '201', '0.01 to 200 m² is allowed'],
    ['area', 'big', 'Found “big”'],
    ['material', null, 'Choose a material'],
  ])('%s as “%s” is said to be wrong, and nothing else', (field, value, says) => {
    const faults = faultsOf(surfaceForm, { ...filled, [field]: value });
    expect(faults).toHaveLength(1);
    expect(faults[0]).toContain(`${field}: `);
    expect(faults[0]).toContain(says);
  });

  test('begins without a material: nobody has said one', () => {
    const lines = surfaceLines();
    expect(Object.keys(lines)).toEqual(surfaceFieldNames);
    expect(lines).toMatchObject({ name: '', material: null, area: '', food: false });
    expect(faultsOf(surfaceForm, lines).map((fault) => fault.split(':')[0])).toEqual([
      'name',
      'material',
      'area',
    ]);
  });

  test('what stands is shown so that it is read back the same', () => {
    const read = v.parse(surfaceForm, filled);
    const setting = {
      goal: 'clean',
      against: 'everyday',
      use: null,
      accepted: null,
      lifts: false,
      growth: null,
      loosening: null,
    } as const;
    expect(v.parse(surfaceForm, surfaceLines({ id: 'a', setting, ...read }))).toEqual(read);
  });

  test('a name that is known brings what such a thing most likely is; another brings nothing', () => {
    expect(v.parse(surfaceForm, guessedLines('toilet bowl'))).toMatchObject({
      name: 'toilet bowl',
      level: 'toilet',
    });
    expect(guessedLines('gizmo')).toBeUndefined();
  });
});

describe('a room as it is filled in', () => {
  test('begins with a flame that nobody has asked about', () => {
    expect(roomLines()).toMatchObject({ flame: 'unknown', floorArea: '', withSurfaces: null });
    expect(faultsOf(roomForm, roomLines()).map((fault) => fault.split(':')[0])).toEqual([
      'name',
      'floorArea',
    ]);
  });

  test.each(Object.keys(roomTemplates) as RoomTemplate[])(
    'a %s as such rooms are is whole',
    (template) => {
      const read = v.parse(roomForm, linesOfTemplate(template));
      expect(read.withSurfaces).toBe(template);
      expect(read.name).not.toBe('');
      expect(read.floorArea * read.height).toBeGreaterThan(0);
    },
  );

  test.each([
    ['floorArea', '0.4'],
    ['floorArea', 'twelve'],
    ['height', '0'],
    ['height', ''],
  ])('%s as “%s” is refused with what is allowed', (field, value) => {
    const [fault, ...more] = faultsOf(roomForm, { ...linesOfTemplate('kitchen'), [field]: value });
    expect(more).toEqual([]);
    expect(fault).toMatch(/ to .* is allowed/);
  });
});

test('a home needs a name and a place, and nothing of who lives there', () => {
  expect(faultsOf(homeForm, homeLines())).toHaveLength(2);
  expect(v.parse(homeForm, { ...homeLines(), name: ' Wren ', place: 'Mill Lane' })).toEqual({
    name: 'Wren',
    place: 'Mill Lane',
    situations: [],
    clientKeeps: [],
  });
});

describe('lines', () => {
  test('a line that may stay empty is nothing, not a default; what is wrong in it is said', () => {
    const optional = optionalLine(
      (text) => (text === 'x' ? 'no' : null),
      (text) => text,
    );
    expect(v.parse(optional, '  ')).toBeNull();
    expect(v.parse(optional, 'y')).toBe('y');
    expect(faultsOf(optional, 'x')).toEqual([': no']);
    expect(faultsOf(textLine, '')).toHaveLength(1);
  });

  test.each([
    ['500 ml', 0.0005],
    ['0,5 l', 0.0005],
    ['1 l', 0.001],
  ])('“%s” is %s m³', (text, value) => {
    expect(v.parse(volumeLine(0.1), text)).toBeCloseTo(value, 9);
  });

  test('more than is allowed is said, and not taken for the most', () => {
    expect(faultsOf(volumeLine(0.1), '200 l')).toEqual([
      expect.stringMatching(/200 l.*at most 100 l/),
    ]);
    expect(v.parse(volumeLine(0.1), '100 l')).toBeCloseTo(0.1, 12);
  });

  test.each(['', 'a lot', '-1 l', '0 ml'])('“%s” is no amount', (text) => {
    expect(faultsOf(volumeLine(0.1), text)).toHaveLength(1);
  });
});
