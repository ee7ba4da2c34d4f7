import './descent.css';
import { type HomeDetail, type RoomRow, type SurfaceRow } from '@zymostat/contract';
import { levels, type Level } from '@zymostat/core';
import { Fragment, type CSSProperties, type ReactNode } from 'react';
import { w } from '../words/words.ts';

interface Props {
  home: HomeDetail;
  openRoomId: string | undefined;
  chosenId: string | undefined;
  onOpen: (roomId: string) => void;
  onChoose: (surfaceId: string) => void;
  /** What stands beside a surface's name, and under it. */
  beside: (surface: SurfaceRow) => ReactNode;
  under: (surface: SurfaceRow) => ReactNode;
  /** A surface of a closed room, small. */
  pip: (surface: SurfaceRow) => ReactNode;
}

const volumeOf = ({ floorArea, height }: RoomRow) =>
  w.say('common.cubicMetres', { volume: (floorArea * height).toFixed(0) });
const surfacesAt = ({ surfaces }: RoomRow, level: Level) =>
  surfaces.filter((surface) => surface.level === level);

const RoomButtons = ({ home, open, onOpen }: Props & { open: RoomRow }) => (
  <div className="descent__rooms" role="group" aria-label={w.name('common', 'rooms')}>
    {home.rooms.map((room) => (
      <button
        key={room.id}
        className="btn"
        aria-pressed={room === open}
        onClick={() => onOpen(room.id)}
      >
        {room.name}
      </button>
    ))}
  </div>
);

interface HeadProps {
  open: RoomRow;
  shafts: RoomRow[];
  onOpen: (roomId: string) => void;
}

const Head = ({ open, shafts, onOpen }: HeadProps) => (
  <>
    <div className="descent__level" style={{ borderBottom: '1px solid var(--ink)' }}>
      {w.name('common', 'high')}
    </div>
    <div className="descent__room descent__room--open flex items-baseline justify-between pr-2">
      {open.name} <small>{volumeOf(open)}</small>
    </div>
    {shafts.map((room) => (
      <button
        key={room.id}
        className="descent__room"
        onClick={() => onOpen(room.id)}
        title={w.say('common.open', { room: room.name })}
      >
        {room.name}
        <small>{volumeOf(room)}</small>
      </button>
    ))}
  </>
);

interface StopProps extends Pick<Props, 'beside' | 'under' | 'onChoose'> {
  surface: SurfaceRow;
  chosen: boolean;
  /** Where the line of the descent begins or ends. */
  end: string;
}

const Stop = ({ surface, chosen, end, beside, under, onChoose }: StopProps) => (
  <button
    onClick={() => onChoose(surface.id)}
    aria-current={chosen || undefined}
    className={`descent__stop ${chosen ? 'on-ink' : ''} ${end}`}
  >
    <span className="descent__name">{surface.name}</span>
    {beside(surface)}
    {under(surface)}
  </button>
);

/** The surfaces of the open room at one height; the line goes on through one that has none. */
const OpenLevel = ({ open, level, ...props }: Props & { open: RoomRow; level: Level }) => {
  const [first, last] = [open.surfaces[0], open.surfaces.at(-1)];
  const at = (surface: SurfaceRow | undefined) => (surface ? levels.indexOf(surface.level) : -1);
  const through = levels.indexOf(level) > at(first) && levels.indexOf(level) < at(last);
  const endOf = (surface: SurfaceRow) =>
    `${surface === first ? 'descent__stop--first' : ''} ${surface === last ? 'descent__stop--last' : ''}`;
  return (
    <div className={`descent__open ${first && through ? 'descent__open--through' : ''}`}>
      {surfacesAt(open, level).map((surface) => (
        <Stop
          key={surface.id}
          surface={surface}
          chosen={surface.id === props.chosenId}
          end={endOf(surface)}
          {...props}
        />
      ))}
    </div>
  );
};

/**
 * A home in section: rooms side by side on common heights, one of them open; read from top to
 * bottom in working order.
 */
export const Descent = (props: Props) => {
  const { home, openRoomId, onOpen, pip } = props;
  const open = home.rooms.find((room) => room.id === openRoomId) ?? home.rooms[0];
  if (!open) return null;
  const shafts = home.rooms.filter((room) => room !== open);
  const used = levels.filter((level) => home.rooms.some((room) => surfacesAt(room, level)[0]));
  return (
    <>
      <RoomButtons {...props} open={open} />
      <div
        className={`descent ${shafts.length > 0 ? 'descent--shafts' : ''}`}
        style={{ '--shafts': shafts.length } as CSSProperties}
      >
        <Head open={open} shafts={shafts} onOpen={onOpen} />
        {used.map((level) => (
          <Fragment key={level}>
            <div className="descent__level">{w.name('level', level)}</div>
            <OpenLevel {...props} open={open} level={level} />
            {shafts.map((room) => (
              <div key={room.id} className="descent__shaft">
                {surfacesAt(room, level).map((surface) => (
                  <Fragment key={surface.id}>{pip(surface)}</Fragment>
                ))}
              </div>
            ))}
          </Fragment>
        ))}
      </div>
    </>
  );
};
