const { watchPlugins: _unused, ...expoPreset } = require('jest-expo/web/jest-preset');

const typescript = {
  '^.+\\.ts$': [
    'ts-jest',
    {
      diagnostics: false,
      tsconfig: {
        isolatedModules: true,
        module: 'commonjs',
        target: 'ES2022',
        esModuleInterop: true,
        moduleResolution: 'node',
        allowJs: true,
      },
    },
  ],
  // A few judges are published as ES modules only.
  '^.+\\.(js|mjs)$': [
    'ts-jest',
    {
      diagnostics: false,
      tsconfig: {
        isolatedModules: true,
        module: 'commonjs',
        target: 'ES2022',
        allowJs: true,
        esModuleInterop: true,
        moduleResolution: 'node',
      },
    },
  ],
};

/**
 * Jest runs files in a context whose global names are looked up slowly, `Math` in an inner loop ten
 * times slower than elsewhere. These are handed to every file as names of its own.
 */
const sandboxInjectedGlobals = [
  'Math',
  'Number',
  'Infinity',
  'Array',
  'Uint8Array',
  'Uint16Array',
  'Uint32Array',
  'Int32Array',
  'Float32Array',
  'Float64Array',
];

const node = (name) => ({
  displayName: name,
  rootDir: `${__dirname}/${name}`,
  testEnvironment: 'node',
  sandboxInjectedGlobals,
  testMatch: ['<rootDir>/test/**/*.test.ts'],
  transform: typescript,
  transformIgnorePatterns: ['node_modules/(?!(culori|jpeg-lossless-decoder-js|cookie)/)'],
  moduleNameMapper: {
    '^@velmo/core/file/(.*)$': `${__dirname}/core/src/$1.ts`,
    '^@velmo/core/(.*)$': `${__dirname}/core/src/$1/index.ts`,
  },
});

module.exports = {
  projects: [
    node('core'),
    node('server'),
    node('tools'),
    {
      ...node('e2e'),
      testMatch: ['<rootDir>/**/*.test.ts'],
      globalSetup: `${__dirname}/e2e/servedOnce.ts`,
      globalTeardown: `${__dirname}/e2e/servedNoMore.ts`,
    },
    {
      ...expoPreset,
      displayName: 'app',
      sandboxInjectedGlobals,
      rootDir: `${__dirname}/app`,
      testMatch: ['<rootDir>/test/**/*.test.ts', '<rootDir>/test/**/*.test.tsx'],
      setupFiles: [...(expoPreset.setupFiles ?? []), `${__dirname}/app/test/setup.js`],
      moduleNameMapper: {
        ...expoPreset.moduleNameMapper,
        '^@velmo/core/(.*)$': `${__dirname}/core/src/$1/index.ts`,
      },
    },
  ],
};
