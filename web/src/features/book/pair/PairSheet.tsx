import { type RecordRow } from '@zymostat/contract';
import type { Bite, Book } from '@zymostat/core';
import { sourceInWords, wordsOfRule } from '@zymostat/words';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { shortName, type Pickable } from '../pickables.ts';
import { FirstResponse } from './FirstResponse.tsx';
import { BottlePressure, GasBound } from './GasBound.tsx';
import { PairBefore } from './PairBefore.tsx';
import { PairRoutes } from './PairRoutes.tsx';
import { judgePair, sayPair } from './pairVerdict.ts';

const Two = ({ a, b }: { a: Pickable; b: Pickable }) => (
  <p className="two-products">
    <i className="fill h-3.5 w-10" data-family={a.family} />
    {shortName(a.name)} <b>{w.name('apart', 'meets')}</b>{' '}
    <i className="fill h-3.5 w-10" data-family={b.family} />
    {shortName(b.name)}
  </p>
);

const Never = () => (
  <p className="bar-never -mx-4 -mt-4 mb-3 px-4 md:-mx-6 md:px-6">
    {rich('apart.neverNobodyCanOverrideThis', { soft: (text) => <span>{text}</span> })}
  </p>
);

const Happens = ({ first }: { first: Bite }) => (
  <p className="mb-2">
    {wordsOfRule(w, first.rule, first.says).happens}{' '}
    <span className="small soft">{sourceInWords(w, first.source)}</span>
  </p>
);

/** What is done about it, rule by rule; the first has said already what happens. */
const WhatToDo = ({ bites }: { bites: Bite[] }) => (
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
);

/** Peroxide that something breaks down in a capped bottle. */
const decomposing = (bites: Bite[], pair: Pickable[]) =>
  bites.some(({ rule }) => rule === 'peroxide-decomposes')
    ? pair.find(({ content }) => content?.component === 'hydrogen peroxide')?.content
    : undefined;

interface Props {
  a: Pickable;
  b: Pickable;
  book: Book;
  before: RecordRow[];
  /** First response stands above already. */
  urgent: boolean;
  onIncident: () => void;
}

/**
 * One pair by every route: whether, what happens, how bad in a room, what to do, what it has done
 * here.
 */
export const PairSheet = ({ a, b, book, before, urgent, onIncident }: Props) => {
  const verdict = judgePair(a, b, book);
  const { bites, worst } = verdict;
  const [first] = bites;
  const harm = bites.find((bite) => bite.harm)?.harm;
  const peroxide = decomposing(bites, [a, b]);
  return (
    <>
      {worst === 'never' && <Never />}
      <p className="verdict__say" role="status">
        {sayPair(a, b, verdict)}
      </p>
      <Two a={a} b={b} />
      {first && <Happens first={first} />}
      <PairRoutes by={verdict.by} />
      {a.content && b.content && <GasBound a={a.content} b={b.content} />}
      {peroxide && <BottlePressure of={peroxide} />}
      {bites.length > 0 && <WhatToDo bites={bites} />}
      <PairBefore rows={before} />
      {!urgent && harm && <FirstResponse harm={harm} onIncident={onIncident} />}
    </>
  );
};
