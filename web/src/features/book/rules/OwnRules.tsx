import { type CompanyRuleRow } from '@zymostat/contract';
import { posterLines } from '@zymostat/words';
import { useState } from 'react';
import { useBook } from '../../../api/useBook.ts';
import { written } from '../../../ui/form/checks.ts';
import { TextField } from '../../../ui/form/Field.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { WentWrong } from '../../../ui/parts.tsx';
import { Window } from '../../../ui/Window.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { useWithdrawRuleMutation } from '../api.ts';

/** A rule is withdrawn with a reason; it stays on the record. */
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

interface ListProps {
  own: CompanyRuleRow[];
  mayChange: boolean;
  onWithdraw: (rule: CompanyRuleRow) => void;
}

const List = ({ own, mayChange, onWithdraw }: ListProps) => {
  const lines = posterLines(w, useBook());
  const pairOf = ({ happens }: CompanyRuleRow) =>
    lines.find((line) => line.own && line.happens === happens)?.pair;
  return (
    <ul className="list">
      {own.map((rule) => (
        <li key={rule.id} className="py-2">
          <b className="font-semibold">{pairOf(rule)}</b>
          <span className="block">
            {rule.happens} {rule.remedy}
          </span>
          {mayChange && (
            <button className="btn btn--quiet" onClick={() => onWithdraw(rule)}>
              {w.name('apart', 'withdraw')}
            </button>
          )}
        </li>
      ))}
    </ul>
  );
};

interface Props {
  own: CompanyRuleRow[];
  mayChange: boolean;
  onAdd: () => void;
}

/** The company's own rules, which only make the book stricter. */
export const OwnRules = ({ own, mayChange, onAdd }: Props) => {
  const [leaving, leave] = useState<CompanyRuleRow | null>(null);
  const stay = () => leave(null);
  return (
    <section className="mt-5" aria-label={w.name('apart', 'ourOwnRules')}>
      <div className="headline">
        <h2>{w.name('apart', 'ourOwnRules')}</h2>
        {mayChange && (
          <button className="btn btn--quiet" onClick={onAdd}>
            {rich('apart.addARuleN', { soft: (text) => <span className="key">{text}</span> })}
          </button>
        )}
      </div>
      {own.length === 0 && <p className="soft">{w.name('apart', 'noneWhatTheBookHolds')}</p>}
      <List own={own} mayChange={mayChange} onWithdraw={leave} />
      <Window open={leaving !== null} title={w.name('apart', 'withdrawThisRule')} onClose={stay}>
        {leaving && <Withdraw rule={leaving} onDone={stay} />}
      </Window>
    </section>
  );
};
