import { isObject, listAt, wholeAt, type Json, type Report } from './faults.ts';

const handsOn = ['clean', 'apply', 'wipe', 'rinse'];

/** `clean` may stand before one `apply` and its one `hold`, `wipe` or `rinse` after them. */
const orderHolds = (kinds: unknown[]): boolean =>
  /^(c+|c*ah[wr]*)$/.test(
    kinds.map((kind) => (typeof kind === 'string' ? kind.charAt(0) : '?')).join(''),
  );

const holdFaults = (step: Json, at: string, report: Report) => {
  wholeAt(step.wet, `${at}/wet`, report);
  const { rewetEvery, rewetWork } = step;
  if (rewetEvery === undefined && rewetWork === undefined) return;
  if (rewetEvery === undefined || rewetWork === undefined)
    return report(
      'rewet-halves',
      `${at}/${rewetEvery === undefined ? 'rewetEvery' : 'rewetWork'}`,
      '',
    );
  wholeAt(rewetEvery, `${at}/rewetEvery`, report);
  wholeAt(rewetWork, `${at}/rewetWork`, report, 1);
};

const workFaults = (step: Json, at: string, report: Report) => {
  wholeAt(step.work, `${at}/work`, report, 1);
  for (const name of ['rewetEvery', 'rewetWork'])
    if (step[name] !== undefined) report('rewet-elsewhere', `${at}/${name}`, step[name]);
};

const withinFaults = (steps: unknown[], at: string, report: Report) => {
  const hold = steps.findIndex((step) => isObject(step) && step.kind === 'hold');
  steps.forEach((step, k) => {
    if (!isObject(step) || step.within === undefined) return;
    if (hold < 0 || k !== hold + 1)
      return report('within-elsewhere', `${at}/${k}/within`, step.within);
    wholeAt(step.within, `${at}/${k}/within`, report);
  });
};

const faultsOf = (treatment: Json, at: string, report: Report) => {
  const steps = listAt(treatment.steps, `${at}/steps`, report);
  if (Array.isArray(treatment.steps) && steps.length === 0)
    return report('no-steps', `${at}/steps`, steps);
  let known = true;
  steps.forEach((step, k) => {
    const place = `${at}/steps/${k}`;
    if (!isObject(step)) known = false;
    if (!isObject(step)) return report('not-an-object', place, step);
    if (step.kind === 'hold') return holdFaults(step, place, report);
    if (handsOn.includes(step.kind as string)) return workFaults(step, place, report);
    known = false;
    report('kind', `${place}/kind`, step.kind);
  });
  const kinds = steps.map((step) => (isObject(step) ? step.kind : undefined));
  if (known && !orderHolds(kinds)) report('order-of-steps', `${at}/steps`, kinds);
  withinFaults(steps, `${at}/steps`, report);
};

/** Faults of what is to be done, by treatment. */
export const stepFaults = (treatments: unknown[], rooms: Set<string>, report: Report): void =>
  treatments.forEach((treatment, i) => {
    if (!isObject(treatment)) return;
    const at = `/treatments/${i}`;
    if (!rooms.has(treatment.room as string)) report('unknown-id', `${at}/room`, treatment.room);
    faultsOf(treatment, at, report);
  });
