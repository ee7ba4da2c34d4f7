import { useState, type FormEvent } from 'react';
import { api } from '../../app/api.ts';
import { written } from '../../ui/checks.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { momentFieldOf } from '../../ui/times.ts';
import type { Pickable } from './KeepApart.tsx';

const aPastTime = (text: string) => (Number.isNaN(Date.parse(text)) ? 'Give a day and a time.' : Date.parse(text) > Date.now() + 60_000 ? 'Only what has happened can be logged.' : null);

/** What met what, where, who, when, and what was done. */
export const MishapForm = ({ kind: first, pair, onDone }: { kind: 'near-miss' | 'incident'; pair: [Pickable, Pickable]; onDone: () => void }) => {
  const { data: me } = api.useMeQuery();
  const { data: homes = [] } = api.useRoundHomesQuery();
  const [kind, setKind] = useState(first);
  const [what, setWhat] = useState('');
  const [homeId, setHomeId] = useState<string | null>(null);
  const [place, setPlace] = useState('');
  const [who, setWho] = useState(me?.person.name ?? '');
  const [when, setWhen] = useState(() => momentFieldOf(Date.now()));
  const [done, setDone] = useState('');
  const [about, setAbout] = useState(true);
  const [logMishap, { error, isLoading }] = api.useLogMishapMutation();
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (written(what) || written(place) || written(who) || written(done) || aPastTime(when)) return;
    const body = { kind, what, products: about ? pair.map((one) => one.name) : [], homeId, place, who, at: Date.parse(when), done };
    const result = await logMishap(body);
    if (!result.error) onDone();
  };
  return (
    <form onSubmit={submit} className="grid gap-4" noValidate>
      <Segments label="Kind" value={kind} onChange={setKind} options={[{ value: 'near-miss', name: 'near miss' }, { value: 'incident', name: 'incident, somebody was hurt or something harmed' }]} />
      <Segments label="About" value={about ? 'pair' : 'other'} onChange={(value) => setAbout(value === 'pair')} options={[{ value: 'pair', name: 'the two picked' }, { value: 'other', name: 'something else' }]} />
      <TextField label="What happened" value={what} onChange={setWhat} check={written} lines={2} autoFocus />
      <div className="grid grid-cols-2 gap-4">
        <Choice label="Home" value={homeId} onChange={setHomeId} options={[{ value: null, name: 'none, at the depot' }, ...homes.map((home) => ({ value: home.id, name: `${home.name}, ${home.place}` }))]} />
        <TextField label="Where" value={place} onChange={setPlace} check={written} />
        <TextField label="Who" value={who} onChange={setWho} check={written} />
        <TextField label="When" type="datetime-local" value={when} onChange={setWhen} check={aPastTime} />
      </div>
      <TextField label="What was done" value={done} onChange={setDone} check={written} lines={2} />
      <WentWrong error={error} />
      <button className="btn btn--main" disabled={isLoading}>Log it</button>
      <p className="small soft">It goes on record as it is written, and is not changed afterwards.</p>
    </form>
  );
};
