import type { PlanStep } from '@zymostat/core';
import type { Words } from '@zymostat/words';
import type { VisitPlanRow, Version } from '@zymostat/contract';
import { whereIn } from './whereIn.ts';
import type { RunSheet, SheetLine } from './runSheetPdf.ts';

const clockOf = ({ locale }: Words, ms: number): string =>
  new Date(ms).toLocaleTimeString(locale, {
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  });

/** What one person does in a visit, line by line, in words. */
export const runSheetOf = (
  words: Words,
  visit: VisitPlanRow,
  version: Version,
  personId: string,
): RunSheet => {
  const where = whereIn(version);
  const own = visit.steps.filter(({ cleaner }) => cleaner === personId);
  const placeOf = ({ treatment }: PlanStep) => where(treatment);
  const lines = own.map((step, k): SheetLine => {
    const { room, surface } = placeOf(step);
    const before = own[k - 1];
    return {
      at: clockOf(words, visit.startsAt + step.start * 1000),
      room,
      surface,
      does: words.name('planStep', step.kind),
      walks: !before || placeOf(before).room !== room,
    };
  });
  const name = visit.people.find(({ id }) => id === personId)?.name ?? '';
  return {
    title: words.say('runSheet.title', { name, home: visit.homeName }),
    says: words.say('runSheet.says', {
      place: visit.place,
      from: clockOf(words, visit.startsAt),
      to: clockOf(words, visit.startsAt + visit.done * 1000),
      version: version.number,
    }),
    lines,
    foot: words.name('runSheet', 'foot'),
  };
};
