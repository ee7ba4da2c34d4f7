import { densityAt, massFraction, normal, seeded, stripSteps } from '@zymostat/core';

const NOISE = 0.03;
const alcohols = ['ethanol', '2-propanol'] as const;

/**
 * A density meter that is not there: it shows the density of the sample that was set, with a little
 * noise. Strengths in % v/v, °C.
 */
export class DensityMeter {
  private sample: { alcohol: (typeof alcohols)[number]; strength: number; temperature: number } = {
    alcohol: '2-propanol',
    strength: 70,
    temperature: 21,
  };
  private readonly wobble = normal(seeded(815));

  take(line: string): string {
    const [verb, alcohol, strength, temperature] = line.trim().split(/\s+/);
    if (verb === 'read') {
      const p = massFraction(this.sample.alcohol, this.sample.strength / 100);
      return `density ${(densityAt(this.sample.alcohol, p, this.sample.temperature) + this.wobble() * NOISE).toFixed(2)} kg/m3 at ${this.sample.temperature.toFixed(1)} C`;
    }
    const [s, t] = [Number(strength), Number(temperature)];
    const known = alcohols.find((one) => one === alcohol);
    if (verb === 'sample' && known && s >= 0 && s <= 100 && t >= 0 && t <= 35) {
      this.sample = { alcohol: known, strength: s, temperature: t };
      return 'ok';
    }
    return `error found "${line.trim()}"; allowed are read, and sample ethanol|2-propanol PERCENT CELSIUS`;
  }
}

/**
 * A room's thermometer and hygrometer that are not there: they show the air that was set. °C, and
 * per cent of saturation.
 */
export class Thermometer {
  private air = { temperature: 21, humidity: 50 };

  take(line: string): string {
    const [verb, temperature, humidity] = line.trim().split(/\s+/);
    if (verb === 'read')
      return `air ${this.air.temperature.toFixed(1)} C ${this.air.humidity.toFixed(0)} %`;
    const [t, h] = [Number(temperature), Number(humidity)];
    if (verb === 'sample' && t >= -10 && t <= 60 && h >= 0 && h <= 100) {
      this.air = { temperature: t, humidity: h };
      return 'ok';
    }
    return `error found "${line.trim()}"; allowed are read, and sample CELSIUS PERCENT`;
  }
}

/**
 * A peroxide strip that is not there: it shows the highest colour step that the sample reaches. %
 * w/v.
 */
export class Strip {
  private percent = 3;

  take(line: string): string {
    const [verb, percent] = line.trim().split(/\s+/);
    if (verb === 'read')
      return `strip ${Number((stripSteps.findLast((step) => step * 100 <= this.percent + 1e-9)! * 100).toFixed(2))} %`;
    if (
      verb === 'sample' &&
      percent !== undefined &&
      Number(percent) >= 0 &&
      Number(percent) <= 100
    ) {
      this.percent = Number(percent);
      return 'ok';
    }
    return `error found "${line.trim()}"; allowed are read, and sample PERCENT`;
  }
}
