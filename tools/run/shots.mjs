// Remakes docs/screenshots from the demo data.
import { join } from 'node:path';
import { ensureChromium, ensurePackages, must, root } from './ensure.mjs';

await ensurePackages();
await ensureChromium();
const { build } = await import('./build.mjs');
const { bundle } = await import('./bundle.mjs');
await build();
await bundle('shots');
must(process.execPath, [join(root, 'dist/tools/shots.mjs')]);
