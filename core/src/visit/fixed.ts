/** What part of the work is already fixed in time: its start by operation, -1 where it is free. */
export interface Fixed {
  start: Int32Array;
  /** Nothing that is free begins earlier, s. */
  now: number;
}
