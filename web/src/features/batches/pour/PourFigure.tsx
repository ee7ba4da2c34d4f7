import { useAppSelector } from '../../../store/store.ts';
import { amountIn } from '../../../ui/amounts.ts';
import { w } from '../../../words/words.ts';
import { grams, millilitres } from './pourWords.tsx';
import type { Pouring, PourStepsState } from './usePourSteps.ts';
import type { Taring } from './useTaring.ts';

const scaleSays = ({ reading }: Taring): string => {
  if (reading.state === 'away') return w.name('bench', 'noScaleAnswers');
  if (reading.state === 'overload') return w.name('bench', 'overloadTakeSomethingOff');
  return w.say('bench.scale', { state: reading.state });
};

const Large = ({ figure, unit }: { figure: string; unit: string }) => (
  <p className="weigh__figure fig">
    {figure}
    <small>{unit}</small>
  </p>
);

interface Props {
  pouring: Pouring;
  steps: PourStepsState;
  taring: Taring;
}

const Weight = ({ steps: { weighing, now }, taring }: Props) => {
  const { shown } = taring;
  return (
    <>
      <Large
        figure={shown === undefined ? '–' : grams(weighing ? now : shown)}
        unit={w.name('bench', 'g2')}
      />
      <p className="small">
        <span className="live-dot" />
        {scaleSays(taring)}
      </p>
    </>
  );
};

const Measure = ({ pouring: { pour }, steps: { done, current } }: Props) => {
  const units = useAppSelector((state) => state.units);
  const measured = amountIn(units, pour[current], current === 'water' ? 'down' : 'up');
  return (
    <>
      <Large
        figure={millilitres(done ? pour.total : pour[current])}
        unit={w.name('bench', 'ml5')}
      />
      <p className="small">
        {done && w.name('bench', 'inTheBottle2')}
        {!done && units === 'us' && measured}
      </p>
    </>
  );
};

/** The one figure that is read from a metre away. */
export const PourFigure = (props: Props) =>
  props.pouring.how === 'scale' ? <Weight {...props} /> : <Measure {...props} />;
