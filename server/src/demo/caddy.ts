import type { BatchRow, CheckReading, PourBatch } from '@zymostat/contract';
import {
  alcoholOf,
  densityAt,
  massFraction,
  stripSteps,
  type TreatedSurface,
} from '@zymostat/core';
import { checkBatch } from '../features/batches/check.ts';
import { pourBatch } from '../features/batches/pour.ts';
import type { Person } from '../features/people/tables.ts';
import type { Context } from '../platform/context.ts';

const BENCH_TEMPERATURE = 21;

/**
 * Pours a batch and, where it is to disinfect, checks it: alcohol by its density, peroxide by
 * strip.
 */
export const pourAndCheck = async (
  context: Context,
  asked: PourBatch,
  by: Person,
): Promise<BatchRow> => {
  const batch = await pourBatch(context, asked, by);
  if (batch.purpose === 'clean') return batch;
  const alcohol = alcoholOf(batch.active);
  const reading: CheckReading = alcohol
    ? {
        by: 'density',
        density: Number(
          densityAt(alcohol, massFraction(alcohol, batch.strength), BENCH_TEMPERATURE).toFixed(1),
        ),
        temperature: BENCH_TEMPERATURE,
      }
    : { by: 'strip', step: stripSteps.findLast((step) => step <= batch.strength + 1e-9)! };
  return checkBatch(context, batch.id, reading, by);
};

/** The bottles of one day, poured on the morning of it as they are needed. */
export class Caddy {
  private readonly bottles = new Map<string, BatchRow>();
  private readonly context: Context;
  private readonly by: Person;
  constructor(context: Context, by: Person) {
    this.context = context;
    this.by = by;
  }
  async bottleFor({ treatment, goal }: TreatedSurface): Promise<BatchRow> {
    const { stockId, strength } = treatment!;
    const key = `${stockId} ${strength}`;
    const held = this.bottles.get(key);
    if (held && held.discardAfter > this.context.now()) return held;
    const poured = await pourAndCheck(
      this.context,
      { stockId, strength, purpose: goal === 'clean' ? 'clean' : 'disinfect', volume: 0.0005 },
      this.by,
    );
    this.bottles.set(key, poured);
    return poured;
  }
}
