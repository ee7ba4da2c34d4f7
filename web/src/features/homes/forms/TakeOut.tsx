import { useState, type ReactNode } from 'react';
import { Window } from '../../../ui/Window.tsx';
import { w } from '../../../words/words.ts';

interface Props {
  /** What is on the button, and what the window asks. */
  label: string;
  title: string;
  /** What goes with it. */
  children?: ReactNode;
  onTakeOut: () => Promise<void>;
}

/** Takes something out of a survey, asked once. */
export const TakeOut = ({ label, title, children, onTakeOut }: Props) => {
  const [asking, ask] = useState(false);
  const keep = () => ask(false);
  return (
    <>
      <button type="button" className="btn btn--quiet" onClick={() => ask(true)}>
        {label}
      </button>
      <Window open={asking} title={title} onClose={keep}>
        <p className="mb-4">{children ?? w.name('survey', 'approvedVersionsAndRecordsStay')}</p>
        <p className="flex gap-3">
          <button type="button" className="btn btn--main" onClick={keep}>
            {w.name('survey', 'keepIt')}
          </button>
          <button
            type="button"
            className="btn"
            onClick={() => {
              keep();
              void onTakeOut();
            }}
          >
            {w.name('survey', 'takeItOut')}
          </button>
        </p>
      </Window>
    </>
  );
};
