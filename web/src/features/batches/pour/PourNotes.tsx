import { inMillilitres } from '@zymostat/core';
import type { ReactNode } from 'react';
import { rich } from '../../../words/rich.tsx';
import { grams, millilitres } from './pourWords.tsx';
import type { Part, Pouring, PourStepsState } from './usePourSteps.ts';

const b = (text: ReactNode) => <b className="fig">{text}</b>;

interface Props {
  pouring: Pouring;
  steps: PourStepsState;
  /** The scale stands still. */
  steady: boolean;
}

/** By measure: how far off it may be, and what should be in the vessel. */
const Within = ({ pouring: { pour }, steps: { band, current, meant, parts } }: Props) => {
  const perKilogram = (part: Part) => pour[part] / meant[part];
  const ml = (mass: number) => inMillilitres(mass * perKilogram(current)).toFixed(0);
  return (
    <p className="small soft">
      {rich('bench.fromToMlKeepsIt', { b, from: ml(band.from), to: ml(band.to) })}{' '}
      {parts.indexOf(current) > 0 &&
        rich('bench.inTheVesselSoFar', { b, ml: millilitres(pour.water) })}
    </p>
  );
};

/** What to know about the pour at hand, besides what to do. */
export const PourNotes = (props: Props) => {
  const { pouring, steps, steady } = props;
  const { done, over, corrected, meant, current, now, whole } = steps;
  if (done) return null;
  if (pouring.how === 'measure') return <Within {...props} />;
  if (over && steady) {
    const becomes = (meant.water + meant.stock) * (now / meant[current]);
    return <p className="mt-2">{rich('bench.theWholeBatchIsPut', { b, water: grams(becomes) })}</p>;
  }
  if (!corrected) return null;
  return (
    <p className="small mt-2">
      {rich('bench.correctedTheBatchIsNow', { b, volume: millilitres(whole.volume) })}
    </p>
  );
};
