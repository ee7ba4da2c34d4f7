import { createServer, type AddressInfo, type Server } from 'node:net';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { lineStream } from '../src/features/instruments/lineClient.ts';

let device: Server;
beforeAll(async () => {
  device = createServer((socket) =>
    socket
      .on('error', () => undefined)
      .resume()
      .write('steady 0.0 g\n'),
  );
  await new Promise<void>((done) => device.listen(0, '127.0.0.1', done));
});
afterAll(() => new Promise((done) => device.close(done)));

test('who comes back the moment the last one left hears the device at once, and is not told that it is away', async () => {
  const stream = lineStream(`127.0.0.1:${(device.address() as AddressInfo).port}`);
  const first = await new Promise<() => void>((done) => {
    const stop = stream.listen(() => done(() => stop()));
  });
  first();
  const heard: (string | null)[] = [];
  await new Promise<void>((done) => {
    stream.listen((line) => {
      heard.push(line);
      if (line !== null) done();
    });
  });
  expect(stream.say('tare')).toBe(true);
  stream.close();
  expect(heard).toEqual(['steady 0.0 g']);
});
