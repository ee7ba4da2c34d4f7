import type { Body } from '@zymostat/contract';
import { clothActs, type ClothAct, type Zone } from '@zymostat/core';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { figureBetween } from '../../../ui/form/checks.ts';
import { Choice, Segments } from '../../../ui/form/Choice.tsx';
import { TextField, Tick } from '../../../ui/form/Field.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { Verdict, WentWrong } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';
import { useTellClothsMutation } from '../api.ts';

type Wash = NonNullable<Body<'tellCloths'>['wash']>;
const kinds = ['microfibre', 'other', 'mop-heads'] as const;

interface Lines {
  did: ClothAct;
  count: string;
  of: Wash['of'];
  temperature: string;
  softener: boolean;
  solvent: boolean;
}
const usual: Lines = {
  did: 'counted',
  count: '',
  of: 'microfibre',
  temperature: '60',
  softener: false,
  solvent: false,
};

const countCheck = figureBetween(0, 5000, '');
const warmCheck = figureBetween(0, 100, '°C');

/** How they were washed: what makes them fit for the next home. */
const Washed = ({ lines, set }: { lines: Lines; set: (to: Partial<Lines>) => void }) => (
  <>
    <Choice
      label={w.name('jars', 'whatWasWashed')}
      value={lines.of}
      onChange={(of) => set({ of })}
      options={kinds.map((value) => ({ value, name: w.name('washed', value) }))}
    />
    <TextField
      label={w.name('jars', 'degrees')}
      figure
      value={lines.temperature}
      onChange={(temperature) => set({ temperature })}
      check={warmCheck}
    />
    <Tick
      label={w.name('jars', 'withSoftener')}
      checked={lines.softener}
      onChange={(softener) => set({ softener })}
    />
    <Tick
      label={w.name('jars', 'withAlcohol')}
      checked={lines.solvent}
      onChange={(solvent) => set({ solvent })}
    />
  </>
);

/** Clean cloths of a zone: counted, taken, washed or thrown away. */
export const ClothSheet = ({ zone, clean }: { zone: Zone; clean: number | undefined }) => {
  const [lines, setLines] = useState(usual);
  const [tell, telling] = useTellClothsMutation();
  const set = (to: Partial<Lines>) => setLines({ ...lines, ...to });
  const { did, count, of, temperature, softener, solvent } = lines;
  const submit = async () => {
    if (countCheck(count) || warmCheck(temperature)) return;
    const wash = { of, temperature: Number(temperature), softener, solvent, drawer: [] };
    const body = { id: newId(), zone, did, count: Math.round(Number(count)) };
    const { error } = await tell({ ...body, wash: did === 'washed' ? wash : null });
    if (!error) set({ count: '' });
  };
  return (
    <>
      <p className="crumb">
        <b>{w.name('jars', 'cleanCloths')}</b> · {w.name('zone', zone)}
      </p>
      <Verdict
        say={
          clean === undefined
            ? w.name('jars', 'nobodyCounted')
            : w.say('jars.cleanHere', { count: clean })
        }
        why={w.name('jars', 'neverToiletToBasin')}
      />
      <Form onSubmit={submit} className="grid max-w-[420px] gap-4">
        <Segments
          label={w.name('jars', 'whatWasDone')}
          value={did}
          onChange={(to) => set({ did: to })}
          options={clothActs.map((value) => ({ value, name: w.name('clothAct', value) }))}
        />
        <TextField
          label={w.name('jars', 'howMany')}
          figure
          value={count}
          onChange={(to) => set({ count: to })}
          check={countCheck}
        />
        {did === 'washed' && <Washed lines={lines} set={set} />}
        <WentWrong error={telling.error} />
        <p>
          <button className="btn btn--main">{w.name('jars', 'say')}</button>
        </p>
      </Form>
    </>
  );
};
