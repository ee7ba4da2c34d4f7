import type { Answer } from '@zymostat/contract';
import { Link } from 'react-router';
import { Verdict, WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { schoolOf } from './Question.tsx';
import type { HouseRulesChange } from './useHouseRules.ts';

type Effect = Answer<'ruleEffects'>[number];
type Flag = Effect['flags'][number];

const sayOf = ({ changes, effects }: HouseRulesChange): string => {
  if (changes.length === 0) return w.name('housePage', 'whichSchoolDoWeFollow');
  if (!effects) return w.name('housePage', 'lookingThroughTheApprovedProtocols');
  const flagged = effects.reduce((sum, { flags }) => sum + flags.length, 0);
  return flagged === 0
    ? w.name('housePage', 'noApprovedProtocolChangesBy')
    : w.say('housePage.approvedWouldHaveToBe', { flagged });
};

const flagInWords = ({ why, now, approved }: Flag): string =>
  why === 'longer' || why === 'shorter'
    ? w.say('housePage.minApproved', {
        why: w.name('flag', why),
        now: Math.ceil(now / 60),
        approved: Math.ceil(approved / 60),
      })
    : w.name('flag', why);

const AtHome = ({ of: { homeId, homeName, flags } }: { of: Effect }) => (
  <section className="mb-3">
    <h3>
      <Link to={`/homes/${homeId}/protocol`}>{homeName}</Link>
    </h3>
    <table className="ledger table-fixed">
      <tbody>
        {flags.map((flag) => (
          <tr key={flag.surfaceId}>
            <td>{flag.roomName}</td>
            <td>{flag.surfaceName}</td>
            <td>{flagInWords(flag)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  </section>
);

const Changed = ({ changes, stands, rules }: HouseRulesChange) => (
  <ul className="mb-4 grid gap-1">
    {changes.map((question) => (
      <li key={question}>
        <b className="font-semibold">{w.name('houseAsks', question)}</b>{' '}
        {w.name('school', schoolOf(question, stands[question]))} →{' '}
        {w.name('school', schoolOf(question, rules[question]))}
      </li>
    ))}
  </ul>
);

/** What a change makes untrue, shown before it is saved. */
export const WhatItDoes = (change: HouseRulesChange) => {
  const { changes, effects, busy, submit, leave, error } = change;
  const any = changes.length > 0;
  const why = any
    ? w.name('housePage', 'approvedProtocolsStayAsThey')
    : w.name('housePage', 'eachChoiceSaysWhatIt');
  return (
    <>
      <Verdict say={sayOf(change)} why={why}>
        {any && (
          <button className="btn btn--main" disabled={busy || !effects} onClick={submit}>
            {w.say('housePage.saveThe', { count: changes.length })}
          </button>
        )}
      </Verdict>
      {any && (
        <p className="mb-3">
          <button className="btn btn--quiet" onClick={leave}>
            {w.name('housePage', 'leaveItAsItWas')}
          </button>
        </p>
      )}
      <WentWrong error={error} />
      {any && <Changed {...change} />}
      {effects?.map((effect) => (
        <AtHome key={effect.homeId} of={effect} />
      ))}
    </>
  );
};
