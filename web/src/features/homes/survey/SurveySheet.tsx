import type { HomeDetail, RoomRow, SurfaceRow } from '@zymostat/contract';
import { Link } from 'react-router';
import { StandingNote, Verdict } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';
import { SurfaceForm } from '../forms/SurfaceForm.tsx';

interface Props {
  home: HomeDetail;
  room: RoomRow | undefined;
  surface: SurfaceRow | undefined;
  /** A new surface is being added. */
  adding: boolean;
  onAddSurface: () => void;
  onAddRoom: () => void;
  onDone: (id?: string) => void;
}

/** Nothing is chosen: what to do next. */
const Nothing = ({ room, onAddSurface, onAddRoom }: Props) =>
  room ? (
    <Verdict say={w.name('survey', 'chooseASurfaceOrAdd')}>
      <button className="btn btn--main" onClick={onAddSurface}>
        {w.name('survey', 'addASurface')}
      </button>
    </Verdict>
  ) : (
    <Verdict say={w.name('survey', 'beginWithARoomIts')}>
      <button className="btn btn--main" onClick={onAddRoom}>
        {w.name('survey', 'addARoom')}
      </button>
    </Verdict>
  );

const Chosen = (props: Props) => {
  const { home, room, adding, onDone } = props;
  const surface = adding ? undefined : props.surface;
  if (!room || (!adding && !surface)) return <Nothing {...props} />;
  return (
    <SurfaceForm
      key={surface?.id ?? `new ${room.id}`}
      homeId={home.id}
      revision={home.revision}
      roomId={room.id}
      roomName={room.name}
      surface={surface}
      onDone={onDone}
    />
  );
};

export const SurveySheet = (props: Props) => {
  const { home, surface } = props;
  return (
    <section className="sheet" aria-label={surface?.name ?? w.name('homes', 'survey')}>
      <Chosen {...props} />
      <p className="my-4">
        <Link
          className="btn btn--quiet"
          to={`/homes/${home.id}/protocol${surface ? `/${surface.id}` : ''}`}
        >
          {w.name('survey', 'toTheProtocol')}
        </Link>
      </p>
      <StandingNote />
    </section>
  );
};
