import { type FlagRow, type HomeDetail } from '@zymostat/contract';
import { reasonInWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { Fragment } from 'react';
import { Link } from 'react-router';
import { Severity } from '../../ui/parts.tsx';

const sayWhy = ({ why, approved, now, reasons }: FlagRow): string => {
  if (why === 'longer' || why === 'shorter')
    return w.say('review.minApproved', {
      why: w.name('flag', why),
      now: Math.ceil(now / 60),
      approved: Math.ceil(approved / 60),
    });
  const said = `${w.name('flag', why)}.`;
  return reasons[0] ? `${said} ${reasonInWords(w, reasons[0])}` : said;
};

const Where = ({ homeId, flag, isThere }: { homeId: string; flag: FlagRow; isThere: boolean }) =>
  isThere ? (
    <Link className="btn btn--quiet small" to={`/homes/${homeId}/protocol/${flag.surfaceId}`}>
      {flag.roomName}
    </Link>
  ) : (
    <span className="small soft">{flag.roomName}</span>
  );

/**
 * What a change of survey, stock or house rules has made untrue of the approved version: it stands
 * until it is revised.
 */
export const Flags = ({ home }: { home: HomeDetail }) => {
  if (home.flags.length === 0) return null;
  const inSurvey = new Set(home.rooms.flatMap((room) => room.surfaces.map(({ id }) => id)));
  return (
    <section className="mt-4" aria-label={w.name('review', 'toBeReviewed')}>
      <h2 className="mb-1">
        {w.say('review.versionIsToBeReviewed', { number: home.versions[0]?.number ?? 0 })}
      </h2>
      <div className="held-up">
        {home.flags.map((flag) => (
          <Fragment key={flag.surfaceId}>
            <span>
              <Severity
                is={flag.why === 'never' ? 'never' : 'care'}
                word={flag.why === 'never' ? undefined : w.name('review', 'review')}
              />
            </span>
            <span>
              <b className="font-semibold">{flag.surfaceName}</b> {sayWhy(flag)}
            </span>
            <Where homeId={home.id} flag={flag} isThere={inSurvey.has(flag.surfaceId)} />
          </Fragment>
        ))}
      </div>
    </section>
  );
};
