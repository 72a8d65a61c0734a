/** @type {import('jest').Config} */
const common = {
  rootDir: import.meta.dirname,
  setupFiles: ['<rootDir>/tests/setup-properties.ts'],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '\\.(css|svg|woff2)$': '<rootDir>/tests/empty.ts',
  },
  // the drawing libraries come as modules only
  transformIgnorePatterns: [
    '/node_modules/(?!(d3-[a-z-]+|internmap|@noble|three|react-hotkeys-hook|react-dropzone|@use-gesture|attr-accept|file-selector)/)',
  ],
  transform: {
    '^.+\\.(tsx?|mjs|js)$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
          target: 'es2022',
        },
        module: { type: 'commonjs' },
        sourceMaps: 'inline',
      },
    ],
  },
};

export default {
  // a machine may be slow: what hangs is ended, what only takes its time is not
  testTimeout: 60_000,
  // on two cores half of them would be one
  maxWorkers: '100%',
  projects: [
    {
      ...common,
      displayName: 'node',
      // a global is looked up very slowly from inside Jest's sandbox; the core leans on these
      sandboxInjectedGlobals: [
        'Math',
        'Infinity',
        'Number',
        'Float64Array',
        'Float32Array',
        'Uint8Array',
        'Map',
        'Set',
        'Array',
        'Object',
      ],
      testEnvironment: 'node',
      testMatch: [
        '<rootDir>/src/**/*.test.ts',
        '<rootDir>/server/**/*.test.ts',
        '<rootDir>/cli/**/*.test.ts',
        '<rootDir>/docs/**/*.test.ts',
      ],
    },
    {
      ...common,
      displayName: 'jsdom',
      sandboxInjectedGlobals: ['Math'],
      testEnvironment: '<rootDir>/tests/jsdom-env.cjs',
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
      setupFilesAfterEnv: ['<rootDir>/tests/setup-dom.ts'],
    },
  ],
};
