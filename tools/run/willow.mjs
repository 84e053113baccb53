// Runs the command line from its bundle, which is made again only when a source is newer.
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const root = fileURLToPath(new URL('../..', import.meta.url));
const bundle = join(root, 'dist/tools/willow.mjs');

function newest(folder) {
  return readdirSync(folder, { withFileTypes: true }).reduce((latest, entry) => {
    const path = join(folder, entry.name);
    return Math.max(latest, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }, 0);
}

const sources = ['src/core', 'src/words', 'tools/cli'].map((folder) => join(root, folder));
const stale =
  !existsSync(bundle) || sources.some((folder) => newest(folder) > statSync(bundle).mtimeMs);
if (stale) {
  const build = spawnSync(process.execPath, [join(root, 'tools/run/bundle.mjs'), 'cli'], {
    stdio: ['ignore', 'inherit', 'inherit'],
  });
  if (build.status !== 0) process.exit(1);
}
await import(pathToFileURL(bundle).href);
