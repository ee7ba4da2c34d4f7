import type { RoomRow } from '@zymostat/contract';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import type { SurveyDialog } from './SurveyDialogs.tsx';

interface Props {
  room: RoomRow | undefined;
  onAddSurface: () => void;
  onDialog: (dialog: SurveyDialog) => void;
}

const OfRoom = ({ room, onAddSurface, onDialog }: Props & { room: RoomRow }) => (
  <>
    <button className="btn" onClick={onAddSurface}>
      {rich('survey.addASurfaceToN', {
        room: room.name,
        soft: (text) => <span className="key">{text}</span>,
      })}
    </button>
    <button className="btn" onClick={() => onDialog('several')}>
      {w.name('survey', 'severalAtOnce')}
    </button>
  </>
);

/** What can be added to a survey and changed in it. */
export const RoomButtons = (props: Props) => {
  const { room, onDialog } = props;
  return (
    <p className="mt-4 flex flex-wrap gap-3">
      {room && <OfRoom {...props} room={room} />}
      <button className="btn" onClick={() => onDialog('new-room')}>
        {w.name('survey', 'addARoom')}
      </button>
      {room && (
        <button className="btn btn--quiet" onClick={() => onDialog('room')}>
          {w.say('survey.change2', { room: room.name })}
        </button>
      )}
    </p>
  );
};

export const RoomLine = ({ room }: { room: RoomRow }) => (
  <p className="small soft mt-3">
    {w.say('survey.mByMFlame', {
      room: room.name,
      floorArea: room.floorArea,
      height: room.height,
      ventilation: w.name('ventilation', room.ventilation),
      flame: w.name('flame', room.flame),
    })}
  </p>
);
