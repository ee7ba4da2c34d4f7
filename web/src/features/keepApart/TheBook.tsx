import { posterLines, severityNames, type CompanyRuleRow } from '@zymostat/contract';
import { useState } from 'react';
import { api } from '../../app/api.ts';
import { useBook } from '../../app/useBook.ts';
import { useKeys } from '../../app/useKeys.ts';
import { written } from '../../ui/checks.ts';
import { TextField } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { Severity, StandingNote, Waiting, WentWrong } from '../../ui/parts.tsx';
import { dayOf } from '../../ui/times.ts';
import { Window } from '../../ui/Window.tsx';
import { KeepApartHead } from './KeepApartHead.tsx';
import { RuleForm } from './RuleForm.tsx';

const Withdraw = ({ rule, onDone }: { rule: CompanyRuleRow; onDone: () => void }) => {
  const [why, setWhy] = useState('');
  const [withdraw, { error }] = api.useWithdrawRuleMutation();
  const submit = async () => {
    if (written(why)) return;
    const result = await withdraw({ id: rule.id, body: { why } });
    if (!result.error) onDone();
  };
  return (
    <Form onSubmit={submit}>
      <p>{rule.happens}</p>
      <TextField
        label="Why it is withdrawn"
        value={why}
        onChange={setWhy}
        check={written}
        lines={2}
        autoFocus
      />
      <WentWrong error={error} />
      <p className="flex gap-3">
        <button type="button" className="btn btn--main" onClick={onDone}>
          Keep it
        </button>
        <button className="btn">Withdraw it</button>
      </p>
    </Form>
  );
};

const papers = [
  { size: 'A4', name: 'A4' },
  { size: 'A3', name: 'A3, for the depot' },
  { size: 'card', name: 'card, for the caddy' },
] as const;

/**
 * The whole book in plain words, the company's own rules in it, and who has read it as it stands.
 */
const TheBook = () => {
  const { data, error } = api.useBookQuery();
  const { data: me } = api.useMeQuery();
  const book = useBook();
  const [adding, add] = useState(false);
  const [leaving, leave] = useState<CompanyRuleRow | null>(null);
  const [read, reading] = api.useReadBookMutation();
  const supervisor = me?.person.role === 'supervisor';
  useKeys(supervisor ? { n: () => add(true) } : {});
  if (!data || !me)
    return (
      <main className="px-6">
        <WentWrong error={error} />
        <Waiting what="the book" />
      </main>
    );
  const mine = me.readEdition === data.edition;
  const have = data.readers.filter(({ edition }) => edition === data.edition).length;
  return (
    <main className="leaves">
      <section className="leaf" aria-label="The book">
        <KeepApartHead title="The book">
          <span className="small soft">
            edition <span className="fig">{data.edition}</span>
          </span>
        </KeepApartHead>
        {mine ? (
          <p className="mb-3">
            <b className="met-ink">You have read edition {data.edition}.</b>
          </p>
        ) : (
          <div className="notice mb-4">
            <p className="mb-2">
              <b>
                {me.readEdition === null
                  ? 'Read it through once.'
                  : `It has changed since you read edition ${me.readEdition}.`}
              </b>{' '}
              Every rule is on this page.
            </p>
            <button
              className="btn btn--main"
              disabled={reading.isLoading}
              onClick={() => void read({ edition: data.edition })}
            >
              I have read edition {data.edition}
            </button>
            <WentWrong error={reading.error} />
          </div>
        )}
        {supervisor && (
          <section aria-label="Who has read it">
            <h2>
              Who has read it{' '}
              <span className="soft font-normal">
                {have} of {data.readers.length}
              </span>
            </h2>
            <table className="ledger mt-1">
              <tbody>
                {data.readers.map(({ personId, name, role, edition, at }) => (
                  <tr key={personId}>
                    <td>
                      <b className="font-semibold">{name}</b>{' '}
                      <span className="small soft">{role}</span>
                    </td>
                    <td>
                      {edition === data.edition ? (
                        <span className="met-ink">
                          edition {edition}, {dayOf(at!)}
                        </span>
                      ) : (
                        <b>
                          {edition === null ? 'not yet' : `only edition ${edition}, ${dayOf(at!)}`}
                        </b>
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        )}
        <section className="mt-5" aria-label="Our own rules">
          <div className="headline">
            <h2>Our own rules</h2>
            {supervisor && (
              <button className="btn btn--quiet" onClick={() => add(true)}>
                Add a rule <span className="key">n</span>
              </button>
            )}
          </div>
          {data.own.length === 0 && (
            <p className="soft">None. What the book holds for everybody stands on the right.</p>
          )}
          <ul className="list">
            {data.own.map((rule) => (
              <li key={rule.id} className="py-2">
                <b className="font-semibold">
                  {
                    posterLines(book).find(({ own, happens }) => own && happens === rule.happens)
                      ?.pair
                  }
                </b>
                <span className="block">
                  {rule.happens} {rule.remedy}
                </span>
                {supervisor && (
                  <button className="btn btn--quiet" onClick={() => leave(rule)}>
                    Withdraw
                  </button>
                )}
              </li>
            ))}
          </ul>
        </section>
        <section className="mt-5" aria-label="On paper">
          <h2>On paper and as files</h2>
          <p className="mt-2 flex flex-wrap gap-3">
            {papers.map(({ size, name }) => (
              <a
                key={size}
                className="btn"
                href={`/api/book/poster.pdf?size=${size}`}
                target="_blank"
                rel="noreferrer"
              >
                {name}
              </a>
            ))}
            <a className="btn btn--quiet" href="/api/book.csv" download>
              CSV
            </a>
            <a className="btn btn--quiet" href="/api/book.json" download>
              JSON
            </a>
          </p>
        </section>
      </section>
      <section className="sheet" aria-label="Every rule" tabIndex={0}>
        <p className="verdict__say my-2">What must not meet</p>
        <table className="ledger">
          <thead>
            <tr>
              <th>How bad</th>
              <th>Which two, by which routes</th>
              <th>What happens</th>
              <th>What to do</th>
            </tr>
          </thead>
          <tbody>
            {posterLines(book).map(({ pair, severity, by, happens, remedy, source, own }) => (
              <tr key={`${pair} ${by} ${happens}`}>
                <td>
                  <Severity is={severity} word={severityNames[severity]} />
                </td>
                <td>
                  <b className="font-semibold">{pair}</b>
                  <span className="small soft block">
                    {by}
                    {own && ' · our own'}
                  </span>
                </td>
                <td>
                  {happens} <span className="small soft">{source}</span>
                </td>
                <td>{remedy}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <StandingNote />
      </section>
      <Window open={adding} title="A rule of our own" onClose={() => add(false)}>
        {adding && <RuleForm onDone={() => add(false)} />}
      </Window>
      <Window open={leaving !== null} title="Withdraw this rule?" onClose={() => leave(null)}>
        {leaving && <Withdraw rule={leaving} onDone={() => leave(null)} />}
      </Window>
    </main>
  );
};
export default TheBook;
