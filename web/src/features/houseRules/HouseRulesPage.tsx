import './houseRules.css';
import type { Me } from '@zymostat/contract';
import { houseQuestions } from '@zymostat/core';
import { useMeQuery } from '../../api/me.ts';
import { StandingNote, Waiting } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { CompanyTabs } from '../people/CompanyTabs.tsx';
import { Question } from './Question.tsx';
import { useHouseRules } from './useHouseRules.ts';
import { WhatItDoes } from './WhatItDoes.tsx';

const Shown = ({ me }: { me: Me }) => {
  const change = useHouseRules(me);
  const { rules, choose } = change;
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('housePage', 'houseRules')}>
        <CompanyTabs />
        <div className="headline">
          <h1>{w.name('housePage', 'houseRules')}</h1>
        </div>
        {houseQuestions.map((question) => (
          <Question
            key={question}
            question={question}
            rules={rules}
            onChange={(school) => choose({ [question]: school })}
          />
        ))}
      </section>
      <section className="sheet" aria-label={w.name('housePage', 'whatAChangeDoes')}>
        <WhatItDoes {...change} />
        <StandingNote />
      </section>
    </main>
  );
};

/**
 * Which school the company follows where practice differs; what a change makes untrue is shown
 * before it is saved.
 */
const HouseRulesPage = () => {
  const { data: me } = useMeQuery();
  if (me) return <Shown me={me} />;
  return (
    <main className="px-6">
      <Waiting what={w.name('housePage', 'theHouseRules')} />
    </main>
  );
};
export default HouseRulesPage;
