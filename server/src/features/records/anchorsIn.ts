import { anchor as anchorSchema, type Anchor } from '@zymostat/contract';
import * as v from 'valibot';
import type { Head } from './chainStore.ts';

const parsed = (text: string): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
};

const asAnchor = (found: unknown): Anchor[] => {
  const result = v.safeParse(anchorSchema, found);
  return result.success ? [result.output] : [];
};

/** A line of a paper: the row's number and its hash, with whatever between. */
const onPaper = (line: string): Head[] => {
  const found = /(?:^|\D)(\d{1,15})\D[^]*?\b([0-9a-f]{64})\b/.exec(line);
  return found ? [{ seq: Number(found[1]), hash: found[2]! }] : [];
};

/**
 * The anchors that a text holds: a file of them, one a line; an export with its own; or lines of a
 * paper with number and hash. Throws where there is none: nothing compared proves nothing.
 */
export const anchorsIn = (text: string): (Anchor | Head)[] => {
  const whole = asAnchor((parsed(text) as { anchor?: unknown } | null)?.anchor);
  const found =
    whole.length > 0
      ? whole
      : text.split('\n').flatMap((line): (Anchor | Head)[] => {
          const signed = asAnchor(parsed(line));
          return signed.length > 0 ? signed : onPaper(line);
        });
  if (found.length === 0)
    throw new Error(
      'found no anchor in it: allowed is anchors.jsonl, an export, or number and hash',
    );
  return found;
};
