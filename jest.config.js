/** Unit tests: the web flavour of jest-expo, since the web is where the app runs. */
module.exports = {
  preset: 'jest-expo/web',
  // A limit for what hangs, not a measure: a shared machine can be many times slower than usual.
  testTimeout: 60_000,
  testMatch: ['<rootDir>/{src,server,app}/**/*.test.{ts,tsx}'],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    // Jest would take the modules meant for browsers, which it cannot read.
    '^lucide-react-native/icons/(.*)$':
      '<rootDir>/node_modules/lucide-react-native/dist/cjs/icons/$1.js',
  },
  setupFiles: ['<rootDir>/src/test/setup.ts'],
};
