import { rich } from '../../words/rich.tsx';
import { type FlagRow, type HomeDetail } from '@zymostat/contract';
import { reasonInWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { Fragment } from 'react';
import { Link } from 'react-router';
import { Severity } from '../../ui/parts.tsx';

const sayWhy = ({ why, approved, now, reasons }: FlagRow): string =>
  why === 'longer' || why === 'shorter'
    ? w.say('protocol.minApproved', {
        why: w.name('flag', why),
        ceil: Math.ceil(now / 60),
        ceil2: Math.ceil(approved / 60),
      })
    : `${w.name('flag', why)}. ${reasons[0] ? reasonInWords(w, reasons[0]) : ''}`;

/**
 * What a change of survey, stock or house rules has made untrue of the approved version: it stands
 * until it is revised.
 */
export const Flags = ({ home }: { home: HomeDetail }) => {
  if (home.flags.length === 0) return null;
  const inSurvey = new Set(home.rooms.flatMap((room) => room.surfaces.map(({ id }) => id)));
  return (
    <section className="mt-4" aria-label={w.name('protocol', 'toBeReviewed')}>
      <h2 className="mb-1">
        {rich('protocol.versionIsToBeReviewed', { number: home.versions[0]?.number })}
      </h2>
      <div className="held-up">
        {home.flags.map((flag) => (
          <Fragment key={flag.surfaceId}>
            <span>
              <Severity
                is={flag.why === 'never' ? 'never' : 'care'}
                word={flag.why === 'never' ? undefined : w.name('protocol', 'review')}
              />
            </span>
            <span>
              <b className="font-semibold">{flag.surfaceName}</b> {sayWhy(flag)}
            </span>
            {inSurvey.has(flag.surfaceId) ? (
              <Link
                className="btn btn--quiet small"
                to={`/homes/${home.id}/protocol/${flag.surfaceId}`}
              >
                {flag.roomName}
              </Link>
            ) : (
              <span className="small soft">{flag.roomName}</span>
            )}
          </Fragment>
        ))}
      </div>
    </section>
  );
};
