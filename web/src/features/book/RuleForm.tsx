import { groupOrAnything } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { groups, routes, type Group, type Route, type Severity } from '@zymostat/core';
import { useState } from 'react';
import { useAddRuleMutation } from './api.ts';
import { written } from '../../ui/checks.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { TextField, Tick } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { WentWrong } from '../../ui/parts.tsx';

interface From {
  one: Group;
  other: Group;
  route: Route | null;
  happens: string;
}

const strict = ['care', 'spoils', 'never'] as const satisfies Severity[];

/** Adds a rule of the company's own. It makes things stricter; nobody can make the book milder. */
export const RuleForm = ({ from, onDone }: { from?: From; onDone: () => void }) => {
  const [one, setOne] = useState<Group>(from?.one ?? 'peroxide');
  const [other, setOther] = useState<Group | 'anything'>(from?.other ?? 'detergent');
  const [severity, setSeverity] = useState<(typeof strict)[number]>('never');
  const [by, setBy] = useState<Route[]>(from?.route ? [from.route] : ['surface']);
  const [happens, setHappens] = useState(from?.happens ?? '');
  const [remedy, setRemedy] = useState('');
  const [addRule, { error, isLoading }] = useAddRuleMutation();
  const named = groups.map((group) => ({ value: group, name: w.name('group', group) }));
  const submit = async () => {
    if (written(happens) || written(remedy) || by.length === 0) return;
    const result = await addRule({
      one,
      other,
      by: Object.fromEntries(by.map((route) => [route, severity])),
      happens,
      remedy,
    });
    if (!result.error) onDone();
  };
  return (
    <Form onSubmit={submit}>
      <div className="grid grid-cols-2 gap-4">
        <Choice label={w.name('apart', 'this')} value={one} onChange={setOne} options={named} />
        <Choice
          label={w.name('apart', 'with2')}
          value={other}
          onChange={setOther}
          options={[...named, { value: 'anything' as const, name: groupOrAnything(w, 'anything') }]}
        />
      </div>
      <Segments
        label={w.name('apart', 'howBad')}
        value={severity}
        onChange={setSeverity}
        options={strict.map((value) => ({ value, name: w.name('severity', value).toLowerCase() }))}
      />
      <fieldset>
        <legend className="field__label">{w.name('apart', 'byWhichRoutes')}</legend>
        <div className="ticks">
          {routes.map((route) => (
            <Tick
              key={route}
              label={w.name('route', route)}
              checked={by.includes(route)}
              onChange={(on) => setBy(on ? [...by, route] : by.filter((known) => known !== route))}
            />
          ))}
        </div>
      </fieldset>
      {by.length === 0 && <p className="small">{w.name('apart', 'atLeastOneRoute')}</p>}
      <TextField
        label={w.name('apart', 'whatHappens')}
        value={happens}
        onChange={setHappens}
        check={written}
        lines={2}
      />
      <TextField
        label={w.name('apart', 'whatToDo')}
        value={remedy}
        onChange={setRemedy}
        check={written}
        lines={2}
      />
      <WentWrong error={error} />
      <button className="btn btn--main" disabled={isLoading}>
        {w.name('apart', 'addItToTheBook')}
      </button>
      <p className="small soft">{w.name('apart', 'itBindsAtOnceAt')}</p>
    </Form>
  );
};
