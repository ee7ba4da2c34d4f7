import { MOST_CREW, type WeekArrays } from './weekArrays.ts';
import type { Week } from './weekInHand.ts';

/** How often a change is followed by another one before it is weighed. */
const AGAIN = 0.35;

/** Changes one thing, or a few, of one day; which day, -1 where nothing could be changed. */
export const changer = ({ people, needed, visits, day, held }: WeekArrays) => {
  const pick = (next: () => number, below: number): number => Math.floor(next() * below);
  const ofVisit = (crew: Int16Array, v: number): Int16Array =>
    crew.subarray(v * MOST_CREW, (v + 1) * MOST_CREW);
  const other = (crew: Int16Array, turns: number[], next: () => number): boolean => {
    const v = turns[pick(next, turns.length)]!;
    const own = ofVisit(crew, v);
    const p = pick(next, people);
    if (held[v] || own.includes(p)) return false;
    own[pick(next, Math.min(needed[v]!, people))] = p;
    return true;
  };
  const swapped = (crew: Int16Array, turns: number[], next: () => number): boolean => {
    const [v, u] = [turns[pick(next, turns.length)]!, turns[pick(next, turns.length)]!];
    if (u === v || held[v] || held[u]) return false;
    const [a, b] = [pick(next, needed[v]!), pick(next, needed[u]!)];
    const [mine, theirs] = [ofVisit(crew, v), ofVisit(crew, u)];
    if (mine.includes(theirs[b]!) || theirs.includes(mine[a]!)) return false;
    [mine[a], theirs[b]] = [theirs[b]!, mine[a]!];
    return true;
  };
  /** Two people work each other's day. */
  const traded = (crew: Int16Array, turns: number[], next: () => number): boolean => {
    const [p, q] = [pick(next, people), pick(next, people)];
    if (p === q) return false;
    for (const v of turns) {
      if (held[v]) continue;
      const own = ofVisit(crew, v);
      own.forEach((who, k) => {
        if (who === p) own[k] = q;
        if (who === q) own[k] = p;
      });
    }
    return true;
  };
  const moved = (turns: number[], next: () => number): boolean => {
    if (turns.length < 2) return false;
    const [v] = turns.splice(pick(next, turns.length), 1);
    turns.splice(pick(next, turns.length + 1), 0, v!);
    return true;
  };
  const one = ({ crew }: Week, turns: number[], next: () => number): boolean => {
    const draw = next();
    if (draw < 0.4) return other(crew, turns, next);
    if (draw < 0.65) return swapped(crew, turns, next);
    return draw < 0.7 ? traded(crew, turns, next) : moved(turns, next);
  };
  return (week: Week, next: () => number): number => {
    const d = day[pick(next, visits)]!;
    let changed = false;
    do changed = one(week, week.order[d]!, next) || changed;
    while (next() < AGAIN);
    return changed ? d : -1;
  };
};
