import type { Answer } from '@zymostat/contract';
import { inFours } from '@zymostat/words';
import { momentOf } from '../../ui/times.ts';
import { Verdict } from '../../ui/parts.tsx';
import { QrCode } from '../../ui/QrCode.tsx';
import { w } from '../../words/words.ts';
import { joinLink } from '../team/joinLink.ts';

/** The codes of people who were asked in together, told this once: to be printed and cut up. */
export const Codes = ({ of }: { of: Answer<'inviteMany'> }) => (
  <section aria-label={w.name('lists', 'cameIn')} className="printed">
    <Verdict
      say={w.name('lists', 'cameIn')}
      why={w.say('lists.codes', { until: momentOf(of[0]!.expiresAt) })}
    >
      <button className="btn" onClick={() => print()}>
        {w.name('lists', 'print')}
      </button>
    </Verdict>
    <ul className="list">
      {of.map(({ id, name, role, code }) => {
        const link = joinLink(code);
        return (
          <li key={id} className="flex items-center gap-5 py-2">
            <QrCode text={link} size={84} alt={link} />
            <span>
              <b className="font-semibold">{name}</b>
              <span className="small soft block">{w.name('roleName', role)}</span>
              <span className="fig block">{inFours(code)}</span>
            </span>
          </li>
        );
      })}
    </ul>
  </section>
);
