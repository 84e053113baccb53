import type { CDPSession, Page } from '@playwright/test';
import { inBrowser, median, served } from './served';

const SECONDS = 6;

interface Work {
  readonly frames: number;
  /** What the page's own thread did, in milliseconds. */
  readonly busyMs: number;
}

/** What the page's thread does while figures move, by the browser's own count. */
async function watch(page: Page, session: CDPSession): Promise<Work> {
  const busy = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return (metrics.find(({ name }) => name === 'TaskDuration')?.value ?? 0) * 1000;
  };
  await page.evaluate(() => {
    const counted = { frames: 0 };
    Object.assign(globalThis, { counted });
    const next = () => {
      counted.frames += 1;
      requestAnimationFrame(next);
    };
    requestAnimationFrame(next);
  });
  const before = await busy();
  await page.waitForTimeout(SECONDS * 1000);
  const busyMs = (await busy()) - before;
  const frames = await page.evaluate(
    () => (globalThis as unknown as { counted: { frames: number } }).counted.frames,
  );
  return { frames, busyMs };
}

async function opened(page: Page): Promise<CDPSession> {
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  return session;
}

/** A figure that moves, two side by side on the stage, and the list of moves under a finger. */
async function measure(): Promise<void> {
  await served(4619, async (url) => {
    await inBrowser(async (browser) => {
      const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
      const session = await opened(page);
      const perFrame = async (name: string, barMs: number) => {
        const all: number[] = [];
        for (let i = 0; i < 3; i++) {
          const { frames, busyMs } = await watch(page, session);
          all.push(busyMs / frames);
        }
        console.log(`${name}: ${median(all).toFixed(1)} ms a frame (bar ${barMs} ms)`);
      };
      await page.goto(`${url}moves/seated-march`);
      await page.getByRole('button', { name: 'Show knees up moving' }).click();
      await perFrame('a moving figure', 8);
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(`${url}routines`);
      await page.getByRole('link', { name: 'Down and up again' }).click();
      await page.getByRole('button', { name: 'Lead', exact: true }).click();
      await page.getByRole('button', { name: 'Start' }).click();
      // Sit to stand on the one side, a foot press in the chair on the other.
      for (let i = 0; i < 2; i++) await page.keyboard.press('ArrowRight');
      await page.getByText(/^of 4 · /).waitFor();
      await perFrame('the stage with two figures that move', 14);
    });
    await inBrowser(async (browser) => {
      const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
      const session = await opened(page);
      await page.goto(`${url}moves`);
      await page.getByRole('textbox', { name: 'Find a move' }).waitFor();
      await page.waitForTimeout(1500);
      await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
      await page.evaluate(() => {
        const gaps: number[] = [];
        Object.assign(globalThis, { gaps });
        let last = performance.now();
        const next = (now: number) => {
          gaps.push(now - last);
          last = now;
          requestAnimationFrame(next);
        };
        requestAnimationFrame(next);
      });
      await page.mouse.move(195, 600);
      for (let i = 0; i < 60; i++) {
        await page.mouse.wheel(0, 140);
        await page.waitForTimeout(50);
      }
      const gaps = await page.evaluate(() => (globalThis as unknown as { gaps: number[] }).gaps);
      const sorted = gaps.toSorted((a, b) => a - b);
      const at = (share: number) => Math.round(sorted[Math.floor(share * sorted.length)] ?? 0);
      console.log(
        `scrolling the moves at 4x slowed: a frame every ${at(0.5)} ms, 95 in 100 within ${at(0.95)} ms, ${gaps.filter((gap) => gap > 100).length} of ${gaps.length} over 100 ms, most ${Math.round(Math.max(...gaps))} ms`,
      );
    });
  });
}

await measure();
