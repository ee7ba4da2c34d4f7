import type { SurfaceRow } from '@zymostat/contract';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import type { SurfaceSetting } from './useSurfaceSetting.ts';

interface Props {
  home: string;
  surface: SurfaceRow;
  setting: SurfaceSetting;
}

/** Something here would meet the client's tablet in the bowl. */
const isBarred = ({ surface, setting: { compared } }: Props): boolean =>
  surface.level === 'toilet' &&
  compared.some(({ contact }) => contact.reasons.some(({ code }) => code === 'meets-in-bowl'));

/** The client's bleach tablet is taken out before anything that it reacts with goes on. */
export const BleachTablet = (props: Props) => {
  const { home, surface, setting } = props;
  if (surface.setting.lifts)
    return (
      <p className="mb-4 border-y border-ink py-2">
        {rich('protocol.firstTakeTheTabletOut', { b: (text) => <b>{text}</b> })}{' '}
        <button className="btn btn--quiet ml-3" onClick={() => setting.set({ lifts: false })}>
          {w.name('protocol', 'leaveThisStepOut')}
        </button>
      </p>
    );
  if (!isBarred(props)) return null;
  return (
    <div className="mb-4 border-y border-ink py-3">
      <p className="mb-2">{w.say('protocol.keepsABleachTabletIn', { home })}</p>
      <button className="btn" onClick={() => setting.set({ lifts: true })}>
        {w.name('protocol', 'takeTheTabletOutFirst')}
      </button>
    </div>
  );
};
