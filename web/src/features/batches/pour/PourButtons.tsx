import { w } from '../../../words/words.ts';
import { nameOfPart } from './pourWords.tsx';
import type { Weighed } from './usePour.ts';
import type { Pouring, PourStepsState } from './usePourSteps.ts';
import type { Taring } from './useTaring.ts';

interface Props {
  pouring: Pouring;
  steps: PourStepsState;
  taring: Taring;
  onDone: (weighed?: Weighed) => void;
}

const Main = ({
  name,
  on,
  disabled = false,
}: {
  name: string;
  on: () => void;
  disabled?: boolean;
}) => (
  <button className="btn btn--main" disabled={disabled} onClick={on}>
    {name}
  </button>
);

const Begin = ({ empty, begin, steady, busy, setToZero, doubt }: Taring) =>
  empty ? (
    <Main name={w.name('bench', 'yesBegin')} on={begin} />
  ) : (
    <Main
      name={doubt ? w.name('bench', 'itIsTheEmptyBottle') : w.name('bench', 'setToZero')}
      on={setToZero}
      disabled={!steady || busy}
    />
  );

/** The one thing to press now. */
export const NextButton = ({ pouring, steps, taring, onDone }: Props) => {
  const { begun, done, over, reached, current, poured, next, correct } = steps;
  const byScale = pouring.how === 'scale';
  if (!begun) return <Begin {...taring} />;
  if (done)
    return (
      <Main
        name={w.name('bench', 'recordTheBatch')}
        on={() => onDone(byScale ? poured : undefined)}
      />
    );
  if (over && taring.steady) return <Main name={w.name('bench', 'correctTheBatch')} on={correct} />;
  return (
    <Main
      name={w.say('bench.isIn', { current: nameOfPart(pouring, current) })}
      on={next}
      disabled={byScale && !(reached && !over && taring.steady)}
    />
  );
};
