import type { RecordRow } from '@zymostat/contract';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import * as v from 'valibot';
import { useMeQuery } from '../../api/me.ts';
import { serverNow, tickNow } from '../../api/serverTime.ts';
import { TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { textLine } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useCorrectMutation } from './api.ts';

/** What was told of a surface in a round. */
export type Told = Extract<RecordRow, { kind: 'surface-event' | 'wet-time' | 'late-event' }>;

const whyForm = v.object({ because: textLine });
type Why = v.InferOutput<typeof whyForm>;

/** That what a row tells was not so, told now. */
const notSo = ({ body, factId }: Told, because: string, personId: string) => {
  const { surfaceId, event: kind, batchId } = body;
  const clock = { opening: tickNow().opening, uncertain: 0 };
  const when = { id: newId(), at: serverNow(), said: Date.now(), clock };
  const what = { surfaceId, kind, batchId, takesBack: factId, because };
  return { ...what, ...when, personId, turnedBack: false };
};

/** Says of something that was told that it was not so, and why: a row of its own. */
const Why = ({ row, onDone }: { row: Told; onDone: () => void }) => {
  const form = useFormOf<Why, Why>(whyForm, { because: '' });
  const { data: me } = useMeQuery();
  const [correct, { error, isLoading }] = useCorrectMutation();
  const tell = async ({ because }: Why) => {
    const body = notSo(row, because, me!.person.id);
    const result = await correct({ id: row.body.roundId, body });
    if (!result.error) onDone();
  };
  return (
    <Form onSubmit={form.handleSubmit(tell)}>
      <TextControl
        of={form.control}
        name="because"
        label={w.name('records', 'whyNotSo')}
        lines={2}
        autoFocus
      />
      <WentWrong error={error} />
      <button className="btn btn--main mt-2" disabled={isLoading || !me}>
        {w.name('records', 'putOnRecord')}
      </button>
    </Form>
  );
};

/** What was told stays on record; that it was not so is added, and counts from then on. */
export const Correct = ({ row }: { row: Told }) => {
  const [at, setAt] = useState<'closed' | 'open' | 'done'>('closed');
  return (
    <section className="my-4" aria-label={w.name('records', 'wasNotSo')}>
      {at === 'closed' && (
        <button className="btn" onClick={() => setAt('open')}>
          {w.name('records', 'wasNotSo')}
        </button>
      )}
      {at === 'open' && <Why row={row} onDone={() => setAt('done')} />}
      {at === 'done' && <p role="status">{w.name('records', 'corrected')}</p>}
    </section>
  );
};
