import type { BatchRow, CheckReading, PourBatch } from '@zymostat/contract';
import {
  alcoholOf,
  densityAt,
  isRinse,
  massFraction,
  stripSteps,
  type TreatedRoom,
  type TreatedSurface,
  type WetEvent,
} from '@zymostat/core';
import type { Context } from '../platform/context.ts';
import { checkBatch } from '../features/batches/check.ts';
import { pourBatch } from '../features/batches/pour.ts';
import type { Person } from '../features/people/tables.ts';
import { versionById } from '../features/protocols/service.ts';
import { addEvent } from '../features/rounds/takeEvents.ts';
import { finishRound, roundById, startRound } from '../features/rounds/service.ts';
import { ProblemError } from '../platform/http/problems.ts';

const SECOND = 1000;

/**
 * What a day's work leaves behind is a refusal now and then; it is on the ledger, and the day goes
 * on.
 */
export const orRefused = async <T>(work: Promise<T>): Promise<T | null> => {
  try {
    return await work;
  } catch (error) {
    if (error instanceof ProblemError && error.kind === 'refused') return null;
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

/** Who works where, with which bottles, and how lucky they are: 0 to 1. */
export interface Worker {
  clock: Clock;
  person: Person;
  caddy: Caddy;
  chance: () => number;
}

type Kind = WetEvent['kind'];

/** One finished round of somebody who works as people do. */
class Working {
  constructor(
    private readonly context: Context,
    private readonly roundId: string,
    private readonly worker: Worker,
  ) {}

  private pass(seconds: number): void {
    const { clock } = this.worker;
    clock.set(clock.ms() + seconds * SECOND);
  }

  private waitUntil(ms: number): void {
    const { clock } = this.worker;
    clock.set(Math.max(clock.ms(), ms));
  }

  private async did(surface: TreatedSurface, kind: Kind, batchId: string | null = null) {
    const { clock, person } = this.worker;
    const event = { id: this.context.newId(), personId: person.id, surfaceId: surface.id };
    const what = { kind, at: clock.ms(), batchId, turnedBack: false };
    await addEvent(this.context, this.roundId, { ...event, ...what }, person);
  }

  /** Washes a surface and wets it where it is treated; gives what is then wet. */
  private async begin(surface: TreatedSurface): Promise<Treating | null> {
    this.pass(40 + Math.round(surface.area * 20));
    if (surface.steps.includes('flush')) await this.did(surface, 'lifted');
    await this.did(surface, 'washed');
    if (!surface.treatment) return null;
    const bottle = await this.worker.caddy.bottleFor(surface);
    this.pass(15);
    await this.did(surface, 'applied', bottle.id);
    const appliedAt = this.worker.clock.ms();
    const dueAt = appliedAt + surface.treatment.seconds * SECOND;
    return { surface, appliedAt, dueAt, batchId: bottle.id };
  }

  /** Keeps it wet until its time is met, mostly, and wipes it. */
  private async finish({ surface, appliedAt, batchId }: Treating): Promise<void> {
    const { clock, chance } = this.worker;
    const { seconds } = surface.treatment!;
    let since = appliedAt;
    const luck = seconds > 0 ? chance() : 1;
    if (luck < 0.05) {
      this.waitUntil(since + seconds * 600);
      await this.did(surface, 'found-dry');
      this.pass(20);
      since = clock.ms();
      await this.did(surface, 'applied', batchId);
    } else if (seconds >= 600) {
      this.waitUntil(since + 1);
      await this.did(surface, 'rewet', batchId);
    }
    if (luck > 0.05 && luck < 0.09) this.waitUntil(since + seconds * 700);
    else this.waitUntil(since + (seconds + 4 + Math.round(chance() * 40)) * SECOND);
    await this.did(surface, 'wiped');
    this.pass(25);
    if (surface.steps.some(isRinse)) await this.did(surface, 'rinsed');
  }

  /** A room from the top, wiped as each wet time is met, the floor last. */
  async room({ surfaces }: TreatedRoom): Promise<void> {
    const isFloor = ({ level }: TreatedSurface) => level === 'floor';
    const wet: Treating[] = [];
    for (const surface of surfaces.filter((one) => !isFloor(one))) {
      const treating = await this.begin(surface);
      if (treating) wet.push(treating);
    }
    wet.sort((a, b) => a.dueAt - b.dueAt);
    for (const treating of wet) await this.finish(treating);
    for (const surface of surfaces.filter(isFloor)) {
      this.pass(60 + Math.round(surface.area * 15));
      await this.did(surface, 'washed');
    }
  }
}

interface Treating {
  surface: TreatedSurface;
  appliedAt: number;
  dueAt: number;
  batchId: string;
}

/** One finished round through a home as it is approved. */
export const workThrough = async (
  context: Context,
  homeId: string,
  worker: Worker,
): Promise<void> => {
  const { person } = worker;
  const round = await startRound(context, { id: context.newId(), homeId }, person);
  const { version } = await roundById(context, round.id, person);
  const { protocol } = await versionById(context, version.id);
  const working = new Working(context, round.id, worker);
  for (const room of protocol.rooms) await working.room(room);
  await finishRound(context, round.id, person);
};
