import type { Formula, FormulaVerdict } from '@zymostat/core';
import type { ReactNode } from 'react';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { spoilt } from '../analysis.ts';
import { ReasonLine } from './ReasonLine.tsx';

const b = (text: ReactNode) => <b className="fig">{text}</b>;

const Gas = ({ gas, volume, pressure }: Formula['gas'][number]) => (
  <span className="block">
    {rich('bench.upToLOfIn', {
      b,
      volume: (volume * 1000).toFixed(volume < 0.01 ? 2 : 1),
      gas: w.name('gas', gas),
      pressure: pressure.toFixed(pressure >= 10 ? 0 : 1),
    })}
  </span>
);

/** Each reaction once. */
const happened = ({ reactions }: Formula) => [...new Set(reactions.map(({ id }) => id))];

/** What spoils it, what it gives off, what has happened in it. */
export const Spoilt = ({ formula, verdict }: { formula: Formula; verdict: FormulaVerdict }) => {
  const spoiling = verdict.reasons.filter(({ code }) => spoilt.has(code));
  return (
    <>
      {spoiling.length === 0 && w.name('bench', 'noRuleIsKnownThat')}
      {spoiling.map((reason, i) => (
        <ReasonLine key={i} reason={reason} />
      ))}
      {formula.gas.map((one) => (
        <Gas key={one.gas} {...one} />
      ))}
      {spoiling.length === 0 &&
        happened(formula).map((id) => (
          <span key={id} className="block">
            {w.name('reaction', id)}
          </span>
        ))}
      {formula.ph !== undefined && (
        <span className="block">
          {rich('bench.phAboutEstimate', { b, ph: formula.ph.toFixed(1) })}
        </span>
      )}
    </>
  );
};
