const { projects, testTimeout } = require('./jest.config');

/**
 * The tests that judge the mutants of one folder (scripts/mutate.mjs names them), in the environment in
 * which StrykerJS counts what each of them covers.
 */
module.exports = {
  ...projects[0],
  testTimeout,
  // The folders jest looks through anew for each mutant.
  roots: ['<rootDir>/src'],
  testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
  // A whole plan of the demo takes half a minute, and each mutant of plan would run it.
  testPathIgnorePatterns: ['plan/__tests__/demo.test.ts'],
  testMatch: (process.env.MUTATION_JUDGES ?? 'src/core')
    .split(',')
    .map((folder) => `<rootDir>/${folder}/**/*.test.ts`),
};
