import type { RoomSetting } from '@zymostat/contract';
import { seeded } from '../../core/src/units/random.ts';
import {
  roomSettingOf,
  sameSetting,
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
    ['hours that end before they begin', { ...usual, hours: { hall: { from: '30', to: '10' } } }],
    ['hours without an end', { ...usual, hours: { hall: { from: '30', to: '' } } }],
  ])('%s is not read as something else', (_, typed) => {
    expect(roomSettingOf(typed)).toBeUndefined();
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
          const from = under(200);
          return [room, [[from * 60, (from + 1 + under(200)) * 60]]];
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

test('hours that are no whole minutes are never made longer', () => {
  const hours = { bath: [[61, 359] as [number, number]] };
  expect(typedOf({ walk: 20, ways: {}, hours }).hours).toEqual({ bath: { from: '2', to: '5' } });
});

test('a visit of before rooms were kept is taken as it is usual', () => {
  expect(sameSetting(null, { walk: 20, ways: {}, hours: {} })).toBe(true);
});
