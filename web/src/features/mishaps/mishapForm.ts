import type { Body } from '@zymostat/contract';
import type { Route } from '@zymostat/core';
import * as v from 'valibot';
import { line, optionalLine, textLine } from '../../ui/form/lines.ts';
import { momentFieldOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';

export type MishapKind = 'near-miss' | 'incident';
export type MishapBody = Body<'logMishap'>;

/** What went wrong, as it is filled in: what met is kept by its key in the list. */
export interface MishapLines {
  kind: MishapKind;
  what: string;
  one: string | null;
  other: string | null;
  route: Route | null;
  amount: string;
  homeId: string | null;
  place: string;
  who: string;
  when: string;
  symptoms: string;
  done: string;
}

const SLACK_MS = 60_000;

const aPastTime = (text: string): string | null => {
  const at = Date.parse(text);
  if (Number.isNaN(at)) return w.name('apart', 'giveADayAndA');
  return at > Date.now() + SLACK_MS ? w.name('apart', 'onlyWhatHasHappenedCan') : null;
};
const sameText = (text: string) => text.trim();
const key = v.nullable(v.string());

export const mishapForm = v.object({
  kind: v.picklist(['near-miss', 'incident']),
  what: textLine,
  one: key,
  other: key,
  route: v.custom<Route | null>(() => true),
  amount: optionalLine(() => null, sameText),
  homeId: key,
  place: textLine,
  who: textLine,
  when: line(aPastTime, (text) => Date.parse(text)),
  symptoms: optionalLine(() => null, sameText),
  done: textLine,
});
export type MishapRead = v.InferOutput<typeof mishapForm>;

export const mishapLines = (
  kind: MishapKind,
  who: string,
  pair: [{ key: string }, { key: string }] | undefined,
): MishapLines => ({
  kind,
  what: '',
  one: pair?.[0].key ?? null,
  other: pair?.[1].key ?? null,
  route: null,
  amount: '',
  homeId: null,
  place: '',
  who,
  when: momentFieldOf(Date.now()),
  symptoms: '',
  done: '',
});
