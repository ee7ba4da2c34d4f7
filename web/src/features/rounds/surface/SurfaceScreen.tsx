import type { BatchRow } from '@zymostat/contract';
import type { EventKind, Reason } from '@zymostat/core';
import { cleanedStep } from '@zymostat/words';
import { w } from '../../../words/words.ts';
import { isWet, type Stop } from '../stop.ts';
import { BottleInHand } from './BottleInHand.tsx';
import { NotWet } from './NotWet.tsx';
import { Orders } from './Orders.tsx';
import { Wet } from './Wet.tsx';

interface Props {
  stop: Stop;
  rows: BatchRow[];
  hand: string | null;
  waits: Reason | undefined;
  now: number;
  onHand: (batchId: string) => void;
  onDo: (...kinds: EventKind[]) => void;
  onWipe: () => void;
  onNext: (() => void) | undefined;
  onSkip: () => void;
}

/** With what it is done: the bottle in hand, or that it is cleaned. */
const With = ({ stop: { surface, treatment }, rows, hand, onHand }: Props) => {
  if (treatment.use)
    return (
      <div className="mt-2">
        <BottleInHand rows={rows} hand={hand} onHand={onHand} />
      </div>
    );
  return (
    <p className="phone__set" data-family="soap">
      <i className="fill" />
      {cleanedStep(surface.steps) === 'wash'
        ? w.name('round', 'washingUpDetergent')
        : w.name('round', 'cleanedOnly')}
    </p>
  );
};

/** One surface at a time: what it is, what is on it, and the one next thing to do. */
export const SurfaceScreen = (props: Props) => {
  const { stop } = props;
  return (
    <>
      <section className="phone__surface">
        <h1>{stop.surface.name}</h1>
        <With {...props} />
      </section>
      {isWet(stop) ? (
        <>
          <Wet {...props} />
          <Orders stop={stop} />
        </>
      ) : (
        <>
          <Orders stop={stop} />
          <NotWet {...props} />
        </>
      )}
    </>
  );
};
