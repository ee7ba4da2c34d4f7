import type { BatchRow } from '@zymostat/contract';
import type { Judging } from '@zymostat/core';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import {
  liquidOf,
  RECIPE,
  sentOf,
  usualLines,
  WASHING,
  workedOut,
  type FromRecipe,
  type JarLines,
} from './jarLines.ts';

/** A jar that is being made up: as it is typed, what it would be, and what is sent. */
export const useJarDraft = (
  batches: readonly BatchRow[],
  judging: Judging,
  recipe: FromRecipe | undefined,
) => {
  const first = batches.find(({ status }) => status === 'verified');
  const [lines, setLines] = useState<JarLines>(() => ({
    ...usualLines,
    liquid: recipe ? RECIPE : (first?.id ?? WASHING),
  }));
  const [id] = useState(() => newId());
  const batch = batches.find((one) => one.id === lines.liquid);
  const sent = sentOf(lines);
  const liquid = liquidOf(lines, batch, recipe);
  return {
    lines,
    set: (to: Partial<JarLines>) => setLines({ ...lines, ...to }),
    batch,
    sent: { id, ...sent },
    jar: workedOut(sent, liquid, judging),
    active: liquid.active,
  };
};
export type JarDraft = ReturnType<typeof useJarDraft>;
