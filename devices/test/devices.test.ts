import { connect } from 'node:net';
import { massFraction, strengthFromDensity, densityAt } from '@zymostat/core';
import { Scale } from '../src/scale.ts';
import { startDevices } from '../src/start.ts';
import { DensityMeter, Strip, Thermometer } from '../src/testers.ts';

const grams = (line: string) => Number(/^weight (-?[\d.]+) g/.exec(line)![1]);

describe('the scale', () => {
  test('swings in, then stands still', () => {
    const scale = new Scale(0);
    scale.take('noise 0', 0);
    scale.take('put 100', 0);
    expect(scale.read(10)).toMatch(/moving$/);
    expect(grams(scale.read(10))).toBeLessThan(20);
    expect(scale.read(2000)).toBe('weight 100.0 g steady');
  });
  test('tare, taking off, overload, drift', () => {
    const scale = new Scale(0);
    for (const line of ['noise 0', 'put 48.2']) scale.take(line, 0);
    scale.take('tare', 5000);
    scale.take('put 66.4', 6000);
    expect(scale.read(9000)).toBe('weight 66.4 g steady');
    scale.take('take 6.4', 9000);
    expect(scale.read(12_000)).toBe('weight 60.0 g steady');
    scale.take('drift 0.5', 12_000);
    expect(scale.read(72_000)).toBe('weight 60.5 g steady');
    scale.take('put 6000', 72_000);
    expect(scale.read(80_000)).toBe('overload');
  });
  test('noise stays small, and the same seed gives the same noise', () => {
    const readings = [new Scale(0), new Scale(0)].map((scale) =>
      Array.from({ length: 50 }, (_, i) => scale.read(10_000 + i)),
    );
    expect(readings[0]).toEqual(readings[1]);
    for (const line of readings[0]!) expect(Math.abs(grams(line))).toBeLessThanOrEqual(0.2);
  });
  test.each(['put', 'put x', 'put -3', 'dance', ''])(
    '"%s" is answered with what is allowed',
    (line) => expect(new Scale(0).take(line, 0)).toMatch(/^error found .*allowed are tare/),
  );
});

test('the density meter shows what its sample weighs', () => {
  const meter = new DensityMeter();
  expect(meter.take('sample ethanol 70 25')).toBe('ok');
  const [, density, t] = /^density ([\d.]+) kg\/m3 at ([\d.]+) C$/.exec(meter.take('read'))!;
  expect(Number(t)).toBe(25);
  expect(
    Math.abs(Number(density) - densityAt('ethanol', massFraction('ethanol', 0.7), 25)),
  ).toBeLessThan(0.2);
  expect(strengthFromDensity('ethanol', Number(density), 25)! * 100).toBeCloseTo(70, 0);
  expect(meter.take('sample rum 70 25')).toMatch(/^error found/);
});

test('the thermometer shows the air that was set', () => {
  const thermometer = new Thermometer();
  expect(thermometer.take('read')).toBe('air 21.0 C 50 %');
  expect(thermometer.take('sample 24.5 38')).toBe('ok');
  expect(thermometer.take('read')).toBe('air 24.5 C 38 %');
  for (const line of ['sample 99 38', 'sample 20 101', 'sample warm', 'show'])
    expect(thermometer.take(line)).toMatch(/^error found/);
  expect(thermometer.take('read')).toBe('air 24.5 C 38 %');
});

test('the strip shows the highest step that is reached', () => {
  const strip = new Strip();
  expect(strip.take('read')).toBe('strip 3 %');
  strip.take('sample 2.9');
  expect(strip.take('read')).toBe('strip 2 %');
  expect(strip.take('sample much')).toMatch(/^error found/);
});

test('over TCP: readings come by themselves, commands are taken', async () => {
  const { ports, close } = await startDevices();
  const socket = connect(ports.scale, '127.0.0.1');
  socket.write('nonsense\nput 250\n');
  const heard = await new Promise<string>((done) => {
    let text = '';
    socket.on('data', (chunk) => {
      text += chunk.toString();
      if (/weight 2(49|50)\.\d g steady/.test(text)) done(text);
    });
  });
  expect(heard).toContain('error found "nonsense"');
  expect(heard).toMatch(/g moving/);
  const answer = await fetch(`http://127.0.0.1:${ports.page}/do`, {
    method: 'POST',
    body: JSON.stringify({ device: 'strip', line: 'read' }),
  });
  expect(await answer.text()).toBe('strip 3 %');
  expect(
    (await fetch(`http://127.0.0.1:${ports.page}/do`, { method: 'POST', body: '{' })).status,
  ).toBe(400);
  socket.destroy();
  close();
});
