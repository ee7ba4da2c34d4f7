import type { Schema } from '@zymostat/contract';
import { figuresOfMisfit } from '@zymostat/words';
import * as v from 'valibot';
import { asKept } from './asKept.ts';
import { MOST_NAMED, problems, type WrongField } from './problems.ts';

/**
 * Parses one part of a request, brought into the form in which it is kept; what does not fit is
 * named with what was found and what is allowed.
 */
export const read = <S extends Schema>(
  schema: S,
  given: unknown,
  where: string,
): v.InferOutput<S> => {
  const wrong: WrongField[] = [];
  const kept = asKept(given, [where], wrong);
  if (wrong.length > 0) throw problems.badRequest(wrong.slice(0, MOST_NAMED));
  const result = v.safeParse(schema, kept);
  if (result.success) return result.output;
  const fields = result.issues.slice(0, MOST_NAMED).map((issue) => ({
    path: [where, v.getDotPath(issue)].filter(Boolean).join('.'),
    code: issue.message,
    figures: figuresOfMisfit(issue),
  }));
  throw problems.badRequest(fields);
};
