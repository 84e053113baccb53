const { defineConfig } = require('eslint/config');
const expo = require('eslint-config-expo/flat');

const coreGlobals = [
  'window',
  'document',
  'navigator',
  'localStorage',
  'indexedDB',
  'fetch',
  'crypto',
  'performance',
  'setTimeout',
  'setInterval',
  'requestAnimationFrame',
].map((name) => ({ name, message: 'The core has no DOM, storage, network or clock.' }));

/** Every rule about React, off: where there are no components they take half of the time. */
const noReact = Object.fromEntries(
  expo
    .flatMap(({ rules }) => Object.keys(rules ?? {}))
    .filter((name) => name.startsWith('react'))
    .map((name) => [name, 'off']),
);

module.exports = defineConfig([
  expo,
  { ignores: ['dist/**', '.expo/**', 'node_modules/**'] },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      // `fc.record` reads better than a bare `record`, and is how fast-check is written everywhere.
      'import/no-named-as-default-member': 'off',
      // The types say it already, and this rule alone took half of the time.
      'import/namespace': 'off',
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportAllDeclaration', message: 'Name what is exported.' },
      ],
    },
  },
  { files: ['{src/core,src/words,server,tools,e2e}/**', '**/*.test.{ts,tsx}'], rules: noReact },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/moves/catalogue/data/**', '**/*.test.ts', 'src/core/testing/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportAllDeclaration', message: 'Name what is exported.' },
        {
          selector: "Literal[value=/^[A-Z][a-z']* .*[a-z][.?!]$/]",
          message: 'The core makes no sentences: they are made in src/words.',
        },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    rules: {
      'no-restricted-globals': ['error', ...coreGlobals],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Randomness is passed into the core.' },
        { object: 'Date', property: 'now', message: 'The time is passed into the core.' },
      ],
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['react', 'react-*', 'expo', 'expo-*', 'node:*'],
              message: 'The core is plain.',
            },
          ],
        },
      ],
    },
  },
  {
    // Tests of the core may read their samples.
    files: ['src/core/**/*.test.ts'],
    rules: { 'no-restricted-imports': 'off' },
  },
]);
