/** How a container leaves the shelf. */
export const waysOff = ['emptied', 'discarded'] as const;
export type WayOff = (typeof waysOff)[number];
/** What is told of a container that stands on the shelf. */
export const stockActs = ['opened', 'counted', 'topped', 'moved', ...waysOff] as const;
export type StockAct = (typeof stockActs)[number];

/** A container by what the record says of it; volumes m³, times ms since 1970. */
export interface StockState {
  left: number;
  openedAt: number | null;
  goneAt: number | null;
  gone: WayOff | null;
}

/** As it was received: full and closed. */
export const receivedState = (volume: number): StockState => ({
  left: volume,
  openedAt: null,
  goneAt: null,
  gone: null,
});

/** Something that happened to it: what a batch took, or what somebody told. */
export type StockChange =
  | { did: 'poured'; at: number; volume: number }
  | { did: 'counted' | 'topped'; at: number; volume: number }
  | { did: Exclude<StockAct, 'counted' | 'topped'>; at: number };

/**
 * The container after something happened to it. A batch takes no more than there is: where the
 * record said less than there was, somebody counts it. What has left the shelf stays as it was.
 */
export const stockAfter = (before: StockState, change: StockChange): StockState => {
  if (before.gone !== null) return before;
  const openedAt = before.openedAt ?? change.at;
  switch (change.did) {
    case 'poured':
      return { ...before, openedAt, left: Math.max(0, before.left - change.volume) };
    case 'counted':
      return { ...before, left: change.volume };
    case 'topped':
      return { ...before, openedAt, left: before.left + change.volume };
    case 'moved':
      return before;
    case 'opened':
      return { ...before, openedAt };
    default:
      return { ...before, left: 0, goneAt: change.at, gone: change.did };
  }
};
