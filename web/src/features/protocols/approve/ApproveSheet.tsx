import { isGeneric } from '@zymostat/core';
import { ChangedMeanwhile } from '../../../ui/ChangedMeanwhile.tsx';
import { Verdict } from '../../../ui/parts.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import type { ProtocolNow } from '../useProtocol.ts';
import { Answered } from './Answered.tsx';
import { useNextVersion, type NextVersion } from './useNextVersion.ts';
import { VersionChanges } from './VersionChanges.tsx';
import { WhatWillBeDone } from './WhatWillBeDone.tsx';

const sayOf = (next: NextVersion, { objections }: ProtocolNow): string => {
  const { blocked, newest, differences, surfaces } = next;
  if (blocked) return w.say('protocol.inTheWay', { objectionsCount: objections.length });
  const wet = surfaces.filter(({ treatment }) => (treatment?.seconds ?? 0) > 0).length;
  const kept = w.say('protocol.ofAreKeptWetThe', { wet, surfacesCount: surfaces.length });
  return newest
    ? `${w.say('protocol.surfacesChange', { count: differences.length })} ${kept}`
    : kept;
};

const whyOf = ({ blocked, surfaces }: NextVersion): string =>
  blocked
    ? w.name('protocol', 'putRightWhatIsNamed')
    : w.say('protocol.nothingStandsAtNever', {
        accepted: surfaces.filter(({ accepted }) => accepted !== null).length,
      });

const Content = ({ next, protocol }: { next: NextVersion; protocol: ProtocolNow }) => {
  const { newest, number, differences, surfaces } = next;
  const ownMixture = surfaces.some(({ treatment }) => treatment && isGeneric(treatment.active));
  return (
    <>
      {newest && differences.length > 0 && (
        <VersionChanges
          differences={differences}
          from={w.say('protocol.version', { number: newest.number })}
          to={w.say('protocol.version', { number })}
        />
      )}
      <Answered surfaces={surfaces} />
      <WhatWillBeDone surfaces={surfaces} stocks={protocol.stocks} />
      {ownMixture && (
        <p className="small soft mt-3">{w.name('protocol', 'noneOfOurOwnMixtures')}</p>
      )}
    </>
  );
};

interface Props {
  protocol: ProtocolNow;
  onDone: () => void;
}

/**
 * Before a version is approved: what changes, what is answered for, what will be done. Approval is
 * for just that.
 */
export const ApproveSheet = ({ protocol, onDone }: Props) => {
  const next = useNextVersion(protocol, onDone);
  return (
    <>
      <p className="crumb">
        {rich('protocol.beforeYouApproveAsIt', { b: (text) => <b>{text}</b> })}
      </p>
      <Verdict say={sayOf(next, protocol)} why={whyOf(next)}>
        <button className="btn btn--main" disabled={!next.may} onClick={next.submit}>
          {w.say('protocol.approveVersion', { number: next.number })}
        </button>
      </Verdict>
      <ChangedMeanwhile error={next.error} onTheirs={next.lookAgain} />
      <Content next={next} protocol={protocol} />
      <p className="my-3">
        <button className="btn btn--quiet" onClick={onDone}>
          {w.name('protocol', 'notYet')}
        </button>
      </p>
    </>
  );
};
