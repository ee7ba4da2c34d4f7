import { isRinse, type TreatedRoom, type TreatedSurface, type WetEvent } from '@zymostat/core';
import type { Context } from '../platform/context.ts';
import type { Person } from '../features/people/tables.ts';
import { versionById } from '../features/protocols/service.ts';
import { addEvent } from '../features/rounds/takeEvents.ts';
import { finishRound } from '../features/rounds/finishRound.ts';
import { roundById } from '../features/rounds/service.ts';
import { startRound } from '../features/rounds/startRound.ts';
import { ProblemError } from '../platform/http/problems.ts';
import type { Caddy } from './caddy.ts';

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

export interface Clock {
  set: (ms: number) => void;
  ms: () => number;
}

/** Who works where, with which bottles, and how lucky they are: 0 to 1. */
export interface Worker {
  clock: Clock;
  person: Person;
  caddy: Caddy;
  chance: () => number;
}

type Kind = WetEvent['kind'];

/** As a phone tells it that was never closed, and whose clock is right. */
export const timedAt = (said: number, opening: string) => ({
  said,
  clock: { opening, uncertain: 0 },
});

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
    const at = { at: clock.ms(), ...timedAt(clock.ms(), this.roundId) };
    const what = { kind, ...at, batchId, turnedBack: false };
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
    else {
      this.waitUntil(since + (seconds + 4 + Math.round(chance() * 40)) * SECOND);
      // Mostly somebody looks before wiping, where it might be dry by then.
      if (seconds > 0 && chance() < 0.93) await this.did(surface, 'seen-wet');
    }
    await this.did(surface, 'wiped');
    this.pass(25);
    if (surface.steps.some(isRinse)) await this.did(surface, 'rinsed');
  }

  /** What works by itself, one after another: some of it must not meet. */
  private async loosen(surfaces: readonly TreatedSurface[]): Promise<void> {
    for (const surface of surfaces) {
      const lies = surface.loosening?.lies;
      if (!lies) continue;
      this.pass(60);
      if (surface.steps.includes('flush')) await this.did(surface, 'lifted');
      await this.did(surface, 'laid');
      this.pass(lies.least);
      await this.did(surface, 'taken-off');
    }
  }

  /** All of them begun, then each finished as its time is met. */
  private async together(surfaces: readonly TreatedSurface[]): Promise<void> {
    const wet: Treating[] = [];
    for (const surface of surfaces) {
      const treating = await this.begin(surface);
      if (treating) wet.push(treating);
    }
    wet.sort((a, b) => a.dueAt - b.dueAt);
    for (const treating of wet) await this.finish(treating);
  }

  /** A room from the top, wiped as each wet time is met, the floor last. */
  async room({ surfaces }: TreatedRoom): Promise<void> {
    const isFloor = ({ level }: TreatedSurface) => level === 'floor';
    // Vinegar waits until nothing in the room is wet with what it must not meet.
    const isVinegar = ({ treatment }: TreatedSurface) => treatment?.active === 'acetic acid';
    const above = surfaces.filter((one) => !isFloor(one));
    await this.loosen(surfaces);
    await this.together(above.filter((one) => !isVinegar(one)));
    await this.together(above.filter(isVinegar));
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
  await finishRound(context, { id: round.id, at: undefined }, person);
};
