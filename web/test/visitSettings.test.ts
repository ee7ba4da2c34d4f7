import type { RoomSetting } from '@zymostat/contract';
import { seeded } from '../../core/src/units/random.ts';
import {
  roomSettingOf,
  sameSetting,
  spansOf,
  typedOf,
  type TypedRooms,
} from '../src/features/visits/visitSettings.ts';

const usual: TypedRooms = { walk: '20', ways: {}, hours: {} };
const by = (room: string | null, seconds: string) => ({ by: room, seconds });

describe('the rooms of a visit, as typed', () => {
  test('begin as is usual where nobody has set them', () => {
    expect(typedOf(null)).toEqual(usual);
    expect(typedOf(undefined)).toEqual(usual);
    expect(roomSettingOf(usual)).toEqual({ walk: 20, ways: {}, hours: {} });
  });

  test('a room beside the others has no way of its own, whatever stands in its seconds', () => {
    expect(roomSettingOf({ ...usual, ways: { cellar: by(null, 'far') } })?.ways).toEqual({});
  });

  test.each<[string, TypedRooms]>([
    ['a way without seconds', { ...usual, ways: { cellar: by('hall', '') } }],
    ['a way of words', { ...usual, ways: { cellar: by('hall', 'far') } }],
    ['a way of over half an hour', { ...usual, ways: { cellar: by('hall', '1801') } }],
    ['a room by way of itself', { ...usual, ways: { cellar: by('cellar', '30') } }],
    ['two by way of each other', { ...usual, ways: { a: by('b', '30'), b: by('a', '30') } }],
    ['walking of words', { ...usual, walk: 'near' }],
    ['hours that end before they begin', { ...usual, hours: { hall: '30–10' } }],
    ['hours without an end', { ...usual, hours: { hall: '30–' } }],
  ])('%s is not read as something else', (_, typed) => {
    expect(roomSettingOf(typed)).toBeUndefined();
  });
});

describe('hours of a room as they are typed', () => {
  test.each<[string, [number, number][] | undefined]>([
    ['', []],
    ['  ', []],
    ['10-40', [[600, 2400]]],
    [' 5 – 6 ', [[300, 360]]],
    [
      '60–90, 0–20',
      [
        [0, 1200],
        [3600, 5400],
      ],
    ],
    [
      '0–20; 30–40',
      [
        [0, 1200],
        [1800, 2400],
      ],
    ],
    ['40–10', undefined],
    ['10–10', undefined],
    ['10–', undefined],
    ['10', undefined],
    ['–40', undefined],
    ['-5', undefined],
    ['-5–40', undefined],
    ['ten–40', undefined],
    ['1.5–40', undefined],
    ['0–20, ', undefined],
    ['0–20 60–90', undefined],
    ['0–20, 10–30', undefined],
    [
      '0–20, 20–30',
      [
        [0, 1200],
        [1200, 1800],
      ],
    ],
    ['10–40 or so', undefined],
  ])('“%s”', (text, spans) => {
    expect(spansOf(text)).toEqual(spans);
  });

  test('what cannot be read is not taken for all the time', () => {
    const read = roomSettingOf({ ...usual, hours: { bath: '10–40', hall: '' } });
    expect(read?.hours).toEqual({ bath: [[600, 2400]] });
    expect(roomSettingOf({ ...usual, hours: { bath: '10–40', hall: 'x' } })).toBeUndefined();
  });
});

/** Rooms as somebody may have set them: each only by way of one before it. */
const drawSetting = (seed: number): RoomSetting => {
  const next = seeded(seed);
  const under = (count: number) => Math.floor(next() * count);
  const rooms = Array.from({ length: 1 + under(6) }, (_, k) => `room${k}`);
  const some = rooms.filter(() => next() < 0.5);
  return {
    walk: under(1801),
    ways: Object.fromEntries(
      some.flatMap((room) => {
        const before = rooms.slice(0, rooms.indexOf(room));
        return before.length === 0
          ? []
          : [[room, { by: before[under(before.length)]!, seconds: under(1801) }]];
      }),
    ),
    hours: Object.fromEntries(
      rooms
        .filter(() => next() < 0.5)
        .map((room) => {
          let at = 0;
          const spans = Array.from({ length: 1 + under(3) }, (): [number, number] => {
            const from = at + 1 + under(200);
            at = from + 1 + under(200);
            return [from * 60, at * 60];
          });
          return [room, spans];
        }),
    ),
  };
};

test('what was set is typed on and read again without a change, in whatever order it is kept', () => {
  for (let seed = 0; seed < 300; seed += 1) {
    const setting = drawSetting(seed);
    expect(roomSettingOf(typedOf(setting))).toEqual(setting);
    const turned = {
      ...setting,
      hours: Object.fromEntries(Object.entries(setting.hours).reverse()),
      ways: Object.fromEntries(Object.entries(setting.ways).reverse()),
    };
    expect(sameSetting(turned, roomSettingOf(typedOf(setting))!)).toBe(true);
    expect(sameSetting(setting, { ...setting, walk: setting.walk + 1 })).toBe(false);
  }
});

test('hours that are no whole minutes are never made longer, and never left out', () => {
  const typed = (from: number, to: number) =>
    typedOf({ walk: 20, ways: {}, hours: { bath: [[from, to]] } });
  expect(typed(61, 359).hours).toEqual({ bath: '2–5' });
  expect(typed(61, 119).hours).toEqual({ bath: '2–1' });
  expect(roomSettingOf(typed(61, 119))).toBeUndefined();
});

test('a visit of before rooms were kept is taken as it is usual', () => {
  expect(sameSetting(null, { walk: 20, ways: {}, hours: {} })).toBe(true);
});
