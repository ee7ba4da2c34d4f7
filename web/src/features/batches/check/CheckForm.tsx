import type { BatchRow } from '@zymostat/contract';
import { activeFacts, alcoholOf, isGeneric } from '@zymostat/core';
import { w } from '../../../words/words.ts';
import { useCheckBatchMutation } from '../api.ts';
import { DensityCheck } from './DensityCheck.tsx';
import { StripCheck } from './StripCheck.tsx';

/**
 * Checks a finished batch: alcohol by density and temperature, peroxide by strip; typed, or read
 * off the instrument.
 */
export const CheckForm = ({ batch }: { batch: BatchRow }) => {
  const [check, checking] = useCheckBatchMutation();
  if (activeFacts[batch.active].family === 'vinegar')
    return <p className="small soft mt-4">{w.name('bench', 'itCleansAndClaimsNothing')}</p>;
  if (!isGeneric(batch.active))
    return <p className="small soft mt-4">{w.name('bench', 'itIsUsedAsSold')}</p>;
  const Check = alcoholOf(batch.active) ? DensityCheck : StripCheck;
  return (
    <Check
      batch={batch}
      checking={checking}
      onRead={(reading) => void check({ id: batch.id, body: reading })}
    />
  );
};
