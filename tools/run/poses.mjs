// Remakes docs/poses, and large sheets and strips of all figures in dist/poses.
import { join } from 'node:path';
import { ensureChromium, ensurePackages, must, root } from './ensure.mjs';

await ensurePackages();
await ensureChromium();
const { bundle } = await import('./bundle.mjs');
await bundle('poses');
must(process.execPath, [join(root, 'dist/tools/poses.mjs')]);
