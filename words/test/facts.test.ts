import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { record, recordKinds, type RecordKind } from '@zymostat/contract';
import { en } from '../src/en/index.ts';

type Entries = Record<string, unknown>;
interface Row {
  entries: { kind: { literal: RecordKind }; body: { entries: Entries } };
}
const bodies = new Map(
  (record.options as unknown as Row[]).map(({ entries }) => [
    entries.kind.literal,
    Object.keys(entries.body.entries),
  ]),
);

const figuresIn = (message: string): string[] => {
  const found = new Set<string>();
  const walk = (elements: MessageFormatElement[]): void => {
    for (const element of elements) {
      if (element.type === TYPE.literal || element.type === TYPE.pound) continue;
      if (element.type !== TYPE.tag) found.add(element.value);
      if (element.type === TYPE.plural || element.type === TYPE.select)
        for (const { value } of Object.values(element.options)) walk(value);
    }
  };
  walk(parse(message));
  return [...found];
};

/** Figures that the teller works out from others, and the kinds that are told by themselves. */
const workedOut: Partial<Record<RecordKind, string[]>> = {
  'wet-time': ['timed'],
  'lay-time': ['time', 'most'],
  jar: ['batch'],
  visit: ['did', 'time', 'at'],
  'week-planned': ['count', 'crews'],
  'hours-said': ['subject', 'days'],
  'roads-said': ['count'],
  bath: ['liquid', 'time', 'outcome', 'claim'],
  refusal: ['refused'],
  'rule-added': ['one', 'other'],
  'rule-withdrawn': ['one', 'other'],
  'stock-received': ['amount'],
  'stock-told': ['amount', 'had', 'other', 'kept'],
  'name-changed': ['subject'],
  'person-added': ['subject'],
  'role-changed': ['subject'],
  'person-left': ['subject'],
  'session-ended': ['subject'],
  'drying-taken': ['how'],
};
const toldByThemselves: RecordKind[] = ['house-rules'];

test.each([...recordKinds])(
  'a row of kind %s has a name, a sentence, and figures for it',
  (kind) => {
    expect(Object.keys(en.record)).toContain(kind);
    const what = (en.recordWhat as Record<string, string>)[kind];
    const note = (en.recordNote as Record<string, string>)[kind];
    if (!toldByThemselves.includes(kind)) expect(what).toBeDefined();
    const there = [...bodies.get(kind)!, ...(workedOut[kind] ?? [])];
    for (const message of [what, note])
      for (const figure of figuresIn(message ?? '')) expect(there).toContain(figure);
  },
);
