import { ventilationNames, type RoomRow } from '@zymostat/contract';
import { parseFigure, readSurfaces, roomTemplates, type RoomTemplate, type Ventilation } from '@zymostat/core';
import { useState } from 'react';
import { api } from '../../app/api.ts';
import { figureBetween, written } from '../../ui/checks.ts';
import { Segments } from '../../ui/Choice.tsx';
import { optionsOf, TextField, Tick } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { WentWrong } from '../../ui/parts.tsx';

const anArea = figureBetween(0.5, 500, 'm²');
const aHeight = figureBetween(1.5, 10, 'm');

/** Adds a room, or changes one. */
export const RoomForm = ({ homeId, room, onDone }: { homeId: string; room?: RoomRow; onDone: (id?: string) => void }) => {
  const [name, setName] = useState(room?.name ?? '');
  const [floorArea, setFloorArea] = useState(room ? String(room.floorArea) : '');
  const [height, setHeight] = useState(String(room?.height ?? 2.4));
  const [ventilation, setVentilation] = useState<Ventilation>(room?.ventilation ?? 'window');
  const [flame, setFlame] = useState(room?.flame ?? false);
  const [withSurfaces, setWith] = useState<RoomTemplate | null>(null);
  const [addRoom, adding] = api.useAddRoomMutation();
  const [addSurface, addingSurface] = api.useAddSurfaceMutation();
  const [editRoom, editing] = api.useEditRoomMutation();
  const submit = async () => {
    if (written(name) || anArea(floorArea) || aHeight(height)) return;
    const body = { name: name.trim(), floorArea: parseFigure(floorArea)!, height: parseFigure(height)!, ventilation, flame };
    const result = room ? await editRoom({ id: room.id, body }) : await addRoom({ id: homeId, body });
    if (result.error) return;
    const id = room ? room.id : (result.data as { id: string }).id;
    if (withSurfaces) for (const { sure: _, ...surface } of readSurfaces(roomTemplates[withSurfaces].surfaces)) if ((await addSurface({ id, body: surface })).error) return;
    onDone(id);
  };
  const beginWith = (template: RoomTemplate) => {
    const usual = roomTemplates[template];
    setName(template);
    setFloorArea(String(usual.floorArea));
    setHeight(String(usual.height));
    setVentilation(usual.ventilation);
    setWith(template);
  };
  return (
    <Form onSubmit={submit}>
      {!room && <p className="flex flex-wrap items-center gap-x-4 gap-y-1"><span className="small soft">Begin with</span>{(Object.keys(roomTemplates) as RoomTemplate[]).map((template) => <button key={template} type="button" className="btn btn--quiet" aria-pressed={withSurfaces === template} onClick={() => beginWith(template)}>{template}</button>)}</p>}
      <TextField label="Room" value={name} onChange={setName} check={written} autoFocus />
      <div className="grid grid-cols-2 gap-4">
        <TextField label="Floor area, m²" value={floorArea} onChange={setFloorArea} check={anArea} figure />
        <TextField label="Height, m" value={height} onChange={setHeight} check={aHeight} figure />
      </div>
      <Segments label="Air" value={ventilation} onChange={setVentilation} options={optionsOf(ventilationNames)} />
      <Tick label="Flame or pilot light in this room: gas hob, fireplace, smoker" checked={flame} onChange={setFlame} />
      {withSurfaces && <Tick label={`With its usual surfaces: ${roomTemplates[withSurfaces].surfaces}`} checked onChange={() => setWith(null)} />}
      <WentWrong error={adding.error ?? editing.error ?? addingSurface.error} />
      <button className="btn btn--main">{room ? 'Save' : 'Add the room'}</button>
    </Form>
  );
};
