import { type HomeDetail, type RoomRow, type SurfaceRow } from '@zymostat/contract';
import { w } from '../words/words.ts';
import { levels, type Level } from '@zymostat/core';
import { Fragment, type ReactNode } from 'react';

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

const volume = (room: RoomRow) => `${(room.floorArea * room.height).toFixed(0)} m³`;

/**
 * A home in section: rooms side by side on common heights, one of them open; read from top to
 * bottom in working order.
 */
export const Descent = ({
  home,
  openRoomId,
  chosenId,
  onOpen,
  onChoose,
  beside,
  under,
  pip,
}: Props) => {
  const open = home.rooms.find((room) => room.id === openRoomId) ?? home.rooms[0];
  if (!open) return null;
  const shafts = home.rooms.filter((room) => room !== open);
  const used = levels.filter((level) =>
    home.rooms.some((room) => room.surfaces.some((surface) => surface.level === level)),
  );
  const at = (room: RoomRow, level: Level) =>
    room.surfaces.filter((surface) => surface.level === level);
  const [first, last] = [open.surfaces[0], open.surfaces.at(-1)];
  // The line of the descent goes on through a level at which this room has nothing.
  const isBetween = (level: Level) =>
    first &&
    last &&
    levels.indexOf(level) > levels.indexOf(first.level) &&
    levels.indexOf(level) < levels.indexOf(last.level);
  return (
    <>
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
      <div
        className="descent"
        style={{ gridTemplateColumns: `52px minmax(0, 1fr) ${shafts.map(() => '58px').join(' ')}` }}
      >
        <div className="descent__level" style={{ borderBottom: '1px solid var(--ink)' }}>
          {w.name('common', 'high')}
        </div>
        <div className="descent__room descent__room--open flex items-baseline justify-between pr-2">
          {open.name} <small>{volume(open)}</small>
        </div>
        {shafts.map((room) => (
          <button
            key={room.id}
            className="descent__room"
            onClick={() => onOpen(room.id)}
            title={w.say('common.open', { room: room.name })}
          >
            {room.name}
            <small>{volume(room)}</small>
          </button>
        ))}
        {used.map((level) => (
          <Fragment key={level}>
            <div className="descent__level">{w.name('level', level)}</div>
            <div className={`descent__open ${isBetween(level) ? 'descent__open--through' : ''}`}>
              {at(open, level).map((surface) => (
                <button
                  key={surface.id}
                  onClick={() => onChoose(surface.id)}
                  aria-current={surface.id === chosenId || undefined}
                  className={`descent__stop ${surface.id === chosenId ? 'on-ink' : ''} ${surface === first ? 'descent__stop--first' : ''} ${surface === last ? 'descent__stop--last' : ''}`}
                >
                  <span className="descent__name">{surface.name}</span>
                  {beside(surface)}
                  {under(surface)}
                </button>
              ))}
            </div>
            {shafts.map((room) => (
              <div key={room.id} className="descent__shaft">
                {at(room, level).map((surface) => (
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
