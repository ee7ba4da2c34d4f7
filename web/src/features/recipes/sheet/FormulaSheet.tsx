import { type StockRow } from '@zymostat/contract';
import type { Claim, FormulaVerdict, HouseRules, MixtureKeeping } from '@zymostat/core';
import { containerWords } from '@zymostat/words';
import type { ReactNode } from 'react';
import { StrengthRule } from '../../../ui/StrengthRule.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { Label } from '../../batches/Label.tsx';
import { leading, spanFor, spoilt, type Made } from '../analysis.ts';
import { Costs } from './Costs.tsx';
import { Fire } from './Fire.tsx';
import { HowSure } from './HowSure.tsx';
import { labelOf } from './labelOf.ts';
import { ReasonLine } from './ReasonLine.tsx';
import { Spoilt } from './Spoilt.tsx';

const DAY = 86_400;
const YEAR = 365 * DAY;

const keepsFor = (seconds: number): string => {
  if (seconds === 0) return w.name('bench', 'notAtAll');
  if (seconds <= DAY) return w.name('bench', 'untilTomorrow');
  if (seconds >= YEAR) return w.say('bench.years', { count: Math.round(seconds / YEAR) });
  return w.say('bench.days', { count: Math.round(seconds / DAY) });
};

const Keeps = ({ keeping }: { keeping: MixtureKeeping }) =>
  rich('bench.in', {
    b: (text) => <b>{text}</b>,
    seconds: keepsFor(keeping.seconds),
    because: w.name('keeping', keeping.because),
    keeping: containerWords(w, keeping),
  });

interface Props {
  made: Made;
  verdict: FormulaVerdict;
  claim: Claim;
  name: string;
  company: string;
  rules: HouseRules;
  stocks: StockRow[];
}

const Strength = ({ made: { formula }, verdict }: Props) => {
  const others = verdict.reasons.filter(({ code }) => !spoilt.has(code));
  return (
    <>
      {others.length === 0 && w.name('bench', 'itClaimsNone')}
      {others.map((reason, i) => (
        <ReasonLine key={i} reason={reason} sourced />
      ))}
      {formula.estimate && w.name('bench', 'twoAlcoholsAnEstimateBetween')}
    </>
  );
};

const LeadRule = ({ made: { formula }, verdict, rules }: Props) => {
  const lead = leading(formula);
  if (!lead) return null;
  return (
    <StrengthRule
      family={lead.family}
      stock={lead.stock}
      span={spanFor(lead.active, rules)}
      batch={Math.round(lead.strength * 1e4) / 1e4}
      otherwise={w.name('mixture', verdict.name)}
    />
  );
};

const Fact = ({ name, children }: { name: string; children: ReactNode }) => (
  <>
    <dt>{name}</dt>
    <dd>{children}</dd>
  </>
);

const Facts = (props: Props) => {
  const { made, verdict, rules, stocks } = props;
  return (
    <dl className="facts">
      <Fact name={w.name('bench', 'strength')}>
        <Strength {...props} />
      </Fact>
      <Fact name={w.name('bench', 'spoiled')}>
        <Spoilt formula={made.formula} verdict={verdict} />
      </Fact>
      <Fact name={w.name('bench', 'fire')}>
        <Fire made={made} />
      </Fact>
      <Fact name={w.name('bench', 'keeps')}>
        <Keeps keeping={made.keeping} />
      </Fact>
      <Fact name={w.name('bench', 'howSure')}>
        <HowSure key={made.portions.map(({ text }) => text).join('\n')} made={made} rules={rules} />
      </Fact>
      <Fact name={w.name('bench', 'cost')}>
        <Costs made={made} stocks={stocks} />
      </Fact>
    </dl>
  );
};

/**
 * What a mixture really is: strength, fire, what reacted, how long it keeps, its label and all that
 * is in it.
 */
export const FormulaSheet = (props: Props) => (
  <div className="makes">
    <div className="min-w-0">
      <LeadRule {...props} />
      <Facts {...props} />
    </div>
    <div>
      <Label label={labelOf(props)} />
      <p className="small soft mt-2">{w.name('bench', 'whatItsLabelWouldHave')}</p>
    </div>
  </div>
);
