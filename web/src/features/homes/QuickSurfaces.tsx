import { type RoomRow } from '@zymostat/contract';
import { w } from '../../words/words.ts';
import { materialIds, noteSurface, readSurfaces, type MaterialId } from '@zymostat/core';
import { useState } from 'react';
import { useAddSurfaceMutation } from './api.ts';
import { Choice } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { WentWrong } from '../../ui/parts.tsx';

/**
 * "basin, chrome tap, mirror": three surfaces with their likely materials, to be confirmed before
 * they are added.
 */
export const QuickSurfaces = ({ room, onDone }: { room: RoomRow; onDone: () => void }) => {
  const [text, setText] = useState('');
  const [materials, setMaterials] = useState<Record<string, MaterialId>>({});
  const [addSurface, adding] = useAddSurfaceMutation();
  const noted = readSurfaces(text);
  const there = new Set(room.surfaces.map(({ name }) => name.toLowerCase()));
  const unsure = noted.filter(({ name, sure }) => !sure && !materials[name]);
  const add = async () => {
    for (const { sure: _, guessed: __, ...surface } of noted) {
      const result = await addSurface({
        id: room.id,
        body: { ...surface, material: materials[surface.name] ?? surface.material },
      });
      // What could not be added stays in the field.
      if (result.error) return;
      setText((before) =>
        before
          .split(/[;\n]|,(?!\d)/)
          .filter(
            (one) => noteSurface(one.trim()).name.toLowerCase() !== surface.name.toLowerCase(),
          )
          .join(','),
      );
    }
    onDone();
  };
  return (
    <Form
      onSubmit={() => {
        if (noted.length > 0 && unsure.length === 0) void add();
      }}
    >
      <TextField
        label={w.say('homes.whatIsIn', { room: room.name })}
        value={text}
        onChange={setText}
        lines={3}
        autoFocus
        hint={w.name('homes', 'asYouWalkThroughIt')}
      />
      {noted.length > 0 && (
        <ul
          className="grid max-h-[44vh] gap-2 overflow-auto"
          aria-label={w.name('homes', 'readAs')}
        >
          {noted.map(({ name, material, sure, area, guessed }, i) => (
            <li
              key={`${i} ${name}`}
              className="grid grid-cols-[1fr_220px] items-end gap-3 border-b border-rule pb-2"
            >
              <span>
                <b className="font-semibold">{name}</b>
                <span className="small soft block">
                  {sure
                    ? `${area} m²${guessed.length > 0 ? w.say('homes.guessedToBeConfirmed', { guessed: guessed.join(w.name('homes', 'and')) }) : ''}`
                    : w.name('homes', 'notKnownSayWhatIt')}
                  {there.has(name.toLowerCase()) && (
                    <b className="block">{w.say('homes.thereIsAInThis', { name })}</b>
                  )}
                </span>
              </span>
              <Choice
                label={w.say('homes.materialOf', { name })}
                value={materials[name] ?? (sure ? material : null)}
                onChange={(id) => setMaterials({ ...materials, [name]: id as MaterialId })}
                options={materialIds.map((id) => ({
                  value: id,
                  name: w.name('material', id),
                }))}
              />
            </li>
          ))}
        </ul>
      )}
      <WentWrong error={adding.error} />
      <p className="flex gap-3">
        <button
          className="btn btn--main"
          disabled={noted.length === 0 || unsure.length > 0 || adding.isLoading}
        >
          {noted.length === 0
            ? w.name('homes', 'addThem')
            : w.say('homes.add', { count: noted.length })}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {w.name('homes', 'leaveIt')}
        </button>
      </p>
    </Form>
  );
};
