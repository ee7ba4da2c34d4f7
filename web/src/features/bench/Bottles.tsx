import {
  activeNames,
  bottleMaterialNames,
  reasonInWords,
  strengthShort,
  type BottleRow,
} from '@zymostat/contract';
import {
  activeFacts,
  bottleMaterials,
  isUsedUp,
  judgeBottle,
  litres,
  parseVolume,
  type BottleMaterial,
} from '@zymostat/core';
import { toDataURL } from 'qrcode';
import { useEffect, useState } from 'react';
import { api, problemOf } from '../../app/api.ts';
import { useBook } from '../../app/useBook.ts';
import { useKeys } from '../../app/useKeys.ts';
import { inMetric } from '../../ui/amounts.ts';
import { aVolume, written } from '../../ui/checks.ts';
import { Choice } from '../../ui/Choice.tsx';
import { TextField, Tick } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { Severity, StandingNote, Verdict, WentWrong } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';
import { useNow } from '../../ui/useNow.ts';
import { walkKeys } from '../../ui/walk.ts';
import { Window } from '../../ui/Window.tsx';
import { BenchHead } from './BenchHead.tsx';
import { filledFrom } from './filledFrom.ts';

const holds = ({ heldSinceWash: held }: BottleRow): string =>
  held
    ? `${activeNames[held.active]} ${strengthShort(held.active, held.strength)}, ${held.batchCode}`
    : 'empty, washed';

/** The bottle's code as a camera reads it. */
const Code = ({ code }: { code: string }) => {
  const [source, setSource] = useState('');
  useEffect(() => {
    let over = false;
    void toDataURL(code, { margin: 1, width: 220, color: { dark: '#14211D' } }).then((url) => {
      if (!over) setSource(url);
    });
    return () => {
      over = true;
    };
  }, [code]);
  return source ? (
    <img src={source} width={110} height={110} alt={`QR code: ${code}`} />
  ) : (
    <span className="block h-[110px] w-[110px]" />
  );
};

const Fill = ({ bottle }: { bottle: BottleRow }) => {
  const { data: batches = [] } = api.useBatchesQuery();
  const [fill, filling] = api.useFillBottleMutation();
  const book = useBook();
  const [batchId, setBatchId] = useState<string | null>(null);
  const now = useNow(30_000);
  const { data: bottles = [] } = api.useBottlesQuery();
  const good = batches.filter(
    (batch) =>
      batch.discardAfter > now &&
      batch.status !== 'set-aside' &&
      !isUsedUp(batch.volume, filledFrom(bottles, batch.code)),
  );
  const batch = good.find(({ id }) => id === batchId);
  const verdict = batch && judgeBottle(bottle, batch, book);
  const pour = async () => {
    const result = await fill({ id: bottle.id, body: { batchId: batchId! } });
    // What was just poured in is not judged against itself as if it were poured again.
    if (!result.error) setBatchId(null);
  };
  const problem = filling.error ? problemOf(filling.error) : undefined;
  return (
    <section className="mt-4 max-w-[640px] border-t border-ink pt-3" aria-label="Fill it">
      <h2 className="mb-2">Fill it</h2>
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          className="min-w-60 grow"
          label="From the batch"
          value={batchId}
          onChange={setBatchId}
          options={good.map((one) => ({
            value: one.id,
            name: `${one.code}, ${activeNames[one.active]} ${strengthShort(one.active, one.strength)}`,
          }))}
        />
        <button
          className="btn btn--main"
          disabled={!batch || filling.isLoading || verdict?.outcome === 'never'}
          onClick={() => void pour()}
        >
          Fill {bottle.code}
        </button>
      </div>
      {verdict && verdict.reasons.length > 0 && (
        <ul className="mt-3 grid gap-2">
          {verdict.reasons.map((reason) => (
            <li key={reason.code} className="grid grid-cols-[72px_1fr] gap-2">
              <span>
                <Severity is={reason.outcome} />
              </span>
              <span>
                {reasonInWords(reason)} <span className="small soft">{reason.source}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
      {problem && (
        <p role="alert" className="notice my-2">
          <b>{problem.title}.</b> {problem.detail}
        </p>
      )}
    </section>
  );
};

const Wash = ({ bottle }: { bottle: BottleRow }) => {
  const [open, setOpen] = useState(false);
  const [code, setCode] = useState('');
  const [washedBy, setWashedBy] = useState('');
  const [wash, washing] = api.useWashBottleMutation();
  const submit = async () => {
    const result = await wash({ id: bottle.id, body: { code, washedBy } });
    if (result.error) return;
    setOpen(false);
    setCode('');
    setWashedBy('');
  };
  return (
    <>
      <button className="btn" onClick={() => setOpen(true)}>
        Washed and relabelled
      </button>
      <Window open={open} title={`Is ${bottle.code} washed?`} onClose={() => setOpen(false)}>
        <Form
          onSubmit={() => {
            if (code.trim() && washedBy.trim()) void submit();
          }}
        >
          <p>
            Rinsed out, washed, dried, and the old label struck off or taken off. Your name stands
            for it on the record.
          </p>
          <TextField
            label="Code on the bottle"
            value={code}
            onChange={setCode}
            check={written}
            figure
            autoFocus
          />
          <TextField label="Your name" value={washedBy} onChange={setWashedBy} check={written} />
          <WentWrong error={washing.error} />
          <p className="flex gap-3">
            <button className="btn btn--main" disabled={washing.isLoading}>
              It is washed
            </button>
            <button type="button" className="btn" onClick={() => setOpen(false)}>
              Not yet
            </button>
          </p>
        </Form>
      </Window>
    </>
  );
};

const BottleSheet = ({ bottle }: { bottle: BottleRow }) => (
  <>
    <div className="flex items-start justify-between gap-4">
      <div className="min-w-0">
        <p className="crumb">
          <b className="fig">{bottle.code}</b> · {inMetric(bottle.volume)}{' '}
          {bottleMaterialNames[bottle.material]}
          {bottle.opaque ? ', opaque' : ', clear'}
        </p>
        <p className="verdict__say" role="status">
          {bottle.heldSinceWash
            ? `It holds ${activeNames[bottle.heldSinceWash.active]} ${strengthShort(bottle.heldSinceWash.active, bottle.heldSinceWash.strength)}.`
            : 'Empty and washed: it may be filled.'}
        </p>
        {bottle.heldSinceWash && (
          <p className="soft mt-1">
            From batch <b className="fig">{bottle.heldSinceWash.batchCode}</b>. Before anything else
            goes in, it is washed and relabelled.
          </p>
        )}
        {bottle.heldSinceWash && (
          <p className="mt-3">
            <Wash bottle={bottle} />
          </p>
        )}
      </div>
      <Code code={bottle.code} />
    </div>
    <Fill key={bottle.id} bottle={bottle} />
    <h2 className="mt-5 mb-1">What has been in it</h2>
    {bottle.history.length === 0 ? (
      <p className="soft">Nothing yet.</p>
    ) : (
      <table className="ledger max-w-[640px]" aria-label="History of the bottle">
        <thead>
          <tr>
            <th>When</th>
            <th>What</th>
            <th>Who</th>
          </tr>
        </thead>
        <tbody>
          {bottle.history.map(({ at, by, did, batchCode }, i) => (
            <tr key={i}>
              <td className="fig">{momentOf(at)}</td>
              <td>{did === 'filled' ? `filled from ${batchCode}` : 'washed, label struck off'}</td>
              <td>{by}</td>
            </tr>
          ))}
        </tbody>
      </table>
    )}
  </>
);

const NewBottle = ({ onDone }: { onDone: (id?: string) => void }) => {
  const [material, setMaterial] = useState<BottleMaterial>('HDPE');
  const [opaque, setOpaque] = useState(true);
  const [size, setSize] = useState('500 ml');
  const [add, adding] = api.useAddBottleMutation();
  const submit = async () => {
    const volume = parseVolume(size);
    const result = volume.ok
      ? await add({ material, opaque, volume: Math.min(volume.value, litres(100)) })
      : undefined;
    if (result?.data) onDone(result.data.id);
  };
  return (
    <Form onSubmit={submit}>
      <Choice
        label="Made of"
        value={material}
        onChange={setMaterial}
        options={bottleMaterials.map((one) => ({ value: one, name: bottleMaterialNames[one] }))}
      />
      <TextField label="It holds" value={size} onChange={setSize} check={aVolume} figure />
      <Tick label="Opaque or brown" checked={opaque} onChange={setOpaque} />
      <WentWrong error={adding.error} />
      <p className="flex gap-3">
        <button className="btn btn--main" disabled={adding.isLoading}>
          Take it into use
        </button>
        <button type="button" className="btn" onClick={() => onDone()}>
          Leave it
        </button>
      </p>
    </Form>
  );
};

/** Every bottle with its code, what it holds, and what it has held. */
const Bottles = () => {
  const { data: bottles, error } = api.useBottlesQuery();
  const [chosenId, choose] = useState<string>();
  const [adding, setAdding] = useState(false);
  const [sought, seek] = useState('');
  const shown =
    bottles?.filter(({ code }) => code.toLowerCase().includes(sought.trim().toLowerCase())) ?? [];
  const chosen = shown.find(({ id }) => id === chosenId) ?? shown[0];
  useKeys({
    n: () => setAdding(true),
    ...walkKeys(
      shown.map(({ id }) => id),
      chosen?.id,
      choose,
    ),
  });
  return (
    <main className="leaves">
      <section className="leaf" aria-label="Bottles">
        <BenchHead>
          <button className="btn" onClick={() => setAdding(true)}>
            Add a bottle <span className="key">n</span>
          </button>
        </BenchHead>
        <WentWrong error={error} />
        <div className="mb-3">
          <TextField
            label="Code on the bottle"
            value={sought}
            onChange={seek}
            figure
            hint="Scan it, or type it: F-003."
          />
        </div>
        {bottles && shown.length === 0 && (
          <p className="soft">
            {bottles.length === 0
              ? 'No bottle yet. Add the first.'
              : `No bottle is called “${sought.trim()}”.`}
          </p>
        )}
        <ul className="list">
          {shown.map((bottle) => (
            <li key={bottle.id}>
              <button
                className={`list__row ${bottle.id === chosen?.id ? 'on-ink' : ''}`}
                aria-current={bottle.id === chosen?.id || undefined}
                onClick={() => choose(bottle.id)}
              >
                <span className="flex items-baseline gap-3">
                  <span className="fig">{bottle.code}</span>
                  {bottle.heldSinceWash && (
                    <i
                      className="stub stub--row fill self-center"
                      data-family={activeFacts[bottle.heldSinceWash.active].family}
                    />
                  )}
                  <b className="font-semibold">{holds(bottle)}</b>
                </span>
                <span className="small soft block">
                  {inMetric(bottle.volume)}, {bottleMaterialNames[bottle.material]}
                  {bottle.opaque ? ', opaque' : ', clear'}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </section>
      <section className="sheet" aria-label={chosen?.code ?? 'The bottle'}>
        {chosen ? <BottleSheet bottle={chosen} /> : <Verdict say="Choose a bottle." />}
        <StandingNote />
      </section>
      <Window open={adding} title="Add a bottle" onClose={() => setAdding(false)}>
        <NewBottle
          onDone={(id) => {
            setAdding(false);
            if (id) {
              seek('');
              choose(id);
            }
          }}
        />
      </Window>
    </main>
  );
};
export default Bottles;
