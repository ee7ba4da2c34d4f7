import { noteSurface, surveyedOf } from '@zymostat/core';
import { addHome, addRoom, addSurface, setSurface } from '../features/homes/service.ts';
import { UNSEEN } from '../features/homes/changes.ts';
import { type Person } from '../features/people/tables.ts';
import { homes, settings } from './scenario.ts';
import { context } from './stage.ts';

/** A home as it was made, with the ids of its surfaces by their names. */
interface MadeHome {
  id: string;
  surfaces: Map<string, string>;
}

/** What the whole demo rests on once people, stock and homes are there. */
export interface Demo {
  team: Map<string, Person>;
  maren: Person;
  cleaners: Person[];
  stockIds: Map<string, string>;
  made: Map<string, MadeHome>;
}

const seedSurface = async (
  roomId: string,
  { set, accepted, lifts, ...surface }: (typeof homes)[number]['rooms'][number]['surfaces'][number],
  { stockIds, maren }: Pick<Demo, 'stockIds' | 'maren'>,
): Promise<string> => {
  // As the scenario says, and for the rest as such a thing is noted by its name.
  const noted = surveyedOf(noteSurface(surface.name));
  const { id } = await addSurface(context, roomId, { ...noted, ...surface }, maren);
  const setting = settings[set];
  if (setting) {
    const { goal, against, code, strength } = setting;
    const use = { stockId: stockIds.get(code)!, strength };
    const chosen = { goal, against, accepted: accepted ?? null, lifts, use };
    await setSurface(context, id, chosen, { seen: UNSEEN, person: maren });
  }
  return id;
};

export const seedHomes = async (by: Pick<Demo, 'stockIds' | 'maren'>): Promise<Demo['made']> => {
  const made: Demo['made'] = new Map();
  for (const { rooms, ...home } of homes) {
    const { id } = await addHome(context, home);
    const surfaces = new Map<string, string>();
    for (const { surfaces: list, ...room } of rooms) {
      const roomId = (await addRoom(context, id, room, by.maren)).id;
      for (const surface of list)
        surfaces.set(surface.name, await seedSurface(roomId, surface, by));
    }
    made.set(home.name, { id, surfaces });
  }
  return made;
};

/** A survey that has moved on: two things stand before the next version. */
export const seedMovedOn = async ({ made, stockIds, maren }: Demo): Promise<void> => {
  const { surfaces } = made.get('Ottilie')!;
  const set = async (
    name: string,
    goal: 'clean' | 'disinfect',
    [code, strength]: [string, number],
  ) => {
    const use = { stockId: stockIds.get(code)!, strength };
    const setting = { goal, against: 'everyday' as const, accepted: null, use };
    await setSurface(context, surfaces.get(name)!, setting, { seen: UNSEEN, person: maren });
  };
  await set('Shower-room floor', 'clean', ['S-0106', 0.05]);
  await set('Reading lamp', 'disinfect', ['S-0101', 0.03]);
};
