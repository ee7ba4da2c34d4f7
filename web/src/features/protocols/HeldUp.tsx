import { type HomeDetail } from '@zymostat/contract';
import { reasonInWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
import type { Objection } from '@zymostat/core';
import { Fragment } from 'react';
import { Link } from 'react-router';
import { Severity } from '../../ui/parts.tsx';

/** What stands between a home's protocol and its approval, each with the way to it. */
export const HeldUp = ({ home, objections }: { home: HomeDetail; objections: Objection[] }) => {
  if (objections.length === 0) return null;
  const surfaces = new Map(
    home.rooms.flatMap((room) => room.surfaces.map((surface) => [surface.id, { surface, room }])),
  );
  return (
    <div className="held-up">
      {objections.map(({ surfaceId, outcome, reasons }) => {
        const { surface, room } = surfaces.get(surfaceId)!;
        const reason =
          reasons.find((one) => one.code !== 'care-not-accepted' && one.outcome === outcome) ??
          reasons[0]!;
        return (
          <Fragment key={surfaceId}>
            <span>
              <Severity is={outcome} />
            </span>
            <span>
              <b className="font-semibold">{surface.name}.</b> {reasonInWords(w, reason)}
            </span>
            <Link className="btn btn--quiet small" to={`/homes/${home.id}/protocol/${surfaceId}`}>
              {room.name}
            </Link>
          </Fragment>
        );
      })}
    </div>
  );
};
