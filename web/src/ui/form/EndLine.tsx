import { WentWrong } from '../parts.tsx';

interface Props {
  /** What the two buttons say. */
  put: string;
  leave: string;
  error: unknown;
  busy: boolean;
  onLeave: () => void;
}

/** The end of a form: what went wrong, sending it off, or leaving it. */
export const EndLine = ({ put, leave, error, busy, onLeave }: Props) => (
  <>
    <WentWrong error={error} />
    <p className="flex gap-3">
      <button className="btn btn--main" disabled={busy}>
        {put}
      </button>
      <button type="button" className="btn" onClick={onLeave}>
        {leave}
      </button>
    </p>
  </>
);
