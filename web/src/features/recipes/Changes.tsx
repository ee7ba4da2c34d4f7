import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import type { Change, HouseRules, Mending } from '@zymostat/core';
import { StrengthRule } from '../../ui/StrengthRule.tsx';
import { leading, spanFor } from './analysis.ts';

/** What would make the recipe what it claims to be, the smallest change first. */
export const Changes = ({
  mending,
  rules,
  onAccept,
}: {
  mending: Mending;
  rules: HouseRules;
  onAccept: (change: Change) => void;
}) => (
  <section aria-label={w.name('bench', 'whatToChange')}>
    <h2 className="mt-4 mb-1 border-t border-ink pt-2">{w.name('bench', 'whatToChange')}</h2>
    {'because' in mending && <p>{w.name('noChange', mending.because)}</p>}
    {mending.changes.slice(0, 4).map((change) => {
      const lead = leading(change.formula);
      return (
        <div key={change.text} className="mend" data-family={lead?.family ?? 'soap'}>
          <i className="mend__swatch fill" />
          <div className="min-w-0">
            <b className="font-semibold">{w.name('change', change.code)}</b>
            <br />
            {change.text.split('\n').join(' + ')}
            <span className="small soft block">
              {rich('bench.thenItIs', {
                outCount:
                  change.out.length > 0 &&
                  change.code !== 'stronger-stock' &&
                  w.say('bench.goes', { out: change.out.join(', ') }),
                change: w.name('mixture', change.name),
              })}
            </span>
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
    })}
  </section>
);
