import { cleanedStep, mixedInWords, upper } from '@zymostat/words';
import { w } from '../../../words/words.ts';
import { familyOf, whatIsIn } from '../bottle/bottleName.ts';
import { ScreenTitle } from '../ScreenTitle.tsx';
import { familyOfCleaner } from '../../../ui/cleanerFamily.ts';
import { isLying, isToBeLoosened, isWet, type Stop } from '../stop.ts';
import { Lying } from './Lying.tsx';
import { NotWet } from './NotWet.tsx';
import { Orders } from './Orders.tsx';
import type { SurfaceProps } from './surfaceProps.ts';
import { Wet } from './Wet.tsx';

/** What is on it, and what loosens it. */
const Loosening = ({ stop: { surface } }: { stop: Stop }) => {
  const { soil, cleaners } = surface.loosening!;
  const { cleaner, ratio } = cleaners.at(-1)!;
  return (
    <p className="phone__set" data-family={familyOfCleaner(cleaner) ?? 'soap'}>
      <i className="fill" />
      {w.say('round.soilWith', {
        soil: upper(w.name('soil', soil)),
        cleaner: mixedInWords(w, cleaner, ratio),
      })}
    </p>
  );
};

/** With what it is done: the bottle in hand, which may be changed, or that it is cleaned. */
const With = ({ work: { current, rows, hand }, onBottle }: SurfaceProps) => {
  const { surface, treatment } = current;
  const row = rows.find(({ id }) => id === hand);
  if (isToBeLoosened(current) || isLying(current)) return <Loosening stop={current} />;
  if (treatment.use)
    return (
      <button className="phone__set" onClick={onBottle}>
        {row && <i className="fill" data-family={familyOf(row)} />}
        <span>
          {row
            ? w.say('round.inHandNow', { what: whatIsIn(row), code: row.code })
            : w.name('round', 'noBottleInHand')}
        </span>
        <u>{row ? w.name('round', 'change') : w.name('round', 'choose')}</u>
      </button>
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

/** Left alone: what is due, and the clock. Else what is to be done, and the one next thing. */
const Body = (props: SurfaceProps) => {
  const stop = props.work.current;
  if (isLying(stop)) return <Lying stop={stop} {...props.work} onDo={props.onDo} />;
  if (isWet(stop))
    return (
      <>
        <Wet stop={stop} {...props.work} onDo={props.onDo} onWipe={props.onWipe} />
        <Orders stop={stop} />
      </>
    );
  return (
    <>
      <Orders stop={stop} />
      <NotWet {...props} />
    </>
  );
};

/** One surface at a time: what it is, what is on it, and the one next thing to do. */
export const SurfaceScreen = (props: SurfaceProps) => {
  const stop = props.work.current;
  return (
    <section className="phone__now" aria-label={stop.surface.name}>
      <div className="phone__surface">
        <ScreenTitle key={stop.surface.id}>{stop.surface.name}</ScreenTitle>
        <With {...props} />
      </div>
      <Body {...props} />
    </section>
  );
};
