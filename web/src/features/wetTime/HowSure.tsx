import type { Holding } from '@zymostat/core';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import type { HoldingWorker } from '../../workers/holding.worker.ts';
import { DRAWS, useWorkerDraws } from '../../workers/useWorkerDraws.ts';
import type { DryingThere } from './coat.ts';

const makeWorker = () =>
  new Worker(new URL('../../workers/holding.worker.ts', import.meta.url), { type: 'module' });

const Held = ({ held, draws, lever }: Holding) => (
  <p role="status">
    {rich('wetPage.itHoldsTimesIn100', {
      b: (text) => <b className="fig">{text}</b>,
      floor: Math.floor((100 * held) / draws),
      lever: w.name('holdingLever', lever),
    })}
  </p>
);

/** How often it holds, as people spray; drawn in a worker, and can be stopped. */
export const HowSure = ({ there, seconds }: { there: DryingThere; seconds: number }) => {
  const { film, air, floor, rewets } = there;
  const { drawn, ask, cancel } = useWorkerDraws<HoldingWorker, Holding>(makeWorker);
  const question = {
    film,
    air,
    floor,
    needed: rewets.count > 0 ? rewets.every : seconds,
    coats: rewets.count + 1,
    draws: DRAWS,
  };
  if (drawn.state === 'drawn') return <Held {...drawn.result} />;
  if (drawn.state === 'drawing')
    return (
      <p role="status">
        {w.say('wetPage.sprayedOfTimes', {
          done: drawn.done.toLocaleString(w.locale),
          DRAWS: DRAWS.toLocaleString(w.locale),
        })}{' '}
        <button className="btn btn--quiet" onClick={cancel}>
          {w.name('wetPage', 'cancel')}
        </button>
      </p>
    );
  return (
    <p>
      <button
        className="btn btn--quiet"
        onClick={() => void ask((worker, tell) => worker.draw(question, tell))}
      >
        {w.name('wetPage', 'howSureAsPeopleSpray')}
      </button>
    </p>
  );
};
