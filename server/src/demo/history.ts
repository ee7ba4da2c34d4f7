import type { BatchRow, CheckReading, PourBatch, RoundRow, Version } from '@zymostat/contract';
import {
  alcoholOf,
  densityAt,
  isRinse,
  massFraction,
  stripSteps,
  type TreatedSurface,
} from '@zymostat/core';
import type { Context } from '../context.ts';
import { checkBatch, pourBatch } from '../features/bench/service.ts';
import type { Person } from '../features/people/entities.ts';
import { versionById } from '../features/protocols/service.ts';
import { addEvent, finishRound, roundById, startRound } from '../features/rounds/service.ts';
import { ProblemError } from '../http/problems.ts';

const SECOND = 1000;

/**
 * What a day's work leaves behind is a refusal now and then; it is on the ledger, and the day goes
 * on.
 */
export const orRefused = async <T>(work: Promise<T>): Promise<T | null> => {
  try {
    return await work;
  } catch (error) {
    if (error instanceof ProblemError && error.problem.type === '/problems/refused') return null;
    throw error;
  }
};

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

export interface Clock {
  set: (ms: number) => void;
  ms: () => number;
}

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

interface Treating {
  surface: TreatedSurface;
  appliedAt: number;
  batchId: string;
}

/**
 * One finished round: each room washed and wetted from the top, wiped as each wet time is met, the
 * floor last.
 */
export const workThrough = async (
  context: Context,
  clock: Clock,
  homeId: string,
  person: Person,
  caddy: Caddy,
  chance: () => number,
): Promise<void> => {
  const round: RoundRow = await startRound(context, { id: context.newId(), homeId }, person);
  const { version }: { version: Version } = await roundById(context, round.id, person);
  const { protocol } = await versionById(context, version.id);
  const pass = (seconds: number) => clock.set(clock.ms() + seconds * SECOND);
  const did = (
    surface: TreatedSurface,
    kind: 'lifted' | 'washed' | 'applied' | 'rewet' | 'found-dry' | 'wiped' | 'rinsed',
    batchId: string | null = null,
    at = clock.ms(),
  ) =>
    addEvent(
      context,
      round.id,
      {
        id: context.newId(),
        personId: person.id,
        surfaceId: surface.id,
        kind,
        at,
        batchId,
        turnedBack: false,
      },
      person,
    );

  const finish = async ({ surface, appliedAt, batchId }: Treating) => {
    const { seconds } = surface.treatment!;
    let since = appliedAt;
    const luck = seconds > 0 ? chance() : 1;
    if (luck < 0.05) {
      clock.set(Math.max(clock.ms(), since + seconds * 600));
      await did(surface, 'found-dry');
      pass(20);
      since = clock.ms();
      await did(surface, 'applied', batchId);
    } else if (seconds >= 600) {
      clock.set(Math.max(clock.ms(), since + 1));
      await did(surface, 'rewet', batchId);
    }
    if (luck > 0.05 && luck < 0.09) clock.set(Math.max(clock.ms(), since + seconds * 700));
    else
      clock.set(Math.max(clock.ms(), since + (seconds + 4 + Math.round(chance() * 40)) * SECOND));
    await did(surface, 'wiped');
    pass(25);
    if (surface.steps.some(isRinse)) await did(surface, 'rinsed');
  };

  for (const room of protocol.rooms) {
    const wet: Treating[] = [];
    for (const surface of room.surfaces) {
      if (surface.level === 'floor') continue;
      pass(40 + Math.round(surface.area * 20));
      if (surface.steps.includes('flush')) await did(surface, 'lifted');
      await did(surface, 'washed');
      if (!surface.treatment) continue;
      const bottle = await caddy.bottleFor(surface);
      pass(15);
      await did(surface, 'applied', bottle.id);
      wet.push({ surface, appliedAt: clock.ms(), batchId: bottle.id });
    }
    wet.sort(
      (a, b) =>
        a.appliedAt +
        a.surface.treatment!.seconds * SECOND -
        (b.appliedAt + b.surface.treatment!.seconds * SECOND),
    );
    for (const treating of wet) await finish(treating);
    for (const surface of room.surfaces.filter((one) => one.level === 'floor')) {
      pass(60 + Math.round(surface.area * 15));
      await did(surface, 'washed');
    }
  }
  await finishRound(context, round.id, person);
};
