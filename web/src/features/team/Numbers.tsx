import type { Body, Me } from '@zymostat/contract';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import * as v from 'valibot';
import { TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { textLine } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useSetNumbersMutation } from '../people/api.ts';

type NumbersBody = Body<'setNumbers'>;
const numbersForm = v.object({ emergencyNumber: textLine, poisonLine: textLine });

/** Whom to call: these stand in every first response, on labels and on the poster. */
export const Numbers = ({ company }: { company: Me['company'] }) => {
  const { emergencyNumber, poisonLine, revision } = company;
  const [seen, setSeen] = useState(revision);
  const stand = { emergencyNumber, poisonLine };
  const { control, handleSubmit } = useFormOf<NumbersBody, NumbersBody>(numbersForm, stand);
  const typed = useWatch({ control });
  const [save, { error, isSuccess, isLoading }] = useSetNumbersMutation();
  const same = typed.emergencyNumber === emergencyNumber && typed.poisonLine === poisonLine;
  if (same && seen !== revision) setSeen(revision);
  return (
    <Form
      onSubmit={handleSubmit((body) => void save({ body, seen }))}
      className="mb-4 border-b border-ink pb-4"
    >
      <h2 className="mb-2">{w.name('housePage', 'whomToCall')}</h2>
      <div className="flex flex-wrap items-end gap-3">
        <TextControl
          of={control}
          name="emergencyNumber"
          className="w-44"
          label={w.name('housePage', 'emergencyLine')}
          figure
        />
        <TextControl
          of={control}
          name="poisonLine"
          className="w-44"
          label={w.name('housePage', 'poisonLine')}
          figure
        />
        <button className="btn" disabled={same || isLoading}>
          {w.name('housePage', 'saveTheNumbers')}
        </button>
        {isSuccess && same && (
          <span className="small met-ink pb-2" role="status">
            {w.name('housePage', 'saved')}
          </span>
        )}
      </div>
      <WentWrong error={error} />
    </Form>
  );
};
