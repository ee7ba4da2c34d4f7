import { useState } from 'react';
import { useKeys } from '../../../ui/useKeys.ts';
import { w } from '../../../words/words.ts';
import { HomeFiles } from '../HomeFiles.tsx';
import { HomeHead, type Standing } from '../HomeHead.tsx';
import { RoomButtons, RoomLine } from './RoomButtons.tsx';
import { SurveyDialogs, type SurveyDialog } from './SurveyDialogs.tsx';
import { SurveyedRooms } from './SurveyedRooms.tsx';
import { SurveySheet } from './SurveySheet.tsx';

/** Which surface is looked at, which is being added, and what is asked in a window. */
const useSurvey = ({ home, openRoomId, chosenId, onOpen, onChoose }: Standing) => {
  const [dialog, setDialog] = useState<SurveyDialog | null>(null);
  const [adding, add] = useState(false);
  const room = home.rooms.find((one) => one.id === openRoomId);
  const surface = room?.surfaces.find((one) => one.id === chosenId);
  const startAdding = () => {
    onChoose(undefined);
    if (room) onOpen(room.id);
    add(true);
  };
  useKeys({ n: room ? startAdding : () => setDialog('new-room') });
  const choose = (id: string | undefined) => {
    add(false);
    onChoose(id);
  };
  const open = (id: string) => {
    add(false);
    onOpen(id);
  };
  const done = (id?: string) => (id || !adding ? choose(id) : add(false));
  return { dialog, setDialog, adding, room, surface, startAdding, choose, open, done };
};

/** What is in this home: rooms with their air, surfaces with their material and use. */
export const Survey = (standing: Standing) => {
  const { home } = standing;
  const { dialog, setDialog, adding, room, surface, startAdding, choose, open, done } =
    useSurvey(standing);
  const close = () => setDialog(null);
  const closeAndLeave = () => {
    close();
    choose(undefined);
  };
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('homes', 'survey')}>
        <HomeHead home={home} tab="survey" />
        <SurveyedRooms
          {...standing}
          chosenId={adding ? undefined : standing.chosenId}
          onOpen={open}
          onChoose={choose}
        />
        {room?.surfaces.length === 0 && (
          <p className="soft py-4">{w.name('survey', 'noSurfaceInThisRoom')}</p>
        )}
        <RoomButtons room={room} onAddSurface={startAdding} onDialog={setDialog} />
        {room && <RoomLine room={room} />}
        <HomeFiles home={home} />
      </section>
      <SurveySheet
        home={home}
        room={room}
        surface={surface}
        adding={adding}
        onAddSurface={startAdding}
        onAddRoom={() => setDialog('new-room')}
        onDone={done}
      />
      <SurveyDialogs
        home={home}
        room={room}
        open={dialog}
        onClose={close}
        onRoom={standing.onOpen}
        onTakenOut={closeAndLeave}
      />
    </main>
  );
};
