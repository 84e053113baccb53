import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import request from 'supertest';
import { createApp } from './app';

const HASHED = 'entry-394c3ee926c1bf36549ab295a87315ab.js';

function builtFolder(): string {
  const parent = mkdtempSync(join(tmpdir(), 'willow-'));
  const root = join(parent, 'web');
  mkdirSync(join(root, 'js'), { recursive: true });
  const script = 'console.log("willow");'.repeat(50);
  writeFileSync(
    join(root, 'index.html'),
    '<!doctype html><style>a{color:red}</style><div id="root">',
  );
  writeFileSync(join(root, 'js', HASHED), script);
  writeFileSync(join(root, 'js', `${HASHED}.br`), brotliCompressSync(script));
  writeFileSync(join(root, 'js', `${HASHED}.gz`), gzipSync(script));
  writeFileSync(join(root, 'page.css'), 'body{}');
  writeFileSync(join(root, 'sw.js'), script);
  writeFileSync(join(root, 'sw.js.br'), brotliCompressSync(script));
  writeFileSync(join(root, 'app.webmanifest'), '{}');
  writeFileSync(join(root, '.hidden'), 'secret');
  writeFileSync(join(parent, 'outside.txt'), 'secret');
  return root;
}

const app = createApp(builtFolder());

describe('the server', () => {
  test('says that it is well', async () => {
    const response = await request(app).get('/healthz');
    expect(response.status).toBe(200);
    expect(response.body).toEqual({ ok: true });
    expect(response.headers['cache-control']).toBe('no-store');
  });

  test('sends the page for every address that is no file, never cached', async () => {
    for (const path of ['/', '/routine/abc', '/record']) {
      const response = await request(app).get(path);
      expect(response.status).toBe(200);
      expect(response.text).toContain('id="root"');
      expect(response.headers['cache-control']).toBe('no-cache');
    }
  });

  test('keeps hashed files for long and packed as the browser asks', async () => {
    const br = await request(app).get(`/js/${HASHED}`).set('Accept-Encoding', 'br, gzip');
    expect(br.headers['content-encoding']).toBe('br');
    expect(br.headers['cache-control']).toBe('public, max-age=31536000, immutable');
    expect(br.headers['content-type']).toMatch(/javascript/);
    const gzip = await request(app).get(`/js/${HASHED}`).set('Accept-Encoding', 'gzip');
    expect(gzip.headers['content-encoding']).toBe('gzip');
    expect(gzip.text).toContain('willow');
    const css = await request(app).get('/page.css');
    expect(css.headers['cache-control']).toBe('no-cache');
  });

  test('the worker is never kept, may look after every page, and falls under the policy', async () => {
    for (const packing of ['identity', 'br']) {
      const worker = await request(app).get('/sw.js').set('Accept-Encoding', packing);
      expect(worker.headers['cache-control']).toBe('no-store');
      expect(worker.headers['service-worker-allowed']).toBe('/');
      expect(worker.headers['content-type']).toMatch(/javascript/);
      expect(worker.headers['content-security-policy']).toContain("default-src 'none'");
    }
  });

  test('no other piece may look after pages', async () => {
    const piece = await request(app).get(`/js/${HASHED}`);
    expect(piece.headers['service-worker-allowed']).toBeUndefined();
  });

  test('the manifest is one, and is asked for again', async () => {
    const { headers } = await request(app).get('/app.webmanifest');
    expect(headers['content-type']).toMatch(/^application\/manifest\+json/);
    expect(headers['cache-control']).toBe('no-cache');
  });

  test('says plainly that a file is not there', async () => {
    const response = await request(app).get('/js/none.js');
    expect(response.status).toBe(404);
    expect(response.text).toBe('There is no such file.\n');
  });

  test.each([
    '/../outside.txt',
    '/%2e%2e/outside.txt',
    '/..%2foutside.txt',
    '/.hidden',
    '/%00',
    '/%E0%A4%A',
  ])('lets nobody out of its folder by %s', async (path) => {
    const response = await request(app).get(path);
    expect(response.text).not.toContain('secret');
    expect(response.text).not.toMatch(/at .*\.ts/);
  });

  test('allows only reading', async () => {
    const response = await request(app).post('/').send('x');
    expect(response.status).toBe(405);
  });

  test('sends a policy that allows only the page and its own styles', async () => {
    const { headers } = await request(app).get('/');
    const policy = headers['content-security-policy'] ?? '';
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("script-src 'self'");
    expect(policy).not.toContain('unsafe');
    expect(policy.match(/'sha256-/g)).toHaveLength(2);
    expect(headers['x-powered-by']).toBeUndefined();
  });

  test.each(['/%', '/%E0%A4%A', '/routine/%'])(
    'says so of an address that is no text: %s',
    async (path) => {
      const response = await request(app).get(path);
      expect(response.status).toBe(400);
      expect(response.text).toBe('This address is not valid.\n');
    },
  );

  test('refuses to start without a build', () => {
    expect(() => createApp(tmpdir())).toThrow(/not built/);
  });
});
