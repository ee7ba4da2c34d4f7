import js from '@eslint/js';
import globals from 'globals';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';
import { limits } from './scripts/lint/limits.js';

/** The arrows between packages point only downwards; those inside are held by `npm run floors`. */
const mayNotImport = (...patterns) => ({ 'no-restricted-imports': ['error', { patterns }] });
const barred = (regex, message) => ({ regex, message });
const noTables = barred(
  '\\.\\./[^/]+/(tables|\\w*[sS]tore)\\.ts$',
  'a feature calls another’s service, not its store',
);
const noClock = 'core has no clock: take the time as an argument';

export default ts.config(
  { ignores: ['**/dist/**', '**/.local/**', '**/test-results/**', 'docs/**'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  {
    rules: {
      'no-nested-ternary': 'error',
      'max-params': ['error', 4],
      'max-lines-per-function': ['error', 60],
      'max-lines': ['error', 200],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': [
        'error',
        { checksVoidReturn: { attributes: false } },
      ],
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
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
          message: noClock,
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: noClock,
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
      noTables,
    ),
  },
  {
    files: ['server/src/features/**'],
    ignores: ['**/store.ts', '**/*Store.ts', '**/tables.ts'],
    rules: {
      ...mayNotImport(
        barred('@zymostat/web|/web/src', 'the server does not know the page'),
        barred('@zymostat/(core|contract)/', 'use the package, not its insides'),
        noTables,
        barred(
          '^typeorm$|/tables\\.ts$|/database/(prepared|views|connect)',
          'tables and SQL stand in a store',
        ),
      ),
      'no-restricted-syntax': [
        'error',
        {
          selector: 'MemberExpression[property.name=/^(db|query|getRepository)$/]',
          message: 'tables and SQL stand in a store',
        },
      ],
    },
  },
  {
    files: ['web/src/**'],
    plugins: { 'react-hooks': hooks, 'jsx-a11y': a11y, limits },
    rules: {
      'limits/few-hooks': 'error',
      'limits/jsx-depth': 'error',
      ...hooks.configs.recommended.rules,
      ...a11y.flatConfigs.recommended.rules,
      // In a window, and where a page asks one thing, its first line has the focus.
      'jsx-a11y/no-autofocus': ['error', { ignoreNonDOM: true }],
      // What scrolls is reached by Tab, so that the arrow keys scroll it.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: [], roles: ['region', 'tabpanel'] }],
      ...mayNotImport(
        barred('@zymostat/server|/server/src|typeorm|express', 'the page does not know the server'),
        barred('@zymostat/(core|contract)/', 'use the package, not its insides'),
      ),
    },
  },
  // Tables of data may be as long as what they hold.
  {
    files: [
      'core/src/reference/**',
      'core/src/{homes,recipes}/words/**',
      'server/src/demo/scenario.ts',
      'words/src/{en,es}/**',
      'words/src/keys.ts',
    ],
    rules: { 'max-lines': 'off' },
  },
  // The planner's search: many short functions around the same typed arrays, which is what makes it
  // fast; handing the arrays in at every call costs a third of the time.
  {
    files: [
      'core/src/visit/{dispatch,layOut,moves,planVisit,prove,search,windows}.ts',
      'core/src/week/{assignWeek,dayCost}.ts',
    ],
    rules: { 'max-lines-per-function': 'off' },
  },
  // Migrations are tables of SQL, and never change.
  { files: ['server/src/**/migrations/**'], rules: { 'max-lines-per-function': 'off' } },
  {
    files: ['**/test/**', 'e2e/**'],
    rules: { 'max-lines-per-function': 'off', 'max-lines': 'off', 'max-params': 'off' },
  },
);
