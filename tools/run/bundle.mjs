// Bundles what runs in Node: the command line, the server and the benchmarks.
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../..', import.meta.url));

const TARGETS = {
  cli: { entry: 'tools/cli/main.ts', out: 'dist/tools/willow.mjs' },
  server: { entry: 'server/main.ts', out: 'dist/server/main.mjs' },
  bench: { entry: 'tools/bench/main.ts', out: 'dist/tools/bench.mjs' },
  firstLoad: { entry: 'tools/bench/first-load.ts', out: 'dist/tools/first-load.mjs' },
  edits: { entry: 'tools/bench/edits.ts', out: 'dist/tools/edits.mjs' },
  lead: { entry: 'tools/bench/lead.ts', out: 'dist/tools/lead.mjs' },
  years: { entry: 'tools/bench/years.ts', out: 'dist/tools/years.mjs' },
  figures: { entry: 'tools/bench/figures.ts', out: 'dist/tools/figures.mjs' },
  poses: { entry: 'tools/poses/main.ts', out: 'dist/tools/poses.mjs' },
  shots: { entry: 'tools/shots/main.ts', out: 'dist/tools/shots.mjs' },
  compress: { entry: 'tools/compress.ts', out: 'dist/tools/compress.mjs' },
};

/** Packages stay outside; the command line carries its few with it, and so does what reads the core whole. */
const CARRIES = {
  cli: {},
  lead: { external: ['@playwright/test'] },
  years: { external: ['@playwright/test'] },
};

export async function bundle(name) {
  const target = TARGETS[name];
  const { build } = await import('esbuild');
  await build({
    entryPoints: [join(root, target.entry)],
    outfile: join(root, target.out),
    absWorkingDir: root,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    mainFields: ['module', 'main'],
    tsconfig: join(root, 'tsconfig.json'),
    logLevel: 'warning',
    ...(CARRIES[name] ?? { packages: 'external' }),
  });
  return dirname(join(root, target.out));
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  for (const name of process.argv.slice(2)) await bundle(name);
}
