import {
  isAgainst,
  judgeCombination,
  routes,
  type Combination,
  type Route,
  type Severity,
} from '@zymostat/core';
import { remedyInWords, wordsOfRule } from '@zymostat/words';
import { useState } from 'react';
import { useBook } from '../../api/useBook.ts';
import { Segments } from '../../ui/form/Choice.tsx';
import { StandingNote } from '../../ui/parts.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { KeepApartHead } from '../book/KeepApartHead.tsx';
import { usePickables, type Pickable } from '../book/pickables.ts';
import { nobodyYet, PickOne } from './PickOne.tsx';
import { useCodes } from './useCodes.ts';

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

interface AnswerProps {
  a: Pickable;
  b: Pickable;
  route: Route;
  verdict: Combination;
}

const Answer = ({ a, b, route, verdict: { severity, bites } }: AnswerProps) => {
  const { word, say } = answerTo(severity, route);
  const bold = (text: React.ReactNode) => <b>{text}</b>;
  return (
    <>
      <div
        role="status"
        className={`answer answer--${severity}`}
        aria-label={w.name('severity', severity)}
      >
        <b>{word}</b>
        {say}
      </div>
      <p className="mb-2">
        {rich('apart.and2', {
          b: bold,
          a: a.name,
          b2: b.name,
          route: w.name('route', route).toLowerCase(),
        })}
      </p>
      {bites.map((bite) => (
        <p key={bite.rule} className="mb-2">
          {rich('apart.betweenThem', {
            happens: wordsOfRule(w, bite.rule, bite.says).happens,
            b: bold,
            remedy: remedyInWords(w, bite.remedy),
            soft: (text) => <span className="small soft">{text}</span>,
            source: bite.source,
          })}
        </p>
      ))}
    </>
  );
};

/** Two, as they are picked or by their codes, and what the book says of them. */
const useAsked = () => {
  const { find } = usePickables();
  const byCode = useCodes();
  const book = useBook();
  const [sides, setSides] = useState([nobodyYet, nobodyYet] as const);
  const [route, setRoute] = useState<Route>('surface');
  const [a, b] = sides.map(({ code, key }) => (code ? byCode(code) : find(key)));
  const verdict = a && b && judgeCombination(a.product, b.product, { route }, book);
  return { sides, setSides, route, setRoute, a, b, verdict };
};

/** Two quick picks or two codes, and a route: one big answer. */
const MayI = () => {
  const { sides, setSides, route, setRoute, a, b, verdict } = useAsked();
  const [one, other] = sides;
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('apart', 'mayI')}>
        <KeepApartHead title={w.name('apart', 'mayI')} />
        <div className="grid gap-5">
          <PickOne
            label={w.name('apart', 'this')}
            side={one}
            known={a}
            onChange={(side) => setSides([side, other])}
          />
          <PickOne
            label={w.name('apart', 'andThis')}
            side={other}
            known={b}
            onChange={(side) => setSides([one, side])}
          />
          <Segments
            label={w.name('apart', 'together')}
            value={route}
            onChange={setRoute}
            options={routes.map((by) => ({ value: by, name: w.name('route', by).toLowerCase() }))}
          />
        </div>
      </section>
      <section className="sheet" aria-label={w.name('apart', 'theAnswer')}>
        {verdict && a && b ? (
          <Answer a={a} b={b} route={route} verdict={verdict} />
        ) : (
          <p className="verdict__say my-2">{w.name('apart', 'nameTwoAndHowThey')}</p>
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default MayI;
