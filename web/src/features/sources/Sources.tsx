import type { CheckedSource } from '@zymostat/contract';
import { sources, type Source, type SourceId } from '@zymostat/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api } from '../../app/api.ts';
import { written } from '../../ui/checks.ts';
import { TextField } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { StandingNote, Verdict, WentWrong } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';

/** Says that somebody has compared a publication with what is held of it, and what they found. */
const Compare = ({ source }: { source: SourceId }) => {
  const [note, setNote] = useState('');
  const [check, { error, isLoading }] = api.useCheckSourceMutation();
  const submit = async () => {
    if (written(note)) return;
    const result = await check({ source, note: note.trim() });
    if (!result.error) setNote('');
  };
  return (
    <Form className="mt-4 border-y border-ink py-3" onSubmit={submit}>
      <TextField
        label="What you compared, and what it says"
        value={note}
        onChange={setNote}
        check={written}
        lines={2}
        hint="The edition and the page, and whether it says the same. It stays on record with your name."
      />
      <WentWrong error={error} />
      <p>
        <button className="btn btn--main" disabled={isLoading}>
          Write it down
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
          ? `Compared by ${checks[0]!.by} on ${dateOf(checks[0]!.at)}.`
          : 'Entered from memory, and not yet compared with the page.'
      }
      why="Every figure from memory was entered on the careful side. Writing down what you found changes no figure."
    />
    <dl className="facts">
      <dt>Taken from it</dt>
      <dd>{source.for}.</dd>
    </dl>
    {checks.length > 0 && (
      <section className="mt-4" aria-label="Who has compared it">
        <h2>Who has compared it</h2>
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
    <p className="small soft mt-4">
      If a page says something else, use the more careful of the two, tell whoever keeps this
      application, and write it down here.
    </p>
  </>
);

/** What the figures rest on: every publication, and who has compared it with what is held. */
const Sources = () => {
  const { data: me } = api.useMeQuery();
  const { data: checked = [], error } = api.useSourcesQuery();
  const [search, setSearch] = useSearchParams();
  const chosen = sources.find(({ key }) => key === search.get('of')) ?? sources[0];
  const of = (key: string) => checked.filter((one) => one.source === key);
  const open = sources.filter(({ key }) => of(key).length === 0);
  return (
    <main className="leaves">
      <section className="leaf" aria-label="Publications">
        <p className="crumb">
          <b>Company</b> · what our figures rest on
        </p>
        <h1>Sources</h1>
        <WentWrong error={error} />
        <p className="mt-1 mb-3">
          <b>
            <span className="fig">{open.length}</span>{' '}
            {open.length === 1 ? 'publication rests' : 'publications rest'}
          </b>{' '}
          on memory, not yet compared with the page.
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
                    {of(source.key).length > 0 ? 'compared' : 'from memory'}
                  </span>
                </span>
                <span className="small soft">
                  {source.title}, {source.edition}
                </span>
              </button>
            </li>
          ))}
        </ol>
        <p className="small soft mt-3">
          What is marked “common practice, no source” is a rule of the trade: there is no page to
          compare it with.
        </p>
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
