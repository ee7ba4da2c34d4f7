import { type HomeDetail } from '@zymostat/contract';
import { Suspense, useState } from 'react';
import { Link } from 'react-router';
import { Verdict, Waiting, WentWrong } from '../../ui/parts.tsx';
import { dayOf } from '../../ui/times.ts';
import { Window } from '../../ui/Window.tsx';
import { listOf } from '../../words/list.ts';
import { later } from '../../words/later.ts';
import { w } from '../../words/words.ts';
import { useHomeQuery } from '../homes/api.ts';
import { Whose } from '../homes/Whose.tsx';
import { Flags } from '../protocols/Flags.tsx';
import { HeldUp } from '../protocols/HeldUp.tsx';
import { HomeForm } from './homeFormLater.ts';
import { RoomTable } from './RoomTable.tsx';
import { standingOf } from './standingOf.ts';

const ToItsWork = ({ home }: { home: HomeDetail }) => {
  const surveyed = home.rooms.some((room) => room.surfaces.length > 0);
  return (
    <Link className="btn btn--main" to={`/homes/${home.id}/${surveyed ? 'protocol' : 'survey'}`}>
      {surveyed ? w.name('homes', 'openTheProtocol') : w.name('homes', 'surveyIt')}
    </Link>
  );
};

const approvedWhen = ([newest]: HomeDetail['versions']) =>
  newest &&
  w.say('homes.versionWasApprovedByOn', {
    number: newest.number,
    approvedBy: newest.approvedBy,
    approvedAt: dayOf(newest.approvedAt),
  });

const ChangeHome = ({ home }: { home: HomeDetail }) => {
  const [editing, edit] = useState(false);
  return (
    <>
      <p className="my-3 flex gap-5">
        <Link className="btn btn--quiet" to={`/homes/${home.id}/survey`}>
          {w.name('homes', 'survey')}
        </Link>
        <button className="btn btn--quiet" onClick={() => edit(true)}>
          {w.name('homes', 'changeNameAndWhoLives')}
        </button>
      </p>
      <Window
        open={editing}
        title={w.say('homes.change', { home: home.name })}
        onClose={() => edit(false)}
      >
        <Suspense>
          <HomeForm home={home} onDone={() => edit(false)} />
        </Suspense>
      </Window>
    </>
  );
};

const WayIn = later(() => import('./WayIn.tsx'));

/** How one gets in is nobody's business until it is asked for. */
const WayInOnAsking = (props: { home: HomeDetail; archivedAt: number | null }) => {
  const [open, setOpen] = useState(props.archivedAt !== null);
  return (
    <details
      className="my-3"
      open={open}
      onToggle={({ currentTarget }) => setOpen(currentTarget.open)}
    >
      <summary className="soft min-h-8 cursor-pointer">
        {w.name('homes', 'wayInAndArchive')}
      </summary>
      {open && (
        <Suspense>
          <WayIn {...props} />
        </Suspense>
      )}
    </details>
  );
};

/** How a home stands, and the way to what is to be done in it. */
export const HomeSheet = ({
  homeId,
  archivedAt,
}: {
  homeId: string;
  archivedAt: number | null;
}) => {
  const { currentData: home, error } = useHomeQuery(homeId);
  if (error) return <WentWrong error={error} />;
  if (!home) return <Waiting what={w.name('homes', 'theHome')} />;
  const keeps = home.clientKeeps.map((one) => w.name('product', one));
  return (
    <>
      <p className="crumb">
        <Whose home={home} />
      </p>
      <Verdict say={standingOf(home)} why={approvedWhen(home.versions)}>
        <ToItsWork home={home} />
      </Verdict>
      <HeldUp home={home} objections={home.objections} />
      <Flags home={home} />
      <RoomTable rooms={home.rooms} />
      <ChangeHome home={home} />
      <WayInOnAsking key={home.id} home={home} archivedAt={archivedAt} />
      {keeps.length > 0 && (
        <p className="small soft mb-3">{w.say('homes.theClientKeeps', { keeps: listOf(keeps) })}</p>
      )}
    </>
  );
};
