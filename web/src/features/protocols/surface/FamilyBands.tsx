import type { Compared } from '@zymostat/core';
import { WetBand } from '../../../ui/WetBand.tsx';
import { w } from '../../../words/words.ts';
import { heldFor } from '../useProtocol.ts';

type Props = Pick<Compared, 'family' | 'contact'>;

/**
 * What one coat does against the time required; and where it does not hold, what the planned coats
 * do.
 */
const Bands = ({ family, contact: { seconds, prediction } }: Props) => {
  if (!prediction) return <WetBand family={family} required={seconds} scale />;
  const { holds, rewets } = prediction;
  if (rewets.count === 0)
    return <WetBand family={family} required={seconds} held={holds} estimate scale />;
  const axis = seconds * 1.3;
  return (
    <div className="compare__two">
      <span className="pt-3">{w.name('protocol', 'oneCoat')}</span>
      <span className="pt-3">
        <WetBand family={family} required={seconds} held={holds} estimate axis={axis} />
      </span>
      <span className="pt-2">{w.say('protocol.coats', { count: rewets.count + 1 })}</span>
      <span className="pt-2">
        <WetBand
          family={family}
          required={seconds}
          held={heldFor(seconds, prediction)}
          rewets={rewets.at}
          estimate
          axis={axis}
          scale
        />
      </span>
    </div>
  );
};

/** How long it must stay wet and will, or why no time counts. */
export const FamilyBands = ({ family, contact }: Props) => {
  if (contact.outcome !== 'never' && contact.seconds > 0)
    return <Bands family={family} contact={contact} />;
  const never = contact.span
    ? w.name('protocol', 'noWetTimeCounts')
    : w.name('protocol', 'noStrengthOfItIs');
  return (
    <p className="small soft">
      {contact.outcome === 'never' ? never : w.name('protocol', 'noWaitItOnlyCleans')}
    </p>
  );
};
