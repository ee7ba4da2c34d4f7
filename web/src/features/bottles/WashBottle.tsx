import type { Body, BottleRow } from '@zymostat/contract';
import { useState } from 'react';
import * as v from 'valibot';
import { TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { textLine } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { Window } from '../../ui/Window.tsx';
import { w } from '../../words/words.ts';
import { useWashBottleMutation } from '../batches/api.ts';

const washForm = v.object({ code: textLine, washedBy: textLine });
type Washed = Body<'washBottle'>;

/** The code is typed off the bottle, so that the one in the hand is the one on the record. */
const WashForm = ({ bottle, onDone }: { bottle: BottleRow; onDone: () => void }) => {
  const form = useFormOf<Washed, Washed>(washForm, { code: '', washedBy: '' });
  const [wash, washing] = useWashBottleMutation();
  const submit = async (body: Washed) => {
    const result = await wash({ id: bottle.id, body });
    if (!result.error) onDone();
  };
  return (
    <Form onSubmit={form.handleSubmit(submit)}>
      <p>{w.name('bench', 'rinsedOutWashedDriedAnd')}</p>
      <TextControl
        of={form.control}
        name="code"
        label={w.name('bench', 'codeOnTheBottle')}
        figure
        autoFocus
      />
      <TextControl of={form.control} name="washedBy" label={w.name('bench', 'yourName')} />
      <WentWrong error={washing.error} />
      <p className="flex gap-3">
        <button className="btn btn--main" disabled={washing.isLoading}>
          {w.name('bench', 'itIsWashed')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {w.name('bench', 'notYet')}
        </button>
      </p>
    </Form>
  );
};

export const WashBottle = ({ bottle }: { bottle: BottleRow }) => {
  const [open, setOpen] = useState(false);
  const close = () => setOpen(false);
  return (
    <>
      <button className="btn" onClick={() => setOpen(true)}>
        {w.name('bench', 'washedAndRelabelled')}
      </button>
      <Window open={open} title={w.say('bench.isWashed', { code: bottle.code })} onClose={close}>
        <WashForm bottle={bottle} onDone={close} />
      </Window>
    </>
  );
};
