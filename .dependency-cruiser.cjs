/** Layers, lowest first: a thing may import only from what stands below it (see docs/architecture.md). */
const only = (from, allowed, also = '') => ({
  name: `${from.replace(/[^a-z]+/g, '-').replace(/^-|-$/g, '')}-imports-only-what-stands-below`,
  severity: 'error',
  from: { path: `^${from}`, pathNot: '\\.test\\.tsx?$' },
  to: {
    path: '^(src|server|tools)/',
    pathNot: [from, ...allowed].map((folder) => `^${folder}`).concat(also ? [also] : []),
  },
});

const core = 'src/core/';
const words = 'src/words/';
const platform = 'src/platform/';
const state = 'src/state/';
const design = 'src/design/';
const features = 'src/features/';

module.exports = {
  forbidden: [
    {
      name: 'no-circular',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
    {
      name: 'core-through-its-doors',
      severity: 'error',
      comment: "Nobody imports past a core folder's index.",
      from: { path: '^(?!src/core/)|^src/core/([^/]+)/' },
      to: {
        path: '^src/core/([^/]+)/.+',
        pathNot: ['^src/core/[^/]+/index\\.ts$', '^src/core/$1/'],
      },
    },
    only(core, []),
    only(words, [core]),
    // A score needs its phrases, and functions can't be sent to a worker.
    only('src/workers/', [core, words]),
    only(platform, [core], '^src/workers/[^/]+\\.protocol\\.ts$'),
    only(design, []),
    only(state, [platform, core, words]),
    only(features, [state, platform, design, words, core]),
    only('src/app/', [features, state, platform, design, words, core]),
    only('tools/', [words, core]),
    only('server/', []),
    {
      name: 'core-is-plain',
      severity: 'error',
      from: { path: '^src/(core|words)/', pathNot: '\\.test\\.ts$|^src/core/testing/' },
      to: {
        path: 'node_modules/(?!(zod|fast-deep-equal|fastest-levenshtein|jsonc-parser|minisearch|papaparse)/)',
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: 'specify',
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
