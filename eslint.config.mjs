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
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
    },
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
    },
  },
  { files: ['**/*.cjs', '**/*.js'], languageOptions: { globals: { __dirname: 'readonly' } } },
  { files: ['tools/**', 'bench/**', 'server/src/main.ts'], rules: { 'no-console': 'off' } },
  {
    // Nothing imports tests and tools: to look for circles from each of them takes half of lint's time.
    files: ['**/test/**', 'e2e/**', 'bench/**', 'tools/**'],
    rules: { 'import/no-cycle': 'off' },
  },
  { files: ['**/*.test.ts', '**/*.test.tsx', '**/*Wasm.ts'], rules: { 'max-lines': 'off' } },
];
