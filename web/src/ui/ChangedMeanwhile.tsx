import { changeInWords, type Problem } from '@zymostat/contract';
import { problemOf } from '../app/api.ts';
import { WentWrong } from './parts.tsx';

interface Props {
  error: unknown;
  /** Saves what stands here over what somebody else has saved, by the revision that stands now. */
  onMine?: (revision: number) => void;
  /** Takes over what somebody else has saved. */
  onTheirs: () => void;
}

const changedMeanwhile = (error: unknown): Problem | undefined => {
  const problem = error ? problemOf(error) : undefined;
  return problem?.type === '/problems/changed-meanwhile' ? problem : undefined;
};

/**
 * Says who has changed the same meanwhile; nothing typed is lost, and a person takes over the one
 * or the other.
 */
export const ChangedMeanwhile = ({ error, onMine, onTheirs }: Props) => {
  const problem = changedMeanwhile(error);
  if (!problem) return <WentWrong error={error} />;
  return (
    <div role="alert" className="notice my-2">
      <p>
        <b>Changed meanwhile.</b> {(problem.changes ?? []).slice(0, 3).map(changeInWords).join(' ')}{' '}
        {onMine ? 'What you typed still stands here.' : 'Nothing was approved.'}
      </p>
      <p className="mt-2 flex flex-wrap gap-3">
        {onMine && (
          <button type="button" className="btn" onClick={() => onMine(problem.revision ?? 0)}>
            Save mine
          </button>
        )}
        <button type="button" className="btn" onClick={onTheirs}>
          {onMine ? 'Take theirs' : 'Look it over again'}
        </button>
      </p>
    </div>
  );
};
