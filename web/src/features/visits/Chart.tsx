import './visits.css';
import { DndContext } from '@dnd-kit/core';
import type { PlanStep } from '@zymostat/core';
import { clock } from '@zymostat/words';
import { timeOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { Axis, Bands, Lane, Names } from './ChartParts.tsx';
import { share, type ChartProps } from './chartProps.ts';
import { laneOf } from './chartRows.ts';
import { StepBlock } from './StepBlock.tsx';
import { Threads } from './Threads.tsx';
import { useMoving } from './useMoving.ts';

interface SurfacesProps extends ChartProps {
  steps: PlanStep[];
}

/** What is wet and who is there, surface by surface. */
const Surfaces = ({ steps, ...props }: SurfacesProps) => {
  const { rows, spans, drawn, cleaners, axis, done, bound } = props;
  const rowOf = (treatment: string) =>
    rows.findIndex(({ treatments }) => treatments.includes(treatment));
  return (
    <div className="visit-body">
      {rows.map((row) => (
        <div key={row.key} className={`visit-row ${row.first ? 'visit-row--first' : ''}`}>
          <Names row={row} onFold={props.onFold} folds={props.folds} onChoose={props.onChoose} />
          <div className="visit-row__track">
            <Bands spans={spans(row)} axis={axis} />
            {drawn
              .filter(({ step }) => row.treatments.includes(step.treatment))
              .map((one) => (
                <StepBlock key={one.at} {...one} axis={axis} in="row" />
              ))}
          </div>
        </div>
      ))}
      <div className="visit-body__over">
        <Threads
          steps={steps}
          cleaners={cleaners.map(({ id }) => id)}
          rowOf={rowOf}
          rows={rows.length}
          axis={axis}
        />
        <i className="visit-end" style={{ left: share(done, axis) }} />
        {bound < done && (
          <i className="visit-end visit-end--bound" style={{ left: share(bound, axis) }} />
        )}
      </div>
    </div>
  );
};

/** Who is where and what is wet: people above, surfaces below, time across. */
export const Chart = (props: ChartProps) => {
  const { drawn, cleaners, axis, done, startsAt, byPerson } = props;
  const { body, sensors, onDragEnd } = useMoving(props);
  const steps = drawn.map(({ step }) => step);
  const from = timeOf(startsAt);
  const to = timeOf(startsAt + done * 1000);
  return (
    <DndContext sensors={sensors} onDragEnd={onDragEnd}>
      <section
        ref={body}
        className="visit-chart"
        aria-label={w.say('visitPlan.chart', { from, to })}
      >
        {cleaners.map(({ id, name }) => {
          const { works, rest } = laneOf(steps, id);
          const says = w.say('visitPlan.lane', { works: clock(works), rest: clock(rest) });
          return (
            <Lane key={id} name={name} says={says}>
              {drawn
                .filter(({ step }) => step.cleaner === id)
                .map((one) => (
                  <StepBlock key={one.at} {...one} axis={axis} in="lane" />
                ))}
            </Lane>
          );
        })}
        <Axis axis={axis} startsAt={startsAt} />
        {!byPerson && <Surfaces {...props} steps={steps} />}
      </section>
    </DndContext>
  );
};
