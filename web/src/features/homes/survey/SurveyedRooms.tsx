import type { SurfaceRow } from '@zymostat/contract';
import { Descent } from '../../../ui/Descent.tsx';
import { w } from '../../../words/words.ts';
import type { Standing } from '../HomeHead.tsx';

const Size = ({ area, food }: SurfaceRow) => (
  <span className="small soft">{w.say('survey.m2', { area, food: food ? 'yes' : 'no' })}</span>
);

const MaterialAndUse = ({ material, touched, soil }: SurfaceRow) => (
  <span className="descent__set">
    <span className="truncate">
      {w.say('survey.materialAndUse', {
        material: w.name('material', material),
        touched: w.name('touched', touched),
      })}
      {soil !== 'everyday' && <b className="font-semibold"> {w.name('soil', soil)}</b>}
    </span>
  </span>
);

/** The rooms of a home with what was noted of each surface. */
export const SurveyedRooms = (standing: Standing) => (
  <Descent
    {...standing}
    beside={(surface) => <Size {...surface} />}
    under={(surface) => <MaterialAndUse {...surface} />}
    pip={() => <span className="block h-1.5 w-4 border border-(--ghost)" />}
  />
);
