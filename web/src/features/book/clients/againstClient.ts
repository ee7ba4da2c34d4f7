import type { HomeDetail, StockRow } from '@zymostat/contract';
import {
  enforce,
  isAgainst,
  judgeCombination,
  judgeSet,
  products,
  routes,
  worstOf,
  type Judging,
  type ProductId,
} from '@zymostat/core';
import { ofStock, type Pickable } from '../pickables.ts';

/** What the protocol brings into a home. */
const broughtInto = (home: HomeDetail, stocks: StockRow[]): Pickable[] => {
  const used = new Set(
    home.rooms.flatMap((room) => room.surfaces.map(({ setting }) => setting.use?.stockId)),
  );
  return stocks.filter(({ id }) => used.has(id)).map(ofStock);
};

/** One of the client's things against one of ours, by every route. */
const meeting = (id: ProductId, ours: Pickable, { book }: Judging) => {
  const by = routes.map((route) => ({
    route,
    ...judgeCombination(products[id], ours.product, { route }, book),
  }));
  return {
    id,
    ours,
    severity: worstOf(by.map(({ severity }) => severity)),
    by: by.filter(({ severity }) => isAgainst(severity)),
  };
};

/** What the client keeps, against itself and against what the protocol brings there. */
export const againstClient = (home: HomeDetail, stocks: StockRow[], judging: Judging) => {
  const keeps = home.clientKeeps;
  const ours = broughtInto(home, stocks);
  const kept = keeps.map((id) => products[id]);
  return {
    keeps,
    inside: judgeSet(kept, 'shelf', {}, judging.book).conflicts,
    against: keeps
      .flatMap((id) => ours.map((one) => meeting(id, one, judging)))
      .filter(({ severity }) => isAgainst(severity)),
    barred: enforce(home, stocks, judging).flatMap(({ surfaceId, reasons }) => {
      const reason = reasons.find(({ code }) => code === 'meets-in-bowl');
      return reason ? [{ surfaceId, reason }] : [];
    }),
    lifted: home.rooms.flatMap((room) => room.surfaces).filter(({ setting }) => setting.lifts),
  };
};
export type AgainstClient = ReturnType<typeof againstClient>;
