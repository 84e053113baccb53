import type { Browser, CDPSession, Page } from '@playwright/test';
import { inBrowser, inProfile, median, served } from './served';

const TIMES = 7;
const SLOWED = 4;

interface Visit {
  readonly bytes: number;
  readonly usableMs: number;
  readonly compilingMs: number;
  readonly runningMs: number;
}

interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  readonly tid: number;
  readonly pid: number;
  readonly dur?: number;
  readonly args?: { readonly name?: string };
}

/** What the page's own thread did: whole tasks, and the compiling in them, in milliseconds. */
function share(events: readonly TraceEvent[]): { compilingMs: number; runningMs: number } {
  const names = events.filter(({ name }) => name === 'thread_name');
  const own = names.filter(({ args }) => args?.name === 'CrRendererMain');
  const sum = (wanted: (name: string) => boolean) =>
    Math.max(
      0,
      ...own.map(({ tid, pid }) =>
        events
          .filter((e) => e.ph === 'X' && e.tid === tid && e.pid === pid && wanted(e.name))
          .reduce((ms, { dur = 0 }) => ms + dur / 1000, 0),
      ),
    );
  const compilingMs = sum((name) => name === 'v8.compile' || name === 'V8.CompileCode');
  return { compilingMs, runningMs: sum((name) => name === 'RunTask') - compilingMs };
}

async function traced(session: CDPSession): Promise<{ stop: () => Promise<TraceEvent[]> }> {
  const events: TraceEvent[] = [];
  session.on('Tracing.dataCollected', ({ value }) => {
    events.push(...(value as unknown as TraceEvent[]));
  });
  const categories = 'toplevel,disabled-by-default-devtools.timeline,devtools.timeline,v8';
  await session.send('Tracing.start', { categories, transferMode: 'ReportEvents' });
  return {
    stop: async () => {
      const done = new Promise<void>((resolve) => {
        session.once('Tracing.tracingComplete', () => resolve());
      });
      await session.send('Tracing.end');
      await done;
      return events;
    },
  };
}

/** A first visit, with nothing kept from an earlier one. */
async function visit(browser: Browser, url: string): Promise<Visit> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  let bytes = 0;
  session.on('Network.loadingFinished', ({ encodedDataLength }) => {
    bytes += encodedDataLength;
  });
  const trace = await traced(session);
  const startedAt = performance.now();
  await page.goto(url);
  await page.getByRole('heading', { name: /^Next class/ }).waitFor();
  const usableMs = performance.now() - startedAt;
  const events = await trace.stop();
  await page.waitForLoadState('networkidle');
  await context.close();
  return { bytes, usableMs, ...share(events) };
}

/** All pieces are fetched aside, and counted as they come over the wire. */
async function pieces(page: Page, url: string): Promise<number> {
  let bytes = 0;
  const sizes: Promise<void>[] = [];
  page.context().on('requestfinished', (request) => {
    if (!request.serviceWorker()) return;
    const size = request.sizes().then(({ responseBodySize, responseHeadersSize }) => {
      bytes += responseBodySize + responseHeadersSize;
    });
    sizes.push(size);
  });
  await page.goto(`${url}device`);
  await page.getByText(/^Everything works without a network/).waitFor();
  await Promise.all(sizes);
  return bytes;
}

/** A visit after the first, with nobody to answer: the server is gone. */
async function withoutServer(): Promise<void> {
  await served(4619, (url, kill) =>
    inProfile(async (page) => {
      const bytes = await pieces(page, url);
      console.log(`all pieces: ${Math.round(bytes / 1000)} kB over the wire (bar 4000 kB)`);
      const came = () => page.getByRole('heading', { name: /^Next class/ }).waitFor();
      // A browser keeps what it has compiled from the second time on.
      for (let i = 0; i < 3; i++) {
        await page.goto(url);
        await came();
        await page.waitForTimeout(1000);
      }
      kill();
      const session = await page.context().newCDPSession(page);
      await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
      const visits: number[] = [];
      for (let i = 0; i < TIMES; i++) {
        await page.goto('about:blank');
        const startedAt = performance.now();
        await page.goto(url);
        await came();
        visits.push(performance.now() - startedAt);
        await page.waitForTimeout(1000);
      }
      const all = visits.map((ms) => `${(ms / 1000).toFixed(2)} s`).join(' · ');
      console.log(
        `second visit without the server, ${SLOWED}x slowed: ${(median(visits) / 1000).toFixed(2)} s, median of ${all} (bar 1.5 s)`,
      );
    }),
  );
}

/** What the first screen needs over the wire, and how long it takes to be usable. */
async function measure(): Promise<void> {
  await served(4618, async (url) => {
    const visits: Visit[] = [];
    for (let i = 0; i < TIMES; i++) visits.push(await inBrowser((browser) => visit(browser, url)));
    const of = (what: keyof Visit) => median(visits.map((one) => one[what]));
    const seconds = (ms: number) => `${(ms / 1000).toFixed(2)} s`;
    const all = visits.map(({ usableMs }) => seconds(usableMs)).join(' · ');
    const [usable, compiling, running] = [of('usableMs'), of('compilingMs'), of('runningMs')];
    const waiting = Math.max(0, usable - compiling - running);
    console.log(`first load: ${Math.round(of('bytes') / 1000)} kB over the wire (bar 500 kB)`);
    console.log(`usable at ${SLOWED}x slowed: ${seconds(usable)}, median of ${all} (bar 2.5 s)`);
    console.log(
      `of it compiling ${seconds(compiling)}, running ${seconds(running)}, waiting ${seconds(waiting)}`,
    );
  });
}

await measure();
await withoutServer();
