import type { Change, HouseRules, Mending } from '@zymostat/core';
import { StrengthRule } from '../../ui/StrengthRule.tsx';
import { w } from '../../words/words.ts';
import { leading, spanFor } from './analysis.ts';

/** So many ways of mending are offered, the smallest change first. */
const OFFERED = 4;

const thenItIs = ({ out, code, name }: Change): string =>
  w.say('bench.thenItIs', {
    out: out.length > 0 && code !== 'stronger-stock' ? out.join(', ') : 'none',
    is: w.name('mixture', name),
  });

interface OneProps {
  change: Change;
  rules: HouseRules;
  onAccept: (change: Change) => void;
}

const One = ({ change, rules, onAccept }: OneProps) => {
  const lead = leading(change.formula);
  return (
    <div className="mend" data-family={lead?.family ?? 'soap'}>
      <i className="mend__swatch fill" />
      <div className="min-w-0">
        <b className="font-semibold">{w.name('change', change.code)}</b>
        <br />
        {change.text.split('\n').join(' + ')}
        <span className="small soft block">{thenItIs(change)}</span>
      </div>
      {lead ? (
        <StrengthRule
          family={lead.family}
          stock={lead.stock}
          span={spanFor(lead.active, rules)}
          batch={Math.round(lead.strength * 1e4) / 1e4}
        />
      ) : (
        <span />
      )}
      <button className="btn" onClick={() => onAccept(change)}>
        {w.name('bench', 'takeThis')}
      </button>
    </div>
  );
};

interface Props extends Omit<OneProps, 'change'> {
  mending: Mending;
}

/** What would make the recipe what it claims to be, the smallest change first. */
export const Changes = ({ mending, rules, onAccept }: Props) => (
  <section aria-label={w.name('bench', 'whatToChange')}>
    <h2 className="mt-4 mb-1 border-t border-ink pt-2">{w.name('bench', 'whatToChange')}</h2>
    {'because' in mending && <p>{w.name('noChange', mending.because)}</p>}
    {mending.changes.slice(0, OFFERED).map((change) => (
      <One key={change.text} change={change} rules={rules} onAccept={onAccept} />
    ))}
  </section>
);
