import { DEPOT, UNKNOWN_ROAD, type Road } from './week.ts';

/** Roads either way by the two places; nothing between a place and itself. */
export const roadsBetween = (roads: readonly Road[]) => {
  const known = new Map<string, number>();
  for (const { a, b, seconds } of roads) {
    known.set(`${a} ${b}`, seconds);
    known.set(`${b} ${a}`, seconds);
  }
  const said = (a: string, b: string): number | undefined => (a === b ? 0 : known.get(`${a} ${b}`));
  return {
    /** s; undefined where nobody has said. */
    said,
    /** s; the worst reading where nobody has said. */
    counted: (a: string, b: string): number => said(a, b) ?? UNKNOWN_ROAD,
  };
};

/**
 * Homes in the order of a road from the depot, always on to the nearest: for drawing. Ties by id.
 */
export const inRoadOrder = (homes: readonly string[], roads: readonly Road[]): string[] => {
  const { counted } = roadsBetween(roads);
  const left = [...homes].sort();
  const order: string[] = [];
  let at: string = DEPOT;
  while (left.length > 0) {
    const near = left.reduce((best, one) => (counted(at, one) < counted(at, best) ? one : best));
    left.splice(left.indexOf(near), 1);
    order.push(near);
    at = near;
  }
  return order;
};
