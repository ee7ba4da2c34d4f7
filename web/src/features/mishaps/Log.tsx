import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { judgeCombination } from '@zymostat/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useBookQuery } from '../book/api.ts';
import { useFollowUpMutation, useMishapsQuery } from './api.ts';
import { useBook } from '../../api/useBook.ts';
import { useKeys } from '../../ui/useKeys.ts';
import { written } from '../../ui/checks.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { TextField, Tick } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { dateFieldOf, dayOf, dayOfField, momentOf, monthOfField } from '../../ui/times.ts';
import { useNow } from '../../ui/useNow.ts';
import { walkKeys } from '../../ui/walk.ts';
import { Window } from '../../ui/Window.tsx';
import {
  countByMonth,
  countedBy,
  followUpsOf,
  isClosed,
  isMishap,
  isOverdue,
  lastMonths,
  pairOf,
  type CountedBy,
  type FollowUpRow,
  type Mishap,
} from './counts.ts';
import { KeepApartHead } from '../book/KeepApartHead.tsx';
import { MishapForm } from './MishapForm.tsx';
import { RuleForm } from '../book/RuleForm.tsx';

const BarChart = lazy(() =>
  import('../../ui/BarChart.tsx').then((module) => ({ default: module.BarChart })),
);
const MONTHS = 6;
const MOST_BARS = 5;

const Counts = ({ rows }: { rows: readonly Mishap[] }) => {
  const [by, setBy] = useState<CountedBy>('pair');
  const now = useNow(3_600_000);
  const { months, bars } = useMemo(() => {
    const span = lastMonths(now, MONTHS);
    return { months: span.map(monthOfField), bars: countByMonth(rows, by, span, MOST_BARS) };
  }, [rows, by, now]);
  return (
    <section className="mt-4" aria-label={w.name('apart', 'howOften')}>
      <div className="headline">
        <h2>{w.name('apart', 'howOften')}</h2>
        <Segments
          label={w.name('apart', 'by')}
          value={by}
          onChange={setBy}
          options={(Object.keys(countedBy) as CountedBy[]).map((one) => ({
            value: one,
            name: countedBy[one],
          }))}
        />
      </div>
      <Suspense>
        <BarChart
          label={w.say('apart.nearMissesAndIncidentsA', {
            by,
            bars: bars
              .map(({ name, counts }) => `${name} ${counts.reduce((a, b) => a + b, 0)}`)
              .join(', '),
          })}
          months={months}
          bars={bars}
        />
      </Suspense>
    </section>
  );
};

/** What is to be done, whose it is, until when; or that it is done. */
const FollowUpForm = ({ of }: { of: Mishap }) => {
  const [text, setText] = useState('');
  const { data: me } = useMeQuery();
  const { data: book } = useBookQuery();
  const [owner, setOwner] = useState(me?.person.name ?? '');
  const [due, setDue] = useState('');
  const [closed, close] = useState(false);
  const [followUp, { error, isLoading }] = useFollowUpMutation();
  const submit = async () => {
    if (written(text)) return;
    await followUp({ id: of.factId, body: { text, owner, due: due || null, closed } });
  };
  return (
    <Form onSubmit={submit} className="mt-3 grid gap-3 border-t border-ink pt-3">
      <TextField
        label={w.name('apart', 'reviewWhatFollowsFromIt')}
        value={text}
        onChange={setText}
        check={written}
        lines={2}
      />
      <div className="grid grid-cols-2 gap-3">
        <Choice
          label={w.name('apart', 'whoseItIs')}
          value={owner}
          onChange={setOwner}
          options={book?.readers.map(({ name }) => ({ value: name, name })) ?? []}
        />
        <TextField label={w.name('apart', 'until')} type="date" value={due} onChange={setDue} />
      </div>
      <Tick label={w.name('apart', 'itIsDoneCloseIt')} checked={closed} onChange={close} />
      <WentWrong error={error} />
      <p>
        <button className="btn btn--main" disabled={isLoading}>
          {closed ? w.name('apart', 'writeItDownAndClose') : w.name('apart', 'writeItDown')}
        </button>
      </p>
    </Form>
  );
};

const Sheet = ({
  row,
  followUps,
  supervisor,
}: {
  row: Mishap;
  followUps: FollowUpRow[];
  supervisor: boolean;
}) => {
  const book = useBook();
  const [ruling, rule] = useState(false);
  const { what, place, who, done, pair, route, amount, symptoms, products } = row.body;
  const severity =
    pair &&
    judgeCombination(
      { groups: [pair.one] },
      { groups: [pair.other] },
      { route: route ?? 'vessel' },
      book,
    ).severity;
  const facts: [string, string | null | undefined][] = [
    [w.name('apart', 'whatMetWhat'), products.join(w.name('apart', 'and')) || null],
    [w.name('apart', 'by'), route && w.name('route', route)],
    [w.name('apart', 'howMuch'), amount],
    [w.name('apart', 'felt'), symptoms],
    [w.name('apart', 'where'), [row.homeName, place].filter(Boolean).join(', ')],
    [w.name('apart', 'noticedBy'), who],
    [w.name('apart', 'done'), done],
  ];
  return (
    <>
      <p className="crumb">
        <b>{w.name('record', row.kind)}</b> · {momentOf(row.at)} ·{' '}
        {w.name('apart', isClosed(followUps) ? 'closedNow' : 'open')}
      </p>
      <p className="verdict__say my-2">{what}</p>
      <dl className="grid grid-cols-[120px_1fr] border-t border-ink">
        {facts.map(
          ([term, value]) =>
            value && (
              <div key={term} className="contents">
                <dt className="small soft border-b border-rule py-1.5">{term}</dt>
                <dd className="border-b border-rule py-1">{value}</dd>
              </div>
            ),
        )}
      </dl>
      {followUps.length > 0 && (
        <section className="mt-4">
          <h2>{w.name('apart', 'whatFollowed')}</h2>
          <ul className="list mt-1">
            {followUps.map((one) => (
              <li key={one.seq} className="py-1.5">
                {one.body.text}{' '}
                <span className="small soft block">
                  {one.body.owner}
                  {one.body.due && w.say('apart.by2', { due: dayOfField(one.body.due) })};{' '}
                  {one.person}, {dayOf(one.at)}
                  {one.body.closed && w.name('apart', 'closed')}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {supervisor && pair && (
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
        </p>
      )}
      {supervisor && <FollowUpForm key={followUps.length} of={row} />}
      <Window open={ruling} title={w.name('apart', 'aRuleOfOurOwn')} onClose={() => rule(false)}>
        {ruling && pair && (
          <RuleForm
            from={{
              one: pair.one,
              other: pair.other,
              route: route ?? null,
              happens: what,
            }}
            onDone={() => rule(false)}
          />
        )}
      </Window>
    </>
  );
};

/** What went wrong anyway, or nearly: looked through, followed up, counted. */
const Log = () => {
  const { data = [], error } = useMishapsQuery();
  const { data: me } = useMeQuery();
  const [chosenId, choose] = useState<string>();
  const [writing, write] = useState(false);
  const rows = useMemo(() => data.filter(isMishap), [data]);
  const chosen = rows.find(({ factId }) => factId === chosenId) ?? rows[0];
  const supervisor = me?.person.role === 'supervisor';
  useKeys({
    n: () => write(true),
    ...walkKeys(
      rows.map(({ factId }) => factId),
      chosen?.factId,
      choose,
    ),
  });
  const today = dateFieldOf(useNow(3_600_000));
  const line = (row: Mishap) => {
    const followUps = followUpsOf(data, row.factId);
    const [newest] = followUps;
    return (
      <li key={row.seq}>
        <button
          className={`list__row ${row === chosen ? 'on-ink' : ''}`}
          aria-current={row === chosen || undefined}
          onClick={() => choose(row.factId)}
        >
          <span className="grid grid-cols-[56px_1fr] gap-x-3">
            <span className="fig small soft">{dayOf(row.at)}</span>
            <span>
              {row.kind === 'incident' && <b>{w.name('apart', 'incident')}</b>}
              {row.body.what}
            </span>
            <span className="small soft col-start-2">
              {[
                pairOf(row),
                row.homeName ?? w.name('apart', 'depot'),
                isClosed(followUps)
                  ? 'closed'
                  : newest
                    ? `${newest.body.owner}${newest.body.due ? w.say('apart.by2', { due: dayOfField(newest.body.due) }) : ''}`
                    : w.name('apart', 'notReviewed'),
              ].join(' · ')}
              {isOverdue(followUps, today) && <b className="ml-2">{w.name('apart', 'overdue')}</b>}
            </span>
          </span>
        </button>
      </li>
    );
  };
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('apart', 'whatHasGoneWrong')}>
        <KeepApartHead title={w.name('apart', 'log')}>
          {supervisor && (
            <p className="flex gap-4">
              <a className="btn btn--quiet" href="/api/mishaps.csv" download>
                {w.name('apart', 'exportCsv')}
              </a>
              <a className="btn btn--quiet" href="/api/mishaps.json" download>
                {w.name('apart', 'exportJson')}
              </a>
            </p>
          )}
        </KeepApartHead>
        <p className="mb-3">
          <button className="btn" onClick={() => write(true)}>
            {rich('apart.writeDownANearMiss', {
              soft: (text: ReactNode) => <span className="key">{text}</span>,
            })}
          </button>
        </p>
        <WentWrong error={error} />
        {rows.length === 0 ? (
          <p className="soft">{w.name('apart', 'nothingYetANearMiss')}</p>
        ) : (
          <ol className="list">{rows.map(line)}</ol>
        )}
        {rows.length > 0 && <Counts rows={rows} />}
      </section>
      <section className="sheet" aria-label={w.name('apart', 'oneOfThem')}>
        {chosen && (
          <Sheet
            key={chosen.factId}
            row={chosen}
            followUps={followUpsOf(data, chosen.factId)}
            supervisor={supervisor}
          />
        )}
        <StandingNote />
      </section>
      <Window
        open={writing}
        title={w.name('apart', 'writeDownANearMiss2')}
        onClose={() => write(false)}
      >
        {writing && <MishapForm kind="near-miss" onDone={() => write(false)} />}
      </Window>
    </main>
  );
};
export default Log;
