import type { BatchRow } from '@zymostat/contract';
import type { Judging } from '@zymostat/core';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { minutesFor, sentOf, usualLines, workedOut, type BathLines } from './bathLines.ts';

/** A bath that is being set up: as it is typed, what it would be, and what is sent. */
export const useBathDraft = (batches: readonly BatchRow[], judging: Judging) => {
  const [lines, setLines] = useState<BathLines>(() => ({
    ...usualLines,
    batchId: batches[0]?.id ?? null,
  }));
  const [id] = useState(() => newId());
  const batch = batches.find((one) => one.id === lines.batchId);
  const sent = sentOf(lines);
  const set = (to: Partial<BathLines>) => {
    const next = { ...lines, ...to };
    const other = 'thing' in to || 'batchId' in to;
    const minutes = other
      ? minutesFor(
          next.thing,
          batches.find((one) => one.id === next.batchId),
        )
      : undefined;
    setLines(minutes === undefined ? next : { ...next, minutes });
  };
  return {
    lines,
    set,
    bath: workedOut(sent, batch, judging),
    batch,
    sent: batch ? { id, batchId: batch.id, ...sent } : null,
  };
};
