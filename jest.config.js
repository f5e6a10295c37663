/** Unit tests: the web flavour of jest-expo, since the web is where the app runs. */
module.exports = {
  preset: 'jest-expo/web',
  testMatch: ['<rootDir>/{src,server,app}/**/*.test.{ts,tsx}'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  setupFiles: ['<rootDir>/src/testing/setup.ts'],
};
