import { outcomeOfWetTime, type RecordRow } from '@zymostat/contract';
import { clock, recordInWords, refusedInWords, strengthOf } from '@zymostat/words';
import { inMetric } from '../../ui/amounts.ts';
import { momentOf } from '../../ui/times.ts';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';

/** What it is called, and what it was. */
export type Fact = [term: string, value: string];
type Body<K extends RecordRow['kind']> = Extract<RecordRow, { kind: K }>['body'];

const surfaceOf = ({ roomName, surfaceName }: { roomName: string; surfaceName: string }): Fact => [
  w.name('records', 'surface'),
  `${roomName}, ${surfaceName}`,
];

const ofWetTime = (body: Body<'wet-time'>): Fact[] => [
  surfaceOf(body),
  [
    w.name('records', 'with'),
    `${strengthOf(w, body.active, body.strength)} ${w.name('active', body.active)}`,
  ],
  [
    w.name('records', 'ended'),
    w.say('records.after', {
      event: w.name('event', body.event).toLowerCase(),
      coats: body.coats,
    }),
  ],
  ...(body.requiredSeconds > 0
    ? [
        [w.name('records', 'required'), clock(body.requiredSeconds)] as Fact,
        [w.name('records', 'held'), clock(body.heldSeconds)] as Fact,
        ...(body.shownSeconds === undefined
          ? []
          : [[w.name('records', 'knownWet'), clock(body.shownSeconds)] as Fact]),
      ]
    : []),
];

const ofEvent = (body: Body<'surface-event'>): Fact[] => [
  surfaceOf(body),
  [w.name('records', 'done'), w.name('event', body.event)],
  ...(body.batchCode ? [[w.name('records', 'bottle'), body.batchCode] as Fact] : []),
];

const ofBatch = (body: Body<'batch'>): Fact[] => [
  [
    w.name('records', 'poured'),
    w.say('records.ofAndOfWater', {
      stockVolume: inMetric(body.stockVolume),
      stockCode: body.stockCode,
      waterVolume: inMetric(body.waterVolume),
    }),
  ],
  [w.name('records', 'made'), inMetric(body.volume)],
  [w.name('records', 'discardAfter'), momentOf(body.discardAfter)],
];

const ofMishap = (body: Body<'near-miss'>): Fact[] => [
  [w.name('records', 'where'), body.place],
  [w.name('records', 'who'), body.who],
  [w.name('records', 'done'), body.done],
  ...(body.products.length > 0
    ? [[w.name('records', 'about'), listOf(body.products)] as Fact]
    : []),
];

/** What a kind of row has to tell besides who and when. */
export const factsOf = (row: RecordRow): Fact[] => {
  switch (row.kind) {
    case 'wet-time':
      return ofWetTime(row.body);
    case 'surface-event':
      return ofEvent(row.body);
    case 'batch':
      return ofBatch(row.body);
    case 'near-miss':
    case 'incident':
      return ofMishap(row.body);
    default:
      return [];
  }
};

const wetTime = (body: Body<'wet-time'>): string => {
  const { surfaceName, event } = body;
  const outcome = outcomeOfWetTime(body);
  const times = {
    surfaceName,
    heldSeconds: clock(body.heldSeconds),
    requiredSeconds: clock(body.requiredSeconds),
  };
  if (outcome === 'met') return w.say('records.wasKeptWetForIts', times);
  return outcome === 'not-shown'
    ? w.say('records.wasNotShown', { ...times, shown: clock(body.shownSeconds ?? 0) })
    : w.say('records.wasAfterOfNotMet', {
        ...times,
        event: event === 'found-dry' ? 'dry' : 'wiped',
      });
};

/** The sentence that a row's sheet begins with. */
export const headline = (row: RecordRow): string => {
  if (row.kind === 'wet-time' && row.body.requiredSeconds > 0) return wetTime(row.body);
  if (row.kind === 'refusal')
    return w.say('records.refused', { detail: refusedInWords(w, row.body) });
  return `${w.name('record', row.kind)}: ${recordInWords(w, row).what}`;
};
