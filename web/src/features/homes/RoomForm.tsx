import { type RoomRow } from '@zymostat/contract';
import { w } from '../../words/words.ts';
import {
  parseFigure,
  readSurfaces,
  roomTemplates,
  type Flame,
  type RoomTemplate,
  type Ventilation,
} from '@zymostat/core';
import { useState } from 'react';
import { useAddRoomMutation, useAddSurfaceMutation, useEditRoomMutation } from './api.ts';
import { figureBetween, written } from '../../ui/checks.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { ChangedMeanwhile } from '../../ui/ChangedMeanwhile.tsx';
import { optionsOf, TextField, Tick } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { WentWrong } from '../../ui/parts.tsx';

const anArea = figureBetween(0.5, 500, 'm²');
const aHeight = figureBetween(1.5, 10, 'm');

interface Props {
  homeId: string;
  revision: number;
  room?: RoomRow;
  onDone: (id?: string) => void;
}

/** Adds a room, or changes one. */
export const RoomForm = ({ homeId, revision, room, onDone }: Props) => {
  const [seen, setSeen] = useState(revision);
  const [name, setName] = useState(room?.name ?? '');
  const [floorArea, setFloorArea] = useState(room ? String(room.floorArea) : '');
  const [height, setHeight] = useState(String(room?.height ?? 2.4));
  const [ventilation, setVentilation] = useState<Ventilation>(room?.ventilation ?? 'window');
  const [flame, setFlame] = useState<Flame>(room?.flame ?? 'unknown');
  const [withSurfaces, setWith] = useState<RoomTemplate | null>(null);
  const [addRoom, adding] = useAddRoomMutation();
  const [addSurface, addingSurface] = useAddSurfaceMutation();
  const [editRoom, editing] = useEditRoomMutation();
  const submit = async (by = seen) => {
    if (written(name) || anArea(floorArea) || aHeight(height)) return;
    const body = {
      name: name.trim(),
      floorArea: parseFigure(floorArea)!,
      height: parseFigure(height)!,
      ventilation,
      flame,
    };
    const result = room
      ? await editRoom({ id: room.id, homeId, seen: by, body })
      : await addRoom({ id: homeId, body });
    if (result.error) return;
    const id = room ? room.id : (result.data as { id: string }).id;
    if (withSurfaces)
      for (const { sure: _, guessed: __, ...surface } of readSurfaces(
        roomTemplates[withSurfaces].surfaces,
      ))
        if ((await addSurface({ id, body: surface })).error) return;
    onDone(id);
  };
  const takeTheirs = () => {
    if (!room) return;
    setName(room.name);
    setFloorArea(String(room.floorArea));
    setHeight(String(room.height));
    setVentilation(room.ventilation);
    setFlame(room.flame);
    setSeen(revision);
    editing.reset();
  };
  const beginWith = (template: RoomTemplate) => {
    const usual = roomTemplates[template];
    setName(template);
    setFloorArea(String(usual.floorArea));
    setHeight(String(usual.height));
    setVentilation(usual.ventilation);
    setFlame(usual.flame);
    setWith(template);
  };
  return (
    <Form onSubmit={() => submit()}>
      {!room && (
        <p className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <span className="small soft">{w.name('homes', 'beginWith')}</span>
          {(Object.keys(roomTemplates) as RoomTemplate[]).map((template) => (
            <button
              key={template}
              type="button"
              className="btn btn--quiet"
              aria-pressed={withSurfaces === template}
              onClick={() => beginWith(template)}
            >
              {template}
            </button>
          ))}
        </p>
      )}
      <TextField
        label={w.name('homes', 'room')}
        value={name}
        onChange={setName}
        check={written}
        autoFocus
      />
      <div className="grid grid-cols-2 gap-4">
        <TextField
          label={w.name('homes', 'floorAreaM')}
          value={floorArea}
          onChange={setFloorArea}
          check={anArea}
          figure
        />
        <TextField
          label={w.name('homes', 'heightM')}
          value={height}
          onChange={setHeight}
          check={aHeight}
          figure
        />
      </div>
      <Segments
        label={w.name('homes', 'air')}
        value={ventilation}
        onChange={setVentilation}
        options={optionsOf(w.table('ventilation'))}
      />
      <Choice
        label={w.name('homes', 'canAnythingInThisRoom')}
        value={flame}
        onChange={setFlame}
        options={optionsOf(w.table('flame'))}
      />
      {flame === 'unknown' && <p className="field__hint">{w.name('homes', 'askItUntilThenIt')}</p>}
      {withSurfaces && (
        <Tick
          label={w.say('homes.withItsUsualSurfaces', {
            surfaces: roomTemplates[withSurfaces].surfaces,
          })}
          checked
          onChange={() => setWith(null)}
        />
      )}
      {room ? (
        <ChangedMeanwhile
          error={editing.error}
          onMine={(now) => void submit(now)}
          onTheirs={takeTheirs}
        />
      ) : (
        <WentWrong error={adding.error ?? addingSurface.error} />
      )}
      <button className="btn btn--main">
        {room ? w.name('homes', 'save') : w.name('homes', 'addTheRoom')}
      </button>
    </Form>
  );
};
