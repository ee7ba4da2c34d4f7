import js from '@eslint/js';
import globals from 'globals';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

/**
 * The arrows of the architecture point only downwards: e2e, web and server over contract over core.
 */
const mayNotImport = (...patterns) => ({ 'no-restricted-imports': ['error', { patterns }] });
const barred = (regex, message) => ({ regex, message });

export default ts.config(
  { ignores: ['**/dist/**', '**/.local/**', '**/test-results/**'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  {
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
    },
  },
  { files: ['scripts/**', '*.js'], languageOptions: { globals: globals.node } },
  {
    files: ['core/src/**'],
    rules: {
      ...mayNotImport(
        barred(
          '^(?!\\.|fastest-levenshtein$)',
          'core imports nothing but itself and the distance of two words',
        ),
      ),
      'no-restricted-globals': [
        'error',
        'process',
        'window',
        'document',
        'fetch',
        'crypto',
        'performance',
        'setTimeout',
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "MemberExpression[object.name='Date'][property.name='now']",
          message: 'core has no clock: take the time as an argument',
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'core has no clock: take the time as an argument',
        },
        {
          selector: "MemberExpression[object.name='Math'][property.name='random']",
          message: 'core has no randomness but a seed passed in',
        },
      ],
    },
  },
  {
    files: ['contract/src/**'],
    rules: mayNotImport(
      barred(
        '^(?!\\.|valibot$|@valibot/|@zymostat/core$)',
        'contract depends on valibot and on core only',
      ),
    ),
  },
  {
    files: ['server/src/**'],
    rules: mayNotImport(
      barred('@zymostat/web|/web/src', 'the server does not know the page'),
      barred('@zymostat/(core|contract)/', 'use the package, not its insides'),
      barred('\\.\\./[^/]+/entities', 'a feature calls another’s service, not its tables'),
    ),
  },
  {
    files: ['web/src/**'],
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      ...mayNotImport(
        barred('@zymostat/server|/server/src|typeorm|express', 'the page does not know the server'),
        barred('@zymostat/(core|contract)/', 'use the package, not its insides'),
      ),
    },
  },
);
