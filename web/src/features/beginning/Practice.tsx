import '../houseRules/houseRules.css';
import type { Me } from '@zymostat/contract';
import { houseQuestions, schools, type HouseQuestion } from '@zymostat/core';
import { useState } from 'react';
import { Verdict, WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { Question, schoolOf } from '../houseRules/Question.tsx';
import { useSetHouseRulesMutation } from '../protocols/api.ts';
import { useAnswerQuestionsMutation } from './api.ts';

interface Props {
  me: Me;
  answered: readonly HouseQuestion[];
}

const AnsweredRow = ({
  me,
  question,
  onChange,
}: {
  me: Me;
  question: HouseQuestion;
  onChange: () => void;
}) => (
  <li className="asked">
    <b>{w.name('houseAsks', question)}</b>
    <span>{w.name('school', schoolOf(question, me.company.houseRules[question]))}</span>
    <button
      className="btn btn--quiet"
      onClick={onChange}
      aria-label={`${w.name('begin', 'change')}: ${w.name('houseAsks', question)}`}
    >
      {w.name('begin', 'change')}
    </button>
  </li>
);

/** Answers one question: the rule where it is another one, and that it was looked at. */
const useAnswering = ({ company: { houseRules, revision } }: Me) => {
  const [save, saving] = useSetHouseRulesMutation();
  const [answer, answering] = useAnswerQuestionsMutation();
  return {
    busy: saving.isLoading || answering.isLoading,
    error: saving.error ?? answering.error,
    keep: async (question: HouseQuestion, school: string): Promise<boolean> => {
      const changed = houseRules[question] !== school;
      const body = { ...houseRules, [question]: school };
      if (changed && (await save({ body, seen: revision })).error) return false;
      return !(await answer({ questions: [question] })).error;
    },
    /** The careful one is what stands until somebody has chosen. */
    keepAll: (questions: readonly HouseQuestion[]) => void answer({ questions: [...questions] }),
  };
};

interface LeftProps {
  left: readonly HouseQuestion[];
  asked: HouseQuestion | undefined;
  busy: boolean;
  onCareful: () => void;
}

/** What is still to be answered, and taking the careful answer for all of it. */
const StillLeft = ({ left, asked, busy, onCareful }: LeftProps) => (
  <>
    <ul className="my-3 grid gap-x-6 sm:grid-cols-2" aria-label={w.name('begin', 'next')}>
      {left
        .filter((question) => question !== asked)
        .map((question) => (
          <li key={question} className="soft border-b border-rule py-1">
            {w.name('houseAsks', question)}
          </li>
        ))}
    </ul>
    <p className="flex flex-wrap items-baseline gap-3">
      <button className="btn btn--quiet" disabled={busy} onClick={onCareful}>
        {w.name('begin', 'carefulForTheRest')}
      </button>
      <span className="small soft">{w.name('begin', 'whatYouGet')}</span>
    </p>
  </>
);

/** Where good cleaners differ: one question after the other, each with what it trades. */
export const Practice = ({ me, answered }: Props) => {
  const { busy, error, keep, keepAll } = useAnswering(me);
  const [again, askAgain] = useState<HouseQuestion | null>(null);
  const [chosen, choose] = useState<{ question: HouseQuestion; school: string } | null>(null);
  const left = houseQuestions.filter((question) => !answered.includes(question));
  const asked = again ?? left[0];
  const stands = me.company.houseRules;
  const school = chosen && chosen.question === asked ? chosen.school : asked && stands[asked];
  const keepIt = async () => {
    if (asked && school && (await keep(asked, school))) askAgain(null);
  };
  return (
    <>
      <p className="crumb">
        <b>{w.name('stop', 'practice')}</b> · {w.name('begin', 'chooseOnce')}
      </p>
      <Verdict say={w.say('begin.questionsLeft', { left: left.length })}>
        {asked && (
          <button className="btn btn--main" disabled={busy} onClick={() => void keepIt()}>
            {w.name('begin', 'keepNext')}
          </button>
        )}
      </Verdict>
      <WentWrong error={error} />
      <ol>
        {houseQuestions
          .filter((question) => answered.includes(question) && question !== again)
          .map((question) => (
            <AnsweredRow
              key={question}
              me={me}
              question={question}
              onChange={() => askAgain(question)}
            />
          ))}
      </ol>
      {asked && school && (
        <div className="border-y border-ink">
          <Question
            key={asked}
            question={asked}
            rules={{ ...stands, [asked]: school }}
            onChange={(to) => choose({ question: asked, school: to })}
          />
        </div>
      )}
      {left.length > 1 && (
        <StillLeft
          left={left}
          asked={asked}
          busy={busy}
          onCareful={() => keepAll(left.filter((one) => stands[one] === schools[one][0]))}
        />
      )}
    </>
  );
};
