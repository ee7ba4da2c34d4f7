import '../../ui/phone.css';
import type { Round } from '@zymostat/contract';
import type { EventKind } from '@zymostat/core';
import { useState } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { useLive } from '../../store/useLive.ts';
import { StandingNote, Waiting, WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useBatchesQuery } from '../batches/api.ts';
import { AirHere } from './AirHere.tsx';
import { Arrive } from './arrive/Arrive.tsx';
import { useArrived } from './arrive/useArrived.ts';
import { ChooseBottle } from './bottle/ChooseBottle.tsx';
import { ByPlan } from './ByPlan.tsx';
import { Clocks } from './Clocks.tsx';
import { KeptHere, NotTaken } from './KeptHere.tsx';
import { NearMiss } from './NearMiss.tsx';
import { Finish, Skip, WipeEarly } from './RoundDialogs.tsx';
import { AllStops, NextList } from './RoundNext.tsx';
import { StopScreen } from './StopScreen.tsx';
import { SurfaceScreen } from './surface/SurfaceScreen.tsx';
import { Top } from './Top.tsx';
import { Undo } from './Undo.tsx';
import { useRoundHere } from './useRoundHere.ts';
import type { InRound } from './inRound.ts';
import { useRoundWork, type RoundWork } from './useRoundWork.ts';
import { Watching } from './Watching.tsx';

interface RestProps {
  work: RoundWork;
  round: Round;
  onAsk: (asking: Asking) => void;
}

const Rest = ({ work, round, onAsk }: RestProps) => (
  <section className="phone__next">
    <AirHere round={round} {...work} />
    <ByPlan round={round} {...work} />
    <NextList {...work} />
    <p className="my-4 grid gap-3">
      <button className="btn" onClick={() => onAsk('finish')}>
        {w.name('round', 'finishTheRound')}
      </button>
      <button className="btn" onClick={() => onAsk('near-miss')}>
        {w.name('round', 'nearMiss')}
      </button>
    </p>
    <AllStops {...work} />
    <NotTaken stops={work.stops} round={round} />
    <StandingNote />
  </section>
);

type Asking = 'early' | 'finish' | 'skip' | 'bottle' | 'near-miss' | null;

interface AskedProps {
  work: RoundWork;
  round: Round;
  asking: Asking;
  act: (kind: EventKind) => void;
  close: () => void;
}

/** What is asked before something is done that cannot be undone. */
const Asked = ({ work, round, asking, act, close }: AskedProps) => (
  <>
    <WipeEarly
      stop={work.current}
      now={work.now}
      open={asking === 'early'}
      onKeep={close}
      onWipe={() => act('wiped')}
    />
    <Skip
      stop={work.current}
      open={asking === 'skip'}
      onClose={close}
      onSkip={(why) => {
        close();
        work.skip(why);
      }}
    />
    <Finish round={round} stops={work.stops} open={asking === 'finish'} onClose={close} />
  </>
);

const Working = (inRound: InRound) => {
  const { round, rows, me } = inRound;
  const work = useRoundWork(inRound);
  const [asking, ask] = useState<Asking>(null);
  const { current, ahead, now, stopped, undo } = work;
  const close = () => ask(null);
  const act = (...kinds: EventKind[]) => {
    ask(work.lacksBottle(kinds) ? 'bottle' : null);
    if (!work.lacksBottle(kinds)) work.act(...kinds);
  };
  if (stopped)
    return (
      <StopScreen
        stopped={stopped}
        rows={rows}
        poisonLine={me.company.poisonLine}
        onBack={work.goBack}
      />
    );
  if (asking === 'bottle')
    return <ChooseBottle work={work} home={round.homeName} onClose={close} />;
  if (asking === 'near-miss') return <NearMiss work={work} round={round} me={me} onClose={close} />;
  const [next] = ahead;
  return (
    <main className="phone phone--work">
      <Top room={current.roomName} home={round.homeName} />
      <KeptHere stops={work.stops} round={round} />
      <Clocks stops={work.alsoWet} now={now} onGo={work.go} />
      <SurfaceScreen
        work={work}
        onDo={act}
        onBottle={() => ask('bottle')}
        onWipe={() => (work.isEarly() ? ask('early') : act('wiped'))}
        onNext={next && (() => work.go(next))}
        onSkip={() => ask('skip')}
      />
      {undo && (
        <div className="phone__acts">
          <Undo of={undo} onUndo={work.takeBack} />
        </div>
      )}
      <Rest work={work} round={round} onAsk={ask} />
      <Asked work={work} round={round} asking={asking} act={act} close={close} />
    </main>
  );
};

/** A round of one's own: on arriving first, then one surface at a time. */
const InHand = (inRound: InRound) => {
  const { arrived, arrive } = useArrived(inRound.round.id);
  if (!arrived) return <Arrive round={inRound.round} onBegin={arrive} />;
  return <Working {...inRound} />;
};

/** A round on the phone: one surface at a time, and what comes next. */
const RoundPage = () => {
  const { roundId } = useParams<{ roundId: string }>();
  const { data: rows = [] } = useBatchesQuery();
  const { data: me } = useMeQuery();
  const { round, error, theirs } = useRoundHere(roundId!, me);
  useLive();
  if (theirs) return <Navigate to={`/rounds/${theirs}`} replace />;
  if (round && !round.joined)
    return (
      <main className="phone">
        <Top room={round.homeName} home={round.place} />
        <Watching round={round} />
      </main>
    );
  if (round && me) return <InHand key={round.id} round={round} rows={rows} me={me} />;
  if (!error)
    return (
      <main className="px-6">
        <Waiting what={w.name('round', 'theRound')} />
      </main>
    );
  return (
    <main className="p-6">
      <WentWrong error={error} />
      <Link className="btn btn--quiet" to="/rounds">
        {w.name('round', 'toTheRounds')}
      </Link>
    </main>
  );
};
export default RoundPage;
