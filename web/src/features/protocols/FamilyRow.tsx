import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type StockRow } from '@zymostat/contract';
import { sourceInWords, reasonInWords, strengthOf, percent, nameOfBatch } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { activeFacts, type Compared, type Goal, type HouseRules } from '@zymostat/core';
import { useState } from 'react';
import { aStrength } from '../../ui/checks.ts';
import { Choice } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Severity } from '../../ui/parts.tsx';
import { StrengthRule } from '../../ui/StrengthRule.tsx';
import { WetBand } from '../../ui/WetBand.tsx';

interface Props {
  compared: Compared;
  stocks: StockRow[];
  goal: Goal;
  rules: HouseRules;
  set: boolean;
  typed: { stockId: string; strength: string } | undefined;
  onType: (typed: { stockId: string; strength: string }) => void;
  onSet: () => void;
  onDrying: () => void;
}

/**
 * What one coat does against the time required; and where it does not hold, what the planned coats
 * do.
 */
const Bands = ({
  family,
  contact: { seconds, prediction },
}: {
  family: Compared['family'];
  contact: Compared['contact'];
}) => {
  if (!prediction) return <WetBand family={family} required={seconds} scale />;
  const { holds, rewets } = prediction;
  if (rewets.count === 0)
    return <WetBand family={family} required={seconds} held={holds} estimate scale />;
  const axis = seconds * 1.3;
  return (
    <div className="compare__two">
      <span className="pt-3">{w.name('protocol', 'oneCoat')}</span>
      <span className="pt-3">
        <WetBand family={family} required={seconds} held={holds} estimate axis={axis} />
      </span>
      <span className="pt-2">{w.say('protocol.coats', { count: rewets.count + 1 })}</span>
      <span className="pt-2">
        <WetBand
          family={family}
          required={seconds}
          held={Math.max(seconds, rewets.count * rewets.every + holds)}
          rewets={rewets.at}
          estimate
          axis={axis}
          scale
        />
      </span>
    </div>
  );
};

/**
 * One family for one surface: outcome, strength rule, wet band, and every reason with its source.
 */
export const FamilyRow = ({
  compared,
  stocks,
  goal,
  rules,
  set,
  typed,
  onType,
  onSet,
  onDrying,
}: Props) => {
  const { family, stock, strength, contact } = compared;
  const { basis } = activeFacts[stock.active];
  const never = contact.outcome === 'never';
  const reasons = contact.reasons.filter((reason) => !(reason.code === 'cleaning-needs-no-wait'));
  const [worst] = reasons;
  const grave = reasons.slice(never ? 1 : 0).filter((reason) => reason.outcome !== 'use');
  const mild = reasons.filter(
    (reason) => reason.outcome === 'use' && reason.code !== 'material-bears',
  );
  const [changing, change] = useState(typed !== undefined && !set);
  return (
    <article
      className={`compare ${never ? 'compare--never' : ''}`}
      data-family={family}
      aria-label={w.name('family', family)}
    >
      {never && (
        <p className="bar-never">
          {rich('protocol.never', {
            soft: (text: ReactNode) => <span>{text}</span>,
            worst: worst && reasonInWords(w, worst),
          })}
        </p>
      )}
      <div className="compare__name">
        <i className="compare__swatch fill" />
        <h2>{w.name('family', family)}</h2>
        <p className="small soft">
          {strengthOf(w, stock.active, strength)}, {stocks.find((one) => one.id === stock.id)?.code}
        </p>
        {!never && <Severity is={contact.outcome} />}
        {set && <b className="small block">{w.name('protocol', 'setHere')}</b>}
      </div>
      <div className="compare__rule">
        {family === 'product' ? (
          <p className="small soft pt-3">
            {rich('protocol.byItsOwnLabel', {
              name: stocks.find((one) => one.id === stock.id)?.name,
            })}
          </p>
        ) : (
          <StrengthRule
            family={family}
            stock={stock.strength}
            span={goal === 'clean' ? { floor: 0, top: 1 } : contact.span}
            batch={strength}
          />
        )}
      </div>
      <div className="compare__band">
        {never ? (
          <p className="small soft">
            {contact.span
              ? w.name('protocol', 'noWetTimeCounts')
              : w.name('protocol', 'noStrengthOfItIs')}
          </p>
        ) : contact.seconds > 0 ? (
          <Bands family={family} contact={contact} />
        ) : (
          <p className="small soft">{w.name('protocol', 'noWaitItOnlyCleans')}</p>
        )}
      </div>
      <div className="compare__why">
        {never && worst && <p className="compare__source">{sourceInWords(w, worst.source)}</p>}
        {grave.map((reason) => (
          <p key={reason.code} className="my-0.5">
            <Severity is={reason.outcome} />{' '}
            <span className="ml-1">{reasonInWords(w, reason)}</span>{' '}
            <span className="compare__source">{sourceInWords(w, reason.source)}</span>
          </p>
        ))}
        {!never && (
          <p>
            {mild.map((reason) => (
              <span key={reason.code}>
                {reasonInWords(w, reason)}{' '}
                <span className="compare__source">{sourceInWords(w, reason.source)}</span>{' '}
              </span>
            ))}
          </p>
        )}
        {(family !== 'product' || stocks.length > 1) && (
          <button
            className="btn btn--quiet mt-1"
            aria-expanded={changing}
            onClick={() => change(!changing)}
          >
            {changing
              ? w.name('protocol', 'keepItAsItIs')
              : w.name('protocol', 'otherStrengthOrStock')}
          </button>
        )}
        {!never && contact.prediction && (
          <button className="btn btn--quiet mt-1 ml-5" onClick={onDrying}>
            {w.name('protocol', 'wetTimeAndAir')}
          </button>
        )}
        {!set && !never && (
          <button className="btn btn--quiet mt-1 ml-5" onClick={onSet}>
            {w.say('protocol.set', { family: w.name('family', family).toLowerCase() })}
          </button>
        )}
      </div>
      {changing && (
        <div className="compare__acts">
          {family !== 'product' && (
            <TextField
              label={w.name('protocol', 'inUseAt')}
              figure
              value={typed?.strength ?? percent(w, strength)}
              check={aStrength(basis)}
              onChange={(text) => onType({ stockId: stock.id, strength: text })}
            />
          )}
          {stocks.length > 1 && (
            <Choice
              className="field--stock"
              label={w.name('protocol', 'from')}
              value={stock.id}
              onChange={(stockId) =>
                onType({ stockId, strength: typed?.strength ?? percent(w, strength) })
              }
              options={stocks.map((one) => ({ value: one.id, name: `${one.name}, ${one.code}` }))}
            />
          )}
          {goal !== 'clean' && never && contact.span && (
            <span className="small soft pb-2">
              {w.say('protocol.asItStandsItIs', {
                rules: nameOfBatch(w, stock.active, strength, rules),
              })}
            </span>
          )}
        </div>
      )}
    </article>
  );
};
