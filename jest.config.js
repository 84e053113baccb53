const aliases = { '^@/(.*)$': '<rootDir>/src/$1' };

/** The core and what runs in Node need no DOM; the interface runs as jest-expo sets it up. */
module.exports = {
  // Two cores are the least that the tests are run on.
  maxWorkers: 2,
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: [
        '<rootDir>/src/core/**/*.test.ts',
        '<rootDir>/src/words/**/*.test.ts',
        '<rootDir>/server/**/*.test.ts',
        '<rootDir>/tools/**/*.test.ts',
      ],
      transform: { '\\.[jt]sx?$': 'babel-jest' },
      moduleNameMapper: aliases,
    },
    {
      displayName: 'interface',
      preset: 'jest-expo/web',
      testMatch: ['<rootDir>/src/{design,features,platform,state,app}/**/*.test.{ts,tsx}'],
      moduleNameMapper: {
        ...aliases,
        '^lucide-react-native/icons/(.*)$':
          '<rootDir>/node_modules/lucide-react-native/dist/cjs/icons/$1.js',
      },
    },
  ],
};
