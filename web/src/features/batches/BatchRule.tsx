import {
  activeFacts,
  disinfectingSpan,
  isGeneric,
  type Active,
  type HouseRules,
  type Purpose,
} from '@zymostat/core';
import { StrengthRule } from '../../ui/StrengthRule.tsx';

interface Props {
  active: Active;
  stock: number;
  strength: number | undefined;
  purpose: Purpose;
  rules: HouseRules;
  called: string;
}

/** Where a strength stands between nothing and its stock; none for what is used as sold. */
export const BatchRule = ({ active, stock, strength, purpose, rules, called }: Props) =>
  isGeneric(active) && (
    <div className="max-w-[480px] pt-3">
      <StrengthRule
        family={activeFacts[active].family}
        stock={stock}
        span={
          purpose === 'clean' ? { floor: 0, top: 1 } : disinfectingSpan(active, 'everyday', rules)
        }
        batch={strength}
        otherwise={called}
      />
    </div>
  );
