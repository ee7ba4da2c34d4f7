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
import { groupNames, routeNames, severityNames } from './names.ts';
import { groupOrAnything, wordsOfRule } from './neverCombine.ts';

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

const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const rank = (severity: Severity) => severities.indexOf(severity);
/** How bad by each route where nothing more is known: a bottle is taken to be closed. */
const severitiesOf = (rule: Rule): Map<Route, Severity> =>
  new Map(
    routes.flatMap((route) => {
      const listed = rule.by[route];
      return listed ? [[route, rule.when?.(route, listed, {}) ?? listed] as const] : [];
    }),
  );

/** "bottle, surface; care: air, shelf" */
const byInWords = (by: Map<Route, Severity>, worst: Severity): string =>
  [...severities]
    .reverse()
    .flatMap((severity) => {
      const names = [...by]
        .filter(([, one]) => one === severity)
        .map(([route]) => routeNames[route].toLowerCase())
        .join(', ');
      return names === ''
        ? []
        : [severity === worst ? names : `${severityNames[severity].toLowerCase()}: ${names}`];
    })
    .join('; ');

/**
 * Every rule of the book in plain words, worst first; pairs that share a rule and its routes share
 * a line.
 */
export const posterLines = (book: Book): PosterLine[] => {
  const lines = new Map<string, PosterLine & { others: string[]; one: string }>();
  for (const rule of book) {
    const byRoute = severitiesOf(rule);
    const severity = worstOf([...byRoute.values()]);
    if (!isAgainst(severity)) continue;
    const by = byInWords(byRoute, severity);
    const key = `${rule.id} ${rule.one} ${by}`;
    const known = lines.get(key);
    if (known) known.others.push(groupOrAnything(groupNames, rule.other));
    else {
      const { happens, remedy } = wordsOfRule(rule.id, rule.says);
      lines.set(key, {
        pair: '',
        one: groupNames[rule.one],
        others: [groupOrAnything(groupNames, rule.other)],
        severity,
        by,
        happens,
        remedy,
        source: rule.source,
        own: rule.says !== undefined,
      });
    }
  }
  return [...lines.values()]
    .map(({ one, others, ...line }) => ({
      ...line,
      pair: `${upper(one)} with ${others.length > 1 ? `${others.slice(0, -1).join(', ')} or ${others.at(-1)}` : others[0]}`,
    }))
    .sort((a, b) => rank(b.severity) - rank(a.severity));
};
