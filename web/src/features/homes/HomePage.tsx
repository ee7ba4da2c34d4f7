import { situationNames, type HomeDetail } from '@zymostat/contract';
import { useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { api } from '../../app/api.ts';
import { useKeys } from '../../app/useKeys.ts';
import { Waiting, WentWrong } from '../../ui/parts.tsx';
import { walkKeys } from '../../ui/walk.ts';
import { Protocol } from '../protocols/Protocol.tsx';
import { Survey } from './Survey.tsx';

const tabs = { survey: 'Survey', protocol: 'Protocol' } as const;
type Tab = keyof typeof tabs;

/** What both tabs of a home share: which room is open, which surface is chosen. */
export interface Standing {
  home: HomeDetail;
  openRoomId: string | undefined;
  chosenId: string | undefined;
  onOpen: (roomId: string) => void;
  onChoose: (surfaceId: string | undefined) => void;
}

export const HomeHead = ({ home, tab }: { home: HomeDetail; tab: Tab }) => (
  <>
    <p className="crumb">
      <Link to="/homes">Homes</Link> /{' '}
      <b>
        {home.name}, {home.place}
      </b>{' '}
      {home.situations.map((one) => (
        <span key={one}>· {situationNames[one]}</span>
      ))}
    </p>
    <div className="headline">
      <h1>{tabs[tab]}</h1>
      <nav className="tabs" aria-label="Home">
        {(Object.keys(tabs) as Tab[]).map((one) => (
          <Link
            key={one}
            to={`/homes/${home.id}/${one}`}
            aria-current={one === tab ? 'page' : undefined}
          >
            {tabs[one]}
          </Link>
        ))}
      </nav>
    </div>
  </>
);

const HomePage = () => {
  const { homeId, tab, surfaceId } = useParams<{ homeId: string; tab: Tab; surfaceId: string }>();
  const navigate = useNavigate();
  const { data: home, error } = api.useHomeQuery(homeId!);
  const [opened, setOpened] = useState<string>();
  const rooms = home?.rooms ?? [];
  const holding = rooms.find((room) => room.surfaces.some((surface) => surface.id === surfaceId));
  const open = rooms.find((room) => room.id === opened) ?? holding ?? rooms[0];
  const chosenId = holding && surfaceId;

  const onChoose = (id: string | undefined) => {
    setOpened(undefined);
    void navigate(`/homes/${homeId}/${tab}${id ? `/${id}` : ''}`, { replace: true });
  };
  const onOpen = (roomId: string) => {
    const [first] = rooms.find((room) => room.id === roomId)?.surfaces ?? [];
    onChoose(first?.id);
    setOpened(roomId);
  };
  const sideways = (by: number) => () => {
    const next = rooms[rooms.indexOf(open!) + by];
    if (next) onOpen(next.id);
  };
  useKeys({
    ...walkKeys(open?.surfaces.map((surface) => surface.id) ?? [], chosenId, onChoose),
    ArrowLeft: sideways(-1),
    ArrowRight: sideways(1),
  });

  if (error)
    return (
      <main className="p-6">
        <WentWrong error={error} />
      </main>
    );
  if (!tab || !(tab in tabs)) return <Navigate to={`/homes/${homeId}/survey`} replace />;
  if (!home || home.id !== homeId)
    return (
      <main className="px-6">
        <Waiting what="the home" />
      </main>
    );
  const standing: Standing = { home, openRoomId: open?.id, chosenId, onOpen, onChoose };
  return tab === 'survey' ? <Survey {...standing} /> : <Protocol {...standing} />;
};
export default HomePage;
