import { type RoomRow } from '@zymostat/contract';
import { materialIds, type MaterialId, type Noted } from '@zymostat/core';
import { Choice } from '../../../ui/form/Choice.tsx';
import { TextField } from '../../../ui/form/Field.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { WentWrong } from '../../../ui/parts.tsx';
import { RefusedJob } from '../../../ui/RefusedJob.tsx';
import { w } from '../../../words/words.ts';
import { useQuickList } from './useQuickList.ts';

/** How large it is, and what nobody has said of it. */
const sizeOf = ({ sure, area, guessed }: Noted): string => {
  if (!sure) return w.name('survey', 'notKnownSayWhatIt');
  if (guessed.length === 0) return w.say('survey.measured', { area });
  return w.say('survey.guessed', { area, guessed: guessed.length > 1 ? 'both' : guessed[0]! });
};

interface ReadAsProps {
  noted: Noted;
  /** There is one of that name in the room already. */
  isThere: boolean;
  material: MaterialId | null;
  onMaterial: (id: MaterialId) => void;
}

const ReadAs = ({ noted, isThere, material, onMaterial }: ReadAsProps) => (
  <li className="grid grid-cols-[1fr_220px] items-end gap-3 border-b border-rule pb-2">
    <span>
      <b className="font-semibold">{noted.name}</b>
      <span className="small soft block">
        {sizeOf(noted)}
        {noted.soil !== 'everyday' && <> · {w.name('soil', noted.soil)}</>}
        {isThere && <b className="block">{w.say('survey.thereIsAInThis', { name: noted.name })}</b>}
      </span>
    </span>
    <Choice
      label={w.say('survey.materialOf', { name: noted.name })}
      value={material}
      onChange={(id) => id && onMaterial(id)}
      options={materialIds.map((id) => ({ value: id, name: w.name('material', id) }))}
    />
  </li>
);

/**
 * "basin, chrome tap, mirror": three surfaces with their likely materials, to be confirmed before
 * they are added.
 */
export const QuickSurfaces = ({ room, onDone }: { room: RoomRow; onDone: () => void }) => {
  const { text, setText, noted, refused, materialOf, choose, ready, add, adding } = useQuickList(
    room.id,
    onDone,
  );
  const there = new Set(room.surfaces.map(({ name }) => name.toLowerCase()));
  return (
    <Form onSubmit={add}>
      <TextField
        label={w.say('survey.whatIsIn', { room: room.name })}
        value={text}
        onChange={setText}
        lines={3}
        autoFocus
        hint={w.name('survey', 'asYouWalkThroughIt')}
      />
      {noted.length > 0 && (
        <ul
          className="grid max-h-[44vh] gap-2 overflow-auto"
          aria-label={w.name('survey', 'readAs')}
        >
          {noted.map((one, i) => (
            <ReadAs
              key={`${i} ${one.name}`}
              noted={one}
              isThere={there.has(one.name.toLowerCase())}
              material={materialOf(one)}
              onMaterial={(id) => choose(one.name, id)}
            />
          ))}
        </ul>
      )}
      {refused.map(({ name }) => (
        <RefusedJob key={name} text={name} name={name} />
      ))}
      <WentWrong error={adding.error} />
      <p className="flex gap-3">
        <button className="btn btn--main" disabled={!ready || adding.isLoading}>
          {w.say('survey.addThese', { count: noted.length })}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {w.name('survey', 'leaveIt')}
        </button>
      </p>
    </Form>
  );
};
