const shared = {
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'es6' },
      },
    ],
  },
};

/** `core` and `node` need nothing but Node; `server` starts a MariaDB of its own; `e2e` drives the built application. */
export default {
  // A machine that others use too may be many times slower; what hangs is given up by the test that waits.
  testTimeout: 600_000,
  maxWorkers: 2,
  // Asked for with --coverage, as the fast lane of `npm test` does.
  collectCoverageFrom: [
    'core/**/*.ts',
    '!**/*.test.ts',
    '!core/towns/rows.ts',
    '!core/vocabulary/terms.ts',
    '!core/vocabulary/trades/**',
  ],
  coverageDirectory: 'node_modules/.cache/coverage',
  coverageReporters: ['text-summary'],
  projects: [
    {
      ...shared,
      displayName: 'core',
      testMatch: ['<rootDir>/{core,contract}/**/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'node',
      testMatch: ['<rootDir>/{outside,cli,start,tools,bench}/**/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'web',
      testEnvironment: 'jsdom',
      setupFilesAfterEnv: ['<rootDir>/web/testing.ts'],
      testMatch: ['<rootDir>/web/**/*.test.ts?(x)'],
    },
    {
      ...shared,
      displayName: 'server',
      testMatch: ['<rootDir>/{server,standins,demo}/**/*.test.ts'],
      globalSetup: '<rootDir>/start/testDatabaseStart.ts',
      globalTeardown: '<rootDir>/start/testDatabaseStop.ts',
    },
    {
      ...shared,
      displayName: 'e2e',
      testMatch: ['<rootDir>/e2e/**/*.test.ts'],
      globalSetup: '<rootDir>/e2e/seededBegin.ts',
      globalTeardown: '<rootDir>/e2e/seededEnd.ts',
    },
  ],
};
