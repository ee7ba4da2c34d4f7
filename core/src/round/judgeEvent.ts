import { forbidden, type Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';
import type { AroundEvent, Elsewhere, Treatment } from './around.ts';
import { judgeBatch } from './judgeBatch.ts';
import { judgeLaid } from './judgeLaid.ts';
import type { EventKind, WetEvent } from './wetEvents.ts';
import type { SurfaceClock } from './surfaceClock.ts';

const ORDER = 'order of work (common practice)';
type OrderCode =
  | 'not-lying'
  | 'still-lying'
  | 'loosen-first'
  | 'not-wet'
  | 'already-wet'
  | 'wet-in-another-round'
  | 'nothing-to-do'
  | 'not-cleaned-first';

/** Whether an event may come next by the order of work alone. */
const orderReasons = (
  event: WetEvent,
  { flushes, lifts, lies }: Treatment,
  clock: SurfaceClock,
  elsewhere: Elsewhere | undefined,
): Reason[] => {
  const { kind } = event;
  const is = (...kinds: EventKind[]) => kinds.includes(kind);
  const wet = clock.wetSince !== null;
  const lying = clock.lying !== undefined;
  const touches = is('applied', 'washed', 'rinsed', 'skipped', 'laid');
  const coats = is('applied', 'rewet');
  const when = (holds: boolean, code: OrderCode): Reason[] =>
    holds ? [forbidden(code, ORDER)] : [];
  return [
    ...when(is('rewet', 'seen-wet', 'found-dry', 'wiped') && !wet, 'not-wet'),
    ...when(touches && wet, 'already-wet'),
    ...when(touches && elsewhere?.wet === true, 'wet-in-another-round'),
    ...when(touches && lying, 'still-lying'),
    ...when(is('taken-off') && !lying, 'not-lying'),
    ...when(
      is('laid', 'nothing-on-it') && (lies === null || clock.loosened === true),
      'nothing-to-do',
    ),
    ...when(is('washed') && lies !== null && !lying && !clock.loosened, 'loosen-first'),
    ...when(is('rinsed') && !wet && clock.on.length === 0, 'nothing-to-do'),
    ...when(is('lifted') && !flushes, 'nothing-to-do'),
    ...((coats || is('laid')) && flushes && !clock.lifted
      ? [forbidden('not-taken-out', ORDER, { tablet: lifts ? 1 : 0 })]
      : []),
    ...when(coats && !clock.washed, 'not-cleaned-first'),
  ];
};

/** Whether an event may happen next on a surface. Wiping early may: it is recorded as not met. */
export const judgeEvent = (
  event: WetEvent,
  treatment: Treatment,
  clock: SurfaceClock,
  around: AroundEvent,
): Verdict => {
  const reasons = orderReasons(event, treatment, clock, around.elsewhere);
  if (event.kind === 'applied' || event.kind === 'rewet') {
    const batch = event.batchId === null ? undefined : around.batches.get(event.batchId);
    reasons.push(...judgeBatch(batch, treatment, { clock, at: event.at }, around));
  }
  if (event.kind === 'laid') reasons.push(...judgeLaid(treatment, clock, around));
  return verdictOf(reasons);
};
