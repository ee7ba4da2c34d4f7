import type { HomeDetail } from '@zymostat/contract';
import type { ProductId, Situation } from '@zymostat/core';
import * as v from 'valibot';
import { someOf, textLine } from '../../../ui/form/lines.ts';

export interface HomeLines {
  name: string;
  place: string;
  situations: Situation[];
  clientKeeps: ProductId[];
}

/** Who lives where, as it is filled in. */
export const homeForm = v.object({
  name: textLine,
  place: textLine,
  situations: someOf<Situation>(),
  clientKeeps: someOf<ProductId>(),
});

export const homeLines = (home?: HomeDetail): HomeLines => ({
  name: home?.name ?? '',
  place: home?.place ?? '',
  situations: home?.situations ?? [],
  clientKeeps: home?.clientKeeps ?? [],
});
