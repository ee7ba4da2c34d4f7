import type { Reason } from '@zymostat/core';
import { reasonInWords, sourceInWords } from '@zymostat/words';
import { w } from '../words/words.ts';
import { Severity } from './parts.tsx';

/** Every reason of a verdict with how grave it is, and what it rests on. */
export const ReasonList = ({ of }: { of: readonly Reason[] }) =>
  of.length > 0 && (
    <ul className="my-2 grid gap-2">
      {of.map((reason, i) => (
        <li key={i} className="grid grid-cols-[72px_1fr] gap-2">
          <span>
            <Severity is={reason.outcome} />
          </span>
          <span>
            {reasonInWords(w, reason)}{' '}
            <span className="small soft">{sourceInWords(w, reason.source)}</span>
          </span>
        </li>
      ))}
    </ul>
  );
