import type { BathRow, BatchRow } from '@zymostat/contract';
import {
  activeFacts,
  flames,
  productIds,
  soakedThings,
  ventilations,
  type Bath,
} from '@zymostat/core';
import { duration, jobOrders, millilitres, strengthShort, upper } from '@zymostat/words';
import { useJudging } from '../../../api/useJudging.ts';
import { Choice } from '../../../ui/form/Choice.tsx';
import { TextField, Tick } from '../../../ui/form/Field.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { Verdict, WentWrong } from '../../../ui/parts.tsx';
import { ReasonList } from '../../../ui/ReasonList.tsx';
import { WetBand } from '../../../ui/WetBand.tsx';
import { w } from '../../../words/words.ts';
import { useBeginBathMutation } from '../api.ts';
import { RINSED } from './bathLines.ts';
import { useBathDraft } from './useBathDraft.ts';

interface Props {
  batches: readonly BatchRow[];
  now: number;
  onBegun: (bath: BathRow) => void;
}
type Draft = ReturnType<typeof useBathDraft>;

const sayOf = (bath: Bath | null): string => {
  if (!bath) return w.name('jars', 'chooseALiquid');
  if (bath.pour === 0) return w.name('jars', 'noBathForIt');
  const time = duration(w, bath.least || (bath.most ?? 0));
  return w.say('jars.pourAndLeave', { pour: millilitres(w, bath.pour), time });
};

/** What was in the vessel before: nobody has to have seen it rinsed. */
const heldOptions = () => [
  { value: RINSED, name: w.name('jars', 'rinsedClean') } as const,
  { value: 'unlabelled-bottle', name: w.name('jars', 'nobodyKnows') } as const,
  ...productIds
    .filter((id) => id !== 'unlabelled-bottle')
    .map((value) => ({ value, name: w.name('product', value) })),
];

/** Where it stands: what is in the air there, and whether anything burns. */
const Where = ({ draft: { lines, set } }: { draft: Draft }) => (
  <>
    <TextField
      label={w.name('bathField', 'place')}
      value={lines.place}
      onChange={(place) => set({ place })}
      check={(text) => (text.trim() === '' ? w.name('jars', 'sayWhere') : null)}
    />
    <TextField
      label={w.name('bathField', 'floorArea')}
      figure
      value={lines.floorArea}
      onChange={(floorArea) => set({ floorArea })}
    />
    <Choice
      label={w.name('jars', 'airThere')}
      value={lines.ventilation}
      onChange={(ventilation) => set({ ventilation })}
      options={ventilations.map((one) => ({ value: one, name: w.name('airOfRoom', one) }))}
    />
    <Choice
      label={w.name('jars', 'flameThere')}
      value={lines.flame}
      onChange={(flame) => set({ flame })}
      options={flames.map((one) => ({ value: one, name: upper(w.name('flame', one)) }))}
    />
  </>
);

const Fields = ({ draft, batches }: { draft: Draft; batches: readonly BatchRow[] }) => {
  const { lines, set } = draft;
  return (
    <div className="grid max-w-[640px] grid-cols-2 gap-4">
      <Choice
        label={w.name('jars', 'whatLiesInIt')}
        value={lines.thing}
        onChange={(thing) => set({ thing })}
        options={soakedThings.map((one) => ({ value: one, name: upper(w.name('thing', one)) }))}
      />
      <Choice
        label={w.name('jars', 'inWhat')}
        value={lines.batchId}
        onChange={(batchId) => set({ batchId })}
        options={batches.map(({ id, code, active, strength }) => ({
          value: id,
          name: `${w.name('active', active)} ${strengthShort(w, active, strength)}, ${code}`,
        }))}
      />
      {(['litres', 'mouth', 'load', 'minutes'] as const).map((field) => (
        <TextField
          key={field}
          label={w.name('bathField', field)}
          figure
          value={lines[field]}
          onChange={(to) => set({ [field]: to })}
        />
      ))}
      <Choice
        label={w.name('jars', 'heldBefore')}
        value={lines.held}
        onChange={(held) => set({ held })}
        options={heldOptions()}
      />
      <Where draft={draft} />
      <Tick
        label={w.name('jars', 'lidOn')}
        checked={lines.covered}
        onChange={(covered) => set({ covered })}
      />
    </div>
  );
};

/** What it may be called, what is done with it, what speaks against it. */
const Worked = ({ bath, batch }: { bath: Bath; batch: BatchRow }) => (
  <>
    <ReasonList of={bath.reasons.filter(({ outcome }) => outcome !== 'use')} />
    {(bath.least > 0 || bath.most !== null) && (
      <div className="loosening__band">
        <WetBand
          family={activeFacts[batch.active].family}
          required={bath.least}
          wall={bath.most ?? undefined}
          scale
        />
      </div>
    )}
    <p className="mb-2 font-semibold">{w.name('soakClaim', bath.claim)}</p>
    <ol className="loosening__steps">
      {jobOrders(w, bath.steps).map((order, i) => (
        <li key={i}>{order}</li>
      ))}
    </ol>
  </>
);

/** A bath that is being set up: what lies in what, how long, and what it may then be called. */
export const NewBath = ({ batches, now, onBegun }: Props) => {
  const judging = useJudging(now);
  const draft = useBathDraft(batches, judging);
  const [begin, beginning] = useBeginBathMutation();
  const { bath, batch, sent, lines } = draft;
  const ready = bath !== null && bath.outcome !== 'never' && lines.place.trim() !== '';
  const submit = async () => {
    if (!ready || !sent) return;
    const { data } = await begin(sent);
    if (data) onBegun(data);
  };
  return (
    <Form onSubmit={submit} className="block">
      <p className="crumb">
        <b>{w.name('jars', 'newBath')}</b>
      </p>
      <Verdict say={sayOf(bath)}>
        <button className="btn btn--main" disabled={!ready || beginning.isLoading}>
          {w.name('jars', 'layItIn')}
        </button>
      </Verdict>
      {batches.length === 0 && <p className="soft">{w.name('jars', 'noBatchForIt')}</p>}
      <Fields draft={draft} batches={batches} />
      <WentWrong error={beginning.error} />
      {bath && batch && <Worked bath={bath} batch={batch} />}
    </Form>
  );
};
