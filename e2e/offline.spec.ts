import { rmSync, truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test as base, type BrowserContext, type Page } from '@playwright/test';
import { BUILT, KilledServer, otherBuild } from './builds';

const test = base.extend<{ server: KilledServer; context: BrowserContext }>({
  server: async ({ browserName: _ }, run) => {
    const server = new KilledServer();
    await server.start(BUILT);
    await run(server);
    await server.kill();
  },
  context: async ({ browser, server, viewport }, run) => {
    const context = await browser.newContext({
      viewport,
      baseURL: server.url,
      reducedMotion: 'reduce',
      serviceWorkers: 'allow',
    });
    await run(context);
    await context.close();
  },
});

/** So long, all pieces are here after a first visit. */
const FETCHED_MS = 30_000;

const works = (page: Page) => page.getByText(/^Everything works without a network/u);
const line = (page: Page) => page.getByText('A new version is ready.').first();
const versionOf = (page: Page) => page.locator('meta[name=version]').getAttribute('content');
const controlled = (page: Page) => page.evaluate(() => Boolean(navigator.serviceWorker.controller));

/** The first visit, until everything is here. */
async function visit(page: Page): Promise<void> {
  await page.goto('/device');
  await expect(works(page)).toBeVisible({ timeout: FETCHED_MS });
}

async function looks(page: Page): Promise<void> {
  await page.goto('/device');
  await expect(works(page)).toBeVisible();
  const look = page.getByRole('button', { name: 'Look for a new version' });
  const take = page.getByRole('button', { name: 'Take the new version' });
  // The page looks by itself as well: where it was first, there is nothing to look for any more.
  await expect(look.or(take).first()).toBeEnabled();
  // The worker is registered a moment after the page stands.
  await expect(async () => {
    if (await look.isVisible()) await look.click();
    await expect(take).toBeVisible({ timeout: 3000 });
  }).toPass({ timeout: FETCHED_MS });
}

const PLACES: readonly (readonly [path: string, shows: RegExp])[] = [
  ['/', /Next class/u],
  ['/routines', /Thursday chair circle/u],
  ['/routine/demo-thursday-chair-circle', /Warm-up/u],
  ['/moves', /Narrow/u],
  ['/people', /Thursday/u],
  ['/record', /Enter by hand/u],
  ['/lead/demo-thursday-chair-circle', /Where the defibrillator is/u],
  ['/print/demo-thursday-chair-circle', /Print/u],
  ['/backup', /Save a backup/u],
  ['/no/such/page?and=more', /There is nothing at this address/u],
];

test.describe('without a network', () => {
  test('the server is killed after one visit: every page is there, and what is changed is kept', async ({
    server,
    page,
  }) => {
    await visit(page);
    await server.kill();
    for (const [path, shows] of PLACES) {
      await page.goto(path);
      await expect(page.getByText(shows).first(), path).toBeVisible();
    }
    // What works beside the page works too: the checks of a routine, and its licences are readable.
    await page.goto('/routine/demo-thursday-chair-circle');
    await expect(page.getByRole('button', { name: /^Findings: (?!looking)/u })).toBeVisible();
    await page.getByRole('textbox', { name: 'Title' }).fill('No net tonight');
    await page.getByRole('textbox', { name: 'Title' }).press('Enter');
    await expect(page.getByText('saved', { exact: true })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('No net tonight');
    expect((await page.goto('/licences.txt'))?.status()).toBe(200);
  });

  test('the server is killed before the first visit, and in the middle of it: the next one is whole', async ({
    server,
    page,
  }) => {
    await server.kill();
    const before = await page.context().newPage();
    await expect(before.goto('/device')).rejects.toThrow();
    await before.close();
    await server.start(BUILT);
    // Only the worker fetches this: the page stands, and not all of its pieces are here.
    server.diesAt = '/icon-512.png';
    await page.goto('/device');
    await expect(page.getByRole('heading', { name: 'Without a network' })).toBeVisible();
    await expect(page.getByText(/^It needs a network: not all/u)).toBeVisible({
      timeout: FETCHED_MS,
    });
    expect(await controlled(page)).toBe(false);
    server.diesAt = undefined;
    await server.start(BUILT);
    await page.reload();
    await expect(works(page)).toBeVisible({ timeout: FETCHED_MS });
    await server.kill();
    await page.goto('/routines');
    await expect(page.getByText('Thursday chair circle').first()).toBeVisible();
  });

  test('the page comes before its pieces, which are less than 4 MB', async ({ page }) => {
    const asked: { path: string; at: number }[] = [];
    let bytes = 0;
    page.context().on('request', (request) => {
      const { pathname } = new URL(request.url());
      if (request.serviceWorker()) asked.push({ path: pathname, at: Date.now() });
    });
    page.context().on('requestfinished', (request) => {
      if (!request.serviceWorker()) return;
      void request.sizes().then(({ responseBodySize }) => (bytes += responseBodySize));
    });
    await page.goto('/device');
    await expect(page.getByRole('heading', { name: 'This device' })).toBeVisible();
    const painted = await page.evaluate(
      () => performance.timeOrigin + (performance.getEntriesByType('paint')[0]?.startTime ?? 0),
    );
    await expect(works(page)).toBeVisible({ timeout: FETCHED_MS });
    expect(asked.length).toBeGreaterThan(10);
    expect(Math.min(...asked.map(({ at }) => at))).toBeGreaterThan(painted);
    await expect.poll(() => bytes).toBeGreaterThan(100_000);
    expect(bytes).toBeLessThan(4_000_000);
  });

  test('storage is full while the pieces come: the page works on, and says so', async ({
    page,
    server,
  }) => {
    const session = await page.context().newCDPSession(page);
    const quota = (quotaSize?: number) =>
      session.send('Storage.overrideQuotaForOrigin', {
        origin: server.url,
        ...(quotaSize !== undefined && { quotaSize }),
      });
    await page.goto('/routines');
    await expect(page.getByText('Thursday chair circle').first()).toBeVisible();
    await quota(700_000);
    await page.goto('/device');
    await expect(page.getByText(/^It needs a network: not all/u)).toBeVisible({
      timeout: FETCHED_MS,
    });
    await page.goto('/routines');
    await expect(page.getByText('Thursday chair circle').first()).toBeVisible();
    await quota();
    await visit(page);
  });
});

test.describe('a new version', () => {
  test.setTimeout(240_000);

  const BROKEN: readonly (readonly [what: string, how: (folder: string) => void])[] = [
    ['one piece is missing', (folder) => rmSync(join(folder, 'page.css'))],
    ['one piece is cut off', (folder) => truncateSync(join(folder, 'page.css'), 400)],
    ['the worker is cut off', (folder) => truncateSync(join(folder, 'sw.js'), 9000)],
  ];
  for (const [what, breakIt] of BROKEN) {
    test(`${what}: the one before stays whole, and nothing is offered`, async ({
      page,
      server,
    }) => {
      await visit(page);
      const before = await versionOf(page);
      await server.serve(otherBuild('9.9.9 broken', breakIt));
      await page.goto('/device');
      await page.getByRole('button', { name: 'Look for a new version' }).click();
      await expect(page.getByText(/could not be fetched whole/u)).toBeVisible();
      await expect(line(page)).toHaveCount(0);
      await server.kill();
      for (const [path, shows] of PLACES.slice(0, 5)) {
        await page.goto(path);
        await expect(page.getByText(shows).first(), path).toBeVisible();
        expect(await versionOf(page)).toBe(before);
      }
    });
  }

  test('two tabs: it waits while something is half typed in one, and then both are of it', async ({
    page,
    context,
    server,
  }) => {
    await visit(page);
    const before = await versionOf(page);
    const other = await context.newPage();
    await other.goto('/bring-in');
    const field = other.getByRole('textbox').first();
    await field.click();
    await field.pressSequentially('Seated march 2 m');
    await server.serve(otherBuild('9.9.9 next'));
    await looks(page);
    await expect(line(page)).toBeVisible();
    // Nothing is taken by itself.
    expect(await versionOf(page)).toBe(before);
    await page.getByRole('button', { name: 'Take it now' }).click();
    await expect(page.getByText(/half typed in another tab/u).first()).toBeVisible();
    expect(await versionOf(other)).toBe(before);
    await field.blur();
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect.poll(() => versionOf(page)).toBe('9.9.9 next');
    await expect.poll(() => versionOf(other)).toBe('9.9.9 next');
    await expect(other.getByRole('textbox').first()).toHaveValue('Seated march 2 m');
    await server.kill();
    await page.goto('/routines');
    await expect(page.getByText('Thursday chair circle').first()).toBeVisible();
    expect(await versionOf(page)).toBe('9.9.9 next');
  });

  test('a class is led through it: it goes on, nothing is asked on the stage, and it is taken afterwards', async ({
    page,
    context,
    server,
  }) => {
    await visit(page);
    const before = await versionOf(page);
    await page.goto('/lead/demo-signal-box-reset');
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Hold the class' })).toBeVisible();
    const other = await context.newPage();
    await server.serve(otherBuild('9.9.9 led'));
    await looks(other);
    await other.getByRole('button', { name: 'Take it now' }).click();
    await expect(other.getByText(/^A class is being led/u).first()).toBeVisible();
    await expect(line(page)).toHaveCount(0);
    await server.kill();
    expect(await versionOf(page)).toBe(before);
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await page.getByRole('button', { name: 'Finish here' }).click();
    await page.getByRole('button', { name: 'Finish', exact: true }).click();
    await expect(page).toHaveURL(/\/record\//u);
    await other.getByRole('button', { name: 'Try again' }).first().click();
    await expect.poll(() => versionOf(other)).toBe('9.9.9 led');
    await expect.poll(() => versionOf(page)).toBe('9.9.9 led');
    await expect(page.getByRole('button', { name: 'Lead it again' })).toBeVisible();
  });

  test('a worker of an older make is found: once its pages are closed, ours has its place', async ({
    page,
    context,
    server,
  }) => {
    const old = otherBuild('0.0.1 old', (folder) =>
      writeFileSync(
        join(folder, 'sw.js'),
        `self.addEventListener('install', (e) => { self.skipWaiting(); e.waitUntil(caches.open('old').then((c) => c.addAll(['/']))); });
         self.addEventListener('activate', (e) => e.waitUntil(self.clients.claim()));
         self.addEventListener('fetch', (e) => { if (e.request.mode === 'navigate') e.respondWith(caches.match('/').then((r) => r ?? fetch(e.request))); });`,
      ),
    );
    await server.serve(old);
    await page.goto('/');
    await expect.poll(() => controlled(page), { timeout: FETCHED_MS }).toBe(true);
    await server.serve(BUILT);
    await page.reload();
    expect(await versionOf(page)).toBe('0.0.1 old');
    // Even the page of before offers what is there by now.
    await expect(line(page)).toBeVisible({ timeout: FETCHED_MS });
    await page.close();
    await expect(async () => {
      const again = await context.newPage();
      await again.goto('/device');
      const version = await versionOf(again);
      if (version === '0.0.1 old') await again.close();
      expect(version).not.toBe('0.0.1 old');
    }).toPass({ timeout: FETCHED_MS });
    await server.kill();
    const last = context.pages().at(-1);
    await last?.goto('/routines');
    await expect(last!.getByText('Thursday chair circle').first()).toBeVisible();
  });

  test('fetching it anew keeps what was kept, and changes nothing where the server is gone', async ({
    page,
    server,
  }) => {
    await visit(page);
    await page.goto('/routine/demo-thursday-chair-circle');
    await page.getByRole('textbox', { name: 'Title' }).fill('Kept through it');
    await page.getByRole('textbox', { name: 'Title' }).press('Enter');
    await expect(page.getByText('saved', { exact: true })).toBeVisible();
    await page.goto('/device');
    await server.kill();
    await page.getByRole('button', { name: 'Fetch it anew' }).click();
    await expect(page.getByText(/^Not all of it could be fetched/u)).toBeVisible();
    await page.reload();
    await expect(works(page)).toBeVisible();
    await server.start(otherBuild('9.9.9 anew'));
    await page.getByRole('button', { name: 'Fetch it anew' }).click();
    await expect.poll(() => versionOf(page), { timeout: FETCHED_MS }).toBe('9.9.9 anew');
    await expect(works(page)).toBeVisible({ timeout: FETCHED_MS });
    await server.kill();
    await page.goto('/routine/demo-thursday-chair-circle');
    await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('Kept through it');
  });
});
