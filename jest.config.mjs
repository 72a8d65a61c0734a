/** @type {import('jest').Config} */
const common = {
  rootDir: import.meta.dirname ?? process.cwd(),
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '\\.(css|svg|woff2)$': '<rootDir>/tests/empty.ts',
  },
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
          target: 'es2022',
        },
        module: { type: 'es6' },
        sourceMaps: 'inline',
      },
    ],
  },
};

export default {
  projects: [
    {
      ...common,
      displayName: 'node',
      testEnvironment: 'node',
      testMatch: [
        '<rootDir>/src/**/*.test.ts',
        '<rootDir>/server/**/*.test.ts',
        '<rootDir>/cli/**/*.test.ts',
      ],
    },
    {
      ...common,
      displayName: 'jsdom',
      testEnvironment: '<rootDir>/tests/jsdom-env.cjs',
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
      setupFilesAfterEnv: ['<rootDir>/tests/setup-dom.ts'],
    },
  ],
};
