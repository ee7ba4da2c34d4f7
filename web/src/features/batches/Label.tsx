import { pictogramSvg } from '@zymostat/contract';
import type { LabelWords } from '@zymostat/words';
import type { ReactNode } from 'react';
import { dateOf } from '../../ui/times.ts';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';

type Shown = Omit<LabelWords, 'madeAt' | 'discardAfter' | 'code'> & {
  code: string;
  madeAt?: number;
  discardAfter?: number;
};

const Warnings = ({ pictograms, signal, statements, precautions }: Shown) => (
  <>
    {(signal ?? pictograms.length > 0) && (
      <p className="label__warn flex items-center gap-2">
        {pictograms.map((one) => (
          <img
            key={one}
            className="h-9 w-9"
            alt={w.name('pictogram', one)}
            src={`data:image/svg+xml,${encodeURIComponent(pictogramSvg(one))}`}
          />
        ))}
        <b>{signal}</b>
      </p>
    )}
    <p className="label__warn">
      {statements.join(' ')} <span className="soft">{precautions.join(' ')}</span>
    </p>
  </>
);

const b = (text: ReactNode) => <b className="fig">{text}</b>;

const Foot = ({ madeAt, discardAfter, madeBy }: Shown) =>
  madeAt !== undefined &&
  discardAfter !== undefined && (
    <p className="label__foot">
      <span>{rich('bench.made', { b, madeAt: dateOf(madeAt) })}</span>
      <span>{rich('bench.discardAfter', { b, discardAfter: dateOf(discardAfter) })}</span>
      <span>{w.say('bench.by', { madeBy })}</span>
    </p>
  );

/** A label as it will be printed. */
export const Label = ({ label }: { label: Shown }) => (
  <figure className="label" aria-label={w.name('bench', 'labelOfTheBottle')}>
    <figcaption className="label__head">
      <span>{label.company}</span>
      <span className="fig">{label.code}</span>
    </figcaption>
    <p className="label__name">{label.title}</p>
    <p>{label.strength}</p>
    <p className="soft">{label.purpose}</p>
    <Warnings {...label} />
    <p className="label__warn">
      <b>{w.name('bench', 'neverWith')}</b> {label.neverWith}.
    </p>
    <Foot {...label} />
  </figure>
);
