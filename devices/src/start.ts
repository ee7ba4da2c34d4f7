import { serveControlPage } from './controlPage.ts';
import { serveLines } from './lines.ts';
import { Scale } from './scale.ts';
import { DensityMeter, Strip, Thermometer } from './testers.ts';

const EVERY_MS = 150;

/** Starts the simulated bench on loopback, each on a port that is free unless named. */
export const startDevices = async (
  ports: {
    scale?: number;
    meter?: number;
    strip?: number;
    thermometer?: number;
    page?: number;
  } = {},
) => {
  const scale = new Scale(Date.now());
  const [density, strip, thermometer] = [new DensityMeter(), new Strip(), new Thermometer()];
  const read = () => scale.read(Date.now());
  const scaleLines = await serveLines(ports.scale ?? 0, {
    answer: (line) => scale.take(line, Date.now()),
    tell: { every: EVERY_MS, line: read },
  });
  const meterLines = await serveLines(ports.meter ?? 0, { answer: (line) => density.take(line) });
  const stripLines = await serveLines(ports.strip ?? 0, { answer: (line) => strip.take(line) });
  const airLines = await serveLines(ports.thermometer ?? 0, {
    answer: (line) => thermometer.take(line),
  });
  const act = {
    scale: (line: string) => scale.take(line, Date.now()) ?? 'ok',
    meter: (line: string) => density.take(line),
    strip: (line: string) => strip.take(line),
    thermometer: (line: string) => thermometer.take(line),
  };
  const page = await serveControlPage(ports.page ?? 0, read, (device, line) => act[device](line));
  return {
    ports: {
      scale: scaleLines.port,
      meter: meterLines.port,
      strip: stripLines.port,
      thermometer: airLines.port,
      page: page.port,
    },
    close: () => {
      for (const one of [scaleLines, meterLines, stripLines, airLines]) one.close();
      page.server.close();
      page.server.closeAllConnections();
    },
  };
};
