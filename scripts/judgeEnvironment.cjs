// @ts-check
const { TestEnvironment } = require('jest-environment-node');

/** Node.js for tests that judge mutants: one that has failed has noticed, and those after it are skipped. */
module.exports = class JudgeEnvironment extends TestEnvironment {
  #noticed = false;

  /** @param {import('jest-circus').Circus.AsyncEvent | import('jest-circus').Circus.SyncEvent} event */
  handleTestEvent(event) {
    if (event.name === 'test_start' && this.#noticed) event.test.mode = 'skip';
    if (event.name === 'test_done' && event.test.errors.length > 0) this.#noticed = true;
  }
};
