import { fileURLToPath } from 'node:url';

const script = (name) => fileURLToPath(new URL(`scripts/jest/${name}`, import.meta.url));

/** Tests that put a module in another's place, set the clock or draw: each file with modules, a clock and a page of its own. */
const alone = [
  '/extension\\.test\\.ts$',
  'core/src/compile/foreign/foreign\\.test\\.ts$',
  'studio/src/editor/journey/rehearsal\\.test\\.ts$',
  'studio/src/editor/stage/(text-places|text-editing|stage-clock)\\.test\\.ts$',
  'studio/src/editor/state/autosave\\.test\\.ts$',
];

/** Tests of what runs on Node.js: in plain Node.js, where what one file has loaded is there for the next (half the time of all tests). */
const inNode = (name, extra = {}) => ({
  displayName: name,
  rootDir: `<rootDir>/${name}`,
  runner: 'jest-light-runner/child-process',
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  testPathIgnorePatterns: alone,
  transform: {},
  setupFiles: [script('setup.mjs')],
  setupFilesAfterEnv: [script('bounds.mjs')],
  ...extra,
});

const transform = {
  '^.+\\.tsx?$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', decorators: true },
        target: 'es2022',
        keepClassNames: true,
      },
      module: { type: 'es6' },
    },
  ],
};

const byItself = (name, extra = {}) => ({
  displayName: name,
  transform,
  setupFiles: [script('setup.mjs')],
  extensionsToTreatAsEsm: ['.ts'],
  moduleNameMapper: {
    '^@sirene/core/(.*)$': fileURLToPath(new URL('core/src/$1/index.ts', import.meta.url)),
    '^@sirene/embed/(.*)$': fileURLToPath(new URL('embed/src/$1.ts', import.meta.url)),
    '^(\\.{1,2}/.*)\\.js$': '$1',
  },
  ...extra,
});

export default {
  // All cores: by itself it leaves one free, which of two is half.
  maxWorkers: '100%',
  projects: [
    inNode('core'),
    inNode('demo'),
    inNode('server', { setupFilesAfterEnv: [script('bounds.mjs'), script('server.mjs')] }),
    inNode('studio'),
    byItself('embed', {
      rootDir: '<rootDir>/embed',
      testMatch: ['<rootDir>/src/**/*.test.ts'],
      testEnvironment: 'jsdom',
    }),
    byItself('alone', { roots: ['<rootDir>/core/src', '<rootDir>/studio/src'], testRegex: alone }),
    {
      displayName: 'lint',
      rootDir: '<rootDir>/scripts',
      testMatch: ['<rootDir>/**/*.test.mjs'],
      transform: {},
    },
  ],
};
