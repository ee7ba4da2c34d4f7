import { PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { useRef } from 'react';
import { ROW, type ChartProps } from './chartProps.ts';

/** A step moved by hand goes to the next multiple of this, s. */
const GRID = 5;

/** Steps moved by mouse: along the axis, and in the lanes to another person. */
export const useMoving = ({ drawn, cleaners, axis, onMove }: ChartProps) => {
  const body = useRef<HTMLDivElement>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const moveBy = (at: number, seconds: number, people: number) => {
    const { step } = drawn.find((one) => one.at === at)!;
    const from = cleaners.findIndex(({ id }) => id === step.cleaner);
    const to = cleaners[Math.min(cleaners.length - 1, Math.max(0, from + people))]!;
    const start = Math.max(0, Math.round((step.start + seconds) / GRID) * GRID);
    if (start !== step.start || to.id !== step.cleaner) onMove(at, { cleaner: to.id, start });
  };
  const onDragEnd = ({ active, delta }: DragEndEvent) => {
    const { at } = active.data.current as { at: number };
    const width = body.current?.querySelector('.visit-row__track')?.clientWidth ?? 1;
    const people = String(active.id).startsWith('lane') ? Math.round(delta.y / ROW) : 0;
    moveBy(at, (delta.x / width) * axis, people);
  };
  return { body, sensors, onDragEnd };
};
