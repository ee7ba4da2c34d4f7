import { clock } from '@zymostat/words';
import type { CSSProperties } from 'react';
import { w } from '../../words/words.ts';

interface Props {
  /** All in s; standing by everything only where that keeps every rule. */
  inPlace: number | undefined;
  done: number;
  bound: number;
}

const Bar = ({
  name,
  at,
  axis,
  is = '',
}: Record<'name' | 'is', string> & Record<'at' | 'axis', number>) => (
  <>
    <span>{name}</span>
    <i className={`lasts__bar ${is}`} style={{ '--at': at, '--axis': axis } as CSSProperties} />
    <b className="fig">{clock(at)}</b>
  </>
);

/** How long the visit takes by each way, side by side. */
export const Lasts = ({ inPlace, done, bound }: Props) => {
  const axis = Math.max(inPlace ?? 0, done, 1);
  return (
    <div className="lasts my-3">
      {inPlace !== undefined && (
        <Bar name={w.name('visitPlan', 'inPlace')} at={inPlace} axis={axis} is="lasts__bar--open" />
      )}
      <Bar name={w.name('visitPlan', 'thisPlan')} at={done} axis={axis} is="" />
      <Bar name={w.name('visitPlan', 'bound')} at={bound} axis={axis} is="lasts__bar--bound" />
    </div>
  );
};
