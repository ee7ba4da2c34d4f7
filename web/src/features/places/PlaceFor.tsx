import type { PlaceRow } from '@zymostat/contract';
import { parseFigure, sameSolution, type OfStrength } from '@zymostat/core';
import { useState } from 'react';
import { TextField } from '../../ui/form/Field.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useBatchesQuery } from '../batches/api.ts';
import { useSetPlaceMutation } from './api.ts';
import { solutionName } from './Restock.tsx';

const MOST = 50;
/** How many, as typed; nothing where that is no count. */
const countIn = (text: string): number | null => {
  const count = text.trim() === '' ? 0 : parseFigure(text);
  return count !== undefined && count >= 0 && count <= MOST && Number.isInteger(count)
    ? count
    : null;
};

/** Every solution that belongs here already or that is poured. */
const useSolutions = ({ belongs }: PlaceRow): OfStrength[] => {
  const { data: batches = [] } = useBatchesQuery();
  const known: OfStrength[] = [];
  for (const { active, strength } of [...belongs, ...batches])
    if (!known.some((one) => sameSolution(one, { active, strength })))
      known.push({ active, strength });
  return known;
};

/** Whose a place is, and how many bottles of each solution belong in it. */
export const PlaceFor = ({ place, onDone }: { place: PlaceRow; onDone: () => void }) => {
  const solutions = useSolutions(place);
  const [whose, setWhose] = useState(place.whose ?? '');
  const [typed, type] = useState<Record<string, string>>({});
  const [setPlace, { error, isLoading }] = useSetPlaceMutation();
  const textOf = (of: OfStrength): string =>
    typed[solutionName(of)] ??
    String(place.belongs.find((one) => sameSolution(one, of))?.count ?? '');
  const counts = solutions.map((of) => ({ ...of, count: countIn(textOf(of)) }));
  const save = async () => {
    if (counts.some(({ count }) => count === null)) return;
    const belongs = counts.flatMap(({ count, ...of }) => (count ? [{ ...of, count }] : []));
    const result = await setPlace({
      id: place.id,
      body: { whose: whose.trim() === '' ? null : whose.trim(), belongs },
    });
    if (!result.error) onDone();
  };
  return (
    <Form onSubmit={() => save()}>
      <TextField label={w.name('caddyOf', 'whose')} value={whose} onChange={setWhose} autoFocus />
      <fieldset className="grid gap-2">
        <legend className="field__label">{w.name('caddyOf', 'belongs')}</legend>
        <p className="small soft">
          {w.name('caddyOf', solutions.length > 0 ? 'belongsHint' : 'noSolution')}
        </p>
        {solutions.map((of) => (
          <TextField
            key={solutionName(of)}
            label={solutionName(of)}
            value={textOf(of)}
            onChange={(text) => type({ ...typed, [solutionName(of)]: text })}
            check={(text) => (countIn(text) === null ? w.name('caddyOf', 'bottles') : null)}
            figure
          />
        ))}
      </fieldset>
      <WentWrong error={error} />
      <button className="btn btn--main" disabled={isLoading}>
        {w.name('caddyOf', 'save')}
      </button>
    </Form>
  );
};
