import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { wordsOfRule, remedyInWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
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
import { useBatchesQuery } from '../batches/api.ts';
import { useBottlesQuery } from '../batches/api.ts';
import { useStockQuery } from '../stock/api.ts';
import { useBook } from '../../api/useBook.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { StandingNote } from '../../ui/parts.tsx';
import { KeepApartHead } from '../book/KeepApartHead.tsx';
import { isSameCode } from '../book/codes.ts';
import { kinds, usePickables, type Pickable } from '../book/pickables.ts';

/** The camera only where the browser can read codes by itself. */
const Scan = lazy(() => import('./Scan.tsx'));
const canScan = 'BarcodeDetector' in window;

const answers: Record<Severity, { word: string; say: string }> = {
  never: { word: w.name('apart', 'noNever'), say: w.name('apart', 'nobodyCanOverrideThis') },
  spoils: {
    word: w.name('apart', 'noTheySpoilEachOther'),
    say: w.name('apart', 'nobodyIsHurtAndNeither'),
  },
  care: { word: w.name('apart', 'withCare'), say: w.name('apart', 'keptApartAndAired') },
  'no-rule': { word: w.name('apart', 'noRuleIsKnown'), say: w.name('apart', 'stillOneAtATime') },
  fine: { word: w.name('apart', 'yes'), say: w.name('apart', 'theBookSaysThatThey') },
};

/** Even what may meet is not mixed in a bottle on a guess. */
const notInABottle = {
  word: w.name('apart', 'notInOneBottle'),
  say: w.name('apart', 'aBottleHoldsOneProduct'),
};
const answerTo = (severity: Severity, route: Route) =>
  !isAgainst(severity) && route === 'vessel' ? notInABottle : answers[severity];

/**
 * What a code on a label stands for. A code that nobody knows is an unlabelled bottle: never with
 * anything.
 */
const useCodes = () => {
  const { own } = usePickables();
  const { data: batches = [] } = useBatchesQuery();
  const { data: bottles = [] } = useBottlesQuery();
  const { data: stocks = [] } = useStockQuery();
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
        name: w.say('apart.washedAndEmpty', { code: bottle.code }),
      };
    const batch = batches.find((one) => isSameCode(one.code, held?.batchCode ?? code));
    const inside = held ?? batch;
    if (!inside)
      return {
        ...kinds.find(({ key }) => key === 'unlabelled-bottle')!,
        key: code,
        name: w.say('apart.notKnownHere', { code }),
      };
    const known = bottle?.code ?? batch?.code ?? code;
    return {
      key: known,
      name: `${known}, ${inside.groups.map((group) => w.name('group', group)).join(w.name('apart', 'and'))}`,
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
        label={w.name('apart', 'pickIt')}
        value={side.code ? null : side.key}
        onChange={(key) => onChange({ code: '', key })}
        options={all.map(({ key, name }) => ({ value: key, name }))}
        empty={side.code ? w.name('apart', 'byItsCode') : undefined}
      />
      <div className="flex items-end gap-3">
        <TextField
          className="grow"
          label={w.name('apart', 'orItsCode')}
          figure
          value={side.code}
          onChange={(code) => onChange({ code, key: null })}
          hint={side.code ? known?.name : w.name('apart', 'b0001OnABatch')}
        />
        {canScan && (
          <button className="btn" onClick={() => scan(true)}>
            {w.name('apart', 'scan')}
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
      <section className="leaf" aria-label={w.name('apart', 'mayI')}>
        <KeepApartHead title={w.name('apart', 'mayI')} />
        <div className="grid gap-5">
          <Pick label={w.name('apart', 'this')} side={one} known={a} onChange={setOne} />
          <Pick label={w.name('apart', 'andThis')} side={other} known={b} onChange={setOther} />
          <Segments
            label={w.name('apart', 'together')}
            value={route}
            onChange={setRoute}
            options={routes.map((by) => ({ value: by, name: w.name('route', by).toLowerCase() }))}
          />
        </div>
      </section>
      <section className="sheet" aria-label={w.name('apart', 'theAnswer')}>
        {verdict ? (
          <>
            <div
              role="status"
              className={`answer answer--${verdict.severity}`}
              aria-label={w.name('severity', verdict.severity)}
            >
              <b>{answerTo(verdict.severity, route).word}</b>
              {answerTo(verdict.severity, route).say}
            </div>
            <p className="mb-2">
              {rich('apart.and2', {
                b: (text: ReactNode) => <b>{text}</b>,
                a: a.name,
                b2: b.name,
                route: w.name('route', route).toLowerCase(),
              })}
            </p>
            {verdict.bites.map((bite) => (
              <p key={bite.rule} className="mb-2">
                {rich('apart.betweenThem', {
                  happens: wordsOfRule(w, bite.rule, bite.says).happens,
                  b: (text: ReactNode) => <b>{text}</b>,
                  remedy: remedyInWords(w, bite.remedy),
                  soft: (text: ReactNode) => <span className="small soft">{text}</span>,
                  source: bite.source,
                })}
              </p>
            ))}
          </>
        ) : (
          <p className="verdict__say my-2">{w.name('apart', 'nameTwoAndHowThey')}</p>
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default MayI;
