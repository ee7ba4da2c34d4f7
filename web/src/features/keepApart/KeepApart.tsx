import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { routes } from '@zymostat/core';
import { useCallback, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useMishapsQuery } from '../mishaps/api.ts';
import { useBook } from '../../api/useBook.ts';
import { useKeys } from '../../ui/useKeys.ts';
import { Segments } from '../../ui/Choice.tsx';
import { Severity, StandingNote } from '../../ui/parts.tsx';
import { Window } from '../../ui/Window.tsx';
import { FirstResponse } from '../book/FirstResponse.tsx';
import { KeepApartHead } from '../book/KeepApartHead.tsx';
import { Matrix, type AskedRoute } from '../book/Matrix.tsx';
import { MishapForm } from '../mishaps/MishapForm.tsx';
import { isAbout, PairSheet } from '../book/PairSheet.tsx';
import { usePickables } from '../book/pickables.ts';

const byRoute: { value: AskedRoute; name: string }[] = [
  { value: 'any', name: w.name('apart', 'any') },
  ...routes.map((route) => ({ value: route, name: w.name('route', route).toLowerCase() })),
];

/** The matrix of what must not meet, and the pair that is chosen in it. */
const KeepApart = () => {
  const { data: mishaps = [] } = useMishapsQuery();
  const { lines, find, ready } = usePickables();
  const book = useBook();
  const [search, setSearch] = useSearchParams();
  const [route, setRoute] = useState<AskedRoute>('any');
  const [writing, write] = useState<'near-miss' | 'incident' | null>(null);
  // Somebody who arrives in trouble sees what to do first.
  const urgent = search.has('happened');
  useKeys({ n: () => write('near-miss') });

  const named = (key: string | null) => lines.find((line) => line.key === key) ?? find(key);
  const a =
    named(search.get('a')) ?? lines.find(({ product }) => product.groups[0] === 'hypochlorite')!;
  const b = named(search.get('b')) ?? lines.find(({ product }) => product.groups[0] === 'acid')!;
  const sheet = useRef<HTMLElement>(null);
  const pick = useCallback(
    (one: string, other: string, pointed: boolean) => {
      setSearch({ a: one, b: other }, { replace: true });
      // On a phone the answer stands below the matrix.
      if (pointed && matchMedia('(max-width: 767px)').matches) sheet.current?.scrollIntoView();
    },
    [setSearch],
  );
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('apart', 'keepApart')}>
        <KeepApartHead>
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
        </KeepApartHead>
        {urgent && <FirstResponse harm="gas" onIncident={() => write('incident')} />}
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
            soft: (text: ReactNode) => <span className="max-md:hidden">{text}</span>,
          })}
        </p>
        <p className="mt-3">
          <button className="btn" onClick={() => write('near-miss')}>
            {rich('apart.writeDownANearMiss', {
              soft: (text: ReactNode) => <span className="key">{text}</span>,
            })}
          </button>
        </p>
      </section>
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
      <Window
        open={writing !== null}
        title={
          writing === 'incident'
            ? w.name('apart', 'recordAnIncident')
            : w.name('apart', 'writeDownANearMiss2')
        }
        onClose={() => write(null)}
      >
        {writing && <MishapForm kind={writing} pair={[a, b]} onDone={() => write(null)} />}
      </Window>
    </main>
  );
};
export default KeepApart;
