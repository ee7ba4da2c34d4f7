import { EndLine } from '../../../ui/form/EndLine.tsx';
import { w } from '../../../words/words.ts';
import type { AskProps, Telling } from './useTell.ts';

/** Puts it on record, or leaves it. */
export const RecordLine = ({ of, onDone }: { of: Telling } & Pick<AskProps, 'onDone'>) => (
  <EndLine
    put={w.name('shelf', 'putOnRecord')}
    leave={w.name('shelf', 'leaveIt')}
    error={of.error}
    busy={of.isLoading}
    onLeave={onDone}
  />
);
