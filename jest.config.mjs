/** Unit tests run on the sources as ES modules, since the two engines of the core are modules that start with an await. */
const swc = [
  '@swc/jest',
  {
    jsc: {
      parser: { syntax: 'typescript', tsx: true },
      transform: { react: { runtime: 'automatic' } },
      target: 'es2022',
      experimental: { keepImportAttributes: true },
    },
    module: { type: 'es6' },
  },
];

const config = {
  testEnvironment: 'node',
  // A machine of CI is several times as slow as one's own, and two lanes run side by side.
  testTimeout: 30_000,
  roots: ['<rootDir>/src', '<rootDir>/e2e', '<rootDir>/scripts'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  transform: { '^.+\\.(ts|tsx)$': swc },
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '^e2e/(.*)$': '<rootDir>/e2e/$1' },
  modulePathIgnorePatterns: ['<rootDir>/.next', '<rootDir>/build'],
};

export default config;
