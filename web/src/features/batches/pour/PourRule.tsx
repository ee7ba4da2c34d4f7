import type { CSSProperties } from 'react';
import { rich } from '../../../words/rich.tsx';

interface Props {
  /** All in grams. */
  now: number;
  target: number;
  most: number;
}

/**
 * Length is weight: what is in, what is still to come, the mark, and where it would be too much.
 */
export const PourRule = ({ now, target, most }: Props) => {
  const axis = Math.max(target * 1.35, now * 1.05);
  const style = {
    '--axis': axis,
    '--target': target,
    '--now': Math.min(Math.max(0, now), axis),
    '--limit': most,
  } as CSSProperties;
  return (
    <div className="pour-rule" style={style} aria-hidden="true">
      <i className="pour-rule__in" />
      {now < target && <i className="pour-rule__ok" />}
      <i className="pour-rule__target">
        <span className="fig">{target.toFixed(1)}</span>
      </i>
      {most < axis && (
        <i className="pour-rule__limit">
          <span>
            {rich('bench.over', {
              b: (text) => <b className="fig">{text}</b>,
              most: most.toFixed(1),
            })}
          </span>
        </i>
      )}
    </div>
  );
};
