import type { HomeDetail, RoomRow } from '@zymostat/contract';
import { Window } from '../../../ui/Window.tsx';
import { w } from '../../../words/words.ts';
import { useRemoveRoomMutation } from '../surveyApi.ts';
import { QuickSurfaces } from '../forms/QuickSurfaces.tsx';
import { RoomForm } from '../forms/RoomForm.tsx';
import { TakeOut } from '../forms/TakeOut.tsx';

export type SurveyDialog = 'new-room' | 'room' | 'several';

interface Props {
  home: HomeDetail;
  room: RoomRow | undefined;
  open: SurveyDialog | null;
  onClose: () => void;
  onRoom: (id: string) => void;
  onTakenOut: () => void;
}
type OfRoom = Omit<Props, 'open'> & { room: RoomRow };

const ChangeRoom = ({ home, room, onClose, onTakenOut }: OfRoom) => {
  const [removeRoom] = useRemoveRoomMutation();
  const takeOut = async () => {
    await removeRoom({ id: room.id, homeId: home.id });
    onTakenOut();
  };
  return (
    <>
      <RoomForm homeId={home.id} revision={home.revision} room={room} onDone={onClose} />
      <p className="mt-4">
        <TakeOut
          label={w.name('survey', 'takeThisRoomOutOf')}
          title={w.say('survey.takeOut2', { room: room.name })}
          onTakeOut={takeOut}
        >
          {w.say('survey.itsSurfacesGoWithIt', { count: room.surfaces.length })}
        </TakeOut>
      </p>
    </>
  );
};

/** What a survey asks in a window of its own. */
export const SurveyDialogs = (props: Props) => {
  const { home, room, open, onClose, onRoom } = props;
  const added = (id?: string) => {
    onClose();
    if (id) onRoom(id);
  };
  const name = room?.name ?? '';
  return (
    <>
      <Window open={open === 'new-room'} title={w.name('survey', 'addARoom')} onClose={onClose}>
        <RoomForm homeId={home.id} revision={home.revision} onDone={added} />
      </Window>
      <Window
        open={open === 'several'}
        title={w.say('survey.severalSurfacesIn', { room: name })}
        onClose={onClose}
      >
        {room && <QuickSurfaces room={room} onDone={onClose} />}
      </Window>
      <Window
        open={open === 'room'}
        title={w.say('survey.change2', { room: name })}
        onClose={onClose}
      >
        {room && <ChangeRoom {...props} room={room} />}
      </Window>
    </>
  );
};
