import type { Body, StockRow } from '@zymostat/contract';
import { litres } from '@zymostat/core';
import { useState } from 'react';
import * as v from 'valibot';
import { inMetric } from '../../ui/amounts.ts';
import { TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { maybeLine, volumeLine } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useTellStockMutation } from '../stock/api.ts';

type Told = Body<'tellStock'>;
type Did = Told['did'];

const countForm = v.object({ volume: volumeLine(litres(100)), why: maybeLine });
const goneForm = v.object({ volume: v.string(), why: maybeLine });
interface Lines {
  volume: string;
  why: string;
}
interface Read {
  volume: number | string;
  why: string | null;
}

interface Props {
  of: StockRow;
  did: Did;
  onDone: () => void;
}

/** How much is left, or where it went. */
const Asked = ({ of, did, onDone }: Props) => {
  const counting = did === 'counted';
  const form = useFormOf<Lines, Read>(
    (counting ? countForm : goneForm) as v.GenericSchema<Lines, Read>,
    { volume: counting ? inMetric(of.left) : '', why: '' },
  );
  const [tell, { error, isLoading }] = useTellStockMutation();
  const put = async ({ volume, why }: Read) => {
    const amount = typeof volume === 'number' ? volume : null;
    const result = await tell({ id: of.id, body: { did, volume: amount, why } });
    if (!result.error) onDone();
  };
  return (
    <Form className="grid max-w-[420px] gap-3" onSubmit={form.handleSubmit(put)}>
      {counting && (
        <TextControl
          of={form.control}
          name="volume"
          label={w.name('shelf', 'counted')}
          figure
          autoFocus
        />
      )}
      <TextControl
        of={form.control}
        name="why"
        label={w.name('shelf', counting ? 'why' : 'where')}
        autoFocus={!counting}
      />
      <WentWrong error={error} />
      <p className="flex gap-3">
        <button className="btn btn--main" disabled={isLoading}>
          {w.name('shelf', 'putOnRecord')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {w.name('shelf', 'leaveIt')}
        </button>
      </p>
    </Form>
  );
};

/** What somebody tells of a container: each is a fact, nothing is edited. */
export const Tell = ({ of }: { of: StockRow }) => {
  const [asking, ask] = useState<Did | null>(null);
  const [tell, { error }] = useTellStockMutation();
  if (asking) return <Asked of={of} did={asking} onDone={() => ask(null)} />;
  const now = (did: Did) => void tell({ id: of.id, body: { did, volume: null, why: null } });
  return (
    <>
      <p className="flex flex-wrap gap-3">
        {of.openedAt === null && (
          <button className="btn" onClick={() => now('opened')}>
            {w.name('shelf', 'opened')}
          </button>
        )}
        <button className="btn" onClick={() => ask('counted')}>
          {w.name('shelf', 'countIt')}
        </button>
        <button className="btn" onClick={() => now('emptied')}>
          {w.name('shelf', 'empty')}
        </button>
        <button className="btn" onClick={() => ask('discarded')}>
          {w.name('shelf', 'discard')}
        </button>
      </p>
      <WentWrong error={error} />
    </>
  );
};
