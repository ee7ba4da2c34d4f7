import type { TreatedSurface } from '@zymostat/core';
import { Severity } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';

/** What somebody has accepted and answers for, each with its reason. */
export const Answered = ({ surfaces }: { surfaces: TreatedSurface[] }) => {
  const accepted = surfaces.filter(({ accepted: why }) => why !== null);
  if (accepted.length === 0) return null;
  return (
    <section className="mt-4" aria-label={w.name('protocol', 'whatYouAnswerFor')}>
      <h2 className="mb-1">{w.name('protocol', 'whatYouAnswerFor')}</h2>
      <div className="held-up">
        {accepted.map(({ id, name, accepted: why }) => (
          <div key={id} className="contents">
            <span>
              <Severity is="care" />
            </span>
            <span>
              <b className="font-semibold">{name}.</b> “{why}”
            </span>
            <span />
          </div>
        ))}
      </div>
    </section>
  );
};
