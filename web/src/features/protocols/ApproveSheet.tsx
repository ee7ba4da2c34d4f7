import { stepLine, strengthShort, type HomeDetail, type StockRow } from '@zymostat/contract';
import {
  activeFacts,
  buildProtocol,
  coats,
  diffVersions,
  inMillilitres,
  isGeneric,
  type Difference,
  type HouseRules,
  type Judged,
  type Objection,
  type TreatedRoom,
  type TreatedSurface,
} from '@zymostat/core';
import { api, problemOf } from '../../app/api.ts';
import { useBook } from '../../app/useBook.ts';
import { Severity, Verdict, WentWrong } from '../../ui/parts.tsx';
import { ChangedMeanwhile } from '../../ui/ChangedMeanwhile.tsx';
import { WetBand } from '../../ui/WetBand.tsx';
import { countInWords, doneInWords } from './words.ts';

interface Props {
  home: HomeDetail;
  stocks: StockRow[];
  rules: HouseRules;
  now: number;
  objections: Objection[];
  judged: Judged;
  onDone: () => void;
}

const all = (rooms: readonly TreatedRoom[]): TreatedSurface[] =>
  rooms.flatMap(({ surfaces }) => surfaces);

/** One side of a change: the wet band, what is done, and which steps are on this side only. */
const Side = ({
  surface,
  other,
}: {
  surface: TreatedSurface | undefined;
  other: TreatedSurface | undefined;
}) => {
  if (!surface) return <span className="small soft">not in it</span>;
  const { treatment } = surface;
  return (
    <>
      {treatment && treatment.seconds > 0 && (
        <WetBand
          tiny
          family={activeFacts[treatment.active].family}
          required={treatment.seconds}
          axis={Math.max(1380, treatment.seconds * 1.15)}
        />
      )}
      <span className="small block">{doneInWords(surface, other)}</span>
    </>
  );
};

const Changes = ({
  differences,
  from,
  to,
}: {
  differences: Difference[];
  from: string;
  to: string;
}) => (
  <table className="ledger mt-3" aria-label="What changes">
    <thead>
      <tr>
        <th>What changes</th>
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

/** What somebody has accepted and answers for, each with its reason. */
const Answered = ({ surfaces }: { surfaces: TreatedSurface[] }) => {
  const accepted = surfaces.filter(({ accepted: why }) => why !== null);
  if (accepted.length === 0) return null;
  return (
    <section className="mt-4" aria-label="What you answer for">
      <h2 className="mb-1">What you answer for</h2>
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

interface Pourer {
  key: string;
  surfaces: TreatedSurface[];
}

/** The treated surfaces by what goes on them. */
const byBottle = (surfaces: readonly TreatedSurface[]): Pourer[] => {
  const groups = new Map<string, TreatedSurface[]>();
  for (const surface of surfaces) {
    const key = surface.treatment
      ? `${surface.treatment.stockId} ${surface.treatment.strength}`
      : '';
    groups.set(key, [...(groups.get(key) ?? []), surface]);
  }
  return [...groups]
    .map(([key, list]) => ({ key, surfaces: list }))
    .sort((a, b) => Number(a.key === '') - Number(b.key === ''));
};

/** m³ that one coat on each surface takes. */
const needOf = (surfaces: readonly TreatedSurface[]): number =>
  surfaces.reduce(
    (sum, { area, treatment }) => sum + (treatment ? area * coats[treatment.application] : 0),
    0,
  );

const Done = ({ surfaces, stocks }: { surfaces: TreatedSurface[]; stocks: StockRow[] }) => (
  <section className="mt-4" aria-label="What will be done">
    <h2>What will be done</h2>
    <table className="ledger ledger--tight mt-1">
      <thead>
        <tr>
          <th>With</th>
          <th className="num">Surfaces</th>
          <th>How</th>
          <th className="num">One coat each</th>
        </tr>
      </thead>
      <tbody>
        {byBottle(surfaces).map(({ key, surfaces: list }) => {
          const [first] = list;
          const { treatment } = first!;
          const stock = stocks.find(({ id }) => id === treatment?.stockId);
          const times = [...new Set(list.map((one) => one.treatment?.seconds ?? 0))].sort(
            (a, b) => a - b,
          );
          const clothed = list.filter((one) => one.treatment?.application === 'cloth').length;
          const how = !treatment
            ? [...new Set(list.map(({ steps }) => stepLine(steps)))].slice(0, 3).join('; ')
            : `${times.map((seconds) => (seconds > 0 ? `${Math.ceil(seconds / 60)} min` : 'no wait')).join(' or ')}${clothed > 0 ? `; ${clothed} by cloth, never sprayed` : ''}`;
          return (
            <tr key={key}>
              <td>
                <span className="flex items-center gap-2">
                  <i
                    className="stub stub--row fill"
                    data-family={treatment ? activeFacts[treatment.active].family : 'soap'}
                  />
                  {stock && treatment
                    ? `${stock.name}${treatment.active === 'registered product' ? '' : `, ${strengthShort(treatment.active, treatment.strength)}`}`
                    : 'cleaned only'}
                </span>
              </td>
              <td className="num">{list.length}</td>
              <td>{how}</td>
              <td className="num">
                {treatment ? `${inMillilitres(needOf(list)).toFixed(0)} ml` : ''}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  </section>
);

/**
 * Before a version is approved: what changes, what is answered for, what will be done. Approval is
 * for just that.
 */
export const ApproveSheet = ({ home, stocks, rules, now, objections, judged, onDone }: Props) => {
  const [approve, approving] = api.useApproveMutation();
  const [newest] = home.versions;
  const { data: before } = api.useVersionQuery(newest?.id ?? '', { skip: !newest });
  const book = useBook();
  const rooms = buildProtocol(home, stocks, { rules, now, book }, judged);
  const surfaces = all(rooms);
  const number = (newest?.number ?? 0) + 1;
  const differences = before ? diffVersions(before.protocol.rooms, rooms) : [];
  const wet = surfaces.filter(({ treatment }) => (treatment?.seconds ?? 0) > 0).length;
  const accepted = surfaces.filter((surface) => surface.accepted !== null).length;
  const blocked = objections.length > 0;
  const refused = approving.error ? problemOf(approving.error) : undefined;
  // What somebody else has changed meanwhile comes into this sheet: it is looked over again, never
  // approved unseen.
  const submit = async () => {
    const result = await approve({ id: home.id, seen: home.revision });
    if (result.data) onDone();
  };
  const say = blocked
    ? `${countInWords(objections.length)} in the way.`
    : `${newest ? `${differences.length === 1 ? 'One surface changes' : `${differences.length} surfaces change`}. ` : ''}${wet} of ${surfaces.length} are kept wet, the rest is cleaned.`;
  return (
    <>
      <p className="crumb">
        <b>Before you approve</b> · as it stands on this page
      </p>
      <Verdict
        say={say}
        why={
          blocked
            ? 'Put right what is named on the left; until then nothing can be approved.'
            : `Nothing stands at Never. ${accepted === 0 ? 'No reason has to be answered for.' : `${accepted} ${accepted === 1 ? 'reason is' : 'reasons are'} yours to answer for.`}`
        }
      >
        <button
          className="btn btn--main"
          disabled={blocked || approving.isLoading || (newest !== undefined && !before)}
          onClick={() => void submit()}
        >
          Approve version {number}
        </button>
      </Verdict>
      {refused?.type === '/problems/changed-meanwhile' ? (
        <ChangedMeanwhile error={approving.error} onTheirs={() => approving.reset()} />
      ) : (
        <WentWrong error={approving.error} />
      )}
      {newest && differences.length > 0 && (
        <Changes
          differences={differences}
          from={`Version ${newest.number}`}
          to={`Version ${number}`}
        />
      )}
      <Answered surfaces={surfaces} />
      <Done surfaces={surfaces} stocks={stocks} />
      {surfaces.some(({ treatment }) => treatment && isGeneric(treatment.active)) && (
        <p className="small soft mt-3">
          None of our own mixtures is a registered disinfectant. Making and using them for hire may
          need a permit (in the US by FIFRA, in the EU by its rules for biocides): ask before you
          sell it as disinfecting.
        </p>
      )}
      <p className="my-3">
        <button className="btn btn--quiet" onClick={onDone}>
          Not yet
        </button>
      </p>
    </>
  );
};
