import { Radio, RadioGroup } from '@headlessui/react';
import { schools, type HouseQuestion, type HouseRules } from '@zymostat/core';
import type { KeyOf } from '@zymostat/words';
import { w } from '../../words/words.ts';

/** A school as the catalogue calls it. */
export const schoolOf = (question: HouseQuestion, school: string) =>
  `${question}.${school}` as KeyOf<'school'>;

interface Props {
  question: HouseQuestion;
  rules: HouseRules;
  onChange: (school: string) => void;
}

/** Where practice differs: the schools, and what each trades. */
export const Question = ({ question, rules, onChange }: Props) => {
  const asks = w.name('houseAsks', question);
  return (
    <RadioGroup className="school" value={rules[question]} onChange={onChange} aria-label={asks}>
      <h2>{asks}</h2>
      {schools[question].map((school, i) => (
        <Radio key={school} value={school} className="school__one">
          <span className="school__mark" aria-hidden="true" />
          <span>
            <b className="font-semibold">{w.name('school', schoolOf(question, school))}</b>{' '}
            {i === 0 && (
              <span className="small soft">{w.name('housePage', 'asSetAtTheStart')}</span>
            )}
            <span className="small soft block">{w.name('trades', schoolOf(question, school))}</span>
          </span>
        </Radio>
      ))}
    </RadioGroup>
  );
};
