import { isGeneric, type Compared } from '@zymostat/core';
import { lazy, Suspense, useState } from 'react';
import { ChangedMeanwhile } from '../../../ui/ChangedMeanwhile.tsx';
import { Steps } from '../Steps.tsx';
import { AcceptCare } from './AcceptCare.tsx';
import { BleachTablet } from './BleachTablet.tsx';
import { Families } from './Families.tsx';
import { Loosening } from './Loosening.tsx';
import { GoalControls } from './GoalControls.tsx';
import { SurfaceVerdict } from './SurfaceVerdict.tsx';
import { useSurfaceSetting, type SurfaceProps } from './useSurfaceSetting.ts';

/** The curves come with the charts, when somebody asks for them. */
const WetTime = lazy(() => import('../../wetTime/WetTime.tsx'));

interface DryingProps extends SurfaceProps {
  of: Compared | null;
  onClose: () => void;
}

const Drying = ({ protocol, room, surface, of, onClose }: DryingProps) => {
  if (!of?.contact.prediction || !isGeneric(of.stock.active)) return null;
  return (
    <Suspense>
      <WetTime
        coat={{
          title: surface.name,
          active: of.stock.active,
          strength: of.strength,
          seconds: of.contact.seconds,
          against: surface.setting.against,
          application: of.contact.prediction.application,
          area: surface.area,
          room,
          rules: protocol.judging.rules,
        }}
        onClose={onClose}
      />
    </Suspense>
  );
};

/** One surface: what it must reach, and what each family could do for it here. */
export const SurfaceSheet = (props: SurfaceProps) => {
  const { protocol, surface } = props;
  const setting = useSurfaceSetting(props);
  const [drying, setDrying] = useState<Compared | null>(null);
  return (
    <>
      <SurfaceVerdict surface={surface} setting={setting} />
      <GoalControls surface={surface} rules={protocol.judging.rules} setting={setting} />
      <ChangedMeanwhile
        error={setting.error}
        onMine={setting.saveMine}
        onTheirs={setting.takeTheirs}
      />
      {setting.proposal?.contact.outcome !== 'never' && <Steps treated={setting.treated} />}
      <Loosening {...props} setting={setting} />
      <BleachTablet home={protocol.home.name} surface={surface} setting={setting} />
      <AcceptCare surface={surface} setting={setting} />
      <Families protocol={protocol} surface={surface} setting={setting} onDrying={setDrying} />
      <Drying {...props} of={drying} onClose={() => setDrying(null)} />
    </>
  );
};
