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
const workshop = 'src/workshop/';

/** The wings of the core, from the ground up; each stands on those before it. */
const WINGS = require('./src/core/wings.json');
const wings = WINGS.map((wing, at) =>
  only(
    `${core}${wing}/`,
    WINGS.slice(0, at).map((below) => `${core}${below}/`),
  ),
);

/** Rooms with a door of their own, since what they bring is heavy and seldom wanted. */
const SIDE_DOORS = ['common/file', 'figure/poses'];

module.exports = {
  forbidden: [
    // Types alone can tie a knot as well: whoever reads one file has to read the others.
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
    {
      name: 'core-through-its-doors',
      severity: 'error',
      comment: "Nobody imports past a wing's index, or the index of a room with a door of its own.",
      from: { path: '^(?!src/core/)|^src/core/([^/]+)/' },
      to: {
        path: '^src/core/([^/]+)/.+',
        pathNot: [
          '^src/core/[^/]+/index\\.ts$',
          ...SIDE_DOORS.map((door) => `^${core}${door}/index\\.ts$`),
          '^src/core/$1/',
        ],
      },
    },
    ...wings,
    only(core, []),
    only(words, [core]),
    // A score needs its phrases, and functions can't be sent to a worker.
    only('src/workers/', [core, words]),
    only(platform, [core], '^src/workers/[^/]+\\.protocol\\.ts$'),
    // What a field hands on is cleaned as what is kept is.
    only(design, [`${core}common/`]),
    only(state, [platform, core, words]),
    only(features, [state, platform, design, words, core]),
    only(workshop, [features, state]),
    only('src/app/', [workshop, features]),
    {
      name: 'first-screen-stays-small',
      severity: 'error',
      comment:
        'What the first screen draws may take types from the workshop, and nothing that runs.',
      from: {
        path: '^src/(features/(app|frame|notices|routines|today)|state/hall|state/storage)/',
        pathNot: '\\.test\\.tsx?$',
      },
      to: {
        path: '^src/(core/(?!common/)|words/(?!groups)|state/(?!hall/|storage/|demo/index)|features/(?!app|frame|notices|routines|today))',
        dependencyTypesNot: ['type-only'],
      },
    },
    // The demo data is made from its texts by `npm run docs`.
    only('tools/', [words, core, 'src/state/demo/make', 'src/design/tokens']),
    only('server/', []),
    {
      name: 'core-is-plain',
      severity: 'error',
      from: { path: '^src/(core|words)/', pathNot: '\\.test\\.ts$|^src/core/testing/' },
      to: {
        path: 'node_modules/(?!(\\.pnpm|zod|escape-html|fast-deep-equal|fastest-levenshtein|jsonc-parser|minisearch|papaparse)/)',
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
