import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import type { CheckedSource } from '@zymostat/contract';
import { sources, type Source, type SourceId } from '@zymostat/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { useCheckSourceMutation, useSourcesQuery } from './api.ts';
import { written } from '../../ui/checks.ts';
import { TextField } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { StandingNote, Verdict, WentWrong } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';

/** Says that somebody has compared a publication with what is held of it, and what they found. */
const Compare = ({ source }: { source: SourceId }) => {
  const [note, setNote] = useState('');
  const [check, { error, isLoading }] = useCheckSourceMutation();
  const submit = async () => {
    if (written(note)) return;
    const result = await check({ source, note: note.trim() });
    if (!result.error) setNote('');
  };
  return (
    <Form className="mt-4 border-y border-ink py-3" onSubmit={submit}>
      <TextField
        label={w.name('sources', 'whatYouComparedAndWhat')}
        value={note}
        onChange={setNote}
        check={written}
        lines={2}
        hint={w.name('sources', 'theEditionAndThePage')}
      />
      <WentWrong error={error} />
      <p>
        <button className="btn btn--main" disabled={isLoading}>
          {w.name('sources', 'writeItDown')}
        </button>
      </p>
    </Form>
  );
};

interface SheetProps {
  source: Source & { key: SourceId };
  checks: readonly CheckedSource[];
  supervisor: boolean;
}

const SourceSheet = ({ source, checks, supervisor }: SheetProps) => (
  <>
    <p className="crumb">
      <b>{source.title}</b> · {source.edition}
    </p>
    <Verdict
      say={
        checks.length > 0
          ? w.say('sources.comparedByOn', { by: checks[0]!.by, at: dateOf(checks[0]!.at) })
          : w.name('sources', 'enteredFromMemoryAndNot')
      }
      why={w.name('sources', 'everyFigureFromMemoryWas')}
    />
    <dl className="facts">
      <dt>{w.name('sources', 'takenFromIt')}</dt>
      <dd>{source.for}.</dd>
    </dl>
    {checks.length > 0 && (
      <section className="mt-4" aria-label={w.name('sources', 'whoHasComparedIt')}>
        <h2>{w.name('sources', 'whoHasComparedIt')}</h2>
        <ul className="list mt-1">
          {checks.map(({ by, at, note }) => (
            <li key={at} className="py-1.5">
              <span className="fig small soft mr-3">{dateOf(at)}</span>
              <b className="font-semibold">{by}</b> · {note}
            </li>
          ))}
        </ul>
      </section>
    )}
    {supervisor && <Compare key={source.key} source={source.key} />}
    <p className="small soft mt-4">{w.name('sources', 'ifAPageSaysSomething')}</p>
  </>
);

/** What the figures rest on: every publication, and who has compared it with what is held. */
const Sources = () => {
  const { data: me } = useMeQuery();
  const { data: checked = [], error } = useSourcesQuery();
  const [search, setSearch] = useSearchParams();
  const chosen = sources.find(({ key }) => key === search.get('of')) ?? sources[0];
  const of = (key: string) => checked.filter((one) => one.source === key);
  const open = sources.filter(({ key }) => of(key).length === 0);
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('sources', 'publications')}>
        <p className="crumb">
          {rich('sources.companyWhatOurFiguresRest', { b: (text: ReactNode) => <b>{text}</b> })}
        </p>
        <h1>{w.name('sources', 'sources')}</h1>
        <WentWrong error={error} />
        <p className="mt-1 mb-3">
          {rich('sources.restOnMemory', {
            count: open.length,
            b: (text: ReactNode) => <b>{text}</b>,
          })}
        </p>
        <ol className="list">
          {sources.map((source) => (
            <li key={source.key}>
              <button
                className={`list__row ${source === chosen ? 'on-ink' : ''}`}
                aria-current={source === chosen || undefined}
                onClick={() => setSearch({ of: source.key }, { replace: true })}
              >
                <span className="source__name">
                  <i
                    className={`source__stroke ${of(source.key).length > 0 ? 'source__stroke--full' : ''}`}
                    aria-hidden="true"
                  />
                  <b className="font-semibold">{source.key}</b>
                  <span className="small soft">
                    {of(source.key).length > 0
                      ? w.name('sources', 'compared')
                      : w.name('sources', 'fromMemory')}
                  </span>
                </span>
                <span className="small soft">
                  {source.title}, {source.edition}
                </span>
              </button>
            </li>
          ))}
        </ol>
        <p className="small soft mt-3">{w.name('sources', 'whatIsMarkedCommonPractice')}</p>
      </section>
      <section className="sheet" aria-label={chosen.key}>
        <SourceSheet
          source={chosen}
          checks={of(chosen.key)}
          supervisor={me?.person.role === 'supervisor'}
        />
        <StandingNote />
      </section>
    </main>
  );
};
export default Sources;
