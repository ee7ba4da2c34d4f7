import { flagWords, reasonInWords, type FlagRow, type HomeDetail } from '@zymostat/contract';
import { Fragment } from 'react';
import { Link } from 'react-router';
import { Severity } from '../../ui/parts.tsx';

const sayWhy = ({ why, approved, now, reasons }: FlagRow): string =>
  why === 'longer' || why === 'shorter'
    ? `${flagWords[why]}: ${Math.ceil(now / 60)} min, approved ${Math.ceil(approved / 60)}.`
    : `${flagWords[why]}. ${reasons[0] ? reasonInWords(reasons[0]) : ''}`;

/**
 * What a change of survey, stock or house rules has made untrue of the approved version: it stands
 * until it is revised.
 */
export const Flags = ({ home }: { home: HomeDetail }) => {
  if (home.flags.length === 0) return null;
  const inSurvey = new Set(home.rooms.flatMap((room) => room.surfaces.map(({ id }) => id)));
  return (
    <section className="mt-4" aria-label="To be reviewed">
      <h2 className="mb-1">Version {home.versions[0]?.number} is to be reviewed</h2>
      <div className="held-up">
        {home.flags.map((flag) => (
          <Fragment key={flag.surfaceId}>
            <span>
              <Severity
                is={flag.why === 'never' ? 'never' : 'care'}
                word={flag.why === 'never' ? undefined : 'Review'}
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
