import { flameNames, materialWords, touchedNames, ventilationNames } from '@zymostat/contract';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../../app/api.ts';
import { useKeys } from '../../app/useKeys.ts';
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
  const [removeRoom] = api.useRemoveRoomMutation();
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
      <section className="leaf" aria-label="Survey">
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
              {one.area} m²{one.food && ', food'}
            </span>
          )}
          under={(one) => (
            <span className="descent__set">
              <span className="truncate">
                {materialWords[one.material].name}, {touchedNames[one.touched]}
              </span>
            </span>
          )}
          pip={() => <span className="block h-1.5 w-4 border border-[#75857E]" />}
        />
        {room?.surfaces.length === 0 && <p className="soft py-4">No surface in this room yet.</p>}
        <p className="mt-4 flex flex-wrap gap-3">
          {room && (
            <button className="btn" onClick={startAdding}>
              Add a surface to {room.name} <span className="key">n</span>
            </button>
          )}
          {room && (
            <button className="btn" onClick={() => setDialog('several')}>
              Several at once
            </button>
          )}
          <button className="btn" onClick={() => setDialog('new-room')}>
            Add a room
          </button>
          {room && (
            <button className="btn btn--quiet" onClick={() => setDialog('room')}>
              Change {room.name}
            </button>
          )}
        </p>
        {room && (
          <p className="small soft mt-3">
            {room.name}: {room.floorArea} m² by {room.height} m,{' '}
            {ventilationNames[room.ventilation]}; flame: {flameNames[room.flame]}.
          </p>
        )}
        <HomeFiles home={home} />
      </section>
      <section className="sheet" aria-label={surface?.name ?? 'Survey'}>
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
              room
                ? 'Choose a surface, or add one.'
                : 'Begin with a room: its size and its air decide what may be used in it.'
            }
          >
            {room ? (
              <button className="btn btn--main" onClick={startAdding}>
                Add a surface
              </button>
            ) : (
              <button className="btn btn--main" onClick={() => setDialog('new-room')}>
                Add a room
              </button>
            )}
          </Verdict>
        )}
        <p className="my-4">
          <Link
            className="btn btn--quiet"
            to={`/homes/${home.id}/protocol${surface ? `/${surface.id}` : ''}`}
          >
            To the protocol
          </Link>
        </p>
        <StandingNote />
      </section>
      <Window open={dialog === 'new-room'} title="Add a room" onClose={close}>
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
        title={`Several surfaces in ${room?.name}`}
        onClose={close}
      >
        {room && <QuickSurfaces room={room} onDone={close} />}
      </Window>
      <Window open={dialog === 'room'} title={`Change ${room?.name}`} onClose={close}>
        {room && <RoomForm homeId={home.id} revision={home.revision} room={room} onDone={close} />}
        <p className="mt-4">
          <button className="btn btn--quiet" onClick={() => setDialog('take-room')}>
            Take this room out of the survey
          </button>
        </p>
      </Window>
      <Window open={dialog === 'take-room'} title={`Take out ${room?.name}?`} onClose={close}>
        <p className="mb-4">
          Its {room?.surfaces.length} surfaces go with it. Approved versions and records stay as
          they are.
        </p>
        <p className="flex gap-3">
          <button className="btn btn--main" onClick={close}>
            Keep it
          </button>
          <button className="btn" onClick={takeOut}>
            Take it out
          </button>
        </p>
      </Window>
    </main>
  );
};
