import { parseFigure } from '@zymostat/core';
import { useState } from 'react';
import { figureBetween } from '../../../ui/form/checks.ts';
import { TextField } from '../../../ui/form/Field.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { w } from '../../../words/words.ts';

interface Props {
  value: number | null | undefined;
  /** m² of the whole surface. */
  area: number;
  onSave: (growth: number) => void;
}

/** m² of mildew on it; as long as nobody has said, all of the surface counts. */
export const Growth = ({ value, area, onSave }: Props) => {
  const [text, setText] = useState(value == null ? '' : String(value));
  const check = figureBetween(0, area, 'm²');
  const submit = () => {
    if (!check(text)) onSave(parseFigure(text)!);
  };
  return (
    <Form className="flex items-end gap-2" onSubmit={submit}>
      <TextField
        className="w-36"
        label={w.name('protocol', 'mildewM')}
        figure
        value={text}
        onChange={setText}
        check={check}
        hint={value == null ? w.name('protocol', 'notMeasuredAllOfIt') : undefined}
      />
      <button className="btn mb-1">{w.name('protocol', 'keep')}</button>
    </Form>
  );
};
