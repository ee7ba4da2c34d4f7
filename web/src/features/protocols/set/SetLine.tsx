import { materialOf } from '@zymostat/core';
import { cleanedStep, strengthShort } from '@zymostat/words';
import { w } from '../../../words/words.ts';
import { SetBand, type SetProps } from './SetBand.tsx';

/** What is set, in a word or two. */
const setInWords = ({ protocol, surface }: SetProps): string => {
  const { use, goal } = surface.setting;
  const { seconds } = protocol.judged.get(surface.id)!;
  if (use)
    return w.say('protocol.strengthAndTime', {
      strength: strengthShort(w, protocol.stockOf(surface)?.active ?? 'ethanol', use.strength),
      minutes: Math.ceil(seconds / 60),
    });
  return goal === 'clean'
    ? w.name('step', cleanedStep([materialOf(surface.material).cleaned]))
    : w.name('protocol', 'nothingSet');
};

/** What lifts its soil first, where a wash is not all. */
const loosenedInWords = ({ protocol, surface }: SetProps): string | undefined => {
  const last = protocol.judged.get(surface.id)!.soil?.cleaners.at(-1);
  if (!last || (surface.soil === 'everyday' && last.cleaner !== 'peroxide')) return undefined;
  return w.say('protocol.loosenedThen', {
    soil: w.name('soil', surface.soil),
    cleaner: w.name('cleaner', last.cleaner),
  });
};

const Drawn = ({ protocol, surface }: SetProps) => {
  if (protocol.objectionTo(surface) === 'never')
    return <i className="pip__never w-[104px]" title={w.name('protocol', 'never2')} />;
  if (protocol.judged.get(surface.id)!.seconds > 0)
    return <SetBand protocol={protocol} surface={surface} />;
  return <i className={`stub stub--row ${surface.setting.use ? 'fill' : ''}`} />;
};

/** What is set for a surface, under its name. */
export const SetLine = ({ protocol, surface }: SetProps) => (
  <span className="descent__set" data-family={protocol.familyOf(surface) ?? 'soap'}>
    <Drawn protocol={protocol} surface={surface} />
    <span className="truncate">
      {loosenedInWords({ protocol, surface })}
      {setInWords({ protocol, surface })}
    </span>
    {protocol.objectionTo(surface) === 'care' && (
      <b className="font-semibold text-ink">{w.name('protocol', 'careWaits')}</b>
    )}
  </span>
);
