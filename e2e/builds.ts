import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { createApp } from '../server/app';

const root = join(__dirname, '..');
export const BUILT = join(root, 'dist/web');

/** A server that can be killed and comes back at the same address, with another build if need be. */
export class KilledServer {
  private server: Server | undefined;
  private port = 0;
  /** A request for this address is the last thing that it hears. */
  diesAt: string | undefined;

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(folder: string): Promise<void> {
    const app = createApp(folder);
    this.server = await new Promise<Server>((done) => {
      const server = app.listen(this.port, '127.0.0.1', () => done(server));
    });
    this.server.prependListener('request', ({ url }: { url?: string }) => {
      if (this.diesAt !== undefined && url === this.diesAt) void this.kill();
    });
    this.port = (this.server.address() as AddressInfo).port;
  }

  async kill(): Promise<void> {
    const { server } = this;
    if (!server) return;
    this.server = undefined;
    const closed = new Promise((done) => server.close(done));
    server.closeAllConnections();
    await closed;
  }

  async serve(folder: string): Promise<void> {
    await this.kill();
    await this.start(folder);
  }
}

/**
 * A build of another version: a page that says another version, looks of another sum, and the same scripts.
 * @param after what goes wrong with it on its way
 */
export function otherBuild(version: string, after: (folder: string) => void = () => undefined) {
  const folder = mkdtempSync(join(tmpdir(), 'willow-build-'));
  cpSync(BUILT, folder, { recursive: true });
  const page = join(folder, 'index.html');
  const html = readFileSync(page, 'utf8');
  writeFileSync(page, html.replace(/(<meta name="version" content=")[^"]*/u, `$1${version}`));
  const looks = join(folder, 'page.css');
  writeFileSync(looks, `${readFileSync(looks, 'utf8')}\n/* ${version} */\n`);
  for (const name of ['index.html', 'page.css', 'sw.js']) {
    for (const packed of ['br', 'gz']) rmSync(join(folder, `${name}.${packed}`), { force: true });
  }
  const maker = pathToFileURL(join(root, 'tools/run/worker.mjs')).href;
  const code = `import(${JSON.stringify(maker)}).then((m) => m.makeWorker(${JSON.stringify(folder)}))`;
  execFileSync(process.execPath, ['-e', code], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  after(folder);
  return folder;
}
