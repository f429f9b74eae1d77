import { fileURLToPath } from 'node:url';

const transform = {
  '^.+\\.tsx?$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', decorators: true },
        transform: { legacyDecorator: true, decoratorMetadata: true },
        target: 'es2022',
        keepClassNames: true,
      },
      module: { type: 'es6' },
    },
  ],
};

const project = (name, extra = {}) => ({
  displayName: name,
  rootDir: `<rootDir>/${name}`,
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  transform,
  setupFiles: [fileURLToPath(new URL('scripts/jest-setup.mjs', import.meta.url))],
  extensionsToTreatAsEsm: ['.ts'],
  moduleNameMapper: {
    '^@sirene/core/(.*)$': '<rootDir>/../core/src/$1/index.ts',
    '^@sirene/embed/(.*)$': '<rootDir>/../embed/src/$1.ts',
    '^(\\.{1,2}/.*)\\.js$': '$1',
  },
  ...extra,
});

export default {
  // All cores: by itself it leaves one free, which of two is half.
  maxWorkers: '100%',
  projects: [
    project('core'),
    project('demo'),
    project('server', {
      setupFilesAfterEnv: [fileURLToPath(new URL('scripts/jest-server.mjs', import.meta.url))],
    }),
    project('embed', { testEnvironment: 'jsdom' }),
    project('studio'),
    {
      displayName: 'lint',
      rootDir: '<rootDir>/scripts',
      testMatch: ['<rootDir>/**/*.test.mjs'],
      transform: {},
    },
  ],
};
