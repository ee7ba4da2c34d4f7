import type { StockRow } from '@zymostat/contract';
import { activeFacts, type Compared, type Goal, type HouseRules } from '@zymostat/core';
import { nameOfBatch, percent } from '@zymostat/words';
import { aStrength } from '../../../ui/form/checks.ts';
import { Choice } from '../../../ui/form/Choice.tsx';
import { TextField } from '../../../ui/form/Field.tsx';
import { w } from '../../../words/words.ts';
import type { TypedUse } from './useSurfaceSetting.ts';

export interface OtherStrengthProps {
  compared: Compared;
  stocks: StockRow[];
  goal: Goal;
  rules: HouseRules;
  typed: TypedUse | undefined;
  onType: (typed: TypedUse) => void;
}

/** Another strength or another stock of the family, and what that then is. */
export const OtherStrength = ({
  compared: { family, stock, strength, contact },
  stocks,
  goal,
  rules,
  typed,
  onType,
}: OtherStrengthProps) => {
  const asTyped = typed?.strength ?? percent(w, strength);
  return (
    <div className="compare__acts">
      {family !== 'product' && (
        <TextField
          label={w.name('protocol', 'inUseAt')}
          figure
          value={asTyped}
          check={aStrength(activeFacts[stock.active].basis)}
          onChange={(text) => onType({ stockId: stock.id, strength: text })}
        />
      )}
      {stocks.length > 1 && (
        <Choice
          className="field--stock"
          label={w.name('protocol', 'from')}
          value={stock.id}
          onChange={(stockId) => onType({ stockId, strength: asTyped })}
          options={stocks.map((one) => ({ value: one.id, name: `${one.name}, ${one.code}` }))}
        />
      )}
      {goal !== 'clean' && contact.outcome === 'never' && contact.span && (
        <span className="small soft pb-2">
          {w.say('protocol.asItStandsItIs', {
            rules: nameOfBatch(w, stock.active, strength, rules),
          })}
        </span>
      )}
    </div>
  );
};
