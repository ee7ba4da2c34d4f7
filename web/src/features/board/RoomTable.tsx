import type { RoomRow } from '@zymostat/contract';
import { w } from '../../words/words.ts';

const airOf = ({ ventilation, flame }: RoomRow): string =>
  flame === 'no'
    ? w.name('ventilation', ventilation)
    : w.say('homes.airAndFlame', {
        air: w.name('ventilation', ventilation),
        flame: w.name('flame', flame),
      });

const Row = ({ room }: { room: RoomRow }) => (
  <tr>
    <td>{room.name}</td>
    <td>{airOf(room)}</td>
    <td className="num">
      {w.say('homes.m', { volume: (room.floorArea * room.height).toFixed(0) })}
    </td>
    <td className="num">{room.surfaces.length}</td>
    <td className="num">
      {room.surfaces.filter((surface) => surface.setting.goal !== 'clean').length}
    </td>
  </tr>
);

/** The rooms of a home, a line each. */
export const RoomTable = ({ rooms }: { rooms: RoomRow[] }) => (
  <table className="ledger mt-4">
    <thead>
      <tr>
        <th>{w.name('homes', 'room')}</th>
        <th>{w.name('homes', 'air')}</th>
        <th className="num">{w.name('homes', 'volume')}</th>
        <th className="num">{w.name('homes', 'surfaces')}</th>
        <th className="num">{w.name('homes', 'toDisinfect')}</th>
      </tr>
    </thead>
    <tbody>
      {rooms.map((room) => (
        <Row key={room.id} room={room} />
      ))}
    </tbody>
  </table>
);
