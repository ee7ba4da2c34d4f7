import type { Answer } from '@zymostat/contract';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { Verdict, WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import {
  useChangeRoleMutation,
  useLeaveMutation,
  useNewPasswordForMutation,
  useSessionsOfQuery,
} from './api.ts';
import { Code } from './Code.tsx';
import { Sessions } from './Sessions.tsx';

export type PersonRow = Answer<'people'>[number];

/** Somebody leaves: asked once, since the name goes for good. */
const Leaving = ({ of: { id, name, revision } }: { of: PersonRow }) => {
  const [asked, ask] = useState(false);
  const [leave, { error }] = useLeaveMutation();
  return (
    <section className="my-4">
      {asked ? (
        <>
          <p className="notice">{w.name('team', 'leaving')}</p>
          <p className="mt-3 flex gap-3">
            <button className="btn" onClick={() => void leave({ id, seen: revision })}>
              {w.say('team.yesLeft', { name })}
            </button>
            <button className="btn" onClick={() => ask(false)}>
              {w.name('team', 'no')}
            </button>
          </p>
        </>
      ) : (
        <button className="btn btn--quiet" onClick={() => ask(true)}>
          {w.say('team.hasLeft', { name })}
        </button>
      )}
      <WentWrong error={error} />
    </section>
  );
};

const OtherRole = ({ of: { id, name, role, revision } }: { of: PersonRow }) => {
  const [change, { error, isLoading }] = useChangeRoleMutation();
  const to = role === 'cleaner' ? 'supervisor' : 'cleaner';
  return (
    <>
      <button
        className="btn"
        disabled={isLoading}
        onClick={() => void change({ id, body: { role: to }, seen: revision })}
      >
        {w.say('team.makeRole', { name, role: w.name('roleName', to) })}
      </button>
      <WentWrong error={error} />
    </>
  );
};

/** One person: what they may do, where they are signed in, and what a supervisor changes of it. */
export const PersonSheet = ({ of: person, self }: { of: PersonRow; self: boolean }) => {
  const { data: sessions = [] } = useSessionsOfQuery(person.id);
  const [forget, { data: invited, error }] = useNewPasswordForMutation();
  const may = person.role === 'cleaner' ? 'cleanerMay' : 'supervisorMay';
  return (
    <>
      <p className="crumb">
        <b>{person.name}</b> · {w.name('roleName', person.role)}
        {person.login && ` · ${person.login}`}
      </p>
      <Verdict say={person.name} why={w.name('team', may)} />
      {!self && person.leftAt === null && (
        <>
          <p className="flex flex-wrap gap-3">
            <OtherRole of={person} />
            <button
              className="btn"
              onClick={() => void forget({ id: person.id, body: { id: newId() } })}
            >
              {w.name('team', 'forgotten')}
            </button>
          </p>
          <WentWrong error={error} />
          {invited && <Code of={invited} />}
        </>
      )}
      {person.leftAt === null && <Sessions of={sessions} />}
      {!self && person.leftAt === null && <Leaving of={person} />}
    </>
  );
};
