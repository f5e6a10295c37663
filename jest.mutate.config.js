const [core] = require('./jest.config').projects;

/** The tests of core under the environment in which StrykerJS counts what each of them covers. */
module.exports = { ...core, testEnvironment: '@stryker-mutator/jest-runner/jest-env/node' };
