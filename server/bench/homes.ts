import { addHome, disinfect, type Bed, type Caller } from '../test/support.ts';

const copies = `WITH made AS (INSERT INTO home (id, name, place, situations, client_keeps) SELECT gen_random_uuid(), name || n, place, situations, client_keeps FROM home, generate_series(2, $1::int) n RETURNING id),
        room_made AS (INSERT INTO room (id, home_id, name, floor_area, height, ventilation, flame) SELECT gen_random_uuid(), made.id, r.name, floor_area, height, ventilation, flame FROM made, room r WHERE r.home_id = $2 RETURNING id, home_id),
        surface_made AS (INSERT INTO surface (id, room_id, name, material, level, area, touched, food, goal, against, stock_id, strength)
          SELECT gen_random_uuid(), m.id, s.name, material, level, area, touched, food, goal, against, stock_id, strength FROM room_made m, surface s JOIN room r ON s.room_id = r.id WHERE r.home_id = $2 RETURNING 1)
   INSERT INTO protocol_version (id, home_id, number, approved_at, approved_by, protocol) SELECT gen_random_uuid(), made.id, 1, v.approved_at, v.approved_by, v.protocol FROM made, protocol_version v WHERE v.home_id = $2`;

/**
 * An approved home with twelve surfaces and copies of it, `count` in all: rooms, surfaces and
 * approved version with ids of their own.
 */
export const manyHomes = async (bed: Bed, maren: Caller, count: number): Promise<void> => {
  const { home } = await addHome(
    maren,
    Array.from({ length: 12 }, (_, i) => ({
      fields: { name: `Surface ${i}` },
      ...(i % 2 ? { setting: disinfect(bed.stock['S-1'], 0.03) } : {}),
    })),
  );
  await maren.call(`POST /homes/${home}/protocols`, {});
  await bed.context.db.query(copies, [count, home]);
};

const idsOf = async (bed: Bed, from: string): Promise<string[]> =>
  ((await bed.context.db.query(`SELECT id FROM ${from}`)) as { id: string }[]).map(({ id }) => id);

/** What there is to ask for. */
export const whatThereIs = async (bed: Bed) => ({
  ids: await idsOf(bed, 'home'),
  versions: await idsOf(bed, 'protocol_version'),
  surfaces: await idsOf(bed, 'surface LIMIT 5000'),
});
