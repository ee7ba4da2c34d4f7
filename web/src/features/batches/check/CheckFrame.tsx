import type { BatchRow, CheckReading } from '@zymostat/contract';
import type { ReactNode } from 'react';
import { Form } from '../../../ui/form/Form.tsx';
import { WentWrong } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';

export interface CheckProps {
  batch: BatchRow;
  onRead: (reading: CheckReading) => void;
  checking: { isLoading: boolean; error?: unknown };
}

interface FrameProps {
  onSubmit: () => unknown;
  /** Reads the instrument instead of typing what it says. */
  read: { name: string; busy: boolean; on: () => void };
  error: unknown;
  again: boolean;
  ready: boolean;
  children: ReactNode;
}

/** The frame of both ways of checking: its heading, the instrument, and the button. */
export const CheckFrame = ({ onSubmit, read, error, again, ready, children }: FrameProps) => (
  <Form
    className="mt-5 max-w-[640px] border-t border-ink pt-3"
    onSubmit={onSubmit}
    label={w.name('bench', 'checkTheBatch')}
  >
    <div className="flex items-baseline justify-between">
      <h2>{w.name('bench', 'checkIt')}</h2>
      <button type="button" className="btn btn--quiet" disabled={read.busy} onClick={read.on}>
        {read.name}
      </button>
    </div>
    {children}
    <WentWrong error={error} />
    <p className="mt-3">
      <button className={`btn ${again ? '' : 'btn--main'}`} disabled={!ready}>
        {again ? w.name('bench', 'checkAgain') : w.name('bench', 'checkTheBatch')}
      </button>
    </p>
  </Form>
);
