import { notAJob, refusedIn } from '@zymostat/core';
import { reasonInWords } from '@zymostat/words';
import { w } from '../words/words.ts';
import { Severity } from './parts.tsx';

/** Said wherever somebody types what is no job of this tool; nothing where it is one. */
export const RefusedJob = ({ text, name }: { text: string; name?: string }) => {
  const refused = refusedIn(text);
  return (
    <div role="status">
      {refused && (
        <p className="flex items-start gap-3 py-1">
          <Severity is="never" />
          <span>
            {name && <b className="font-semibold">{name}. </b>}
            {reasonInWords(w, notAJob(refused))}
          </span>
        </p>
      )}
    </div>
  );
};
