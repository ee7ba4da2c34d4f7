import type { SurfaceRow } from '@zymostat/contract';
import { Verdict } from '../../../ui/parts.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { sayHolding, saySteps } from '../words.ts';
import type { SurfaceSetting } from './useSurfaceSetting.ts';

interface Props {
  surface: SurfaceRow;
  setting: SurfaceSetting;
}

const sayOf = ({ surface, setting: { proposal, treated } }: Props): string => {
  if (!proposal && surface.setting.goal !== 'clean')
    return w.name('protocol', 'nothingOnTheShelfMay');
  return proposal?.contact.outcome === 'never'
    ? w.say('protocol.isSetAndItDoes', { family: w.name('family', proposal.family) })
    : saySteps(treated);
};

const whyOf = ({ setting: { proposal, chosen } }: Props): string | undefined => {
  if (!proposal) return undefined;
  const holding = sayHolding(proposal.contact);
  if (chosen) return holding;
  const notYet = w.name('protocol', 'notSetYetThisIs');
  return holding ? `${holding} ${notYet}` : notYet;
};

/** What it is, and in a sentence what is done there. */
export const SurfaceVerdict = (props: Props) => {
  const { surface, setting } = props;
  const { proposal, chosen, use } = setting;
  return (
    <>
      <p className="crumb">
        {rich('protocol.m', {
          b: (text) => <b>{text}</b>,
          surface: surface.name,
          material: w.name('material', surface.material),
          area: surface.area,
          touched: w.name('touched', surface.touched),
          food: surface.food ? 'yes' : 'no',
        })}
      </p>
      <Verdict say={sayOf(props)} why={whyOf(props)}>
        {proposal && !chosen && proposal.contact.outcome !== 'never' && (
          <button className="btn btn--main" onClick={() => use(proposal)}>
            {w.say('protocol.set', { family: w.name('family', proposal.family).toLowerCase() })}
          </button>
        )}
      </Verdict>
    </>
  );
};
