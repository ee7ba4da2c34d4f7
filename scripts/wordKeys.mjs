/**
 * Writes words/src/keys.ts: what figures each message of the catalogue takes, from the parsed
 * messages. `npm run words`; with --check it only says whether the file is as it should be.
 */
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import { readFileSync, writeFileSync } from 'node:fs';
import prettier from 'prettier';
import { en } from '../words/src/en/index.ts';

const anything = 'string | number';
const figuresIn = (elements, found = new Map()) => {
  for (const element of elements) {
    switch (element.type) {
      case TYPE.argument:
        if (!found.has(element.value)) found.set(element.value, anything);
        break;
      case TYPE.plural:
        found.set(element.value, 'number');
        break;
      case TYPE.select: {
        const named = Object.keys(element.options).filter((one) => one !== 'other');
        found.set(element.value, [...named.map((one) => `'${one}'`), 'string'].join(' | '));
        break;
      }
      case TYPE.tag:
        found.set(element.value, 'unknown');
        figuresIn(element.children, found);
        break;
      default:
    }
    for (const { value } of Object.values(element.options ?? {})) figuresIn(value, found);
  }
  return found;
};

const lines = Object.entries(en).flatMap(([topic, messages]) =>
  Object.entries(messages).flatMap(([id, message]) => {
    const figures = figuresIn(parse(message));
    if (figures.size === 0) return [];
    const fields = [...figures].map(
      ([name, type]) => `${name}: ${type.replace(/.*\| string$/, 'string')}`,
    );
    return [`  '${topic}.${id}': { ${fields.join('; ')} };`];
  }),
);
const file = new URL('../words/src/keys.ts', import.meta.url);
const text = await prettier.format(
  `/** Made by \`npm run words\` from the English catalogue: what figures each message takes. */
export interface Figures {
${lines.join('\n')}
}
`,
  { parser: 'typescript', printWidth: 100, singleQuote: true },
);
if (process.argv.includes('--check')) {
  if (readFileSync(file, 'utf8') !== text) {
    console.error('words/src/keys.ts is not as the catalogue says. Run: npm run words');
    process.exitCode = 1;
  }
} else writeFileSync(file, text);
