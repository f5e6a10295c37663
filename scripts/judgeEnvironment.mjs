// @ts-check
import { TestEnvironment } from 'jest-environment-node';

/** Node.js for tests that judge mutants: one that has failed has noticed, and those after it are skipped. */
export default class JudgeEnvironment extends TestEnvironment {
  #noticed = false;

  /** @param {{ name: string, test: { mode?: string, errors: unknown[] } }} event An event of jest-circus. */
  handleTestEvent(event) {
    if (event.name === 'test_start' && this.#noticed) event.test.mode = 'skip';
    if (event.name === 'test_done' && event.test.errors.length > 0) this.#noticed = true;
  }
}
