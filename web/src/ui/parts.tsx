import { standingNote } from '@zymostat/words';
import { w } from '../words/words.ts';
import type { Goal as GoalName, Outcome, Severity as SeverityName } from '@zymostat/core';
import type { ReactNode } from 'react';
import { problemOf } from '../api/api.ts';
import { useMeQuery } from '../api/me.ts';

/** A word and a shape, never colour alone. */
export const Severity = ({ is, word }: { is: SeverityName | Outcome; word?: string }) => (
  <span className={`severity severity--${is}`}>
    {word ?? (is === 'use' ? w.name('common', 'use') : w.name('severity', is))}
  </span>
);

/** One stroke for clean, three for disinfect. */
export const Goal = ({ is, word = true }: { is: GoalName; word?: boolean }) => (
  <span
    className={`goal goal--${is}`}
    role={word ? undefined : 'img'}
    aria-label={word ? undefined : w.name('goal', is)}
  >
    {word && w.name('goal', is)}
  </span>
);

/** The sentence a sheet begins with, why, and the one primary action. */
export const Verdict = ({
  say,
  why,
  children,
}: {
  say: ReactNode;
  why?: ReactNode;
  children?: ReactNode;
}) => (
  <div className="verdict my-2">
    <p className="verdict__say" role="status">
      {say}
    </p>
    {children}
    {why && <p className="verdict__why">{why}</p>}
  </div>
);

export const StandingNote = () => {
  const { data } = useMeQuery();
  return (
    <p className="standing-note">
      {standingNote(w, data?.company.poisonLine ?? w.name('common', 'onTheLabel'))}
    </p>
  );
};

/** What went wrong with a call, in the server's own words. */
export const WentWrong = ({ error }: { error: unknown }) => {
  if (!error) return null;
  const { title, detail } = problemOf(error);
  return (
    <p role="alert" className="notice my-2">
      <b>{title}.</b> {detail}
    </p>
  );
};

/** Shown while a sheet's data is on its way. */
export const Waiting = ({ what }: { what: string }) => (
  <p className="soft py-6" role="status">
    {w.say('common.fetching', { what })}
  </p>
);
