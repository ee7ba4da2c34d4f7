import { Worker } from 'node:worker_threads';
import { addHome, disinfect, testBed } from '../test/support.ts';

/**
 * How quickly the protocol's routes answer with 2,000 homes and 50 requests in flight: npm run
 * bench:server, with DATABASE_URL set.
 */
const HOMES = 2000;
const IN_FLIGHT = 50;
const REQUESTS = 3000;

const bed = await testBed();
const maren = await bed.as('maren');
const { home } = await addHome(
  maren,
  Array.from({ length: 12 }, (_, i) => ({
    fields: { name: `Surface ${i}` },
    ...(i % 2 ? { setting: disinfect(bed.stock['S-1'], 0.03) } : {}),
  })),
);
await maren.call(`POST /homes/${home}/protocols`, {});
// The other homes are copies of the first: rooms, surfaces and approved version with ids of their
// own.
await bed.context.db.query(
  `WITH made AS (INSERT INTO home (id, name, place, situations, client_keeps) SELECT gen_random_uuid(), name || n, place, situations, client_keeps FROM home, generate_series(2, $1::int) n RETURNING id),
        room_made AS (INSERT INTO room (id, home_id, name, floor_area, height, ventilation, flame) SELECT gen_random_uuid(), made.id, r.name, floor_area, height, ventilation, flame FROM made, room r WHERE r.home_id = $2 RETURNING id, home_id),
        surface_made AS (INSERT INTO surface (id, room_id, name, material, level, area, touched, food, goal, against, stock_id, strength)
          SELECT gen_random_uuid(), m.id, s.name, material, level, area, touched, food, goal, against, stock_id, strength FROM room_made m, surface s JOIN room r ON s.room_id = r.id WHERE r.home_id = $2 RETURNING 1)
   INSERT INTO protocol_version (id, home_id, number, approved_at, approved_by, protocol) SELECT gen_random_uuid(), made.id, 1, v.approved_at, v.approved_by, v.protocol FROM made, protocol_version v WHERE v.home_id = $2`,
  [HOMES, home],
);
const ids = ((await bed.context.db.query('SELECT id FROM home')) as { id: string }[]).map(
  ({ id }) => id,
);
const versions = (
  (await bed.context.db.query('SELECT id FROM protocol_version')) as { id: string }[]
).map(({ id }) => id);
const surfaces = (
  (await bed.context.db.query('SELECT id FROM surface LIMIT 5000')) as { id: string }[]
).map(({ id }) => id);

const setting = disinfect(bed.stock['S-1'], 0.03);
const workload = {
  base: bed.base,
  cookie: maren.cookie,
  inFlight: IN_FLIGHT,
  requests: REQUESTS,
  ids,
  versions,
  surfaces,
  setting,
};
console.log(
  `${ids.length} homes, ${IN_FLIGHT} in flight, ${REQUESTS} requests a route; the client on a thread of its own`,
);
await new Promise<void>((done, failed) => {
  const client = new Worker(new URL('./client.js', import.meta.url), { workerData: workload });
  client.on('message', ({ name, times }: { name: string; times: number[] }) => {
    times.sort((a, b) => a - b);
    const at = (part: number) =>
      times[Math.min(times.length - 1, Math.floor(times.length * part))]!.toFixed(1);
    console.log(`${name.padEnd(28)} median ${at(0.5)} ms, p95 ${at(0.95)} ms, most ${at(1)} ms`);
  });
  client.on('error', failed);
  client.on('exit', () => done());
});
await bed.close();
