import type { CheckedSource } from '@zymostat/contract';
import type { Source, SourceId } from '@zymostat/core';
import { useState } from 'react';
import { written } from '../../ui/form/checks.ts';
import { TextField } from '../../ui/form/Field.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { Verdict, WentWrong } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { useCheckSourceMutation } from './api.ts';

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

const WhoCompared = ({ checks }: { checks: readonly CheckedSource[] }) =>
  checks.length > 0 && (
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
  );

const sayOf = ([newest]: readonly CheckedSource[]): string =>
  newest
    ? w.say('sources.comparedByOn', { by: newest.by, at: dateOf(newest.at) })
    : w.name('sources', 'enteredFromMemoryAndNot');

interface Props {
  source: Source & { key: SourceId };
  checks: readonly CheckedSource[];
  supervisor: boolean;
}

/** One publication: what is taken from it, and who has compared it with the page. */
export const SourceSheet = ({ source, checks, supervisor }: Props) => (
  <>
    <p className="crumb">
      <b>{source.title}</b> · {source.edition}
    </p>
    <Verdict say={sayOf(checks)} why={w.name('sources', 'everyFigureFromMemoryWas')} />
    <dl className="facts">
      <dt>{w.name('sources', 'takenFromIt')}</dt>
      <dd>{source.for}.</dd>
    </dl>
    <WhoCompared checks={checks} />
    {supervisor && <Compare key={source.key} source={source.key} />}
    <p className="small soft mt-4">{w.name('sources', 'ifAPageSaysSomething')}</p>
  </>
);
