import { useDraggable } from '@dnd-kit/core';
import type { CSSProperties } from 'react';
import { share, type Drawn } from './chartProps.ts';

interface Props extends Drawn {
  axis: number;
  /** Where it is drawn: a step can be taken hold of in its row and in its person's lane. */
  in: 'row' | 'lane';
}

/**
 * One hands-on step: drawn as long as it takes, moved by mouse. By keyboard it is moved in the list of
 * its surface, since a short step is too small to be aimed at.
 */
export const StepBlock = ({ step, at, who, wrong, says, axis, in: place }: Props) => {
  const { listeners, setNodeRef, transform } = useDraggable({
    id: `${place}-${at}`,
    data: { at },
  });
  const kinds = [`visit-step--${who % 4}`, step.kind === 'rewet' ? 'visit-step--rewet' : ''];
  const style: CSSProperties = {
    left: share(step.start, axis),
    width: share(step.end - step.start, axis),
    ...(transform ? { translate: `${transform.x}px ${place === 'lane' ? transform.y : 0}px` } : {}),
  };
  return (
    <i
      ref={setNodeRef}
      className={`visit-step ${kinds.join(' ')} ${wrong ? 'visit-step--wrong' : ''}`}
      style={style}
      title={says}
      data-step={`${place}-${at}`}
      aria-hidden="true"
      {...listeners}
    />
  );
};
