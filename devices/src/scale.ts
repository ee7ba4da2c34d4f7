import { normal, seeded } from '@zymostat/core';

/** Grams throughout, times in ms. */
const MOST = 5000;
const STEP = 0.1;
/** What is put on swings in with this time constant, and is called steady once it has. */
const SETTLES_MS = 100;
const STEADY_MS = 1200;

const figure = (text: string | undefined): number | undefined =>
  text !== undefined && /^-?\d+(\.\d+)?$/.test(text) ? Number(text) : undefined;

/**
 * A bench scale that is not there: what lies on it, its tare, its noise and drift. Documented in
 * docs/formats/scale.md.
 */
export class Scale {
  private load = 0;
  private before = 0;
  private changedAt = -Infinity;
  private tare = 0;
  private noise = 0.02;
  private drift = 0;
  private since: number;
  private readonly wobble = normal(seeded(4711));
  constructor(now: number) {
    this.since = now;
  }

  private shown(now: number): number {
    const swing = (this.before - this.load) * Math.exp(-(now - this.changedAt) / SETTLES_MS);
    return this.load + swing + (this.drift * (now - this.since)) / 60_000;
  }

  /** The line the scale sends: "weight 12.3 g steady", "weight 12.3 g moving" or "overload". */
  read(now: number): string {
    const shown = this.shown(now);
    if (shown > MOST) return 'overload';
    const net = Math.round((shown + this.wobble() * this.noise - this.tare) / STEP) * STEP;
    return `weight ${(net === 0 ? 0 : net).toFixed(1)} g ${now - this.changedAt < STEADY_MS ? 'moving' : 'steady'}`;
  }

  private put(grams: number, now: number): void {
    this.before = this.shown(now) - (this.drift * (now - this.since)) / 60_000;
    this.load = Math.max(0, this.load + grams);
    this.changedAt = now;
  }

  /** Takes one command; gives what was wrong with it, or nothing. */
  take(line: string, now: number): string | null {
    const [verb, argument] = line.trim().split(/\s+/);
    const grams = figure(argument);
    switch (verb) {
      case 'tare':
        this.tare = this.shown(now);
        return null;
      case 'empty':
        this.put(-this.load, now);
        return null;
      case 'put':
      case 'take':
        if (grams === undefined || grams < 0) break;
        this.put(verb === 'put' ? grams : -grams, now);
        return null;
      case 'noise':
        if (grams === undefined || grams < 0) break;
        this.noise = grams;
        return null;
      case 'drift':
        if (grams === undefined) break;
        [this.drift, this.since] = [grams, now];
        return null;
      default:
    }
    return `error found "${line.trim()}"; allowed are tare, put GRAMS, take GRAMS, empty, noise GRAMS, drift GRAMS-A-MINUTE`;
  }
}
