/** The same tests, bundled by `scripts/bundle-tests.mjs`: what `npm test` runs. */
const config = {
  testEnvironment: 'node',
  // A machine of CI is several times as slow as one's own, and two lanes run side by side.
  testTimeout: 30_000,
  roots: ['<rootDir>/build/unit'],
  testMatch: ['**/*.test.mjs'],
  transform: {},
};

export default config;
