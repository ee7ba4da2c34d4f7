import type { SurfaceRow } from '@zymostat/contract';
import { WetBand } from '../../../ui/WetBand.tsx';
import { heldFor, type ProtocolNow } from '../useProtocol.ts';

export interface SetProps {
  protocol: ProtocolNow;
  surface: SurfaceRow;
}

/** The wet time that is set, on the axis of the whole home. */
export const SetBand = ({ protocol, surface }: SetProps) => {
  const { seconds, prediction } = protocol.judged.get(surface.id)!;
  return (
    <WetBand
      tiny
      family={protocol.familyOf(surface)}
      required={seconds}
      held={prediction ? heldFor(seconds, prediction) : undefined}
      rewets={prediction?.rewets.at}
      estimate
      axis={protocol.longest * 1.15}
    />
  );
};
