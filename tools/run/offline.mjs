// Every journey of the phone with the network off after one visit.
import { ensureChromium, ensurePackages, must, quietEnv, root } from './ensure.mjs';
import { join } from 'node:path';

await ensurePackages();
await ensureChromium();
const { build } = await import('./build.mjs');
await build();
must(join(root, 'node_modules/.bin/playwright'), ['test', '--project', 'offline'], {
  stdio: 'inherit',
  env: { ...quietEnv, OFFLINE: 'all' },
});
