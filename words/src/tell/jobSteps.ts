import type { JobStep, JobStepFigures } from '@zymostat/core';
import { duration, millilitres, percent } from '../figures.ts';
import type { Words } from '../words.ts';
import { mixedInWords } from './jobReasons.ts';

type Poured = JobStepFigures['fill'];
type Mixed = JobStepFigures['wash-with'];

const poured = (words: Words, { acid, strength, volume }: Poured) => ({
  acid: words.name('cleaner', acid),
  strength: percent(words, strength),
  volume: millilitres(words, volume),
});
const mixed = (words: Words, { cleaner, ratio }: Mixed) => ({
  what: mixedInWords(words, cleaner, ratio),
});

/** How long it lies: no end named, one moment, or a look and an end. */
const left = (words: Words, { least, most }: JobStepFigures['leave']) => {
  const until = most === least ? 'same' : 'other';
  return {
    until: most === null ? 'none' : until,
    least: duration(words, least),
    most: duration(words, most ?? least),
  };
};

/** The figures of a step in words, as its message asks for them. */
const figuresOf = (words: Words, step: JobStep): Record<string, string | number> => {
  switch (step.code) {
    case 'tie-bag':
    case 'fill':
    case 'run-half':
    case 'bowl-on-rack':
    case 'pour-in':
      return poured(words, step.figures);
    case 'wash-with':
    case 'wipe-on':
    case 'on-cloth':
      return mixed(words, step.figures);
    case 'leave':
      return left(words, step.figures);
    case 'clear-runs':
      return { runs: words.say(`clearRuns.${step.figures.what}`, { runs: step.figures.runs }) };
    case 'water-after':
    case 'heat':
    case 'door-shut':
      return { time: duration(words, step.figures.seconds) };
    case 'spoon-in':
      return {
        vinegar: millilitres(words, step.figures.vinegar),
        water: millilitres(words, step.figures.water),
      };
    case 'fill-bath':
      return {
        volume: millilitres(words, step.figures.volume),
        strength: percent(words, step.figures.strength),
      };
    case 'wash-hot':
      return { temperature: step.figures.temperature };
    default:
      return {};
  }
};

/** The steps of a job as orders, one sentence or two each. */
export const jobOrders = (words: Words, steps: readonly JobStep[]): string[] =>
  steps.map((step) => words.tell('jobStep', step.code, figuresOf(words, step)));
