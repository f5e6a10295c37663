const shared = {
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    // Jest would take the modules meant for browsers, which it cannot read.
    '^lucide-react-native/icons/(.*)$':
      '<rootDir>/node_modules/lucide-react-native/dist/cjs/icons/$1.js',
  },
  setupFiles: ['<rootDir>/src/test/setup.ts'],
  modulePathIgnorePatterns: ['<rootDir>/(.bench|.setup|dist)/'],
};

/** What needs no page runs in plain Node.js; the rest in the web flavour of jest-expo, as the app does. */
module.exports = {
  // A limit for what hangs, not a measure: a shared machine can be many times slower than usual.
  testTimeout: 60_000,
  // Both cores: the long tests lie in few files.
  maxWorkers: '100%',
  projects: [
    {
      ...shared,
      displayName: 'core',
      testEnvironment: 'node',
      // For the Node.js that runs it, without a page's Babel: made and run in half the time.
      transform: {
        '^.+\\.(t|j|mj)sx?$': [
          '@swc/jest',
          {
            jsc: { parser: { syntax: 'typescript' }, target: 'es2022' },
            module: { type: 'commonjs' },
          },
        ],
      },
      testMatch: ['<rootDir>/{src/core,server,scripts,audit}/**/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'web',
      preset: 'jest-expo/web',
      testMatch: ['<rootDir>/{src/{store,test,ui,work},app}/**/*.test.{ts,tsx}'],
    },
  ],
};
