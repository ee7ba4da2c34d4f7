import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { dayOf } from '../../ui/times.ts';
import { type RecordRow } from '@zymostat/contract';
import { sourceInWords, remedyInWords, wordsOfRule } from '@zymostat/words';
import { w } from '../../words/words.ts';
import {
  isAgainst,
  judgeCombination,
  routes,
  worstOf,
  type Book,
  type Combination,
  type Route,
  type Severity as SeverityName,
} from '@zymostat/core';
import { Severity } from '../../ui/parts.tsx';
import { FirstResponse } from './FirstResponse.tsx';
import { BottlePressure, GasBound } from './GasBound.tsx';
import { shortName, type Pickable } from './pickables.ts';

const say = (
  a: string,
  b: string,
  bottle: SeverityName,
  surface: SeverityName,
  worst: SeverityName,
): string => {
  const pair =
    a === b
      ? w.say('apart.twoLotsOf', { a: a.toLowerCase() })
      : w.say('apart.and3', { a, b: b.charAt(0).toLowerCase(), b2: b.slice(1) });
  if (worst === 'fine') return w.say('apart.mayMeet2', { pair });
  if (worst === 'no-rule')
    return w.say('apart.noRuleIsKnownFor', {
      pair: pair.charAt(0).toLowerCase(),
      pair2: pair.slice(1),
    });
  if (bottle === 'never' && surface === 'never') return w.say('apart.mustNeverMeetInA', { pair });
  if (bottle === 'never') return w.say('apart.mustNeverShareABottle', { pair });
  if (surface === 'never') return w.say('apart.mustNeverMeetOnA', { pair });
  if (bottle === 'spoils' || surface === 'spoils') return w.say('apart.spoilEachOther', { pair });
  return worst === 'never'
    ? w.say('apart.mustNeverBeKeptOr', { pair })
    : w.say('apart.takeCareWhereTheyAre', { pair });
};

const notAgainst = (severity: SeverityName, route: Route): string => {
  if (route === 'vessel') return w.name('apart', 'aBottleStillHoldsOne');
  return severity === 'fine'
    ? w.name('apart', 'theBookSaysThatThey2')
    : w.name('apart', 'oneAtATimeAnd');
};

/** One route: how bad, and what lifts it there. */
const RouteLine = ({
  route,
  combination: { severity, bites },
}: {
  route: Route;
  combination: Combination;
}) => (
  <li>
    <b>{w.name('route', route)}</b>
    <span>
      <Severity is={severity} />
    </span>
    <span>
      {!isAgainst(severity) ? (
        <span className="soft">{notAgainst(severity, route)}</span>
      ) : (
        <>
          {w.name('routeMeans', route)}.{' '}
          <span className="soft">{remedyInWords(w, bites[0]!.remedy)}</span>
        </>
      )}
    </span>
  </li>
);

/** What this pair has done here before. */
const Before = ({ rows }: { rows: RecordRow[] }) => (
  <section className="mt-4" aria-label={w.name('apart', 'whatHasHappenedHereBefore')}>
    <h2>{w.name('apart', 'hereBefore')}</h2>
    <ul className="list mt-1">
      {rows.map(
        (row) =>
          (row.kind === 'near-miss' || row.kind === 'incident') && (
            <li key={row.seq} className="py-1.5">
              <span className="fig small soft mr-3">{dayOf(row.at)}</span>
              <b className="font-semibold">{w.name('record', row.kind)}</b> · {row.body.what}{' '}
              <span className="small soft">{row.homeName}</span>
            </li>
          ),
      )}
    </ul>
  </section>
);

/** Near misses and incidents that name both, by what was picked or by their groups. */
export const isAbout = (row: RecordRow, a: Pickable, b: Pickable): boolean => {
  if (row.kind !== 'near-miss' && row.kind !== 'incident') return false;
  const { pair, products } = row.body;
  const named = products.map(shortName);
  if (named.length === 2 && named.includes(shortName(a.name)) && named.includes(shortName(b.name)))
    return true;
  if (!pair) return false;
  const [ga, gb] = [a.product.groups, b.product.groups];
  return (
    (ga.includes(pair.one) && gb.includes(pair.other)) ||
    (ga.includes(pair.other) && gb.includes(pair.one))
  );
};

interface Props {
  a: Pickable;
  b: Pickable;
  book: Book;
  before: RecordRow[];
  urgent: boolean;
  onIncident: () => void;
}

/**
 * One pair by every route: whether, what happens, how bad in a room, what to do, what it has done
 * here.
 */
export const PairSheet = ({ a, b, book, before, urgent, onIncident }: Props) => {
  const by = new Map(
    routes.map((route) => [route, judgeCombination(a.product, b.product, { route: route }, book)]),
  );
  const worst = worstOf([...by.values()].map(({ severity }) => severity));
  const all = [...by.values()].flatMap(({ bites }) => bites);
  const bites = all.filter((bite, i) => all.findIndex(({ rule }) => rule === bite.rule) === i);
  const [first] = bites;
  const harm = bites.find((bite) => bite.harm)?.harm;
  const decomposing = bites.some(({ rule }) => rule === 'peroxide-decomposes')
    ? [a, b].find(({ content }) => content?.component === 'hydrogen peroxide')?.content
    : undefined;
  return (
    <>
      {worst === 'never' && (
        <p className="bar-never -mx-4 -mt-4 mb-3 px-4 md:-mx-6 md:px-6">
          {rich('apart.neverNobodyCanOverrideThis', {
            soft: (text: ReactNode) => <span>{text}</span>,
          })}
        </p>
      )}
      <p className="verdict__say" role="status">
        {say(
          shortName(a.name),
          shortName(b.name),
          by.get('vessel')!.severity,
          by.get('surface')!.severity,
          worst,
        )}
      </p>
      <p className="two-products">
        <i className="fill h-3.5 w-10" data-family={a.family} />
        {shortName(a.name)} <b>{w.name('apart', 'meets')}</b>{' '}
        <i className="fill h-3.5 w-10" data-family={b.family} />
        {shortName(b.name)}
      </p>
      {first && (
        <p className="mb-2">
          {wordsOfRule(w, first.rule, first.says).happens}{' '}
          <span className="small soft">{sourceInWords(w, first.source)}</span>
        </p>
      )}
      <ul className="routes">
        {routes.map((route) => (
          <RouteLine key={route} route={route} combination={by.get(route)!} />
        ))}
      </ul>
      {a.content && b.content && <GasBound a={a.content} b={b.content} />}
      {decomposing && <BottlePressure of={decomposing} />}
      {bites.length > 0 && (
        <section className="mt-4">
          <h2>{w.name('apart', 'whatToDo')}</h2>
          <ul className="mt-1 grid gap-1">
            {bites.map(({ rule, says }, i) => {
              const words = wordsOfRule(w, rule, says);
              return (
                <li key={rule}>
                  {i > 0 && `${words.happens} `}
                  {words.remedy}
                  {words.reaction && <span className="fig small soft block">{words.reaction}</span>}
                </li>
              );
            })}
          </ul>
        </section>
      )}
      {before.length > 0 && <Before rows={before} />}
      {!urgent && harm && <FirstResponse harm={harm} onIncident={onIncident} />}
    </>
  );
};
