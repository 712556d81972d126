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

const node = (name) => ({
  displayName: name,
  rootDir: `${__dirname}/${name}`,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/test/**/*.test.ts'],
  transform: typescript,
  transformIgnorePatterns: ['node_modules/(?!(culori|jpeg-lossless-decoder-js|cookie)/)'],
  moduleNameMapper: { '^@velmo/core/(.*)$': `${__dirname}/core/src/$1/index.ts` },
});

module.exports = {
  projects: [
    node('core'),
    node('server'),
    node('tools'),
    { ...node('e2e'), testMatch: ['<rootDir>/**/*.test.ts'] },
    {
      ...expoPreset,
      displayName: 'app',
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
