import { hoursFigures, visitFigures, weekFigures } from './visitRecord.ts';
import {
  outcomeOfWetTime,
  type FactBody,
  type RecordKind,
  type RecordRow,
  type Refused,
} from '@zymostat/contract';
import { keptAs, type Active, type HouseQuestion } from '@zymostat/core';
import { clock, duration, lower, millilitres, number, strengthOf, upper } from '../figures.ts';
import type { KeyOf, Words } from '../words.ts';
import { checkInWords } from './bench.ts';
import { cameInWords } from './cameInWords.ts';
import { thing } from './bites.ts';
import { mixedInWords } from './jobReasons.ts';
import { reasonsInWords } from './reasons.ts';
import { groupOrAnything } from './rules.ts';

/** A row of the ledger in one line and a note: the same on the page, in files and in print. */
export interface RecordWords {
  what: string;
  note: string;
}

type Figures = Record<string, string | number>;
type Body = Readonly<Record<string, unknown>>;

const yesOrNo = (is: boolean): string => (is ? 'yes' : 'no');

/**
 * What a message may say of one value of a body: codes by their names, figures with their units.
 */
const figureOf = (words: Words, body: Body, key: string): string | number | undefined => {
  const value = body[key];
  if (value === null || typeof value === 'boolean') return yesOrNo(value === true);
  if (key === 'active') return words.name('active', value as Active);
  if (key === 'event') return words.name('event', value as KeyOf<'event'>);
  if (key === 'strength') return strengthOf(words, body.active as Active, value as number);
  if (key.endsWith('Seconds')) return clock(value as number);
  return typeof value === 'string' || typeof value === 'number' ? value : undefined;
};

const figuresOf = (words: Words, body: Body): Figures =>
  Object.fromEntries(
    Object.keys(body).flatMap((key) => {
      const figure = figureOf(words, body, key);
      return figure === undefined ? [] : [[key, figure]];
    }),
  );

const schoolInWords = ({ say, table, name }: Words, question: string, school: string): string => {
  const id = `${question}.${school}`;
  return id in table('school')
    ? say('recordWhat.house-rule', {
        asks: name('houseAsks', question as HouseQuestion),
        school: name('school', id as KeyOf<'school'>),
      })
    : id;
};

const thingsOf = (refused: Refused): [KeyOf<'refusedThing'>, Body][] =>
  refused.is === 'surfaces'
    ? refused.surfaces.map((surface) => ['surface', surface])
    : [[refused.is, refused]];

/** What was refused; rows of before hold it as text. */
export const refusedInWords = (
  words: Words,
  { refused, detail = '' }: FactBody<'refusal'>,
): string => {
  if (!refused) return detail;
  const named = (body: Body): Body =>
    'thing' in body ? { ...body, thing: thing(words, String(body.thing)) } : body;
  return thingsOf(refused)
    .map(([id, body]) => words.tell('refusedThing', id, figuresOf(words, named(body))))
    .join('; ');
};

const ruleFigures = (
  words: Words,
  { rule: { one, other } }: Pick<FactBody<'rule-added'>, 'rule'>,
): Figures => ({
  one: upper(words.name('group', one)),
  other: groupOrAnything(words, other),
});

const whyOf = (words: Words, { why }: FactBody<'surface-event'>): Figures => ({
  why: why ? lower(words.name('skipReason', why)) : 'no',
});

/** Kinds that say more than their body's own figures. */
const more: { [K in RecordKind]?: (words: Words, body: FactBody<K>) => Figures } = {
  'wet-time': (_, body) => {
    const outcome = outcomeOfWetTime(body);
    return { timed: yesOrNo(outcome !== null), outcome: outcome?.replace('-', '') ?? 'none' };
  },
  jar: (_, { batchCode }) => ({ batch: batchCode ?? 'no' }),
  bath: (words, { thing: what, active, strength, lay }) => ({
    thing: upper(words.name('thing', what)),
    liquid: `${lower(words.name('active', active))} ${strengthOf(words, active, strength)}`,
    time: lay ? duration(words, lay.seconds) : '',
    outcome: lay ? lay.outcome.replace('-', '') : 'intime',
    claim: lay ? words.name('soakClaim', lay.claim) : '',
  }),
  visit: visitFigures,
  'week-planned': weekFigures,
  'hours-said': hoursFigures,
  'roads-said': (_, { roads }) => ({ count: roads.length }),
  cloths: (words, { zone, temperature }) => ({
    zone: words.name('zone', zone),
    temperature: temperature ?? 0,
  }),
  'lay-time': (words, { cleaner, ratio, longestSeconds, mostSeconds, outcome, soil }) => ({
    cleaner: mixedInWords(words, cleaner, ratio),
    time: duration(words, longestSeconds),
    outcome: outcome.replace('-', ''),
    soil: upper(words.name('soil', soil)),
    most: mostSeconds === null ? 'no' : duration(words, mostSeconds),
  }),
  'round-finished': (_, { notShown = 0 }) => ({ notShown }),
  'surface-event': whyOf,
  'late-event': whyOf,
  'drying-taken': (words, { application, factor, before }) => ({
    how: words.name('application', application),
    factor: number(words, factor),
    before: number(words, before),
  }),
  'air-measured': (words, { temperature, humidity }) => ({
    temperature: number(words, temperature),
    humidity: number(words, Math.round(humidity * 100)),
  }),
  correction: (_, { because = 'no' }) => ({ because }),
  refusal: (words, body) => ({
    what: words.name('refusedWhat', body.what),
    refused: refusedInWords(words, body),
  }),
  'stock-received': (words, { volume, lot }) => ({
    amount: millilitres(words, volume),
    lot: lot ?? 'no',
  }),
  'stock-read': (words, { active, low, high }) => ({
    low: strengthOf(words, active, low),
    high: strengthOf(words, active, high),
  }),
  'stock-told': (words, { volume, before, why, from, storage }) => ({
    amount: millilitres(words, volume ?? 0),
    had: millilitres(words, before),
    why: why ?? 'no',
    other: from?.code ?? '',
    kept: storage ? words.name('storedAs', keptAs(storage)) : 'no',
  }),
  invitation: (words, { role }) => ({ role: words.name('roleName', role) }),
  'person-added': (words, { role }) => ({ role: words.name('roleName', role) }),
  'role-changed': (words, { from, to }) => ({
    from: words.name('roleName', from),
    to: words.name('roleName', to),
  }),
  'rule-added': ruleFigures,
  'rule-withdrawn': ruleFigures,
};

/** Kinds whose line or note is put together from several messages. */
const own: { [K in RecordKind]?: (words: Words, body: FactBody<K>) => Partial<RecordWords> } = {
  check: (words, body) => ({ note: checkInWords(words, body) }),
  'house-rules': (words, { changes }) => ({
    what: changes.map(({ question, to }) => schoolInWords(words, question, to)).join('; '),
  }),
  'wet-time': (words, { event, active, strength }) => ({
    note: words.say('recordNote.wet-time', {
      event: lower(words.name('event', event)),
      strength: strengthOf(words, active, strength),
    }),
  }),
  refusal: (words, { reasons }) => ({ note: reasonsInWords(words, reasons) }),
  'round-finished': (words, body) => ({ note: cameInWords(words, body) }),
};

type Teller<T> = ((words: Words, body: FactBody<RecordKind>) => T) | undefined;

/** What a row of the ledger says. */
export const recordInWords = (
  words: Words,
  { kind, body, subject }: Pick<RecordRow, 'kind' | 'body' | 'subject'>,
): RecordWords => {
  const figures = {
    subject: subject ?? '',
    ...figuresOf(words, body),
    ...(more[kind] as Teller<Figures>)?.(words, body),
  };
  const told = (own[kind] as Teller<Partial<RecordWords>>)?.(words, body);
  const tell = (topic: 'recordWhat' | 'recordNote') =>
    kind in words.table(topic) ? words.tell(topic, kind, figures) : '';
  return { what: told?.what ?? tell('recordWhat'), note: told?.note ?? tell('recordNote') };
};
