const { projects, testTimeout } = require('./jest.config');

/**
 * The tests that judge the mutants of one folder (scripts/mutate.mjs gathers them in one file), in the
 * environment in which StrykerJS counts what each of them covers.
 */
module.exports = {
  ...projects[0],
  testTimeout,
  // The folders jest looks through anew for each mutant.
  roots: ['<rootDir>/src'],
  testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
  testMatch: ['<rootDir>/src/test/judges/judges.test.ts'],
};
