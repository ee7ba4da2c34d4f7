import type { CheckReading } from '@zymostat/contract';
import { parseFigure, stripSteps } from '@zymostat/core';
import * as v from 'valibot';
import { figureBetween } from '../../../ui/form/checks.ts';
import { line } from '../../../ui/form/lines.ts';
import { w } from '../../../words/words.ts';

/** People write g/mL or kg/m³; both are read as kg/m³. */
const densityIn = (text: string): number | undefined => {
  const figure = parseFigure(text);
  if (figure === undefined) return undefined;
  return figure < 2 ? figure * 1000 : figure;
};
const aDensity = (text: string): string | null => {
  const density = densityIn(text);
  return density !== undefined && density >= 600 && density <= 1300
    ? null
    : w.say('bench.found600To1300Kg', { text: text.trim() });
};

export interface DensityLines {
  density: string;
  temperature: string;
}

/** What a density meter or a spindle says of a batch. */
export const densityForm = v.pipe(
  v.object({
    density: line(aDensity, (text) => densityIn(text)!),
    temperature: line(figureBetween(-10, 40, '°C'), (text) => parseFigure(text)!),
  }),
  v.transform((read) => ({ by: 'density' as const, ...read })),
);
export type DensityReading = Extract<CheckReading, { by: 'density' }>;

export interface StripLines {
  step: (typeof stripSteps)[number] | null;
}

/** Which colour step a strip shows. */
export const stripForm = v.pipe(
  v.object({ step: v.picklist(stripSteps, () => w.name('bench', 'chooseTheStep')) }),
  v.transform((read) => ({ by: 'strip' as const, ...read })),
) as v.GenericSchema<StripLines, StripReading>;
export type StripReading = Extract<CheckReading, { by: 'strip' }>;
