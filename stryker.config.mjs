/** Mutation testing with StrykerJS, started by scripts/mutate.mjs. See docs/mutation.md. */
export default {
  testRunner: 'jest',
  jest: {
    projectType: 'custom',
    configFile: 'jest.mutate.config.js',
    enableFindRelatedTests: false,
  },
  coverageAnalysis: 'perTest',
  // A changed word of a sentence is seen by a reader, not by a test of arithmetic.
  mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral'] },
  incremental: true,
  ignorePatterns: ['dist', '.bench', '.expo', 'docs/screenshots', 'e2e', 'test-results'],
  reporters: ['clear-text', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  jsonReporter: { fileName: '.setup/mutation/report.json' },
  concurrency: 2,
  // What hangs is a loop without end. On a busy machine a whole round takes half a minute: cut short, a survivor
  // would count as noticed.
  timeoutMS: 25_000,
  timeoutFactor: 1,
  // Lines that run once, when a module loads, would each run every test.
  ignoreStatic: true,
  tempDirName: '.setup/stryker',
  disableTypeChecks: false,
};
