import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';

/** Which room may import which (architecture: core knows nobody, instruments know no storage). */
const zones = [
  { target: './core/src', from: ['./app', './server', './e2e', './bench', './tools'] },
  { target: './server', from: ['./app'] },
  {
    target: './app/src/instruments',
    from: ['./app/src/storage', './app/src/camera', './app/src/frame', './app/src/screens'],
  },
  { target: './app/src/camera', from: ['./app/src/screens', './app/src/instruments'] },
  { target: './app/src/frame', from: ['./app/src/screens', './app/src/instruments'] },
  {
    target: './app/src/storage',
    from: ['./app/src/screens', './app/src/instruments', './app/src/camera', './app/src/frame'],
  },
  { target: './app/src/**/*.worker.ts', from: ['./app/src/screens', './app/src/instruments'] },
  { target: './app/src', from: ['./server', './e2e', './bench', './tools'] },
];

/** Rules about components, which only the app has: each reads every file once more. */
const componentRules = expo
  .flatMap(({ rules }) => Object.keys(rules ?? {}))
  .filter((name) => /^react(-hooks)?\//.test(name));

export default [
  {
    ignores: [
      '**/node_modules/',
      '**/dist/',
      '**/.expo/',
      'app/metro.config.js',
      'app/src/storage/validators.js',
      'core/assembly/',
    ],
  },
  ...expo,
  prettier,
  {
    rules: {
      // What modules export is checked by tsc; these only guess at it, an eighth of the time.
      'import/namespace': 'off',
      'import/no-named-as-default': 'off',
      'import/no-named-as-default-member': 'off',
      'import/no-restricted-paths': ['error', { zones }],
      // A circle between files is one file too many, or one too few.
      'import/no-cycle': ['error', { ignoreExternal: true }],
      'no-console': ['error', { allow: ['error'] }],
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      complexity: ['error', 20],
      // Prettier keeps code within a hundred columns, and leaves comments alone.
      'max-len': ['error', { code: 1000, comments: 100, ignoreUrls: true }],
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['core/**', 'server/**', 'tools/**', 'e2e/**', 'bench/**'],
    rules: Object.fromEntries(componentRules.map((name) => [name, 'off'])),
  },
  {
    files: ['core/src/**/*.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...['window', 'document', 'navigator', 'performance', 'fetch', 'process', 'setTimeout'].map(
          (name) => ({ name, message: 'core has no DOM, no Node, no clock.' }),
        ),
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core takes its seeds from outside.' },
        { object: 'Date', property: 'now', message: 'core has no clock.' },
      ],
      'no-restricted-imports': ['error', { patterns: ['node:*', 'react', 'react-native'] }],
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportAllDeclaration', message: 'An index lists what it exports.' },
      ],
    },
  },
  { files: ['**/*.cjs', '**/*.js'], languageOptions: { globals: { __dirname: 'readonly' } } },
  { files: ['tools/**', 'bench/**', 'server/src/main.ts'], rules: { 'no-console': 'off' } },
  {
    // Nothing imports tests and tools: to look for circles from each of them takes half of lint's
    // time.
    files: ['**/test/**', 'e2e/**', 'bench/**', 'tools/**'],
    rules: { 'import/no-cycle': 'off' },
  },
  { files: ['**/*.test.ts', '**/*.test.tsx', '**/*Wasm.ts'], rules: { 'max-lines': 'off' } },
];
