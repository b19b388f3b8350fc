import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import regexp from 'eslint-plugin-regexp';
import tseslint from 'typescript-eslint';

/** Functions and methods, but no constructors and no routes. */
const MANY_PARAMETERS = [
  ':function[params.length>3]',
  ':not(MethodDefinition[kind="constructor"] > FunctionExpression)',
  ':not(MethodDefinition:has(Decorator) > FunctionExpression)',
].join('');

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      'data/**',
      'server/migrations/**',
      'e2e/results/**',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    rules: {
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
      'max-depth': ['error', 3],
      'max-params': ['error', 3],
      'no-control-regex': 'off',
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/no-dynamic-delete': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/consistent-type-imports': [
        'error',
        { fixStyle: 'inline-type-imports', disallowTypeAnnotations: false },
      ],
    },
  },
  {
    // No expression walks back over what it has read: a hostile text would hold it up for minutes.
    plugins: { regexp },
    rules: {
      'regexp/no-super-linear-backtracking': ['error', { report: 'potential' }],
      'regexp/no-super-linear-move': ['error', { report: 'potential', ignoreSticky: false }],
    },
  },
  {
    files: ['**/src/**/*.{ts,tsx}'],
    rules: {
      'max-lines-per-function': ['error', { max: 40, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    // Sheets of data, not logic.
    files: ['core/src/demo/*.ts'],
    rules: { 'max-lines-per-function': 'off' },
  },
  {
    // Nest takes what a class or a route needs as parameters, and their types must be values.
    files: ['server/**/*.ts'],
    rules: {
      '@typescript-eslint/consistent-type-imports': 'off',
      'max-params': 'off',
      'no-restricted-syntax': [
        'error',
        { selector: MANY_PARAMETERS, message: 'At most three parameters.' },
      ],
    },
  },
  {
    files: ['**/test/**'],
    rules: { 'max-params': ['error', 4], 'no-restricted-syntax': 'off' },
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { ...hooks.configs.recommended.rules },
  },
  {
    files: ['**/*.mjs', '**/*.cjs', '*.js'],
    languageOptions: {
      globals: {
        process: 'readonly',
        Buffer: 'readonly',
        console: 'readonly',
        module: 'writable',
        fetch: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        URL: 'readonly',
        performance: 'readonly',
        document: 'readonly',
        window: 'readonly',
        PerformanceObserver: 'readonly',
        Event: 'readonly',
        HTMLInputElement: 'readonly',
        requestAnimationFrame: 'readonly',
      },
    },
  },
);
