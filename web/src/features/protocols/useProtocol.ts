import type { HomeDetail, SurfaceRow } from '@zymostat/contract';
import {
  activeFacts,
  enforce,
  judgeSurfaces,
  type Family,
  type Judging,
  type Prediction,
} from '@zymostat/core';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useBook } from '../../api/useBook.ts';
import { useStockQuery } from '../stock/api.ts';

/** Seconds: bands of a home are drawn on one axis, and a short one is not drawn large. */
const LEAST_AXIS = 600;

/** A home's protocol as it is set now: judged surface by surface, and what stands in its way. */
export const useProtocol = (home: HomeDetail) => {
  const { data: stocks } = useStockQuery();
  const { data: me } = useMeQuery();
  const book = useBook();
  const [now] = useState(Date.now);
  if (!stocks || !me) return undefined;
  const judging: Judging = { rules: me.company.houseRules, now, book };
  const judged = judgeSurfaces(home, stocks, judging);
  const objections = enforce(home, stocks, judging, judged);
  const surfaces = home.rooms.flatMap((room) => room.surfaces);
  const stockOf = ({ setting }: SurfaceRow) =>
    stocks.find((one) => one.id === setting.use?.stockId);
  return {
    home,
    stocks,
    judging,
    judged,
    objections,
    surfaces,
    stockOf,
    familyOf: (surface: SurfaceRow): Family | undefined => {
      const stock = stockOf(surface);
      return stock && activeFacts[stock.active].family;
    },
    objectionTo: ({ id }: SurfaceRow) =>
      objections.find(({ surfaceId }) => surfaceId === id)?.outcome,
    longest: Math.max(LEAST_AXIS, ...surfaces.map(({ id }) => judged.get(id)!.seconds)),
  };
};
export type ProtocolNow = NonNullable<ReturnType<typeof useProtocol>>;

/** Seconds that all planned coats together keep it wet. */
export const heldFor = (seconds: number, { holds, rewets }: Prediction): number =>
  rewets.count > 0 ? Math.max(seconds, rewets.count * rewets.every + holds) : holds;
