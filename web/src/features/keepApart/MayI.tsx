import {
  groupNames,
  remedyInWords,
  routeNames,
  severityNames,
  wordsOfRule,
} from '@zymostat/contract';
import {
  isAgainst,
  isGeneric,
  judgeCombination,
  productOf,
  routes,
  type Route,
  type Severity,
} from '@zymostat/core';
import { lazy, Suspense, useState } from 'react';
import { api } from '../../app/api.ts';
import { useBook } from '../../app/useBook.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { StandingNote } from '../../ui/parts.tsx';
import { KeepApartHead } from './KeepApartHead.tsx';
import { isSameCode } from './codes.ts';
import { kinds, usePickables, type Pickable } from './pickables.ts';

/** The camera only where the browser can read codes by itself. */
const Scan = lazy(() => import('./Scan.tsx'));
const canScan = 'BarcodeDetector' in window;

const answers: Record<Severity, { word: string; say: string }> = {
  never: { word: 'No. Never.', say: 'Nobody can override this.' },
  spoils: {
    word: 'No. They spoil each other.',
    say: 'Nobody is hurt, and neither works afterwards.',
  },
  care: { word: 'With care.', say: 'Kept apart, and aired.' },
  'no-rule': { word: 'No rule is known.', say: 'Still one at a time, and rinse between.' },
  fine: { word: 'Yes.', say: 'The book says that they may meet.' },
};

/** Even what may meet is not mixed in a bottle on a guess. */
const notInABottle = {
  word: 'Not in one bottle.',
  say: 'A bottle holds one product only: what is mixed comes from a recipe.',
};
const answerTo = (severity: Severity, route: Route) =>
  !isAgainst(severity) && route === 'vessel' ? notInABottle : answers[severity];

/**
 * What a code on a label stands for. A code that nobody knows is an unlabelled bottle: never with
 * anything.
 */
const useCodes = () => {
  const { own } = usePickables();
  const { data: batches = [] } = api.useBatchesQuery();
  const { data: bottles = [] } = api.useBottlesQuery();
  const { data: stocks = [] } = api.useStockQuery();
  return (typed: string): Pickable | undefined => {
    const code = typed.trim();
    if (code === '') return undefined;
    const stock = stocks.find((one) => isSameCode(one.code, code));
    if (stock) return own.find(({ key }) => key === stock.id);
    const bottle = bottles.find((one) => isSameCode(one.code, code));
    const held = bottle?.heldSinceWash;
    if (bottle && !held)
      return {
        ...kinds.find(({ key }) => key === 'water')!,
        key: bottle.code,
        name: `${bottle.code}, washed and empty`,
      };
    const batch = batches.find((one) => isSameCode(one.code, held?.batchCode ?? code));
    const inside = held ?? batch;
    if (!inside)
      return {
        ...kinds.find(({ key }) => key === 'unlabelled-bottle')!,
        key: code,
        name: `${code}, not known here`,
      };
    const known = bottle?.code ?? batch?.code ?? code;
    return {
      key: known,
      name: `${known}, ${inside.groups.map((group) => groupNames[group]).join(' and ')}`,
      product: productOf(inside),
      family: undefined,
      own: isGeneric(inside.active),
    };
  };
};

interface Side {
  code: string;
  key: string | null;
}

const Pick = ({
  label,
  side,
  known,
  onChange,
}: {
  label: string;
  side: Side;
  known: Pickable | undefined;
  onChange: (side: Side) => void;
}) => {
  const { all } = usePickables();
  const [scanning, scan] = useState(false);
  return (
    <fieldset className="grid gap-2">
      <legend className="field__label">{label}</legend>
      <Choice
        label="Pick it"
        value={side.code ? null : side.key}
        onChange={(key) => onChange({ code: '', key })}
        options={all.map(({ key, name }) => ({ value: key, name }))}
        empty={side.code ? 'by its code' : undefined}
      />
      <div className="flex items-end gap-3">
        <TextField
          className="grow"
          label="Or its code"
          figure
          value={side.code}
          onChange={(code) => onChange({ code, key: null })}
          hint={
            side.code ? known?.name : 'B-0001 on a batch, F-001 on a bottle, S-0101 on a stock.'
          }
        />
        {canScan && (
          <button className="btn" onClick={() => scan(true)}>
            Scan
          </button>
        )}
      </div>
      {scanning && (
        <Suspense>
          <Scan
            onCode={(code) => {
              scan(false);
              onChange({ code, key: null });
            }}
            onClose={() => scan(false)}
          />
        </Suspense>
      )}
    </fieldset>
  );
};

/** Two quick picks or two codes, and a route: one big answer. */
const MayI = () => {
  const { find } = usePickables();
  const byCode = useCodes();
  const book = useBook();
  const [one, setOne] = useState<Side>({ code: '', key: null });
  const [other, setOther] = useState<Side>({ code: '', key: null });
  const [route, setRoute] = useState<Route>('surface');
  const of = ({ code, key }: Side) => (code ? byCode(code) : find(key));
  const [a, b] = [of(one), of(other)];
  const verdict = a && b && judgeCombination(a.product, b.product, { route: route }, book);
  return (
    <main className="leaves">
      <section className="leaf" aria-label="May I?">
        <KeepApartHead title="May I?" />
        <div className="grid gap-5">
          <Pick label="This" side={one} known={a} onChange={setOne} />
          <Pick label="And this" side={other} known={b} onChange={setOther} />
          <Segments
            label="Together"
            value={route}
            onChange={setRoute}
            options={routes.map((by) => ({ value: by, name: routeNames[by].toLowerCase() }))}
          />
        </div>
      </section>
      <section className="sheet" aria-label="The answer">
        {verdict ? (
          <>
            <div
              role="status"
              className={`answer answer--${verdict.severity}`}
              aria-label={severityNames[verdict.severity]}
            >
              <b>{answerTo(verdict.severity, route).word}</b>
              {answerTo(verdict.severity, route).say}
            </div>
            <p className="mb-2">
              <b>{a.name}</b> and <b>{b.name}</b>, {routeNames[route].toLowerCase()}.
            </p>
            {verdict.bites.map((bite) => (
              <p key={bite.rule} className="mb-2">
                {wordsOfRule(bite.rule, bite.says).happens} Between them:{' '}
                <b>{remedyInWords(bite.remedy)}</b>{' '}
                <span className="small soft">{bite.source}</span>
              </p>
            ))}
          </>
        ) : (
          <p className="verdict__say my-2">Name two, and how they would meet.</p>
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default MayI;
