import { TextField, Tick } from '../../ui/form/Field.tsx';
import { momentFieldOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { RoomSettings } from './RoomSettings.tsx';
import type { Visit } from './useVisit.ts';
import { walkOf } from './visitSettings.ts';

/** Who goes, from when, and how far it is between rooms. */
export const Settings = ({ visit }: { visit: Visit }) => {
  const { team, who, setWho, startsAt, setStartsAt, typed, setTyped } = visit;
  const change = (id: string, goes: boolean) =>
    setWho(team.map((one) => one.id).filter((one) => (one === id ? goes : who.includes(one))));
  const start = (field: string) => {
    const at = new Date(field).getTime();
    if (Number.isFinite(at)) setStartsAt(at);
  };
  const rooms = visit.version?.protocol.rooms.filter(({ surfaces }) => surfaces.length > 0) ?? [];
  return (
    <>
      <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
        <fieldset className="flex flex-wrap gap-x-4">
          <legend className="field__label">{w.name('visitPlan', 'who')}</legend>
          {team.map(({ id, name }) => (
            <Tick
              key={id}
              label={name}
              checked={who.includes(id)}
              onChange={(goes) => change(id, goes)}
            />
          ))}
        </fieldset>
        <TextField
          label={w.name('visitPlan', 'starts')}
          type="datetime-local"
          value={momentFieldOf(startsAt)}
          onChange={start}
        />
        <TextField
          className="w-36"
          label={w.name('visitPlan', 'walk')}
          figure
          value={typed.walk}
          wrong={walkOf(typed.walk) === undefined ? w.name('visitPlan', 'walkWrong') : undefined}
          onChange={(walk) => setTyped({ ...typed, walk })}
        />
      </div>
      <RoomSettings rooms={rooms} typed={typed} setTyped={setTyped} />
    </>
  );
};
