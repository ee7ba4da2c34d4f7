import type { KeyOf } from '@zymostat/words';
import { endpoints, streams } from '@zymostat/contract';
import { stripSteps } from '@zymostat/core';
import { problems } from '../../platform/http/problems.ts';
import { serve, serveEvents, type Serving } from '../../platform/http/serve.ts';
import { ask, lineStream } from './lineClient.ts';

/** Where the instruments of the bench listen, as host:port. */
export interface Instruments {
  scale?: string | undefined;
  meter?: string | undefined;
  strip?: string | undefined;
  thermometer?: string | undefined;
}

/**
 * A scale's line as the page takes it: grams, and whether it stands still; `away` where no scale
 * answers.
 */
const asReading = (line: string | null): object => {
  const weight = line === null ? null : /^weight (-?[\d.]+) g (steady|moving)$/.exec(line);
  if (weight) return { state: weight[2], grams: Number(weight[1]) };
  return { state: line === 'overload' ? 'overload' : 'away' };
};

const answerOf = async (
  address: string | undefined,
  what: KeyOf<'instrument'>,
  pattern: RegExp,
): Promise<RegExpExecArray> => {
  if (!address) throw problems.noInstrument(what);
  const line = await ask(address, 'read').catch(() => {
    throw problems.noInstrument(what);
  });
  const match = pattern.exec(line);
  if (!match) throw problems.noInstrument(what);
  return match;
};

export const instrumentRoutes = (
  on: Serving,
  { scale, meter, strip, thermometer }: Instruments,
): void => {
  const stream = scale ? lineStream(scale) : null;

  serveEvents(on, streams.scale, (tell) => {
    let last = '';
    const hear = (line: string | null) => {
      if (line?.startsWith('error')) return;
      const reading = JSON.stringify(asReading(line));
      if (reading !== last) tell(reading);
      last = reading;
    };
    if (!stream) hear(null);
    const stop = stream?.listen(hear);
    return () => stop?.();
  });

  serve(on, endpoints.tareScale, () => {
    if (!stream?.say('tare')) throw problems.noInstrument('scale');
    return Promise.resolve(null);
  });
  serve(on, endpoints.readMeter, async () => {
    const [, density, temperature] = await answerOf(
      meter,
      'density meter',
      /^density ([\d.]+) kg\/m3 at (-?[\d.]+) C$/,
    );
    return { density: Number(density), temperature: Number(temperature) };
  });
  serve(on, endpoints.readAir, async () => {
    const [, temperature, humidity] = await answerOf(
      thermometer,
      'thermometer',
      /^air (-?[\d.]+) C ([\d.]+) %$/,
    );
    return { temperature: Number(temperature), humidity: Number(humidity) / 100 };
  });
  serve(on, endpoints.readStrip, async () => {
    const [, percent] = await answerOf(strip, 'strip reader', /^strip ([\d.]+) %$/);
    const step = stripSteps.find((one) => Math.abs(one * 100 - Number(percent)) < 1e-6);
    if (step === undefined) throw problems.noInstrument('strip reader');
    return { step };
  });
};
