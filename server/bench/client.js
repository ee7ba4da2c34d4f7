import { Buffer } from 'node:buffer';
import { randomUUID } from 'node:crypto';
import { Agent, request } from 'node:http';
import { performance } from 'node:perf_hooks';
import { parentPort, workerData } from 'node:worker_threads';

/**
 * Asks as fifty pages at once would, away from the thread that answers, so that asking does not
 * slow the answers down.
 */
const { base, cookie, inFlight, requests, ids, versions, surfaces, setting, only } = workerData;
const agent = new Agent({ keepAlive: true, maxSockets: inFlight });

/** Asks as somebody who has seen whatever there is: nothing here races for the same thing. */
const NEWEST = '"999999999"';

const ask = (method, path, body) =>
  new Promise((done, failed) => {
    const text = body && JSON.stringify(body);
    const headers = {
      cookie,
      'if-match': NEWEST,
      ...(method === 'POST' ? { 'idempotency-key': randomUUID() } : {}),
      ...(text
        ? { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) }
        : {}),
    };
    const asked = request(`${base}/api${path}`, { method, agent, headers }, (answer) => {
      answer
        .resume()
        .on('end', () =>
          answer.statusCode < 300
            ? done()
            : failed(new Error(`${method} ${path}: ${answer.statusCode}`)),
        );
    });
    asked.on('error', failed).end(text);
  });

let turn = 0;
// Every request another home: 7919 is prime to any count of homes there is here.
const pick = (list) => list[(turn++ * 7919) % list.length];
const routes = {
  'GET /homes/:id': () => ask('GET', `/homes/${pick(ids)}`),
  'GET /protocols/:id': () => ask('GET', `/protocols/${pick(versions)}`),
  'PUT /surfaces/:id/setting': () => ask('PUT', `/surfaces/${pick(surfaces)}/setting`, setting),
  'POST /homes/:id/protocols': () => ask('POST', `/homes/${pick(ids)}/protocols`, {}),
};

for (const [name, call] of Object.entries(routes).filter(([one]) => only?.includes(one) ?? true)) {
  const begun = performance.now();
  const times = [];
  let left = requests;
  const one = async () => {
    while (left > 0) {
      left -= 1;
      const from = performance.now();
      await call();
      times.push(performance.now() - from);
    }
  };
  await Promise.all(Array.from({ length: inFlight }, one));
  parentPort.postMessage({
    name,
    times,
    rate: (times.length * 1000) / (performance.now() - begun),
  });
}
agent.destroy();
