import type { Group } from '../domain/groups.ts';
import type { Book, Route, Rule } from '../reference/neverCombine.ts';

/**
 * The rows of a book for one route: those that name two kinds by both of them, and those against
 * anything by one.
 */
export interface ByRoute {
  named: Map<Group, Map<Group, Rule[]>>;
  anything: Map<Group, Rule[]>;
  /** Where each row stands in the book. */
  place: Map<Rule, number>;
}

const put = <K>(into: Map<K, Rule[]>, key: K, rule: Rule): void =>
  void into.set(key, [...(into.get(key) ?? []), rule]);

const indexed = (book: Book, route: Route): ByRoute => {
  const index: ByRoute = {
    named: new Map(),
    anything: new Map(),
    place: new Map(book.map((rule, i) => [rule, i])),
  };
  const name = (g: Group, h: Group, rule: Rule) => {
    const of = index.named.get(g) ?? new Map<Group, Rule[]>();
    index.named.set(g, of);
    put(of, h, rule);
  };
  for (const rule of book) {
    if (!rule.by[route]) continue;
    if (rule.other === 'anything') put(index.anything, rule.one, rule);
    else {
      name(rule.one, rule.other, rule);
      if (rule.one !== rule.other) name(rule.other, rule.one, rule);
    }
  }
  return index;
};

/** A book is read once for each route, however many pairs are asked of it. */
const indexes = new WeakMap<Book, Map<Route, ByRoute>>();

export const indexOf = (book: Book, route: Route): ByRoute => {
  const routes = indexes.get(book) ?? new Map<Route, ByRoute>();
  indexes.set(book, routes);
  const index = routes.get(route) ?? indexed(book, route);
  routes.set(route, index);
  return index;
};
