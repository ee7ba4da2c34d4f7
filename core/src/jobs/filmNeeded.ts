import type { GenericActive } from '../domain/families.ts';
import { holdsFor } from '../film/dryingCurve.ts';
import type { RoomAir } from '../reference/roomAir.ts';

/** m: thinner is no film, thicker runs off. Source: common practice, no source. */
const THINNEST = 2e-6;
const THICKEST = 0.5e-3;
/** m: about what a cloth leaves. */
const TO_BEGIN_WITH = 30e-6;
const MOST_STEPS = 40;
/** A film found holds for no longer than this part over what was asked. */
const CLOSE = 0.005;

/** What is to be kept wet: how strong, not below what, and for how many s. */
export interface ToHold {
  active: GenericActive;
  strength: number;
  floor: number;
  seconds: number;
}

/**
 * How thick a film, m, just holds for `seconds` in that air; nothing where none does that stays on.
 * A film twice as thick holds about twice as long, so a few steps find it.
 */
export const filmNeeded = (
  { active, strength, floor, seconds }: ToHold,
  air: RoomAir,
): number | null => {
  const holds = (thickness: number) => holdsFor({ active, strength, thickness }, air, floor);
  let [low, high] = [THINNEST, THICKEST];
  let at = TO_BEGIN_WITH;
  for (let i = 0; i < MOST_STEPS; i += 1) {
    const time = holds(at);
    if (time >= seconds && (time <= seconds * (1 + CLOSE) || at === THINNEST)) return at;
    if (time < seconds && at === THICKEST) return null;
    if (time >= seconds) high = at;
    else low = at;
    const guess = time > 0 ? (at * seconds * (1 + CLOSE / 2)) / time : THICKEST;
    const inside = guess > low && guess < high;
    const tried = i > 0 && low > THINNEST && high < THICKEST;
    at = inside || !tried ? Math.min(THICKEST, Math.max(THINNEST, guess)) : (low + high) / 2;
  }
  return high;
};
