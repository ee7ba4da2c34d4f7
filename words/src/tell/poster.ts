import {
  isAgainst,
  routes,
  severities,
  worstOf,
  type Book,
  type Route,
  type Rule,
  type Severity,
} from '@zymostat/core';
import { listed, lower, upper } from '../figures.ts';
import type { Words } from '../words.ts';
import { groupOrAnything, wordsOfRule } from './rules.ts';

/**
 * One line of the never-combine list: which two, how bad, by which routes, what happens, what to
 * do.
 */
export interface PosterLine {
  pair: string;
  severity: Severity;
  by: string;
  happens: string;
  remedy: string;
  source: string;
  /** Whether the company has added it. */
  own: boolean;
}

const rank = (severity: Severity) => severities.indexOf(severity);
/** How bad by each route where nothing more is known: a bottle is taken to be closed. */
const severitiesOf = (rule: Rule): Map<Route, Severity> =>
  new Map(
    routes.flatMap((route) => {
      const listedAs = rule.by[route];
      return listedAs ? [[route, rule.when?.(route, listedAs, {}) ?? listedAs] as const] : [];
    }),
  );

/** "bottle, surface; care: air, shelf" */
const byInWords = ({ name, say }: Words, by: Map<Route, Severity>, worst: Severity): string =>
  [...severities]
    .reverse()
    .flatMap((severity) => {
      const routesOf = [...by]
        .filter(([, one]) => one === severity)
        .map(([route]) => lower(name('route', route)))
        .join(', ');
      if (routesOf === '') return [];
      if (severity === worst) return [routesOf];
      return [
        say('pair.severity', { severity: lower(name('severity', severity)), routes: routesOf }),
      ];
    })
    .join('; ');

/**
 * Every rule of the book in plain words, worst first; pairs that share a rule and its routes share
 * a line.
 */
export const posterLines = (words: Words, book: Book): PosterLine[] => {
  const lines = new Map<string, Omit<PosterLine, 'pair'> & { others: string[]; one: string }>();
  for (const rule of book) {
    const byRoute = severitiesOf(rule);
    const severity = worstOf([...byRoute.values()]);
    if (!isAgainst(severity)) continue;
    const by = byInWords(words, byRoute, severity);
    const key = `${rule.id} ${rule.one} ${by}`;
    const known = lines.get(key);
    if (known) known.others.push(groupOrAnything(words, rule.other));
    else {
      const { happens, remedy } = wordsOfRule(words, rule.id, rule.says);
      const one = words.name('group', rule.one);
      const others = [groupOrAnything(words, rule.other)];
      const { source } = rule;
      const own = rule.says !== undefined;
      lines.set(key, { one, others, severity, by, happens, remedy, source, own });
    }
  }
  return [...lines.values()]
    .map(({ one, others, ...line }) => ({
      ...line,
      pair: words.say('pair.with', { one: upper(one), others: listed(words, others, 'or') }),
    }))
    .sort((a, b) => rank(b.severity) - rank(a.severity));
};
