import type { FormulaVerdict } from '@zymostat/core';
import { reasonInWords, sourceInWords } from '@zymostat/words';
import { Severity } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';

interface Props {
  reason: FormulaVerdict['reasons'][number];
  /** Whether it says where it is from. */
  sourced?: boolean;
}

/** One reason, with “never” before it where it forbids. */
export const ReasonLine = ({ reason, sourced = false }: Props) => (
  <span className="block">
    {reason.outcome === 'never' && (
      <>
        <Severity is="never" />{' '}
      </>
    )}
    {reasonInWords(w, reason)}{' '}
    {sourced && <span className="small soft">{sourceInWords(w, reason.source)}</span>}
  </span>
);
