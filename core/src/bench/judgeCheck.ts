import type { Active } from '../domain/families.ts';
import { activeFacts, factsOfFamily, widestSpan } from '../families/index.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import { alcoholOf } from '../solutions/alcohol.ts';
import { densityUncertainty, strengthFromDensity } from '../solutions/fromDensity.ts';

/** Colour steps of a peroxide strip, w/v. Source: common practice, no source. */
export const stripSteps = [0, 0.0025, 0.0075, 0.015, 0.02, 0.03, 0.06] as const;

/** What was read off: kg/m³ and °C, or the step of a strip (fraction w/v). */
export type Reading =
  { by: 'density'; density: number; temperature: number } | { by: 'strip'; step: number };

/** How far a checked batch may be from what was meant, v/v. Source: house rule. */
const MAY_DIFFER = 0.02;

export type CheckResult =
  | {
      ok: true;
      inStrength: boolean;
      measured: number;
      uncertainty: number;
      why: 'as-meant' | 'too-weak' | 'too-strong' | 'not-as-meant';
    }
  | { ok: false; why: 'no-such-mixture' | 'wrong-meter' | 'no-such-step' };

/** What a reading says, the worst first: too weak, too strong, or something else than was meant. */
const found = (
  measured: number,
  uncertainty: number,
  { weak, strong, other }: { weak: boolean; strong: boolean; other: boolean },
): CheckResult => {
  const as = (why: Extract<CheckResult, { ok: true }>['why']): CheckResult => ({
    ok: true,
    inStrength: why === 'as-meant',
    measured,
    uncertainty,
    why,
  });
  if (weak) return as('too-weak');
  if (strong) return as('too-strong');
  return as(other ? 'not-as-meant' : 'as-meant');
};

/**
 * Whether a finished batch is in strength by a meter or strip. Density is believed to within its
 * uncertainty; a strip shows the step below, so the step of what was meant must show. Below the
 * floor it is set aside.
 */
export const judgeCheck = (
  active: Active,
  meant: number,
  reading: Reading,
  rules: HouseRules,
): CheckResult => {
  const alcohol = alcoholOf(active);
  const span = widestSpan(active, rules) ?? { floor: 0, top: 1 };
  if (reading.by === 'strip') {
    if (factsOfFamily(activeFacts[active].family)?.check !== 'strip')
      return { ok: false, why: 'wrong-meter' };
    const at = stripSteps.findIndex((step) => Math.abs(step - reading.step) < 1e-9);
    if (at < 0) return { ok: false, why: 'no-such-step' };
    const due = stripSteps.findLastIndex((step) => step <= meant * 1.0001);
    const uncertainty = ((stripSteps[at + 1] ?? reading.step * 2) - reading.step) / 2;
    return found(reading.step, uncertainty, {
      weak: at < due || reading.step < span.floor * 0.9999,
      strong: at > due,
      other: false,
    });
  }
  if (!alcohol) return { ok: false, why: 'wrong-meter' };
  const measured = strengthFromDensity(alcohol, reading.density, reading.temperature);
  if (measured === undefined) return { ok: false, why: 'no-such-mixture' };
  const uncertainty = densityUncertainty[alcohol];
  // A batch that is meant below the floor is a cleaner, and is held to what was meant only.
  const floor = meant >= span.floor * 0.9999 ? span.floor : 0;
  // Meant to disinfect, everything inside the span is right; a cleaner is held to what was meant.
  const differs = floor === 0 && Math.abs(measured - meant) > MAY_DIFFER;
  return found(measured, uncertainty, {
    weak: measured < floor - uncertainty,
    strong: measured > span.top + uncertainty,
    other: differs,
  });
};
