import { activeFacts, type Difference, type TreatedSurface } from '@zymostat/core';
import { WetBand } from '../../../ui/WetBand.tsx';
import { w } from '../../../words/words.ts';
import { doneInWords } from '../words.ts';

interface SideProps {
  surface: TreatedSurface | undefined;
  other: TreatedSurface | undefined;
}

/** Seconds: bands of both sides are drawn on an axis of their own, as long as a usual one. */
const USUAL_AXIS = 1380;

/** One side of a change: the wet band, what is done, and which steps are on this side only. */
const Side = ({ surface, other }: SideProps) => {
  if (!surface) return <span className="small soft">{w.name('protocol', 'notInIt')}</span>;
  const { treatment } = surface;
  return (
    <>
      {treatment && treatment.seconds > 0 && (
        <WetBand
          tiny
          family={activeFacts[treatment.active].family}
          required={treatment.seconds}
          axis={Math.max(USUAL_AXIS, treatment.seconds * 1.15)}
        />
      )}
      <span className="small block">{doneInWords(surface, other)}</span>
    </>
  );
};

interface Props {
  differences: Difference[];
  from: string;
  to: string;
}

/** What a new version changes, surface by surface. */
export const VersionChanges = ({ differences, from, to }: Props) => (
  <table className="ledger mt-3" aria-label={w.name('protocol', 'whatChanges')}>
    <thead>
      <tr>
        <th>{w.name('protocol', 'whatChanges')}</th>
        <th>{from}</th>
        <th>{to}</th>
      </tr>
    </thead>
    <tbody>
      {differences.map(({ surfaceId, surfaceName, roomName, before, after }) => (
        <tr key={surfaceId}>
          <td>
            <b className="font-semibold">{surfaceName}</b>{' '}
            <span className="small soft">{roomName}</span>
          </td>
          <td className="soft">
            <Side surface={before} other={after} />
          </td>
          <td>
            <Side surface={after} other={before} />
          </td>
        </tr>
      ))}
    </tbody>
  </table>
);
