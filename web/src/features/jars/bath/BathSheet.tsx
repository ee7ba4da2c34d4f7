import type { BathRow } from '@zymostat/contract';
import { activeFacts, secondsBetween } from '@zymostat/core';
import { clock, duration, millilitres, percent, upper } from '@zymostat/words';
import { v7 as newId } from 'uuid';
import { Verdict, WentWrong } from '../../../ui/parts.tsx';
import { momentOf } from '../../../ui/times.ts';
import { WetBand } from '../../../ui/WetBand.tsx';
import { w } from '../../../words/words.ts';
import { useEndBathMutation } from '../api.ts';
import { bathDue } from '../bathDue.ts';

interface Props {
  bath: BathRow;
  now: number;
}

/** How it stands: how long it has yet, that it must come out, or what came of it. */
const sayOf = ({ bath, now }: Props): string => {
  const { ended } = bath;
  if (ended)
    return w.say('jars.layFor', {
      time: duration(w, ended.seconds),
      outcome: w.name('layOutcome', ended.outcome),
    });
  const due = bathDue(bath, now)!;
  if (due.over) return w.say('jars.tooLongBy', { over: clock((now - due.at) / 1000) });
  return due.at > now
    ? w.say(due.out ? 'jars.outIn' : 'jars.readyIn', { left: clock((due.at - now) / 1000) })
    : w.name('jars', 'takeItOut');
};

/** One bath: its clock with notch and wall, and taking it out. */
export const BathSheet = (props: Props) => {
  const { bath, now } = props;
  const [end, ending] = useEndBathMutation();
  const gone = bath.ended?.seconds ?? secondsBetween(bath.begunAt, now);
  return (
    <>
      <p className="crumb">
        <b className="fig">{bath.code}</b> · {upper(w.name('thing', bath.thing))} · {bath.place} ·{' '}
        {w.name('active', bath.active)} {percent(w, bath.strength)}, {bath.batchCode} ·{' '}
        {millilitres(w, bath.pour)}
      </p>
      <Verdict say={sayOf(props)} why={w.name('soakClaim', bath.ended?.claim ?? bath.claim)}>
        {!bath.ended && (
          <button
            className="btn btn--main"
            disabled={ending.isLoading}
            onClick={() => void end({ id: bath.id, body: { id: newId() } })}
          >
            {w.name('jars', 'takenOut')}
          </button>
        )}
      </Verdict>
      <WentWrong error={ending.error} />
      <div className="loosening__band">
        <WetBand
          family={activeFacts[bath.active].family}
          required={bath.least}
          wall={bath.most ?? undefined}
          now={bath.most === null ? Math.min(gone, bath.least) : gone}
          scale
        />
      </div>
      <p className="soft">
        {w.say('jars.laidInBy', { by: bath.begunBy, at: momentOf(bath.begunAt) })}
      </p>
    </>
  );
};
