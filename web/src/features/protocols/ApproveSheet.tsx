import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type HomeDetail, type StockRow } from '@zymostat/contract';
import { stepLine, strengthShort } from '@zymostat/words';
import { w } from '../../words/words.ts';
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
import { problemOf } from '../../api/api.ts';
import { useApproveMutation, useVersionQuery } from './api.ts';
import { useBook } from '../../api/useBook.ts';
import { Severity, Verdict, WentWrong } from '../../ui/parts.tsx';
import { ChangedMeanwhile } from '../../ui/ChangedMeanwhile.tsx';
import { WetBand } from '../../ui/WetBand.tsx';
import { doneInWords } from './words.ts';

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
  if (!surface) return <span className="small soft">{w.name('protocol', 'notInIt')}</span>;
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

/** What somebody has accepted and answers for, each with its reason. */
const Answered = ({ surfaces }: { surfaces: TreatedSurface[] }) => {
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
  <section className="mt-4" aria-label={w.name('protocol', 'whatWillBeDone')}>
    <h2>{w.name('protocol', 'whatWillBeDone')}</h2>
    <table className="ledger ledger--tight mt-1">
      <thead>
        <tr>
          <th>{w.name('protocol', 'with')}</th>
          <th className="num">{w.name('protocol', 'surfaces')}</th>
          <th>{w.name('protocol', 'how')}</th>
          <th className="num">{w.name('protocol', 'oneCoatEach')}</th>
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
            ? [...new Set(list.map(({ steps }) => stepLine(w, steps)))].slice(0, 3).join('; ')
            : `${times.map((seconds) => (seconds > 0 ? w.say('protocol.min', { ceil: Math.ceil(seconds / 60) }) : w.name('protocol', 'noWait'))).join(w.name('protocol', 'or'))}${clothed > 0 ? w.say('protocol.byClothNeverSprayed', { clothed }) : ''}`;
          return (
            <tr key={key}>
              <td>
                <span className="flex items-center gap-2">
                  <i
                    className="stub stub--row fill"
                    data-family={treatment ? activeFacts[treatment.active].family : 'soap'}
                  />
                  {stock && treatment
                    ? `${stock.name}${treatment.active === 'registered product' ? '' : `, ${strengthShort(w, treatment.active, treatment.strength)}`}`
                    : w.name('protocol', 'cleanedOnly')}
                </span>
              </td>
              <td className="num">{list.length}</td>
              <td>{how}</td>
              <td className="num">
                {treatment
                  ? w.say('protocol.ml', { list: inMillilitres(needOf(list)).toFixed(0) })
                  : ''}
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
  const [approve, approving] = useApproveMutation();
  const [newest] = home.versions;
  const { data: before } = useVersionQuery(newest?.id ?? '', { skip: !newest });
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
    ? w.say('protocol.inTheWay', { objectionsCount: objections.length })
    : [
        ...(newest ? [w.say('protocol.surfacesChange', { count: differences.length })] : []),
        w.say('protocol.ofAreKeptWetThe', { wet, surfacesCount: surfaces.length }),
      ].join(' ');
  return (
    <>
      <p className="crumb">
        {rich('protocol.beforeYouApproveAsIt', { b: (text: ReactNode) => <b>{text}</b> })}
      </p>
      <Verdict
        say={say}
        why={
          blocked
            ? w.name('protocol', 'putRightWhatIsNamed')
            : w.say('protocol.nothingStandsAtNever', { accepted })
        }
      >
        <button
          className="btn btn--main"
          disabled={blocked || approving.isLoading || (newest !== undefined && !before)}
          onClick={() => void submit()}
        >
          {w.say('protocol.approveVersion', { number })}
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
          from={w.say('protocol.version', { number: newest.number })}
          to={`Version ${number}`}
        />
      )}
      <Answered surfaces={surfaces} />
      <Done surfaces={surfaces} stocks={stocks} />
      {surfaces.some(({ treatment }) => treatment && isGeneric(treatment.active)) && (
        <p className="small soft mt-3">{w.name('protocol', 'noneOfOurOwnMixtures')}</p>
      )}
      <p className="my-3">
        <button className="btn btn--quiet" onClick={onDone}>
          {w.name('protocol', 'notYet')}
        </button>
      </p>
    </>
  );
};
