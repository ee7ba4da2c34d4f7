import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type CompanyRuleRow } from '@zymostat/contract';
import { posterLines } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useBookQuery, useReadBookMutation, useWithdrawRuleMutation } from './api.ts';
import { useBook } from '../../api/useBook.ts';
import { useKeys } from '../../ui/useKeys.ts';
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
  const [withdraw, { error }] = useWithdrawRuleMutation();
  const submit = async () => {
    if (written(why)) return;
    const result = await withdraw({ id: rule.id, body: { why } });
    if (!result.error) onDone();
  };
  return (
    <Form onSubmit={submit}>
      <p>{rule.happens}</p>
      <TextField
        label={w.name('apart', 'whyItIsWithdrawn')}
        value={why}
        onChange={setWhy}
        check={written}
        lines={2}
        autoFocus
      />
      <WentWrong error={error} />
      <p className="flex gap-3">
        <button type="button" className="btn btn--main" onClick={onDone}>
          {w.name('apart', 'keepIt')}
        </button>
        <button className="btn">{w.name('apart', 'withdrawIt')}</button>
      </p>
    </Form>
  );
};

const papers = [
  { size: 'A4', name: 'A4' },
  { size: 'A3', name: w.name('apart', 'a3ForTheDepot') },
  { size: 'card', name: w.name('apart', 'cardForTheCaddy') },
] as const;

/**
 * The whole book in plain words, the company's own rules in it, and who has read it as it stands.
 */
const TheBook = () => {
  const { data, error } = useBookQuery();
  const { data: me } = useMeQuery();
  const book = useBook();
  const [adding, add] = useState(false);
  const [leaving, leave] = useState<CompanyRuleRow | null>(null);
  const [read, reading] = useReadBookMutation();
  const supervisor = me?.person.role === 'supervisor';
  useKeys(supervisor ? { n: () => add(true) } : {});
  if (!data || !me)
    return (
      <main className="px-6">
        <WentWrong error={error} />
        <Waiting what={w.name('apart', 'theBook')} />
      </main>
    );
  const mine = me.readEdition === data.edition;
  const have = data.readers.filter(({ edition }) => edition === data.edition).length;
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('apart', 'theBook2')}>
        <KeepApartHead title={w.name('apart', 'theBook2')}>
          <span className="small soft">
            {rich('apart.edition', {
              soft: (text: ReactNode) => <span className="fig">{text}</span>,
              edition: data.edition,
            })}
          </span>
        </KeepApartHead>
        {mine ? (
          <p className="mb-3">
            <b className="met-ink">
              {w.say('apart.youHaveReadEdition', { edition: data.edition })}
            </b>
          </p>
        ) : (
          <div className="notice mb-4">
            <p className="mb-2">
              <b>
                {me.readEdition === null
                  ? w.name('apart', 'readItThroughOnce')
                  : w.say('apart.itHasChangedSinceYou', { readEdition: me.readEdition })}
              </b>{' '}
              {w.name('apart', 'everyRuleIsOnThis')}
            </p>
            <button
              className="btn btn--main"
              disabled={reading.isLoading}
              onClick={() => void read({ edition: data.edition })}
            >
              {w.say('apart.iHaveReadEdition', { edition: data.edition })}
            </button>
            <WentWrong error={reading.error} />
          </div>
        )}
        {supervisor && (
          <section aria-label={w.name('apart', 'whoHasReadIt')}>
            <h2>
              {rich('apart.whoHasReadItOf', {
                soft: (text: ReactNode) => <span className="soft font-normal">{text}</span>,
                have,
                readersCount: data.readers.length,
              })}
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
                          {w.say('apart.edition2', { edition, at: dayOf(at!) })}
                        </span>
                      ) : (
                        <b>
                          {edition === null
                            ? w.name('apart', 'notYet')
                            : w.say('apart.onlyEdition', { edition, at: dayOf(at!) })}
                        </b>
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        )}
        <section className="mt-5" aria-label={w.name('apart', 'ourOwnRules')}>
          <div className="headline">
            <h2>{w.name('apart', 'ourOwnRules')}</h2>
            {supervisor && (
              <button className="btn btn--quiet" onClick={() => add(true)}>
                {rich('apart.addARuleN', {
                  soft: (text: ReactNode) => <span className="key">{text}</span>,
                })}
              </button>
            )}
          </div>
          {data.own.length === 0 && (
            <p className="soft">{w.name('apart', 'noneWhatTheBookHolds')}</p>
          )}
          <ul className="list">
            {data.own.map((rule) => (
              <li key={rule.id} className="py-2">
                <b className="font-semibold">
                  {
                    posterLines(w, book).find(({ own, happens }) => own && happens === rule.happens)
                      ?.pair
                  }
                </b>
                <span className="block">
                  {rule.happens} {rule.remedy}
                </span>
                {supervisor && (
                  <button className="btn btn--quiet" onClick={() => leave(rule)}>
                    {w.name('apart', 'withdraw')}
                  </button>
                )}
              </li>
            ))}
          </ul>
        </section>
        <section className="mt-5" aria-label={w.name('apart', 'onPaper')}>
          <h2>{w.name('apart', 'onPaperAndAsFiles')}</h2>
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
              {w.name('apart', 'csv')}
            </a>
            <a className="btn btn--quiet" href="/api/book.json" download>
              {w.name('apart', 'json')}
            </a>
          </p>
        </section>
      </section>
      <section className="sheet" aria-label={w.name('apart', 'everyRule')} tabIndex={0}>
        <p className="verdict__say my-2">{w.name('apart', 'whatMustNotMeet')}</p>
        <table className="ledger">
          <thead>
            <tr>
              <th>{w.name('apart', 'howBad')}</th>
              <th>{w.name('apart', 'whichTwoByWhichRoutes')}</th>
              <th>{w.name('apart', 'whatHappens')}</th>
              <th>{w.name('apart', 'whatToDo')}</th>
            </tr>
          </thead>
          <tbody>
            {posterLines(w, book).map(({ pair, severity, by, happens, remedy, source, own }) => (
              <tr key={`${pair} ${by} ${happens}`}>
                <td>
                  <Severity is={severity} word={w.name('severity', severity)} />
                </td>
                <td>
                  <b className="font-semibold">{pair}</b>
                  <span className="small soft block">
                    {by}
                    {own && w.name('apart', 'ourOwn')}
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
      <Window open={adding} title={w.name('apart', 'aRuleOfOurOwn')} onClose={() => add(false)}>
        {adding && <RuleForm onDone={() => add(false)} />}
      </Window>
      <Window
        open={leaving !== null}
        title={w.name('apart', 'withdrawThisRule')}
        onClose={() => leave(null)}
      >
        {leaving && <Withdraw rule={leaving} onDone={() => leave(null)} />}
      </Window>
    </main>
  );
};
export default TheBook;
