import type { Compared } from '@zymostat/core';
import { reasonInWords, sourceInWords } from '@zymostat/words';
import { Severity } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';

type Reason = Compared['contact']['reasons'][number];

/** Those that say something; the first of a never stands above them all. */
export const reasonsOf = ({ reasons }: Compared['contact']): Reason[] =>
  reasons.filter(({ code }) => code !== 'cleaning-needs-no-wait');

const Source = ({ of }: { of: Reason }) => (
  <span className="compare__source">{sourceInWords(w, of.source)}</span>
);

const Grave = ({ reason }: { reason: Reason }) => (
  <p className="my-0.5">
    <Severity is={reason.outcome} /> <span className="ml-1">{reasonInWords(w, reason)}</span>{' '}
    <Source of={reason} />
  </p>
);

/** Every reason with its source: what speaks against it first, each on a line. */
export const FamilyReasons = ({ contact }: Pick<Compared, 'contact'>) => {
  const reasons = reasonsOf(contact);
  const never = contact.outcome === 'never';
  const [worst] = reasons;
  const grave = reasons.slice(never ? 1 : 0).filter(({ outcome }) => outcome !== 'use');
  const mild = reasons.filter(
    ({ outcome, code }) => outcome === 'use' && code !== 'material-bears',
  );
  return (
    <>
      {never && worst && <p className="compare__source">{sourceInWords(w, worst.source)}</p>}
      {grave.map((reason) => (
        <Grave key={reason.code} reason={reason} />
      ))}
      {!never && (
        <p>
          {mild.map((reason) => (
            <span key={reason.code}>
              {reasonInWords(w, reason)} <Source of={reason} />{' '}
            </span>
          ))}
        </p>
      )}
    </>
  );
};
