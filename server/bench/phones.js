import { Buffer } from 'node:buffer';
import { randomUUID } from 'node:crypto';
import { Agent, request } from 'node:http';
import { performance } from 'node:perf_hooks';
import { setTimeout as pause } from 'node:timers/promises';
import { parentPort, workerData } from 'node:worker_threads';

/**
 * Sends as phones would: each waits for its answer before it sends on. One event a request, or as
 * many as `batch` says; to a route that takes whatever is sent where `bare`.
 */
const { base, phones, batch, seconds, bare, perSecond } = workerData;
const agent = new Agent({ keepAlive: true, maxSockets: phones.length });

const post = (path, cookie, body) =>
  new Promise((done, failed) => {
    const text = JSON.stringify(body);
    const headers = {
      cookie,
      'content-type': 'application/json',
      'content-length': Buffer.byteLength(text),
    };
    const asked = request(`${base}/api${path}`, { method: 'POST', agent, headers }, (answer) => {
      let said = '';
      answer
        .on('data', (part) => (said += part))
        .on('end', () =>
          answer.statusCode < 300 && !said.includes('"problem"')
            ? done()
            : failed(new Error(`${path}: ${answer.statusCode} ${said.slice(0, 300)}`)),
        );
    });
    asked.on('error', failed).end(text);
  });

let last = Date.now();
const eventOf = ({ personId, surfaces }, i) => ({
  id: randomUUID(),
  personId,
  surfaceId: surfaces[i % surfaces.length],
  kind: 'washed',
  at: (last = Math.max(last, Date.now())),
  said: last,
  clock: { opening: 'phone', uncertain: 0 },
  batchId: null,
});

const send = (phone, from) => {
  const { roundId, cookie } = phone;
  const events = Array.from({ length: batch }, (_, i) => ({
    roundId,
    ...eventOf(phone, from + i),
  }));
  if (bare || batch > 1) return post('/events', cookie, { events });
  const { roundId: _, ...event } = events[0];
  return post(`/rounds/${roundId}/events`, cookie, event);
};

const times = [];
const begun = performance.now();
const until = performance.now() + seconds * 1000;
let sent = 0;
const work = async (phone) => {
  for (let i = 0; performance.now() < until; i += batch) {
    const from = performance.now();
    await send(phone, i);
    times.push(performance.now() - from);
    sent += batch;
    // No faster than asked for.
    const due = perSecond ? begun + (sent / perSecond) * 1000 : 0;
    if (due > performance.now()) await pause(due - performance.now());
  }
};
await Promise.all(phones.map(work));
parentPort.postMessage({ sent, took: (performance.now() - begun) / 1000, times });
agent.destroy();
