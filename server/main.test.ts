import { spawn, type ChildProcess } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { join } from 'node:path';
import { build } from 'esbuild';

// Below the packages, so that the server finds those that it needs.
const folder = join(__dirname, `../node_modules/.cache/willow-server-${process.pid}`);
const main = join(folder, 'server/main.mjs');

beforeAll(() =>
  build({
    entryPoints: [join(__dirname, 'main.ts')],
    outfile: main,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    logLevel: 'silent',
  }),
);
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function start(): ChildProcess {
  return spawn(process.execPath, [main], { env: { ...process.env, PORT: '0' } });
}

const ended = (child: ChildProcess) =>
  new Promise<number | null>((resolve) => child.on('exit', resolve));

test('without a build it says so in one line, and ends', async () => {
  rmSync(join(folder, 'web'), { recursive: true, force: true });
  const child = start();
  let said = '';
  child.stderr?.on('data', (text) => (said += text));
  expect(await ended(child)).toBe(1);
  expect(said).toMatch(/^The application is not built: .*npm run demo\n$/u);
});

test('it ends when it is told to, though somebody has sent half a request', async () => {
  mkdirSync(join(folder, 'web'), { recursive: true });
  writeFileSync(join(folder, 'web/index.html'), '<div id="root">');
  const child = start();
  const port = await new Promise<number>((resolve) => {
    child.stdout?.on('data', (text) => resolve(Number(/:(\d+)\s*$/u.exec(String(text))?.[1])));
  });
  const half = connect(port, '127.0.0.1');
  half.on('error', () => undefined);
  await new Promise<void>((done) => half.on('connect', () => done()));
  half.write('GET / HTTP/1.1\r\nHost: x\r\n');
  await new Promise((done) => setTimeout(done, 100));
  const began = Date.now();
  child.kill('SIGTERM');
  expect(await ended(child)).toBe(0);
  expect(Date.now() - began).toBeLessThan(10_000);
});
