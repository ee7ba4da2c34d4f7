import { judgeCombination } from '@zymostat/core';
import { useState } from 'react';
import { useBook } from '../../api/useBook.ts';
import { momentOf } from '../../ui/times.ts';
import { Window } from '../../ui/Window.tsx';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';
import { RuleForm } from '../book/rules/RuleForm.tsx';
import { isClosed, type FollowUpRow, type Mishap } from './counts.ts';
import { FollowUpForm, WhatFollowed } from './FollowUp.tsx';

const factsOf = ({ body, homeName }: Mishap): [string, string | null | undefined][] => {
  const { products, route, amount, symptoms, place, who, done } = body;
  return [
    [w.name('apart', 'whatMetWhat'), listOf(products)],
    [w.name('apart', 'by'), route && w.name('route', route)],
    [w.name('apart', 'howMuch'), amount],
    [w.name('apart', 'felt'), symptoms],
    [w.name('apart', 'where'), [homeName, place].filter(Boolean).join(', ')],
    [w.name('apart', 'noticedBy'), who],
    [w.name('apart', 'done'), done],
  ];
};

const Facts = ({ row }: { row: Mishap }) => (
  <dl className="grid grid-cols-[120px_1fr] border-t border-ink">
    {factsOf(row).map(
      ([term, value]) =>
        value && (
          <div key={term} className="contents">
            <dt className="small soft border-b border-rule py-1.5">{term}</dt>
            <dd className="border-b border-rule py-1">{value}</dd>
          </div>
        ),
    )}
  </dl>
);

/** Makes a rule of what has happened, unless the book forbids it already. */
const MakeRule = ({ row: { body } }: { row: Mishap }) => {
  const { pair, route, what } = body;
  const book = useBook();
  const [ruling, rule] = useState(false);
  if (!pair) return null;
  const [one, other] = [{ groups: [pair.one] }, { groups: [pair.other] }];
  const { severity } = judgeCombination(one, other, { route: route ?? 'vessel' }, book);
  const from = { ...pair, route: route ?? null, happens: what };
  return (
    <p className="my-3">
      {severity === 'never' ? (
        <span className="soft">{w.name('apart', 'theBookSaysNeverTo')}</span>
      ) : (
        <button className="btn" onClick={() => rule(true)}>
          {w.say('apart.makeItARuleWith', {
            one: w.name('group', pair.one),
            other: w.name('group', pair.other),
          })}
        </button>
      )}
      <Window open={ruling} title={w.name('apart', 'aRuleOfOurOwn')} onClose={() => rule(false)}>
        {ruling && <RuleForm from={from} onDone={() => rule(false)} />}
      </Window>
    </p>
  );
};

interface Props {
  row: Mishap;
  followUps: FollowUpRow[];
  supervisor: boolean;
}

/** One of them in full, and what follows from it. */
export const MishapSheet = ({ row, followUps, supervisor }: Props) => (
  <>
    <p className="crumb">
      <b>{w.name('record', row.kind)}</b> · {momentOf(row.at)} ·{' '}
      {w.name('apart', isClosed(followUps) ? 'closedNow' : 'open')}
    </p>
    <p className="verdict__say my-2">{row.body.what}</p>
    <Facts row={row} />
    <WhatFollowed followUps={followUps} />
    {supervisor && (
      <>
        <MakeRule row={row} />
        <FollowUpForm key={followUps.length} of={row} />
      </>
    )}
  </>
);
