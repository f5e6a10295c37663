/** Mutation testing, a folder at a time: `npm run mutate -- src/core/care`. See docs/mutation.md. */
export default {
  testRunner: 'jest',
  jest: { projectType: 'custom', configFile: 'jest.mutate.config.js', enableFindRelatedTests: true },
  coverageAnalysis: 'perTest',
  mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral'] },
  incremental: true,
  ignorePatterns: ['dist', '.bench', '.expo', 'docs', 'e2e', 'test-results'],
  reporters: ['progress-append-only', 'clear-text', 'json'],
  concurrency: 2,
  timeoutMS: 20000,
  tempDirName: '.setup/stryker',
};
