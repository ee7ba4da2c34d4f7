import {
  cleanerRatios,
  type Cleaner,
  type MaterialId,
  type JobFigures,
  type ReasonFigures,
} from '@zymostat/core';
import {
  duration,
  isoDay,
  lower,
  millilitres,
  number,
  percent,
  strengthOf,
  upper,
} from '../figures.ts';
import type { Figures } from '../keys.ts';
import type { Words } from '../words.ts';
import { byActs } from './bites.ts';

/** How much of a cleaner, in the unit that it is measured in: "15 ml a litre", "2.5 %", "2 to 1". */
export const ratioInWords = (words: Words, cleaner: Cleaner, ratio: number): string => {
  const { unit } = cleanerRatios[cleaner];
  if (cleaner === 'soda-paste') return words.name('ratio', 'paste');
  const value = number(words, unit === 'fraction' ? ratio * 100 : ratio);
  return words.say(`ratio.${unit}`, { value });
};

/** "vinegar, 2.5 %": a cleaner with how much of it. */
export const mixedInWords = (words: Words, cleaner: Cleaner, ratio: number): string => {
  const called = words.name('cleaner', cleaner);
  return cleaner === 'water' || cleaner === 'soda-paste'
    ? called
    : `${called}, ${ratioInWords(words, cleaner, ratio)}`;
};

/** Codes of the jobs beside spray and wipe whose message asks for figures. */
type Figured = {
  [C in keyof JobFigures]: `reason.${C}` extends keyof Figures ? C : never;
}[keyof JobFigures];
type Teller<C extends Figured> = (
  words: Words,
  figures: ReasonFigures[C],
) => Figures[`reason.${C}`];

const material = ({ name }: Words, f: { material: MaterialId }) => ({
  material: upper(name('material', f.material)),
});

const strengths = (words: Words, f: { strength: number; floor?: number; most?: number }) => ({
  strength: percent(words, f.strength),
  floor: percent(words, f.floor ?? 0),
  most: percent(words, f.most ?? 0),
});

const ofActive = (words: Words, f: ReasonFigures['jar-cleans-only']) => ({
  strength: strengthOf(words, f.active, f.strength),
  floor: strengthOf(words, f.active, f.floor),
});

const longest = (words: Words, f: { seconds: number; most: number }) => ({
  time: duration(words, f.seconds),
  most: duration(words, f.most),
});

/** Every code with figures: the compiler names the one that is missing. */
export const jobFiguresInWords: { [C in Figured]: Teller<C> } = {
  'jar-cleans-only': ofActive,
  'jar-too-small': (words, f) => ({
    wanted: millilitres(words, f.wanted),
    volume: millilitres(words, f.volume),
  }),
  'batch-too-small': (words, f) => ({
    wanted: millilitres(words, f.wanted),
    volume: millilitres(words, f.volume),
  }),
  'cloth-never-holds': (words, f) => ({ time: duration(words, f.seconds) }),
  'jar-past': (_, f) => ({ awayAt: isoDay(f.awayAt) }),
  'jar-not-ready': ({ locale }, f) => ({
    readyAt: new Date(f.readyAt).toLocaleTimeString(locale, {
      hour: '2-digit',
      minute: '2-digit',
    }),
  }),
  'jar-short': (_, f) => f,
  'no-such-soak': (words, f) => ({
    thing: words.name('thing', f.thing),
    family: lower(words.name('family', f.family)),
  }),
  'bath-too-weak': strengths,
  'bath-too-strong': strengths,
  'bath-too-much': (words, f) => ({
    volume: millilitres(words, f.volume),
    most: millilitres(words, f.most),
  }),
  'bath-does-not-cover': (words, f) => ({
    load: millilitres(words, f.load),
    volume: millilitres(words, f.volume),
  }),
  'under-least': (words, f) => ({
    time: duration(words, f.seconds),
    least: duration(words, f.least),
  }),
  'over-longest': longest,
  'acid-for-minutes': (words, f) => ({ ...material(words, f), most: duration(words, f.most) }),
  'no-such-descaling': ({ name }, f) => ({ cleaner: name('cleaner', f.cleaner) }),
  'citrate-drops': strengths,
  'alkali-barred': material,
  'alkali-care': material,
  'solvent-barred': material,
  'rust-acid-barred': material,
  'ratio-outside': (words, f) => ({
    ratio: ratioInWords(words, f.cleaner, f.ratio),
    least: ratioInWords(words, f.cleaner, f.least),
    most: ratioInWords(words, f.cleaner, f.most),
  }),
  'does-not-lift': ({ name }, f) => ({
    cleaner: upper(name('cleaner', f.cleaner)),
    soil: name('soil', f.soil),
  }),
  'lies-near': (words, f) => ({ surface: f.surface, ...byActs(words, f) }),
  'meets-about': (words, f) => ({
    keeps: words.name('product', f.keeps),
    at: f.at,
    ...byActs(words, f),
  }),
  'scent-too-much': (words, f) => ({
    share: percent(words, f.share),
    most: percent(words, f.most),
  }),
  'scent-with': ({ name }, f) => ({ situation: lower(name('situation', f.situation)) }),
  'wash-too-cold': (_, f) => f,
  'worn-out': (_, f) => ({ washes: f.washes }),
  'not-a-job': ({ name }, f) => ({
    what: name('refusedJob', f.what),
    ask: name('askWho', f.ask),
  }),
};
