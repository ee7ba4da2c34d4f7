import type { HomeDetail } from '@zymostat/contract';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useLastSet } from '../homes/lastSet.ts';
import { useSetManyMutation } from '../homes/surveyApi.ts';

/** Puts back what was set last, as it stood before: also what was put back. */
export const UndoSet = ({ home: { id } }: { home: HomeDetail }) => {
  const last = useLastSet(id);
  const [setMany, { error, isLoading }] = useSetManyMutation();
  if (!last || last.before.length === 0) return null;
  const undo = () => void setMany({ id, homeId: id, body: { settings: last.before } });
  return (
    <>
      <span className="small" role="status">
        {w.say('protocol.wereSet', { count: last.before.length })}{' '}
        <button className="btn btn--quiet" disabled={isLoading} onClick={undo}>
          {w.name('protocol', 'undoSet')}
        </button>
      </span>
      <WentWrong error={error} />
    </>
  );
};
