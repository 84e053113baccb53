const aliases = { '^@/(.*)$': '<rootDir>/src/$1' };

/** Into what Node runs, in a tenth of the time that Expo's own compiler takes. */
const quick = (syntax) => [
  '@swc/jest',
  {
    jsc: {
      parser: { syntax, tsx: true, jsx: true },
      target: 'es2022',
      transform: { react: { runtime: 'automatic' } },
    },
    module: { type: 'commonjs' },
  },
];

/** Known to each module by itself: looked up through the sandbox, the arithmetic takes twice as long. */
const sandboxInjectedGlobals = [
  'Array',
  'JSON',
  'Map',
  'Math',
  'Number',
  'Object',
  'Set',
  'WeakMap',
];

/** The core and what runs in Node need no DOM; the interface runs as jest-expo sets it up. */
module.exports = {
  // Two cores are the least that the tests are run on.
  maxWorkers: 3,
  // Generous, since a machine may be busy; what has to be quick is measured in the benchmarks.
  testTimeout: 60_000,
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      sandboxInjectedGlobals,
      testMatch: [
        '<rootDir>/src/core/**/*.test.ts',
        '<rootDir>/src/words/**/*.test.ts',
        '<rootDir>/server/**/*.test.ts',
        '<rootDir>/tools/**/*.test.ts',
      ],
      transform: { '\\.ts$': quick('typescript') },
      moduleNameMapper: aliases,
    },
    {
      displayName: 'interface',
      preset: 'jest-expo/web',
      sandboxInjectedGlobals,
      setupFiles: ['<rootDir>/jest.setup.js'],
      transform: {
        '^(?!.*node_modules).*\\.tsx?$': quick('typescript'),
        // React Native's own packages are written in Flow.
        'node_modules/(?!(\\.pnpm|@react-native|react-native)/).*\\.jsx?$': quick('ecmascript'),
      },
      testMatch: ['<rootDir>/src/{design,features,platform,state,app}/**/*.test.{ts,tsx}'],
      moduleNameMapper: {
        ...aliases,
        '^react-native$': 'react-native-web',
        '^lucide-react-native/icons/(.*)$':
          '<rootDir>/node_modules/lucide-react-native/dist/cjs/icons/$1.js',
      },
    },
  ],
};
