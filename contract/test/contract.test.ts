import { readFileSync } from 'node:fs';
import * as v from 'valibot';
import {
  endpoints,
  fileSchemas,
  homeFields,
  openapi,
  roomFields,
  setting,
  streams,
} from '../src/index.ts';

describe('messages', () => {
  const room = { name: 'Bath', floorArea: 4, height: 2.4, ventilation: 'window', flame: 'unknown' };
  test.each<[string, v.GenericSchema, unknown, boolean]>([
    ['a room', roomFields, room, true],
    ['a room with an unknown field', roomFields, { ...room, colour: 'blue' }, false],
    ['a room of no height', roomFields, { ...room, height: 0 }, false],
    ['a room that is not a number wide', roomFields, { ...room, floorArea: NaN }, false],
    ['a home', homeFields, { name: ' Hedda ', place: 'Row', situations: [] }, true],
    [
      'a home with a name too long',
      homeFields,
      { name: 'x'.repeat(81), place: 'Row', situations: [] },
      false,
    ],
    [
      'a strength over 100 %',
      setting,
      {
        goal: 'clean',
        against: 'everyday',
        use: { stockId: '00000000-0000-4000-8000-000000000000', strength: 1.01 },
        accepted: null,
      },
      false,
    ],
  ])('%s', (_, schema, value, ok) => {
    expect(v.safeParse(schema, value).success).toBe(ok);
  });
});

test('the description names every endpoint with its body and its answer', () => {
  const { paths, components } = openapi();
  const described = Object.values(paths).flatMap((methods) =>
    Object.values(methods).map((one) => (one as { operationId: string }).operationId),
  );
  expect(described.sort()).toEqual([...Object.keys(endpoints), ...Object.keys(streams)].sort());
  expect(paths['/api/homes/{id}/rooms']!.post).toMatchObject({
    parameters: [
      { name: 'id', in: 'path', required: true },
      { name: 'Idempotency-Key', in: 'header', required: true },
    ],
    requestBody: {
      content: {
        'application/json': {
          schema: {
            required: ['name', 'floorArea', 'height', 'ventilation', 'flame'],
            additionalProperties: false,
          },
        },
      },
    },
  });
  expect(components.schemas.Problem).toMatchObject({
    required: ['type', 'title', 'status', 'detail'],
  });
});

test.each([
  ['recipe' as const, ['format', 'name', 'claim', 'text']],
  ['home' as const, ['format', 'name', 'place', 'situations', 'rooms']],
])('the published schema of a %s is the one that is taken', (name, required) => {
  const published = JSON.parse(
    readFileSync(new URL(`../../docs/formats/${name}.schema.json`, import.meta.url), 'utf8'),
  ) as object;
  expect(published).toEqual(fileSchemas()[name]);
  expect(published).toMatchObject({ required, additionalProperties: false });
});
