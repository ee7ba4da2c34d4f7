import type { RecordBreak, Verification } from '@zymostat/contract';
import { WentWrong } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { useVerificationQuery, useVerifyMutation } from './api.ts';

const breakInWords = ({ code, seq, table, id, name, homeId, surfaceId }: RecordBreak): string =>
  w.tell('broken', code, {
    seq: seq ?? 0,
    table: table ?? '',
    id: id ?? '',
    name: name ?? '',
    homeId: homeId ?? '',
    surfaceId: surfaceId ?? '',
  });

const Breaks = ({ broken, breaks }: Verification) => (
  <div className="no my-3 p-3" role="alert">
    <b>{w.say('records.broken', { count: broken })}</b>
    <ul className="mt-2">
      {breaks.map((one, i) => (
        <li key={i} className="break-all">
          {breakInWords(one)}
        </li>
      ))}
    </ul>
  </div>
);

/** What stands at the end of the record, by which anybody can tell whether it is still the same. */
const Head = ({ head, unprotected }: Verification) => (
  <details className="small mt-1">
    <summary>{w.name('records', 'howItIsProved')}</summary>
    <p className="soft my-2">{w.name('records', 'whatIsProved')}</p>
    <p className="fig break-all">{w.say('records.head', { seq: head.seq, hash: head.hash })}</p>
    {unprotected.map((one) => (
      <p key={one} className="my-2">
        {w.name('unprotected', one)}
      </p>
    ))}
  </details>
);

/** Whether the record holds, since when that is known, and a way to look again. */
export const Proof = () => {
  const { data: last, error } = useVerificationQuery();
  const [verify, verifying] = useVerifyMutation();
  return (
    <section aria-label={w.name('records', 'proof')} className="mb-4 border-b border-rule pb-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <p role="status">
          {last
            ? w.say('records.verified', {
                when: momentOf(last.at),
                rows: last.rows,
                holds: last.broken === 0 ? 'yes' : 'no',
              })
            : w.name('records', 'neverVerified')}
        </p>
        <button
          className="btn btn--quiet"
          disabled={verifying.isLoading}
          onClick={() => void verify()}
        >
          {w.name('records', verifying.isLoading ? 'verifying' : 'verifyNow')}
        </button>
      </div>
      <WentWrong error={error ?? verifying.error} />
      {last && last.broken > 0 && <Breaks {...last} />}
      {last && <Head {...last} />}
    </section>
  );
};
