import { routes } from '@zymostat/core';
import { useCallback, useRef, useState, type Ref } from 'react';
import { useSearchParams } from 'react-router';
import { useBook } from '../../api/useBook.ts';
import { Segments } from '../../ui/form/Choice.tsx';
import { Severity, StandingNote } from '../../ui/parts.tsx';
import { useKeys } from '../../ui/useKeys.ts';
import { Window } from '../../ui/Window.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { KeepApartHead } from '../book/KeepApartHead.tsx';
import { Matrix, type AskedRoute } from '../book/Matrix.tsx';
import { FirstResponse } from '../book/pair/FirstResponse.tsx';
import { isAbout } from '../book/pair/PairBefore.tsx';
import { PairSheet } from '../book/pair/PairSheet.tsx';
import { usePickables, type Pickable } from '../book/pickables.ts';
import { useMishapsQuery } from '../mishaps/api.ts';
import { MishapForm } from '../mishaps/MishapForm.tsx';

type Writing = 'near-miss' | 'incident';

const byRoute: { value: AskedRoute; name: string }[] = [
  { value: 'any', name: w.name('apart', 'any') },
  ...routes.map((route) => ({ value: route, name: w.name('route', route).toLowerCase() })),
];

/** The pair that is looked at; until one is picked, the one that people ask about most. */
const usePair = (sheet: Ref<HTMLElement>) => {
  const { lines, find, ready } = usePickables();
  const [search, setSearch] = useSearchParams();
  const named = (key: string | null) => lines.find((line) => line.key === key) ?? find(key);
  const usual = (group: string) => lines.find(({ product }) => product.groups[0] === group)!;
  const pick = useCallback(
    (one: string, other: string, pointed: boolean) => {
      setSearch({ a: one, b: other }, { replace: true });
      // On a phone the answer stands below the matrix.
      const onPhone = pointed && matchMedia('(max-width: 767px)').matches;
      if (onPhone && sheet && 'current' in sheet) sheet.current?.scrollIntoView();
    },
    [setSearch, sheet],
  );
  return {
    lines,
    ready,
    pick,
    a: named(search.get('a')) ?? usual('hypochlorite'),
    b: named(search.get('b')) ?? usual('acid'),
    // Somebody who arrives in trouble sees what to do first.
    urgent: search.has('happened'),
  };
};

const Legend = () => (
  <p className="legend">
    <Severity is="never" />
    <Severity is="spoils" />
    <Severity is="care" />
    <span className="legend__fine">
      <i />
      {w.name('apart', 'mayMeet')}
    </span>
    <span className="legend__no-rule">
      <i />
      {w.name('apart', 'noRuleKnown')}
    </span>
  </p>
);

type Pair = ReturnType<typeof usePair>;

const Pairs = ({ pair, onWrite }: { pair: Pair; onWrite: (kind: Writing) => void }) => {
  const book = useBook();
  const [route, setRoute] = useState<AskedRoute>('any');
  const { lines, ready, a, b, pick, urgent } = pair;
  return (
    <section className="leaf" aria-label={w.name('apart', 'keepApart')}>
      <KeepApartHead>
        <Legend />
      </KeepApartHead>
      {urgent && <FirstResponse harm="gas" onIncident={() => onWrite('incident')} />}
      <div className="mb-3">
        <Segments
          label={w.name('apart', 'byWhichRoute')}
          value={route}
          onChange={setRoute}
          options={byRoute}
        />
      </div>
      {ready && (
        <Matrix lines={lines} book={book} route={route} a={a.key} b={b.key} onPick={pick} />
      )}
      <p className="small soft mt-2">
        {rich('apart.oursInBoldArrowKeys', {
          soft: (text) => <span className="max-md:hidden">{text}</span>,
        })}
      </p>
      <p className="mt-3">
        <button className="btn" onClick={() => onWrite('near-miss')}>
          {rich('apart.writeDownANearMiss', {
            soft: (text) => <span className="key">{text}</span>,
          })}
        </button>
      </p>
    </section>
  );
};

interface WritingProps {
  kind: Writing | null;
  pair: [Pickable, Pickable];
  onDone: () => void;
}

const WriteDown = ({ kind, pair, onDone }: WritingProps) => (
  <Window
    open={kind !== null}
    title={
      kind === 'incident'
        ? w.name('apart', 'recordAnIncident')
        : w.name('apart', 'writeDownANearMiss2')
    }
    onClose={onDone}
  >
    {kind && <MishapForm kind={kind} pair={pair} onDone={onDone} />}
  </Window>
);

/** The matrix of what must not meet, and the pair that is chosen in it. */
const KeepApart = () => {
  const { data: mishaps = [] } = useMishapsQuery();
  const sheet = useRef<HTMLElement>(null);
  const pair = usePair(sheet);
  const book = useBook();
  const [writing, write] = useState<Writing | null>(null);
  useKeys({ n: () => write('near-miss') });
  const { a, b, urgent } = pair;
  return (
    <main className="leaves">
      <Pairs pair={pair} onWrite={write} />
      <section ref={sheet} className="sheet" aria-label={w.name('apart', 'thePair')}>
        <PairSheet
          key={`${a.key} ${b.key}`}
          a={a}
          b={b}
          book={book}
          before={mishaps.filter((row) => isAbout(row, a, b))}
          urgent={urgent}
          onIncident={() => write('incident')}
        />
        <StandingNote />
      </section>
      <WriteDown kind={writing} pair={[a, b]} onDone={() => write(null)} />
    </main>
  );
};
export default KeepApart;
