import type { RecordRow } from '@zymostat/contract';
import type { HouseQuestion } from '@zymostat/core';
import { clock, lower, strengthOf, upper } from '../figures.ts';
import type { KeyOf, Words } from '../words.ts';
import { checkInWords } from './bench.ts';
import { reasonsInWords, thing } from './reasons.ts';
import { groupOrAnything } from './rules.ts';

/** A row of the ledger in one line and a note: the same on the page, in files and in print. */
export interface RecordWords {
  what: string;
  note: string;
}

type Row<K extends RecordRow['kind']> = Extract<RecordRow, { kind: K }>;
type Teller<K extends RecordRow['kind']> = (words: Words, body: Row<K>['body']) => RecordWords;

const schoolInWords = ({ say, table, name }: Words, question: string, school: string): string => {
  const id = `${question}.${school}`;
  return id in table('school')
    ? say('recordWhat.house-rule', {
        asks: name('houseAsks', question as HouseQuestion),
        school: name('school', id as KeyOf<'school'>),
      })
    : id;
};

const wetTime: Teller<'wet-time'> = (words, body) => {
  const { roomName: room, surfaceName: surface, requiredSeconds, heldSeconds, met } = body;
  const { say, name } = words;
  const what =
    requiredSeconds > 0
      ? say('recordWhat.wet-time', {
          room,
          surface,
          held: clock(heldSeconds),
          required: clock(requiredSeconds),
          met: met ? 'yes' : 'no',
        })
      : say('recordWhat.wet-cleaned', { room, surface });
  const event = lower(name('event', body.event));
  const strength = strengthOf(words, body.active, body.strength);
  return { what, note: say('recordNote.wet-time', { event, strength }) };
};

const rule = (
  words: Words,
  { rule: { one, other }, edition }: Pick<Row<'rule-added'>['body'], 'rule' | 'edition'>,
): RecordWords => ({
  what: upper(
    words.say('recordWhat.rule', {
      one: words.name('group', one),
      other: groupOrAnything(words, other),
    }),
  ),
  note: words.say('recordNote.rule', { edition }),
});

const mishap = (
  { say }: Words,
  { what, place, who, done }: Pick<Row<'near-miss'>['body'], 'what' | 'place' | 'who' | 'done'>,
): RecordWords => ({
  what,
  note: say('recordNote.mishap', { place, who, done }),
});

const tellers: { [K in RecordRow['kind']]: Teller<K> } = {
  approval: ({ say }, { number, surfaces, accepted }) => ({
    what: say('recordWhat.approval', { number }),
    note: say('recordNote.approval', { surfaces, accepted }),
  }),
  batch: (words, { code, active, strength, stockCode }) => ({
    what: words.say('recordWhat.batch', {
      code,
      strength: strengthOf(words, active, strength),
      active: words.name('active', active),
    }),
    note: words.say('recordNote.batch', { stock: stockCode }),
  }),
  check: (words, body) => ({
    what: words.say(`recordWhat.${body.inStrength ? 'check-verified' : 'check-set-aside'}`, {
      batch: body.batchCode,
    }),
    note: checkInWords(words, body),
  }),
  bottle: ({ say }, { did, bottleCode: bottle, batchCode, washedBy }) =>
    did === 'filled'
      ? { what: say('recordWhat.bottle-filled', { bottle, batch: batchCode ?? '' }), note: '' }
      : {
          what: say('recordWhat.bottle-washed', { bottle }),
          note: washedBy ? say('recordNote.bottle-washed', { name: washedBy }) : '',
        },
  'house-rules': (words, { changes, flagged }) => ({
    what: changes.map(({ question, to }) => schoolInWords(words, question, to)).join('; '),
    note: words.say('recordNote.house-rules', { flagged }),
  }),
  'round-started': ({ say }, { version }) => ({
    what: say('recordWhat.round-started', { version }),
    note: '',
  }),
  'round-finished': ({ say }, { done, open, notMet }) => ({
    what: say('recordWhat.round-finished', { done, open, notMet }),
    note: '',
  }),
  'surface-event': ({ say, name }, { roomName: room, surfaceName: surface, event, batchCode }) => ({
    what: say('recordWhat.surface-event', { room, surface, event: name('event', event) }),
    note: batchCode ? say('recordNote.surface-event', { batch: batchCode }) : '',
  }),
  'wet-time': wetTime,
  refusal: (words, { what, detail, reasons }) => ({
    what: words.say('recordWhat.refusal', {
      what: words.name('refusedWhat', what),
      detail: detail
        .split(', ')
        .map((part) => thing(words, part))
        .join(', '),
    }),
    note: reasonsInWords(words, reasons),
  }),
  'follow-up': ({ say }, { text, owner, due, closed }) => ({
    what: text,
    note: say('recordNote.follow-up', {
      owner,
      due: due ?? 'no',
      state: closed ? 'closed' : 'open',
    }),
  }),
  'rule-added': rule,
  'rule-withdrawn': rule,
  'book-read': ({ say }, { edition }) => ({
    what: say('recordWhat.book-read', { edition }),
    note: '',
  }),
  'source-checked': ({ say }, { source, note }) => ({
    what: say('recordWhat.source-checked', { source }),
    note,
  }),
  'near-miss': mishap,
  incident: mishap,
};

/** What a row of the ledger says. */
export const recordInWords = (words: Words, row: RecordRow): RecordWords =>
  (tellers[row.kind] as Teller<typeof row.kind>)(words, row.body as never);
