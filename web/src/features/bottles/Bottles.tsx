import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type BottleRow } from '@zymostat/contract';
import { sourceInWords, strengthShort, reasonInWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
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
import { problemOf } from '../../api/api.ts';
import { useBatchesQuery } from '../batches/api.ts';
import {
  useAddBottleMutation,
  useBottlesQuery,
  useFillBottleMutation,
  useWashBottleMutation,
} from '../batches/api.ts';
import { useBook } from '../../api/useBook.ts';
import { useKeys } from '../../ui/useKeys.ts';
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
import { BenchHead } from '../batches/BenchHead.tsx';
import { filledFrom } from '../batches/filledFrom.ts';

const holds = ({ heldSinceWash: held }: BottleRow): string =>
  held
    ? `${w.name('active', held.active)} ${strengthShort(w, held.active, held.strength)}, ${held.batchCode}`
    : w.name('bench', 'emptyWashed');

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
    <img src={source} width={110} height={110} alt={w.say('bench.qrCode', { code })} />
  ) : (
    <span className="block h-[110px] w-[110px]" />
  );
};

const Fill = ({ bottle }: { bottle: BottleRow }) => {
  const { data: batches = [] } = useBatchesQuery();
  const [fill, filling] = useFillBottleMutation();
  const book = useBook();
  const [batchId, setBatchId] = useState<string | null>(null);
  const now = useNow(30_000);
  const { data: bottles = [] } = useBottlesQuery();
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
    <section
      className="mt-4 max-w-[640px] border-t border-ink pt-3"
      aria-label={w.name('bench', 'fillIt')}
    >
      <h2 className="mb-2">{w.name('bench', 'fillIt')}</h2>
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          className="min-w-60 grow"
          label={w.name('bench', 'fromTheBatch')}
          value={batchId}
          onChange={setBatchId}
          options={good.map((one) => ({
            value: one.id,
            name: `${one.code}, ${w.name('active', one.active)} ${strengthShort(w, one.active, one.strength)}`,
          }))}
        />
        <button
          className="btn btn--main"
          disabled={!batch || filling.isLoading || verdict?.outcome === 'never'}
          onClick={() => void pour()}
        >
          {w.say('bench.fill', { code: bottle.code })}
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
                {reasonInWords(w, reason)}{' '}
                <span className="small soft">{sourceInWords(w, reason.source)}</span>
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
  const [wash, washing] = useWashBottleMutation();
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
        {w.name('bench', 'washedAndRelabelled')}
      </button>
      <Window
        open={open}
        title={w.say('bench.isWashed', { code: bottle.code })}
        onClose={() => setOpen(false)}
      >
        <Form
          onSubmit={() => {
            if (code.trim() && washedBy.trim()) void submit();
          }}
        >
          <p>{w.name('bench', 'rinsedOutWashedDriedAnd')}</p>
          <TextField
            label={w.name('bench', 'codeOnTheBottle')}
            value={code}
            onChange={setCode}
            check={written}
            figure
            autoFocus
          />
          <TextField
            label={w.name('bench', 'yourName')}
            value={washedBy}
            onChange={setWashedBy}
            check={written}
          />
          <WentWrong error={washing.error} />
          <p className="flex gap-3">
            <button className="btn btn--main" disabled={washing.isLoading}>
              {w.name('bench', 'itIsWashed')}
            </button>
            <button type="button" className="btn" onClick={() => setOpen(false)}>
              {w.name('bench', 'notYet')}
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
          {w.name('bottleMaterial', bottle.material)}
          {bottle.opaque ? w.name('bench', 'opaque') : w.name('bench', 'clear')}
        </p>
        <p className="verdict__say" role="status">
          {bottle.heldSinceWash
            ? w.say('bench.itHolds', {
                active: w.name('active', bottle.heldSinceWash.active),
                strength: strengthShort(
                  w,
                  bottle.heldSinceWash.active,
                  bottle.heldSinceWash.strength,
                ),
              })
            : w.name('bench', 'emptyAndWashedItMay')}
        </p>
        {bottle.heldSinceWash && (
          <p className="soft mt-1">
            {rich('bench.fromBatchBeforeAnythingElse', {
              b: (text: ReactNode) => <b className="fig">{text}</b>,
              batchCode: bottle.heldSinceWash.batchCode,
            })}
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
    <h2 className="mt-5 mb-1">{w.name('bench', 'whatHasBeenInIt')}</h2>
    {bottle.history.length === 0 ? (
      <p className="soft">{w.name('bench', 'nothingYet')}</p>
    ) : (
      <table className="ledger max-w-[640px]" aria-label={w.name('bench', 'historyOfTheBottle')}>
        <thead>
          <tr>
            <th>{w.name('bench', 'when')}</th>
            <th>{w.name('bench', 'what')}</th>
            <th>{w.name('bench', 'who')}</th>
          </tr>
        </thead>
        <tbody>
          {bottle.history.map(({ at, by, did, batchCode }, i) => (
            <tr key={i}>
              <td className="fig">{momentOf(at)}</td>
              <td>
                {did === 'filled'
                  ? w.say('bench.filledFrom', { batchCode: batchCode ?? '' })
                  : w.name('bench', 'washedLabelStruckOff')}
              </td>
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
  const [size, setSize] = useState(w.name('bench', 'n500Ml'));
  const [add, adding] = useAddBottleMutation();
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
        label={w.name('bench', 'madeOf')}
        value={material}
        onChange={setMaterial}
        options={bottleMaterials.map((one) => ({
          value: one,
          name: w.name('bottleMaterial', one),
        }))}
      />
      <TextField
        label={w.name('bench', 'itHolds2')}
        value={size}
        onChange={setSize}
        check={aVolume}
        figure
      />
      <Tick label={w.name('bench', 'opaqueOrBrown')} checked={opaque} onChange={setOpaque} />
      <WentWrong error={adding.error} />
      <p className="flex gap-3">
        <button className="btn btn--main" disabled={adding.isLoading}>
          {w.name('bench', 'takeItIntoUse')}
        </button>
        <button type="button" className="btn" onClick={() => onDone()}>
          {w.name('bench', 'leaveIt')}
        </button>
      </p>
    </Form>
  );
};

/** Every bottle with its code, what it holds, and what it has held. */
const Bottles = () => {
  const { data: bottles, error } = useBottlesQuery();
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
      <section className="leaf" aria-label={w.name('bench', 'bottles')}>
        <BenchHead>
          <button className="btn" onClick={() => setAdding(true)}>
            {rich('bench.addABottleN', {
              soft: (text: ReactNode) => <span className="key">{text}</span>,
            })}
          </button>
        </BenchHead>
        <WentWrong error={error} />
        <div className="mb-3">
          <TextField
            label={w.name('bench', 'codeOnTheBottle')}
            value={sought}
            onChange={seek}
            figure
            hint={w.name('bench', 'scanItOrTypeIt')}
          />
        </div>
        {bottles && shown.length === 0 && (
          <p className="soft">
            {bottles.length === 0
              ? w.name('bench', 'noBottleYetAddThe')
              : w.say('bench.noBottleIsCalled', { sought: sought.trim() })}
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
                  {inMetric(bottle.volume)}, {w.name('bottleMaterial', bottle.material)}
                  {bottle.opaque ? w.name('bench', 'opaque') : w.name('bench', 'clear')}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </section>
      <section className="sheet" aria-label={chosen?.code ?? w.name('bench', 'theBottle')}>
        {chosen ? (
          <BottleSheet bottle={chosen} />
        ) : (
          <Verdict say={w.name('bench', 'chooseABottle')} />
        )}
        <StandingNote />
      </section>
      <Window open={adding} title={w.name('bench', 'addABottle')} onClose={() => setAdding(false)}>
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
