// Installs what is missing, and nothing that is there. Runs on bare Node.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('../..', import.meta.url));
export const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell';

export const quietEnv = {
  ...process.env,
  CI: '1',
  EXPO_NO_TELEMETRY: '1',
  EXPO_OFFLINE: '1',
  EXPO_NO_DOTENV: '1',
};

/** Runs a command to its end; stops the whole run where it fails. */
export function must(command, args, options = {}) {
  const result = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: quietEnv,
    ...options,
  });
  if (result.error) {
    console.error(`${command} could not be started: ${result.error.message}`);
    process.exit(1);
  }
  if (result.status !== 0) process.exit(result.status ?? 1);
}

/** The same beside other work, which goes on meanwhile. */
function mustBeside(command, args, options = {}) {
  return new Promise((done) => {
    const child = spawn(command, args, { cwd: root, env: quietEnv, ...options });
    child.on('error', ({ message }) => {
      console.error(`${command} could not be started: ${message}`);
      process.exit(1);
    });
    child.on('close', (status) => (status === 0 ? done() : process.exit(status ?? 1)));
  });
}

/** Half the work of the installer that comes with Node, which only fetches this one. */
export async function ensurePackages() {
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'pnpm-lock.yaml')))
    .digest('hex');
  const mark = join(root, 'node_modules/.installed-lock');
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
  console.log('Installing packages…');
  const { packageManager } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'));
  const install = ['install', '--frozen-lockfile', '--loglevel=warn'];
  await mustBeside('npx', ['--yes', packageManager, ...install], { stdio: 'inherit' });
  writeFileSync(mark, lock);
}

export async function ensureChromium(path = CHROMIUM, name = 'chromium-headless-shell') {
  if (existsSync(path)) return;
  console.log('Installing Chromium…');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return mustBeside(command, rest, { env, stdio: ['ignore', 'ignore', 'inherit'] });
  };
  await apt('update', '-qq');
  await apt('install', '-y', '-qq', '--no-install-recommends', name);
}
