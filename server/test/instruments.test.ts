import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { startDevices } from '../../devices/src/start.ts';
import { createApp } from '../src/app.ts';
import { listenTo } from '../src/platform/database/notices.ts';
import { Caller, testBed, type Bed, key, quiet } from './support.ts';

let bed: Bed;
let devices: Awaited<ReturnType<typeof startDevices>>;
let server: Server;
let tobias: Caller;
const listener = () => listenTo(bed.url);
let ledger: ReturnType<typeof listener>;

beforeAll(async () => {
  bed = await testBed();
  devices = await startDevices();
  ledger = listener();
  const at = (port: number) => `127.0.0.1:${port}`;
  server = createServer(
    createApp(
      { write: bed.context, read: bed.context, report: bed.context },
      {
        notices: ledger,
        log: quiet,
        key,
        instruments: {
          scale: at(devices.ports.scale),
          meter: at(devices.ports.meter),
          strip: at(devices.ports.strip),
          thermometer: at(devices.ports.thermometer),
        },
      },
    ),
  );
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  tobias = new Caller(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
  tobias.cookie = (await bed.as('tobias')).cookie;
});
afterAll(async () => {
  devices.close();
  server.closeAllConnections();
  await new Promise((done) => server.close(done));
  await ledger.close();
  await bed.close();
});

const act = (device: string, line: string) =>
  fetch(`http://127.0.0.1:${devices.ports.page}/do`, {
    method: 'POST',
    body: JSON.stringify({ device, line }),
  }).then((response) => response.text());

/** Listens to the relayed scale until a reading fits. */
const until = async (fits: (reading: { state: string; grams?: number }) => boolean) => {
  const response = await fetch(
    `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/scale`,
    { headers: { cookie: tobias.cookie } },
  );
  const reader = response.body!.getReader();
  for (;;) {
    const { value, done } = await reader.read();
    if (done) throw new Error('the scale fell silent');
    for (const [, json] of new TextDecoder().decode(value).matchAll(/^data: (.*)$/gm)) {
      const reading = JSON.parse(json!) as { state: string; grams?: number };
      if (!fits(reading)) continue;
      await reader.cancel();
      return reading;
    }
  }
};

test('what is put on the scale comes through, moving and then steady; tare sets it to nought', async () => {
  const moving = until(({ state }) => state === 'moving');
  await new Promise((done) => setTimeout(done, 100));
  await act('scale', 'put 250');
  expect((await moving).state).toBe('moving');
  expect((await until(({ state, grams }) => state === 'steady' && grams! > 249)).grams).toBeCloseTo(
    250,
    0,
  );
  const tared = until(({ state, grams }) => state === 'steady' && Math.abs(grams!) < 0.3);
  await new Promise((done) => setTimeout(done, 100));
  expect((await tobias.call('POST /scale/tare', {})).status).toBe(200);
  await tared;
  await act('scale', 'put 9000');
  await until(({ state }) => state === 'overload');
});

test('the meter, the strip and the thermometer are read on asking', async () => {
  await act('meter', 'sample ethanol 70 20');
  const { body } = await tobias.call('POST /meter/read', {});
  expect(Math.abs(body.density - 885.56)).toBeLessThan(0.3);
  await act('strip', 'sample 1.6');
  expect((await tobias.call('POST /strip/read', {})).body).toEqual({ step: 0.015 });
  await act('thermometer', 'sample 23.5 41');
  expect((await tobias.call('POST /thermometer/read', {})).body).toEqual({
    temperature: 23.5,
    humidity: 0.41,
  });
});

test('without a session nothing is told, and without an instrument it says so', async () => {
  expect((await fetch(`${bed.base}/api/scale`)).status).toBe(401);
  const there = await bed.as('tobias');
  for (const line of [
    'POST /meter/read',
    'POST /strip/read',
    'POST /thermometer/read',
    'POST /scale/tare',
  ]) {
    expect(await there.call(line, {})).toMatchObject({
      status: 503,
      body: { type: '/problems/no-instrument', detail: expect.stringContaining('does not answer') },
    });
  }
});
