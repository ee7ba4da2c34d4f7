import { isHealthy } from '../src/platform/http/health.ts';
import { serveMetrics } from '../src/platform/metrics.ts';
import type { AddressInfo } from 'node:net';
import { testBed, type Bed } from './support.ts';

let bed: Bed;
beforeAll(async () => {
  bed = await testBed();
});
afterAll(() => bed.close());

test('a server whose database answers is well, and says nothing more', async () => {
  const answer = await fetch(`${bed.base}/healthz`);
  expect([answer.status, await answer.json()]).toEqual([200, { well: true }]);
  expect(answer.headers.get('cache-control')).toBe('no-store');
});

test('one whose database is away, or takes too long, is not', async () => {
  const away = { db: { query: () => Promise.reject(new Error('gone')) } };
  expect(await isHealthy(away as never)).toBe(false);
  const slow = { db: { query: () => new Promise<never>(() => undefined) } };
  expect(await isHealthy(slow as never)).toBe(false);
});

test('figures are told on loopback by route, and hold no ids', async () => {
  const maren = await bed.as('maren');
  const { id } = (await maren.call('GET /session')).body.person;
  await maren.call(`GET /people/${id}/sessions`);
  const server = serveMetrics(0);
  await new Promise((done) => server.once('listening', done));
  const { port, address } = server.address() as AddressInfo;
  expect(address).toBe('127.0.0.1');
  const figures = await (await fetch(`http://127.0.0.1:${port}`)).text();
  expect(figures).toMatch(/zymostat_http_seconds_count\{.*route="\/people\/:id\/sessions".*\} 1/);
  expect(figures).not.toContain(id);
  await new Promise((done) => server.close(done));
});
