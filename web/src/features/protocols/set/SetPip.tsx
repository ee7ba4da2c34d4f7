import { Goal } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';
import { SetBand, type SetProps } from './SetBand.tsx';

const Drawn = ({ protocol, surface }: SetProps) => {
  const { use } = surface.setting;
  if (protocol.objectionTo(surface) === 'never')
    return <i className="pip__never" title={w.say('protocol.never3', { surface: surface.name })} />;
  if (use && protocol.judged.get(surface.id)!.seconds > 0)
    return <SetBand protocol={protocol} surface={surface} />;
  return (
    <i className={`stub ${use ? 'fill' : ''}`} data-family={protocol.familyOf(surface) ?? 'soap'} />
  );
};

/** A surface of a room that is not open, small: goal, band, and what is in its way. */
export const SetPip = ({ protocol, surface }: SetProps) => (
  <span className="pip">
    <Goal is={surface.setting.goal} word={false} />
    {protocol.objectionTo(surface) === 'care' ? (
      <span className="pip__care" title={w.say('protocol.careWaits2', { surface: surface.name })}>
        <Drawn protocol={protocol} surface={surface} />
      </span>
    ) : (
      <Drawn protocol={protocol} surface={surface} />
    )}
  </span>
);
