import { doubtOfTare } from '@zymostat/core';
import { useState } from 'react';
import { useTareScaleMutation } from '../api.ts';
import { useScale } from './useScale.ts';
import type { How } from './usePourSteps.ts';

/** kg: what stands at zero is an empty, tared bottle. */
const ZERO = 0.0005;

/** The scale, and setting it to zero with the empty bottle on it; `whole` is kg of the batch. */
export const useTaring = (how: How, whole: number) => {
  const reading = useScale(how === 'scale');
  const [tare, taring] = useTareScaleMutation();
  const [begun, begin] = useState(how === 'measure');
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
    if (!result.error) begin(true);
  };
  return {
    reading,
    shown,
    steady: reading.state === 'steady',
    empty: shown !== undefined && Math.abs(shown) < ZERO,
    begun,
    begin: () => begin(true),
    doubt: asked ? doubtful : null,
    setToZero: () => void setToZero(),
    busy: taring.isLoading,
    error: taring.error,
  };
};
export type Taring = ReturnType<typeof useTaring>;
