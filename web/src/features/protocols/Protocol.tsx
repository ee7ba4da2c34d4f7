import './compare.css';
import type { SurfaceRow } from '@zymostat/contract';
import { useState } from 'react';
import { Descent } from '../../ui/Descent.tsx';
import { Goal, StandingNote, Verdict, Waiting } from '../../ui/parts.tsx';
import { dayOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { HomeHead, type Standing } from '../homes/HomeHead.tsx';
import { ApproveSheet } from './approve/ApproveSheet.tsx';
import { Differences } from './Differences.tsx';
import { FillRest } from './FillRest.tsx';
import { Flags } from './Flags.tsx';
import { HeldUp } from './HeldUp.tsx';
import { Legend } from './set/Legend.tsx';
import { SetLine } from './set/SetLine.tsx';
import { SetPip } from './set/SetPip.tsx';
import { SurfaceSheet } from './surface/SurfaceSheet.tsx';
import { UndoSet } from './UndoSet.tsx';
import { useProtocol, type ProtocolNow } from './useProtocol.ts';

type OfProtocol = { protocol: ProtocolNow };

const standingOf = ({ home, objections }: ProtocolNow): string => {
  const [newest] = home.versions;
  if (objections.length > 0)
    return w.say('protocol.beforeApproval', { objectionsCount: objections.length });
  return home.changedSinceApproval || !newest
    ? w.name('protocol', 'nothingStandsBeforeApproval')
    : w.say('protocol.versionStandsAsApproved', { number: newest.number });
};

interface StandsProps extends OfProtocol {
  /** A surface is being looked at: then approval is not the main thing. */
  busy: boolean;
  onApprove: () => void;
}

/** How it stands, and the way to its approval. */
const Stands = ({ protocol, busy, onApprove }: StandsProps) => {
  const { home, objections, surfaces } = protocol;
  const ready = objections.length === 0 && home.changedSinceApproval;
  const toApprove = (home.changedSinceApproval || objections.length > 0) && surfaces.length > 0;
  return (
    <div className="mt-2 mb-1 flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
      <h2>{standingOf(protocol)}</h2>
      {toApprove && (
        <button className={`btn ${ready && !busy ? 'btn--main' : ''}`} onClick={onApprove}>
          {w.name('protocol', 'lookOverAndApprove')}
        </button>
      )}
    </div>
  );
};

const Approved = ({ protocol }: OfProtocol) => {
  const { home, stocks, judging } = protocol;
  const [newest] = home.versions;
  if (!newest) return null;
  return (
    <p className="small soft mt-2">
      {w.say('protocol.versionApprovedByOn', {
        number: newest.number,
        approvedBy: newest.approvedBy,
        approvedAt: dayOf(newest.approvedAt),
        changed: home.changedSinceApproval ? 'yes' : 'no',
      })}{' '}
      <Differences home={home} stocks={stocks} judging={judging} />
    </p>
  );
};

const Nothing = ({ surfaces }: ProtocolNow) => (
  <Verdict
    say={w.name('protocol', 'chooseASurfaceToSet')}
    why={
      surfaces.length === 0
        ? w.name('protocol', 'thereIsNoneYetSurvey')
        : w.say('protocol.mostNeedOnlyCleaningAnd', { value: w.name('material', 'marble') })
    }
  />
);

interface SheetProps extends OfProtocol {
  surface: SurfaceRow | undefined;
  approving: boolean;
  onApproved: () => void;
}

const Sheet = ({ protocol, surface, approving, onApproved }: SheetProps) => {
  const { home } = protocol;
  const room = home.rooms.find((one) => one.surfaces.some(({ id }) => id === surface?.id));
  if (approving) return <ApproveSheet protocol={protocol} onDone={onApproved} />;
  if (!surface || !room) return <Nothing {...protocol} />;
  return <SurfaceSheet key={surface.id} protocol={protocol} room={room} surface={surface} />;
};

interface LeafProps extends OfProtocol {
  standing: Standing;
  onChoose: (id: string) => void;
  onApprove: () => void;
}

const Leaf = ({ protocol, standing, onChoose, onApprove }: LeafProps) => {
  const { home, stocks, judging, objections } = protocol;
  return (
    <section className="leaf" aria-label={w.name('protocol', 'protocol')}>
      <HomeHead home={home} tab="protocol" />
      <Descent
        {...standing}
        onChoose={onChoose}
        beside={(surface) => <Goal is={surface.setting.goal} />}
        under={(surface) => <SetLine protocol={protocol} surface={surface} />}
        pip={(surface) => <SetPip protocol={protocol} surface={surface} />}
      />
      <Legend {...protocol} />
      <Stands protocol={protocol} busy={standing.chosenId !== undefined} onApprove={onApprove} />
      <p className="my-1">
        <FillRest home={home} stocks={stocks} judging={judging} /> <UndoSet home={home} />
      </p>
      <HeldUp home={home} objections={objections} />
      <Flags home={home} />
      <Approved protocol={protocol} />
    </section>
  );
};

/** What is set for each surface of a home, and what stands before its approval. */
export const Protocol = (standing: Standing) => {
  const { home, chosenId, onChoose } = standing;
  const protocol = useProtocol(home);
  const [approving, approve] = useState(false);
  if (!protocol)
    return (
      <main className="px-6">
        <Waiting what={w.name('protocol', 'theStock')} />
      </main>
    );
  const choose = (id: string) => {
    approve(false);
    onChoose(id);
  };
  const chosen = protocol.surfaces.find(({ id }) => id === chosenId);
  return (
    <main className="leaves">
      <Leaf
        protocol={protocol}
        standing={standing}
        onChoose={choose}
        onApprove={() => approve(true)}
      />
      <section className="sheet" aria-label={chosen?.name ?? w.name('protocol', 'theSurface')}>
        <Sheet
          protocol={protocol}
          surface={chosen}
          approving={approving}
          onApproved={() => approve(false)}
        />
        <StandingNote />
      </section>
    </main>
  );
};
