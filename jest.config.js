/** Unit tests: the web flavour of jest-expo, since the web is where the app runs. */
module.exports = {
  preset: 'jest-expo/web',
  testMatch: ['<rootDir>/{src,server,app}/**/*.test.{ts,tsx}'],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    // Jest would take the modules meant for browsers, which it cannot read.
    '^lucide-react-native/icons/(.*)$':
      '<rootDir>/node_modules/lucide-react-native/dist/cjs/icons/$1.js',
  },
  setupFiles: ['<rootDir>/src/test/setup.ts'],
};
