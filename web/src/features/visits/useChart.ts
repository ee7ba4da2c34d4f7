import {
  activeFacts,
  doneAt,
  liftsSoil,
  surfaceIdOf,
  type Breach,
  type Family,
  type PlanStep,
} from '@zymostat/core';
import { useState } from 'react';
import { toTheSecond } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { chartRows, FOLDS_FROM, wetSpans, type ChartRow } from './chartRows.ts';
import type { Drawn } from './chartProps.ts';
import type { Visit } from './useVisit.ts';

/** What the chart of a plan draws: its rows, and every step with what it is and whether it breaks. */
export const useChart = (visit: Visit, steps: readonly PlanStep[], breaches: readonly Breach[]) => {
  const { version, problem, startsAt, who, nameOf, surfaceName } = visit;
  const rooms = version!.protocol.rooms;
  const count = rooms.reduce((sum, { surfaces }) => sum + surfaces.length, 0);
  const folds = count >= FOLDS_FROM;
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set());
  const folded = new Set(folds ? rooms.map(({ id }) => id).filter((id) => !opened.has(id)) : []);
  const surfaces = new Map(rooms.flatMap((room) => room.surfaces).map((one) => [one.id, one]));
  const wrong = new Set(breaches.flatMap(({ treatments }) => treatments.slice(0, 1)));
  const familyOf = (treatment: string): Family | undefined => {
    const { treatment: own } = surfaces.get(surfaceIdOf(treatment)) ?? {};
    return own && !liftsSoil(treatment) ? activeFacts[own.active].family : undefined;
  };
  const at = (seconds: number) => toTheSecond(startsAt + seconds * 1000);
  const drawn = steps.map((step, k): Drawn => ({
    step,
    at: k,
    who: who.indexOf(step.cleaner),
    wrong: wrong.has(step.treatment),
    says: w.say('visitPlan.stepLabel', {
      what: surfaceName(step.treatment),
      does: w.name('planStep', step.kind),
      who: nameOf(step.cleaner),
      from: at(step.start),
      to: at(step.end),
    }),
  }));
  return {
    rows: chartRows(rooms, steps, folded),
    spans: (row: ChartRow) => wetSpans(row, problem!, steps, familyOf),
    drawn,
    cleaners: who.map((id) => ({ id, name: nameOf(id) })),
    axis: Math.max(60, doneAt(problem!, steps)) * 1.03,
    folds,
    onFold: (room: string) =>
      setOpened((before) => {
        const after = new Set(before);
        if (!after.delete(room)) after.add(room);
        return after;
      }),
  };
};
