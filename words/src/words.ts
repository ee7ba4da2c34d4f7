import { IntlMessageFormat } from 'intl-messageformat';
import type { en } from './en/index.ts';
import type { Figures } from './keys.ts';
import { localeOf, type Language } from './languages.ts';

type English = typeof en;
export type Topic = keyof English;
/** Every message of another language, under the same keys. */
export type Catalogue = { [T in Topic]: { [K in keyof English[T]]: string } };
/** `topic.key` of every message there is. */
export type Key = { [T in Topic]: `${T}.${Extract<keyof English[T], string>}` }[Topic];
export type KeyOf<T extends Topic> = Extract<keyof English[T], string>;

type Said = string | number;
type Part = string | object;
type Asked<K extends Key> = K extends keyof Figures ? [figures: Figures[K]] : [];
type Fills<K extends Key, V> = K extends keyof Figures
  ? { [F in keyof Figures[K]]: V }
  : Record<string, V>;

/** One language: its messages, and how it writes figures. */
export interface Words {
  language: Language;
  locale: string;
  /** Takes in more topics, fetched later. */
  learn: (more: Partial<Catalogue>) => void;
  /** A message with its figures. */
  say: <K extends Key>(key: K, ...figures: Asked<K>) => string;
  /** What something is called: a message without figures. */
  name: <T extends Topic>(topic: T, id: KeyOf<T>) => string;
  /** Every name of a topic, in the order of the catalogue. */
  table: <T extends Topic>(topic: T) => Record<KeyOf<T>, string>;
  /** A message whose figures are worked out from a code at run time. */
  tell: (topic: Topic, id: string, figures: Record<string, Said>) => string;
  /** A message in parts: what stands in it as `{x}` or `<x>…</x>` is put in by the caller. */
  parts: <K extends Key>(key: K, fills: Fills<K, unknown>) => Part[];
}

/**
 * The words of one language. Throws a RangeError for a key that is not in its catalogue: none is
 * ever left out in silence.
 */
export const wordsOf = (language: Language, of: Partial<Catalogue>): Words => {
  const catalogue = { ...of } as Record<string, Record<string, string>>;
  const locale = localeOf[language];
  const formats = new Map<string, IntlMessageFormat>();
  const formatOf = (topic: string, id: string): IntlMessageFormat => {
    const key = `${topic}.${id}`;
    const known = formats.get(key);
    if (known) return known;
    const message = catalogue[topic]?.[id];
    if (message === undefined) throw new RangeError(`no message “${key}” in ${language}`);
    const format = new IntlMessageFormat(message, locale);
    formats.set(key, format);
    return format;
  };
  const split = (key: string): [string, string] => {
    const at = key.indexOf('.');
    return [key.slice(0, at), key.slice(at + 1)];
  };
  return {
    language,
    locale,
    learn: (more) => void Object.assign(catalogue, more),
    say: (key, ...[figures]) => String(formatOf(...split(key)).format(figures ?? {})),
    name: (topic, id) => String(formatOf(topic, id).format()),
    table: (topic) => catalogue[topic] as Record<KeyOf<typeof topic>, string>,
    tell: (topic, id, figures) => String(formatOf(topic, id).format(figures)),
    parts: (key, fills) => {
      const made = formatOf(...split(key)).format<object>(fills as Record<string, object>);
      return Array.isArray(made) ? made : [made as Part];
    },
  };
};
