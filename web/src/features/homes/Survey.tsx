import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { useState } from 'react';
import { Link } from 'react-router';
import { useRemoveRoomMutation } from './api.ts';
import { useKeys } from '../../ui/useKeys.ts';
import { Descent } from '../../ui/Descent.tsx';
import { StandingNote, Verdict } from '../../ui/parts.tsx';
import { Window } from '../../ui/Window.tsx';
import { HomeHead, type Standing } from './HomeHead.tsx';
import { HomeFiles } from './HomeFiles.tsx';
import { QuickSurfaces } from './QuickSurfaces.tsx';
import { RoomForm } from './RoomForm.tsx';
import { SurfaceForm } from './SurfaceForm.tsx';

/** What is in this home: rooms with their air, surfaces with their material and use. */
export const Survey = ({ home, openRoomId, chosenId, onOpen, onChoose }: Standing) => {
  const [dialog, setDialog] = useState<'new-room' | 'room' | 'take-room' | 'several' | null>(null);
  const [adding, add] = useState(false);
  const [removeRoom] = useRemoveRoomMutation();
  const room = home.rooms.find((one) => one.id === openRoomId);
  const surface = room?.surfaces.find((one) => one.id === chosenId);
  const startAdding = () => {
    onChoose(undefined);
    if (room) onOpen(room.id);
    add(true);
  };
  useKeys({ n: room ? startAdding : () => setDialog('new-room') });
  const close = () => setDialog(null);
  const choose = (id: string) => {
    add(false);
    onChoose(id);
  };
  const takeOut = async () => {
    if (room) await removeRoom({ id: room.id, homeId: home.id });
    close();
    onChoose(undefined);
  };
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('homes', 'survey')}>
        <HomeHead home={home} tab="survey" />
        <Descent
          home={home}
          openRoomId={openRoomId}
          chosenId={adding ? undefined : chosenId}
          onOpen={(id) => {
            add(false);
            onOpen(id);
          }}
          onChoose={choose}
          beside={(one) => (
            <span className="small soft">
              {rich('homes.m2', { area: one.area, food: one.food && w.name('homes', 'food') })}
            </span>
          )}
          under={(one) => (
            <span className="descent__set">
              <span className="truncate">
                {w.name('material', one.material)}, {w.name('touched', one.touched)}
              </span>
            </span>
          )}
          pip={() => <span className="block h-1.5 w-4 border border-[#75857E]" />}
        />
        {room?.surfaces.length === 0 && (
          <p className="soft py-4">{w.name('homes', 'noSurfaceInThisRoom')}</p>
        )}
        <p className="mt-4 flex flex-wrap gap-3">
          {room && (
            <button className="btn" onClick={startAdding}>
              {rich('homes.addASurfaceToN', {
                room: room.name,
                soft: (text: ReactNode) => <span className="key">{text}</span>,
              })}
            </button>
          )}
          {room && (
            <button className="btn" onClick={() => setDialog('several')}>
              {w.name('homes', 'severalAtOnce')}
            </button>
          )}
          <button className="btn" onClick={() => setDialog('new-room')}>
            {w.name('homes', 'addARoom')}
          </button>
          {room && (
            <button className="btn btn--quiet" onClick={() => setDialog('room')}>
              {w.say('homes.change2', { room: room.name })}
            </button>
          )}
        </p>
        {room && (
          <p className="small soft mt-3">
            {w.say('homes.mByMFlame', {
              room: room.name,
              floorArea: room.floorArea,
              height: room.height,
              ventilation: w.name('ventilation', room.ventilation),
              flame: w.name('flame', room.flame),
            })}
          </p>
        )}
        <HomeFiles home={home} />
      </section>
      <section className="sheet" aria-label={surface?.name ?? w.name('homes', 'survey')}>
        {room && adding ? (
          <SurfaceForm
            key={`new ${room.id}`}
            homeId={home.id}
            revision={home.revision}
            roomId={room.id}
            roomName={room.name}
            onDone={(id) => (id ? choose(id) : add(false))}
          />
        ) : surface && room ? (
          <SurfaceForm
            key={surface.id}
            homeId={home.id}
            revision={home.revision}
            roomId={room.id}
            roomName={room.name}
            surface={surface}
            onDone={(id) => choose(id ?? '')}
          />
        ) : (
          <Verdict
            say={
              room ? w.name('homes', 'chooseASurfaceOrAdd') : w.name('homes', 'beginWithARoomIts')
            }
          >
            {room ? (
              <button className="btn btn--main" onClick={startAdding}>
                {w.name('homes', 'addASurface')}
              </button>
            ) : (
              <button className="btn btn--main" onClick={() => setDialog('new-room')}>
                {w.name('homes', 'addARoom')}
              </button>
            )}
          </Verdict>
        )}
        <p className="my-4">
          <Link
            className="btn btn--quiet"
            to={`/homes/${home.id}/protocol${surface ? `/${surface.id}` : ''}`}
          >
            {w.name('homes', 'toTheProtocol')}
          </Link>
        </p>
        <StandingNote />
      </section>
      <Window open={dialog === 'new-room'} title={w.name('homes', 'addARoom')} onClose={close}>
        <RoomForm
          homeId={home.id}
          revision={home.revision}
          onDone={(id) => {
            close();
            if (id) onOpen(id);
          }}
        />
      </Window>
      <Window
        open={dialog === 'several'}
        title={w.say('homes.severalSurfacesIn', { room: room?.name ?? '' })}
        onClose={close}
      >
        {room && <QuickSurfaces room={room} onDone={close} />}
      </Window>
      <Window
        open={dialog === 'room'}
        title={w.say('homes.change2', { room: room?.name ?? '' })}
        onClose={close}
      >
        {room && <RoomForm homeId={home.id} revision={home.revision} room={room} onDone={close} />}
        <p className="mt-4">
          <button className="btn btn--quiet" onClick={() => setDialog('take-room')}>
            {w.name('homes', 'takeThisRoomOutOf')}
          </button>
        </p>
      </Window>
      <Window
        open={dialog === 'take-room'}
        title={w.say('homes.takeOut2', { room: room?.name ?? '' })}
        onClose={close}
      >
        <p className="mb-4">
          {rich('homes.itsSurfacesGoWithIt', { surfacesCount: room?.surfaces.length })}
        </p>
        <p className="flex gap-3">
          <button className="btn btn--main" onClick={close}>
            {w.name('homes', 'keepIt')}
          </button>
          <button className="btn" onClick={takeOut}>
            {w.name('homes', 'takeItOut')}
          </button>
        </p>
      </Window>
    </main>
  );
};
