import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { chromium } from '@playwright/test';
import { BROWSER } from '../../e2e/browser';

const PORT = 4618;

/** What the first screen needs over the wire, and how long it takes to be usable at 4x slowed. */
async function measure(): Promise<void> {
  const server = spawn(process.execPath, ['dist/server/main.mjs'], {
    env: { ...process.env, PORT: String(PORT) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await once(server.stdout, 'data');
  const browser = await chromium.launch(BROWSER.launchOptions);
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
    const session = await page.context().newCDPSession(page);
    await session.send('Network.enable');
    await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    let bytes = 0;
    session.on('Network.loadingFinished', ({ encodedDataLength }) => {
      bytes += encodedDataLength;
    });
    const startedAt = performance.now();
    await page.goto(`http://127.0.0.1:${PORT}/`);
    await page.getByRole('button', { name: 'New routine' }).waitFor();
    const usableMs = performance.now() - startedAt;
    await page.waitForLoadState('networkidle');
    console.log(`first load: ${Math.round(bytes / 1000)} kB over the wire (bar 600 kB)`);
    console.log(`usable at 4x slowed: ${(usableMs / 1000).toFixed(2)} s (bar 2.5 s)`);
  } finally {
    await browser.close();
    server.kill();
  }
}

await measure();
