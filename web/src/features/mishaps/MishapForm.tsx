import { w } from '../../words/words.ts';
import { routes, type Group, type Route } from '@zymostat/core';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useLogMishapMutation } from './api.ts';
import { useRoundHomesQuery } from '../rounds/api.ts';
import { written } from '../../ui/checks.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { momentFieldOf } from '../../ui/times.ts';
import { usePickables, type Pickable } from '../book/pickables.ts';

const aPastTime = (text: string) =>
  Number.isNaN(Date.parse(text))
    ? w.name('apart', 'giveADayAndA')
    : Date.parse(text) > Date.now() + 60_000
      ? w.name('apart', 'onlyWhatHasHappenedCan')
      : null;

const groupOf = ({ product }: Pickable): Group => product.groups[0]!;

/**
 * What met what, by which route, where, who noticed, how much, what was felt, and what was done.
 */
export const MishapForm = ({
  kind: first,
  pair,
  onDone,
}: {
  kind: 'near-miss' | 'incident';
  pair?: [Pickable, Pickable];
  onDone: () => void;
}) => {
  const { data: me } = useMeQuery();
  const { data: homes = [] } = useRoundHomesQuery();
  const { all, find } = usePickables();
  const [kind, setKind] = useState(first);
  const [what, setWhat] = useState('');
  const [one, setOne] = useState<string | null>(pair?.[0].key ?? null);
  const [other, setOther] = useState<string | null>(pair?.[1].key ?? null);
  const [route, setRoute] = useState<Route | null>(null);
  const [amount, setAmount] = useState('');
  const [symptoms, setSymptoms] = useState('');
  const [homeId, setHomeId] = useState<string | null>(null);
  const [place, setPlace] = useState('');
  const [who, setWho] = useState(me?.person.name ?? '');
  const [when, setWhen] = useState(() => momentFieldOf(Date.now()));
  const [done, setDone] = useState('');
  const [logMishap, { error, isLoading }] = useLogMishapMutation();
  const options = [
    { value: null, name: w.name('apart', 'notKnown') },
    ...all.map(({ key, name }) => ({ value: key, name })),
  ];
  const submit = async () => {
    if (written(what) || written(place) || written(who) || written(done) || aPastTime(when)) return;
    const [a, b] = [find(one), find(other)];
    const result = await logMishap({
      kind,
      what,
      homeId,
      place,
      who,
      at: Date.parse(when),
      done,
      products: [a, b].flatMap((given) => (given ? [given.name] : [])),
      pair: a && b ? { one: groupOf(a), other: groupOf(b) } : null,
      route,
      amount: amount.trim() || null,
      symptoms: symptoms.trim() || null,
    });
    if (!result.error) onDone();
  };
  return (
    <Form onSubmit={submit}>
      <Segments
        label={w.name('apart', 'kind')}
        value={kind}
        onChange={setKind}
        options={[
          { value: 'near-miss', name: w.name('apart', 'nearMiss') },
          { value: 'incident', name: w.name('apart', 'incidentSomebodyWasHurtOr') },
        ]}
      />
      <TextField
        label={w.name('apart', 'whatHappened')}
        value={what}
        onChange={setWhat}
        check={written}
        lines={2}
        autoFocus
      />
      <div className="grid grid-cols-2 gap-4">
        <Choice
          label={w.name('apart', 'whatMet')}
          value={one}
          onChange={setOne}
          options={options}
        />
        <Choice
          label={w.name('apart', 'andWhat')}
          value={other}
          onChange={setOther}
          options={options}
        />
        <Choice
          label={w.name('apart', 'how')}
          value={route}
          onChange={setRoute}
          options={[
            { value: null, name: w.name('apart', 'notKnown') },
            ...routes.map((by) => ({ value: by, name: w.name('route', by) })),
          ]}
        />
        <TextField label={w.name('apart', 'howMuch')} value={amount} onChange={setAmount} />
        <Choice
          label={w.name('apart', 'home')}
          value={homeId}
          onChange={setHomeId}
          options={[
            { value: null, name: w.name('apart', 'noneAtTheDepot') },
            ...homes.map((home) => ({ value: home.id, name: `${home.name}, ${home.place}` })),
          ]}
        />
        <TextField
          label={w.name('apart', 'where')}
          value={place}
          onChange={setPlace}
          check={written}
        />
        <TextField label={w.name('apart', 'who')} value={who} onChange={setWho} check={written} />
        <TextField
          label={w.name('apart', 'when')}
          type="datetime-local"
          value={when}
          onChange={setWhen}
          check={aPastTime}
        />
      </div>
      <TextField
        label={w.name('apart', 'whatSomebodyFeltCoughEyes')}
        value={symptoms}
        onChange={setSymptoms}
      />
      <TextField
        label={w.name('apart', 'whatWasDone')}
        value={done}
        onChange={setDone}
        check={written}
        lines={2}
      />
      <WentWrong error={error} />
      <button className="btn btn--main" disabled={isLoading}>
        {w.name('apart', 'logIt')}
      </button>
      <p className="small soft">{w.name('apart', 'itGoesOnRecordAs')}</p>
    </Form>
  );
};
