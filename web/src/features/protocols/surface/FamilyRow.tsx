import { reasonInWords, strengthOf } from '@zymostat/words';
import { useState } from 'react';
import { Severity } from '../../../ui/parts.tsx';
import { StrengthRule } from '../../../ui/StrengthRule.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { FamilyBands } from './FamilyBands.tsx';
import { FamilyReasons, reasonsOf } from './FamilyReasons.tsx';
import { OtherStrength, type OtherStrengthProps } from './OtherStrength.tsx';

interface Props extends OtherStrengthProps {
  set: boolean;
  onSet: () => void;
  onDrying: () => void;
}

const Never = ({ compared }: Props) => {
  const [worst] = reasonsOf(compared.contact);
  return (
    <p className="bar-never">
      {rich('protocol.never', {
        soft: (text) => <span>{text}</span>,
        worst: worst ? reasonInWords(w, worst) : '',
      })}
    </p>
  );
};

const Name = ({ compared, stocks, set }: Props) => {
  const { family, stock, strength, contact } = compared;
  return (
    <div className="compare__name">
      <i className="compare__swatch fill" />
      <h2>{w.name('family', family)}</h2>
      <p className="small soft">
        {strengthOf(w, stock.active, strength)}, {stocks.find((one) => one.id === stock.id)?.code}
      </p>
      {contact.outcome !== 'never' && <Severity is={contact.outcome} />}
      {set && <b className="small block">{w.name('protocol', 'setHere')}</b>}
    </div>
  );
};

const Rule = ({ compared, stocks, goal }: Props) => {
  const { family, stock, strength, contact } = compared;
  if (family === 'product')
    return (
      <p className="small soft pt-3">
        {w.say('protocol.byItsOwnLabel', {
          name: stocks.find((one) => one.id === stock.id)?.name ?? '',
        })}
      </p>
    );
  return (
    <StrengthRule
      family={family}
      stock={stock.strength}
      span={goal === 'clean' ? { floor: 0, top: 1 } : contact.span}
      batch={strength}
    />
  );
};

interface ActsProps extends Props {
  changing: boolean;
  onChanging: (changing: boolean) => void;
}

const Acts = ({ compared, stocks, set, onSet, onDrying, changing, onChanging }: ActsProps) => {
  const { family, contact } = compared;
  const never = contact.outcome === 'never';
  return (
    <>
      {(family !== 'product' || stocks.length > 1) && (
        <button
          className="btn btn--quiet mt-1"
          aria-expanded={changing}
          onClick={() => onChanging(!changing)}
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
    </>
  );
};

/**
 * One family for one surface: outcome, strength rule, wet band, and every reason with its source.
 */
export const FamilyRow = (props: Props) => {
  const { compared, typed, set } = props;
  const { family, contact } = compared;
  const [changing, change] = useState(typed !== undefined && !set);
  const never = contact.outcome === 'never';
  return (
    <article
      className={`compare ${never ? 'compare--never' : ''}`}
      data-family={family}
      aria-label={w.name('family', family)}
    >
      {never && <Never {...props} />}
      <Name {...props} />
      <div className="compare__rule">
        <Rule {...props} />
      </div>
      <div className="compare__band">
        <FamilyBands family={family} contact={contact} />
      </div>
      <div className="compare__why">
        <FamilyReasons contact={contact} />
        <Acts {...props} changing={changing} onChanging={change} />
      </div>
      {changing && <OtherStrength {...props} />}
    </article>
  );
};
