import { doubtOfTare } from '@zymostat/core';
import { useState } from 'react';
import { useKept } from '../../../ui/useKept.ts';
import { useTareScaleMutation } from '../api.ts';
import { useScale } from './useScale.ts';
import type { How } from './usePourSteps.ts';

/** kg: what stands at zero is an empty, tared bottle. */
const ZERO = 0.0005;

/** For which batch, kg, the scale was set to zero. */
export const TARED_DRAFT = 'tared';

/** The scale, and setting it to zero with the empty bottle on it; `whole` is kg of the batch. */
export const useTaring = (how: How, whole: number) => {
  const reading = useScale(how === 'scale');
  const [tare, taring] = useTareScaleMutation();
  // The zero is the scale's own: after a reload the vessel stands there as it did.
  const [taredFor, keepTare] = useKept<number | null>(TARED_DRAFT, () => null);
  const begun = how === 'measure' || taredFor === whole;
  const begin = () => keepTare(whole);
  const [asked, ask] = useState(false);
  const shows = reading.state === 'steady' || reading.state === 'moving';
  const shown = shows ? reading.grams / 1000 : undefined;
  const doubtful = begun ? null : doubtOfTare(shown ?? 0, whole);
  // With something in the bottle already, what is in it would count as the bottle.
  const setToZero = async () => {
    if (doubtful && !asked) {
      ask(true);
      return;
    }
    const result = await tare();
    if (!result.error) begin();
  };
  return {
    reading,
    shown,
    steady: reading.state === 'steady',
    empty: shown !== undefined && Math.abs(shown) < ZERO,
    begun,
    begin,
    doubt: asked ? doubtful : null,
    setToZero: () => void setToZero(),
    busy: taring.isLoading,
    error: taring.error,
  };
};
export type Taring = ReturnType<typeof useTaring>;
