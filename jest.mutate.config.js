const { projects, testTimeout } = require('./jest.config');

/**
 * The tests that judge the mutants of one folder (scripts/mutate.mjs gathers them in one file), in an
 * environment that skips what follows the first test to fail.
 */
module.exports = {
  ...projects[0],
  testTimeout,
  // The folders jest looks through anew for each mutant.
  roots: ['<rootDir>/src'],
  testEnvironment: require.resolve('./scripts/judgeEnvironment.mjs'),
  testMatch: ['<rootDir>/src/test/judges/judges.test.ts'],
};
