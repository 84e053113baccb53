// Builds the web application, packs it, and bundles the server. Skips what is up to date.
import { createHash } from 'node:crypto';
import { execFileSync } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { bundle } from './bundle.mjs';
import { must, quietEnv, root } from './ensure.mjs';
import { writeLicences } from './licences.mjs';
import { makeWorker } from './worker.mjs';

const SOURCES = [
  'src',
  'public',
  'package.json',
  'server',
  'tools',
  'app.json',
  'index.ts',
  'babel.config.js',
  'metro.config.js',
  'pnpm-lock.yaml',
  'tsconfig.json',
];
const MARK = join(root, 'dist/.built-from');
const PACKAGES = join(root, 'dist/packages.json');

function files(path) {
  if (!existsSync(path)) return [];
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => files(join(path, name)));
}

function fingerprint() {
  const hash = createHash('sha256');
  for (const file of SOURCES.flatMap((name) => files(join(root, name)))) {
    if (/\.test\.tsx?$/.test(file)) continue;
    hash.update(file.slice(root.length)).update(readFileSync(file));
  }
  return hash.digest('hex');
}

/** Scripts from this size on are needed whole by the first screen. */
const FIRST_NEEDED_BYTES = 1_000_000;

/**
 * Tells the browser to compile the functions of the first scripts while they arrive, beside the
 * page, in place of one by one when they are called. Browsers without the hint read a comment.
 */
function compileAtOnce(folder) {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name);
    if (!name.endsWith('.js') || statSync(path).size < FIRST_NEEDED_BYTES) continue;
    writeFileSync(path, `//# allFunctionsCalledOnLoad\n${readFileSync(path, 'utf8')}`);
  }
}

/** The page says which version it is: its number, and what it was built from. */
function nameVersion(page, from) {
  const { version } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'));
  const html = readFileSync(page, 'utf8');
  const meta = `<meta name="version" content="${version} · ${from.slice(0, 8)}" />`;
  writeFileSync(page, html.replace('<title>', `${meta}<title>`));
}

export async function build() {
  const from = fingerprint();
  if (existsSync(MARK) && readFileSync(MARK, 'utf8') === from) return;
  console.log('Building the application…');
  rmSync(join(root, 'dist'), { recursive: true, force: true });
  mkdirSync(join(root, 'dist'));
  must(
    join(root, 'node_modules/.bin/expo'),
    ['export', '--platform', 'web', '--output-dir', 'dist/web'],
    {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...quietEnv, WILLOW_PACKAGES: PACKAGES },
    },
  );
  writeLicences(PACKAGES, join(root, 'dist/web/licences.txt'));
  compileAtOnce(join(root, 'dist/web/_expo/static/js/web'));
  nameVersion(join(root, 'dist/web/index.html'), from);
  rmSync(join(root, 'dist/web/metadata.json'), { force: true });
  await makeWorker(join(root, 'dist/web'));
  for (const name of ['server', 'cli', 'compress']) await bundle(name);
  execFileSync(process.execPath, [join(root, 'dist/tools/compress.mjs'), join(root, 'dist/web')], {
    env: quietEnv,
  });
  writeFileSync(MARK, from);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await build();
