import { w } from '../../words/words.ts';

/** Says that a form goes on from what was typed before, and lets somebody begin anew. */
export const GoesOn = ({ of: { goesOn, anew } }: { of: { goesOn: boolean; anew: () => void } }) =>
  goesOn && (
    <p className="small soft" role="status">
      {w.name('survey', 'goesOn')}{' '}
      <button type="button" className="btn btn--quiet" onClick={anew}>
        {w.name('survey', 'beginAnew')}
      </button>
    </p>
  );
