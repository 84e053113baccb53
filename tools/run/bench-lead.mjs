// Leads a class by the real clock, half of it hidden: npm run bench:lead [-- --minutes 30 --slowed 4]
import { join } from 'node:path';
import { ensureChromium, ensurePackages, must, quietEnv, root } from './ensure.mjs';

/** With windows: only there is a page hidden by another. */
const CHROMIUM = '/usr/bin/chromium';

await ensurePackages();
await ensureChromium(CHROMIUM, 'chromium');
const { build } = await import('./build.mjs');
const { bundle } = await import('./bundle.mjs');
await build();
await bundle('lead');
must(process.execPath, [join(root, 'dist/tools/lead.mjs'), ...process.argv.slice(2)], {
  env: { ...quietEnv, CHROMIUM },
});
