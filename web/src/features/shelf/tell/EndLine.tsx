import { WentWrong } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';

interface Props {
  error: unknown;
  busy: boolean;
  onLeave: () => void;
}

/** Puts it on record, or leaves it. */
export const EndLine = ({ error, busy, onLeave }: Props) => (
  <>
    <WentWrong error={error} />
    <p className="flex gap-3">
      <button className="btn btn--main" disabled={busy}>
        {w.name('shelf', 'putOnRecord')}
      </button>
      <button type="button" className="btn" onClick={onLeave}>
        {w.name('shelf', 'leaveIt')}
      </button>
    </p>
  </>
);
