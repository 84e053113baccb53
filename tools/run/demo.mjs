// One command on a fresh machine: installs what is missing, builds, serves.
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensurePackages, root } from './ensure.mjs';

await ensurePackages();
const { build } = await import('./build.mjs');
await build();
await import(pathToFileURL(join(root, 'dist/server/main.mjs')).href);
