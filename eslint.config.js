import js from '@eslint/js';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  {
    ignores: [
      'build/**',
      '.data/**',
      'node_modules/**',
      'core/vocabulary/terms.ts',
      'core/outline/cells.ts',
      'core/towns/rows.ts',
      'demo/sites/**',
    ],
  },
  js.configs.recommended,
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [tseslint.configs.strictTypeChecked],
    languageOptions: {
      parserOptions: { project: 'tsconfig.lint.json', tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      '@typescript-eslint/no-empty-object-type': 'off',
      // A number in a text is written as JavaScript writes it: that is what is meant here.
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      // A parameter used once in a signature may tie together what stands inside: a fact's key and its value.
      '@typescript-eslint/no-unnecessary-type-parameters': 'off',
      // `() => go()` hands nothing back that anyone asks for.
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': ['error', { max: 80 }],
      'no-control-regex': 'off',
      eqeqeq: 'error',
    },
  },
  {
    files: ['web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { ...reactHooks.configs.recommended.rules },
  },
  { files: ['web/**/*.tsx'], rules: { 'max-lines': ['error', { max: 300 }] } },
  {
    // Tables are as long as what they list.
    files: [
      'core/fault/table.ts',
      'core/checking/examples.ts',
      'demo/clients.ts',
      'core/hours/latinDays.ts',
      'bench/corpora/branches.ts',
    ],
    rules: { 'max-lines': 'off' },
  },
  {
    files: ['**/*.test.{ts,tsx}'],
    rules: {
      // What a server answers is any, until the test says what it expects.
      '@typescript-eslint/no-unsafe-assignment': 'off',
      // What another callback changes while a test waits is no constant.
      '@typescript-eslint/no-unnecessary-condition': 'off',
      // A suite is a list of tests, not a function that anybody reads at once.
      'max-lines-per-function': 'off',
      'max-lines': 'off',
    },
  },
  {
    files: ['web/**/*.tsx'],
    ...jsxA11y.flatConfigs.strict,
    rules: {
      ...jsxA11y.flatConfigs.strict.rules,
      // A dialog that was asked for takes the focus; nothing else does.
      'jsx-a11y/no-autofocus': ['error', { ignoreNonDOM: true }],
    },
  },
  {
    // Node's types come in with a package's own; the room has none of them all the same.
    files: ['web/**/*.{ts,tsx}'],
    ignores: ['web/**/*.test.{ts,tsx}', 'web/testing.ts'],
    rules: {
      'no-restricted-globals': ['error', 'process', 'Buffer', 'global', 'setImmediate'],
      'no-restricted-imports': ['error', { patterns: ['node:*'] }],
    },
  },
  {
    files: ['core/**/*.ts', 'contract/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': ['error', { patterns: ['node:*'] }],
      'no-restricted-globals': [
        'error',
        'process',
        'Buffer',
        'global',
        'setImmediate',
        'window',
        'document',
        'fetch',
        'setTimeout',
        'localStorage',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'What varies is passed in.' },
        { object: 'Math', property: 'random', message: 'What varies is passed in.' },
      ],
    },
  },
  {
    files: ['**/*.js', '**/*.mjs', '**/*.cjs'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        URL: 'readonly',
        setInterval: 'readonly',
        module: 'writable',
      },
    },
  },
);
