import './phone.css';
import type { Round } from '@zymostat/contract';
import type { EventKind } from '@zymostat/core';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { useAppSelector } from '../../store/store.ts';
import { useLive } from '../../store/useLive.ts';
import { StandingNote, Waiting, WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useBatchesQuery } from '../batches/api.ts';
import { useRoundQuery } from './api.ts';
import { Clocks } from './Clocks.tsx';
import { KeptHere, NotTaken } from './KeptHere.tsx';
import { Finish, Skip, WipeEarly } from './RoundDialogs.tsx';
import { AllStops, NextList } from './RoundNext.tsx';
import { StopScreen } from './StopScreen.tsx';
import { SurfaceScreen } from './surface/SurfaceScreen.tsx';
import { Watching } from './Watching.tsx';
import { useRoundWork, type InRound, type RoundWork } from './useRoundWork.ts';

const sendingInWords = (waiting: number, online: boolean): string => {
  if (waiting === 0) return w.name('round', 'allSent');
  return online ? w.name('round', 'sending') : w.name('round', 'noSignalKeptOnPhone');
};

const Saved = () => {
  const { waiting, online } = useAppSelector((state) => state.outbox);
  return (
    <span className="phone__saved" role="status">
      {waiting.length > 0 && <i />}
      {sendingInWords(waiting.length, online)}
    </span>
  );
};

const Top = ({ room }: { room: string }) => (
  <header className="phone__top">
    <Link to="/rounds" className="phone__back">
      {w.name('round', 'rounds2')}
    </Link>
    <b>{room}</b>
    <Saved />
  </header>
);

interface RestProps {
  work: RoundWork;
  nameOf: (surfaceId: string) => string;
  onFinish: () => void;
}

const Rest = ({ work, nameOf, onFinish }: RestProps) => (
  <section className="phone__next">
    <NextList {...work} />
    <p className="my-4">
      <button className="btn w-full" onClick={onFinish}>
        {w.name('round', 'finishTheRound')}
      </button>
    </p>
    <AllStops {...work} />
    <NotTaken nameOf={nameOf} />
    <StandingNote />
  </section>
);

type Asking = 'early' | 'finish' | 'skip' | null;

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
  const { stops, current, ahead, now, hand, stopped } = work;
  const nameOf = (id: string) =>
    stops.find(({ surface }) => surface.id === id)?.surface.name ??
    w.name('round', 'inAnotherRound');
  const act = (...kinds: EventKind[]) => {
    ask(null);
    work.act(...kinds);
  };
  const close = () => ask(null);
  if (stopped)
    return (
      <StopScreen
        stopped={stopped}
        rows={rows}
        poisonLine={me.company.poisonLine}
        onBack={work.goBack}
      />
    );
  const [next] = ahead;
  return (
    <main className="phone">
      <Top room={current.roomName} />
      <KeptHere nameOf={nameOf} />
      <Clocks stops={work.alsoWet} now={now} onGo={work.go} />
      <SurfaceScreen
        stop={current}
        rows={rows}
        hand={hand}
        waits={work.waits}
        now={now}
        onHand={work.onHand}
        onDo={act}
        onWipe={() => (work.isEarly() ? ask('early') : act('wiped'))}
        onNext={next && (() => work.go(next))}
        onSkip={() => ask('skip')}
      />
      <Rest work={work} nameOf={nameOf} onFinish={() => ask('finish')} />
      <Asked work={work} round={round} asking={asking} act={act} close={close} />
    </main>
  );
};

/** A round on the phone: one surface at a time, and what comes next. */
const RoundPage = () => {
  const { roundId } = useParams<{ roundId: string }>();
  const { data: round, error } = useRoundQuery(roundId!, { refetchOnMountOrArgChange: true });
  const { data: rows = [] } = useBatchesQuery();
  const { data: me } = useMeQuery();
  useLive();
  if (round && !round.joined)
    return (
      <main className="phone">
        <Top room={round.homeName} />
        <Watching round={round} />
      </main>
    );
  if (round && me) return <Working round={round} rows={rows} me={me} />;
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
