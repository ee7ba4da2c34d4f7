import { Worker } from 'node:worker_threads';
import { disinfect, testBed } from '../test/support.ts';
import { manyHomes, whatThereIs } from './homes.ts';

/**
 * How quickly the protocol's routes answer with 2,000 homes and 50 requests in flight: npm run
 * bench:server, with DATABASE_URL set.
 */
const HOMES = 2000;
const IN_FLIGHT = 50;
const REQUESTS = 3000;

const bed = await testBed();
const maren = await bed.as('maren');
await manyHomes(bed, maren, HOMES);
const { ids, versions, surfaces } = await whatThereIs(bed);

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
