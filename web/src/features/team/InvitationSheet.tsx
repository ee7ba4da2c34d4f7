import type { Invitation } from '@zymostat/contract';
import { Verdict, WentWrong } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { useEndInvitationMutation, useRenewInvitationMutation } from './api.ts';
import { Code } from './Code.tsx';

/** What an invitation is, in a line. */
export const invitationLine = ({ for: what, role, expiresAt }: Invitation): string =>
  w.say(what === 'joining' ? 'team.invited' : 'team.newPassword', {
    role: w.name('roleName', role),
    until: momentOf(expiresAt),
  });

/** One invitation: another code, or none. */
export const InvitationSheet = ({ of: invitation }: { of: Invitation }) => {
  const [renew, renewing] = useRenewInvitationMutation();
  const [end, ending] = useEndInvitationMutation();
  return (
    <>
      <p className="crumb">
        <b>{invitation.name}</b> · {invitationLine(invitation)}
      </p>
      {renewing.data ? (
        <Code of={renewing.data} />
      ) : (
        <Verdict say={invitation.name} why={w.name('team', 'shownOnce')} />
      )}
      <p className="mt-4 flex flex-wrap gap-3">
        <button className="btn" onClick={() => void renew(invitation.id)}>
          {w.name('team', 'aNewCode')}
        </button>
        <button className="btn" onClick={() => void end(invitation.id)}>
          {w.name('team', 'takeBack')}
        </button>
      </p>
      <WentWrong error={renewing.error ?? ending.error} />
    </>
  );
};
