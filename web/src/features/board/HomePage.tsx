import { w } from '../../words/words.ts';
import { lazy, Suspense, useState } from 'react';
import { Navigate, useParams } from 'react-router';
import { useHomeQuery } from '../homes/api.ts';
import { useGoOn } from '../../ui/useGoOn.ts';
import { useKeys } from '../../ui/useKeys.ts';
import { Waiting, WentWrong } from '../../ui/parts.tsx';
import { walkKeys } from '../../ui/walk.ts';
import { Protocol } from '../protocols/Protocol.tsx';
import { tabs, type Standing, type Tab } from '../homes/HomeHead.tsx';
import { Survey } from '../homes/survey/Survey.tsx';

/** Its chart can be moved by hand, which no other tab needs. */
const VisitPage = lazy(() => import('../visits/VisitPage.tsx'));

const HomePage = () => {
  const { homeId, tab, surfaceId } = useParams<{ homeId: string; tab: Tab; surfaceId: string }>();
  const goOn = useGoOn();
  const { data: home, error } = useHomeQuery(homeId!);
  const [opened, setOpened] = useState<string>();
  const rooms = home?.rooms ?? [];
  const holding = rooms.find((room) => room.surfaces.some((surface) => surface.id === surfaceId));
  const open = rooms.find((room) => room.id === opened) ?? holding ?? rooms[0];
  const chosenId = holding && surfaceId;

  const onChoose = (id: string | undefined) => {
    setOpened(undefined);
    goOn(`/homes/${homeId}/${tab}${id ? `/${id}` : ''}`, { replace: true });
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
        <Waiting what={w.name('homes', 'theHome')} />
      </main>
    );
  const standing: Standing = { home, openRoomId: open?.id, chosenId, onOpen, onChoose };
  if (tab === 'visit')
    return (
      <Suspense fallback={<main className="visit" />}>
        <VisitPage key={home.id} home={home} />
      </Suspense>
    );
  return tab === 'survey' ? <Survey {...standing} /> : <Protocol {...standing} />;
};
export default HomePage;
