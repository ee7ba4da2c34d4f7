import { type Problem } from '@zymostat/contract';
import { changeInWords } from '@zymostat/words';
import { w } from '../words/words.ts';
import { problemOf } from '../api/api.ts';
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
        <b>{w.name('survey', 'changedMeanwhile')}</b>{' '}
        {(problem.changes ?? [])
          .slice(0, 3)
          .map((one) => changeInWords(w, one))
          .join(' ')}{' '}
        {onMine
          ? w.name('survey', 'whatYouTypedStillStands')
          : w.name('survey', 'nothingWasApproved')}
      </p>
      <p className="mt-2 flex flex-wrap gap-3">
        {onMine && (
          <button type="button" className="btn" onClick={() => onMine(problem.revision ?? 0)}>
            {w.name('survey', 'saveMine')}
          </button>
        )}
        <button type="button" className="btn" onClick={onTheirs}>
          {onMine ? w.name('survey', 'takeTheirs') : w.name('survey', 'lookItOverAgain')}
        </button>
      </p>
    </div>
  );
};
