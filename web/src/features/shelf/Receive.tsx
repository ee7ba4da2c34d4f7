import type { Body, StockRow } from '@zymostat/contract';
import {
  activeFacts,
  genericActives,
  inMillilitres,
  litres,
  parseFigure,
  parseStrength,
  type GenericActive,
} from '@zymostat/core';
import { lazy, Suspense, useState } from 'react';
import { useWatch } from 'react-hook-form';
import * as v from 'valibot';
import { useMeQuery } from '../../api/me.ts';
import { aStrength, figureBetween } from '../../ui/form/checks.ts';
import { ChoiceControl, TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { line, maybeLine, optionalLine, textLine, volumeLine } from '../../ui/form/lines.ts';
import { GoesOn } from '../../ui/form/GoesOn.tsx';
import { useDraftedForm } from '../../ui/form/useDraftedForm.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useReceiveStockMutation } from '../stock/api.ts';
import { keptChoices, keptOptions, storageOf, type KeptChoice } from './keptForm.ts';

const Scan = lazy(() => import('../../ui/Scan.tsx'));

interface Lines {
  active: GenericActive;
  name: string;
  strength: string;
  volume: string;
  count: string;
  expires: string;
  price: string;
  lot: string;
  supplier: string;
  kept: KeptChoice;
}
type ReceiveBody = Body<'receiveStock'>;

const MOST_AT_ONCE = 50;
const dayMs = (day: string): number => new Date(`${day}T12:00`).getTime();
const figure = (text: string): number => parseFigure(text)!;

const fields = v.object({
  active: v.picklist(genericActives),
  name: textLine,
  strength: v.string(),
  volume: volumeLine(litres(100)),
  count: line((text) => figureBetween(1, MOST_AT_ONCE, w.name('shelf', 'pieces'))(text), figure),
  expires: line((day) => (Number.isNaN(dayMs(day)) ? w.name('shelf', 'aDay') : null), dayMs),
  price: optionalLine((text) => figureBetween(0, 10_000, w.name('shelf', 'money'))(text), figure),
  lot: maybeLine,
  supplier: maybeLine,
  kept: v.picklist(keptChoices),
});

/** A strength is read in the basis of what is in it. */
const receiveForm = v.pipe(
  fields,
  v.rawTransform(({ dataset, addIssue, NEVER }): ReceiveBody => {
    const { strength, expires, price, count, kept, ...rest } = dataset.value;
    const basis = activeFacts[rest.active].basis;
    const wrong = aStrength(basis)(strength);
    const read = parseStrength(strength, basis);
    if (wrong !== null || !read.ok) {
      addIssue({
        message: wrong ?? '',
        path: [
          {
            type: 'object',
            origin: 'value',
            input: dataset.value,
            key: 'strength',
            value: strength,
          },
        ],
      });
      return NEVER;
    }
    const pricePerLitre = price === null ? null : (1000 * price) / inMillilitres(rest.volume);
    return {
      ...rest,
      count: Math.round(count),
      strength: read.value.value,
      expiresAt: expires,
      pricePerLitre,
      storage: storageOf(kept),
    };
  }),
) as unknown as v.GenericSchema<Lines, ReceiveBody>;

const empty: Lines = {
  active: 'hydrogen peroxide',
  name: '',
  strength: '',
  volume: '',
  count: '1',
  expires: '',
  price: '',
  lot: '',
  supplier: '',
  kept: 'unknown',
};

/** Reads the code on a container by the camera, where it carries one. */
const ReadCode = ({ onCode }: { onCode: (code: string) => void }) => {
  const [scanning, scan] = useState(false);
  const read = (code: string) => {
    scan(false);
    onCode(code);
  };
  return (
    <>
      <button type="button" className="btn btn--quiet mt-1" onClick={() => scan(true)}>
        {w.name('shelf', 'readCode')}
      </button>
      {scanning && (
        <Suspense>
          <Scan bars onCode={read} onClose={() => scan(false)} />
        </Suspense>
      )}
    </>
  );
};

/** What has come in, as it says on the container; what was typed stays until it is put there. */
export const Receive = ({ onDone }: { onDone: (made: StockRow[]) => void }) => {
  const draft = useDraftedForm<Lines, ReceiveBody>('receive', receiveForm, empty);
  const { form } = draft;
  const { control } = form;
  const [receive, { error, isLoading }] = useReceiveStockMutation();
  const { data: me } = useMeQuery();
  const active = useWatch({ control, name: 'active' });
  const put = async (body: ReceiveBody) => {
    const { data } = await receive(body);
    if (!data) return;
    draft.anew();
    onDone(data);
  };
  return (
    <Form className="grid max-w-[560px] gap-4" onSubmit={form.handleSubmit(put)}>
      <GoesOn of={draft} />
      <ChoiceControl<Lines, GenericActive>
        of={control}
        name="active"
        label={w.name('shelf', 'product')}
        options={genericActives.map((value) => ({ value, name: w.name('active', value) }))}
      />
      <TextControl of={control} name="name" label={w.name('shelf', 'called')} />
      <div className="grid gap-3 sm:grid-cols-3">
        <TextControl
          of={control}
          name="strength"
          label={w.say('shelf.strength', { basis: `% ${activeFacts[active].basis}` })}
          figure
        />
        <TextControl of={control} name="volume" label={w.name('shelf', 'each')} figure />
        <TextControl of={control} name="count" label={w.name('shelf', 'count')} figure />
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextControl of={control} name="expires" type="date" label={w.name('shelf', 'expires')} />
        <TextControl
          of={control}
          name="price"
          label={w.say('shelf.price', { currency: me?.company.currency ?? '' })}
          figure
        />
        <span>
          <TextControl of={control} name="lot" label={w.name('shelf', 'lot')} figure />
          <ReadCode onCode={(code) => form.setValue('lot', code, { shouldValidate: true })} />
        </span>
        <TextControl of={control} name="supplier" label={w.name('shelf', 'supplier')} />
        <ChoiceControl<Lines, KeptChoice>
          of={control}
          name="kept"
          label={w.name('shelf', 'keeps')}
          options={keptOptions()}
        />
      </div>
      <WentWrong error={error} />
      <button className="btn btn--main" disabled={isLoading}>
        {w.name('shelf', 'putOnTheShelf')}
      </button>
    </Form>
  );
};
