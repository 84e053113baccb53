// Figures, each with its bar or its ratio; not timed tests.
import { join } from 'node:path';
import { ensureChromium, ensurePackages, must, root } from './ensure.mjs';

await ensurePackages();
await ensureChromium();
const { build } = await import('./build.mjs');
const { bundle } = await import('./bundle.mjs');
await build();
for (const name of ['bench', 'firstLoad', 'edits', 'figures', 'years']) await bundle(name);
must(process.execPath, [join(root, 'dist/tools/bench.mjs')]);
must(process.execPath, [join(root, 'dist/tools/first-load.mjs')]);
must(process.execPath, [join(root, 'dist/tools/edits.mjs')]);
must(process.execPath, [join(root, 'dist/tools/figures.mjs')]);
must(process.execPath, [join(root, 'dist/tools/years.mjs')]);
