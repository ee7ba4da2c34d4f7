import { somethingElse, type MaterialId } from '@zymostat/core';
import { useState } from 'react';
import { Choice } from '../../../ui/form/Choice.tsx';
import { w } from '../../../words/words.ts';

type Answers = Parameters<typeof somethingElse>[0];

const notAsked: Answers = { soaksUp: null, finished: null, bearsAcidOrSolvent: null };

/** Three questions for what nobody can name; an answer that is missing counts as the worse. */
export const SomethingElse = ({ onChange }: { onChange: (id: MaterialId) => void }) => {
  const [answers, setAnswers] = useState(notAsked);
  const answer = (to: Partial<Answers>) => {
    const next = { ...answers, ...to };
    setAnswers(next);
    onChange(somethingElse(next));
  };
  const ask = (label: string, key: keyof Answers) => (
    <Choice
      label={label}
      value={answers[key]}
      onChange={(value) => answer({ [key]: value })}
      options={[
        { value: null, name: w.name('survey', 'notKnown') },
        { value: true, name: w.name('homes', 'yes') },
        { value: false, name: w.name('homes', 'no') },
      ]}
    />
  );
  return (
    <div className="grid gap-3 border-l-2 border-rule pl-3">
      {ask(w.name('survey', 'doesItSoakUpA'), 'soaksUp')}
      {ask(w.name('survey', 'isItPaintedLacqueredOr'), 'finished')}
      {ask(w.name('survey', 'doesItsMakerAllowAcid'), 'bearsAcidOrSolvent')}
    </div>
  );
};
