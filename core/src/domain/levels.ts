/**
 * Where a surface comes in the descent of its room: high to low, clean to dirty, mirror after the
 * toilet, floor out.
 */
export const levels = ['above', 'eye', 'hand', 'knee', 'toilet', 'mirror', 'floor'] as const;
export type Level = (typeof levels)[number];

export const touches = ['seldom', 'daily', 'often'] as const;
export type Touched = (typeof touches)[number];
