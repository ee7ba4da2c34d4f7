import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { en } from '../src/en/index.ts';
import { es } from '../src/es/index.ts';
import { languages, wordsOf } from '../src/index.ts';

type Messages = Record<string, Record<string, string>>;
const all = Object.entries(en as Messages).flatMap(([topic, messages]) =>
  Object.entries(messages).map(([id, message]) => [topic, id, message] as const),
);

/** Every figure of a message with its kind, and every tag, once each. */
const figuresIn = (message: string): string[] => {
  const found = new Set<string>();
  const walk = (elements: MessageFormatElement[]): void => {
    for (const element of elements) {
      if (element.type === TYPE.literal || element.type === TYPE.pound) continue;
      found.add(`${element.value}: ${element.type}`);
      if (element.type === TYPE.tag) walk(element.children);
      if (element.type === TYPE.plural || element.type === TYPE.select)
        for (const { value } of Object.values(element.options)) walk(value);
    }
  };
  walk(parse(message));
  return [...found].sort();
};

/** The named cases of a select: what is told apart in one language is in the other. */
const casesIn = (message: string): string[] => {
  const found: string[] = [];
  const walk = (elements: MessageFormatElement[]): void => {
    for (const element of elements) {
      if (element.type === TYPE.tag) walk(element.children);
      if (element.type !== TYPE.plural && element.type !== TYPE.select) continue;
      if (element.type === TYPE.select)
        found.push(`${element.value}: ${Object.keys(element.options).sort().join()}`);
      for (const { value } of Object.values(element.options)) walk(value);
    }
  };
  walk(parse(message));
  return found.sort();
};

test('the catalogue is as large as the application', () => {
  expect(all.length).toBeGreaterThan(1500);
});

test('every key of one language is in the other, and no more', () => {
  expect(Object.keys(es).sort()).toEqual(Object.keys(en).sort());
  for (const [topic, messages] of Object.entries(en as Messages))
    expect([topic, Object.keys((es as Messages)[topic]!).sort()]).toEqual([
      topic,
      Object.keys(messages).sort(),
    ]);
});

test('every message takes the same figures and tags in both languages', () => {
  const differing = all.filter(([topic, id, message]) => {
    const other = (es as Messages)[topic]![id]!;
    return (
      figuresIn(message).join() !== figuresIn(other).join() ||
      casesIn(message).join() !== casesIn(other).join()
    );
  });
  expect(differing.map(([topic, id]) => `${topic}.${id}`)).toEqual([]);
});

test('a plural says what to do with every number', () => {
  const open = languages.flatMap((language) =>
    Object.entries((language === 'en' ? en : es) as Messages).flatMap(([topic, messages]) =>
      Object.entries(messages).flatMap(([id, message]) =>
        /, (plural|select),/.test(message) && !/other \{/.test(message) ? [`${topic}.${id}`] : [],
      ),
    ),
  );
  expect(open).toEqual([]);
});

/** Words that are the same in both: names, signs, units, codes. */
const alike =
  /^[^\p{L}]*$|^(\p{Lu}[\p{L}.]* ?)+$|%|kg|m[²³]|\{|^\s*\S+$|→|^\d+ \S+$|^C\. difficile$|^Candida auris$/u;
test('what is a sentence in English is another in Spanish', () => {
  const same = all.filter(
    ([topic, id, message]) => (es as Messages)[topic]![id] === message && !alike.test(message),
  );
  expect(same.map(([topic, id, message]) => `${topic}.${id}: ${message}`)).toEqual([]);
});

test('numbers and dates are written by the language', () => {
  expect(wordsOf('es', es).locale).not.toBe(wordsOf('en', en).locale);
});

test('what is missing is an error, never a gap', () => {
  expect(() => wordsOf('en', {}).tell('reason', 'porous', {})).toThrow(RangeError);
});
