import type { Page } from '@playwright/test';
import { writeRoutineText } from '@/core/routine';
import { sixtyItems } from './routines';
import { inBrowser, median, served } from './served';

const EDITS = 30;

/**
 * What the browser says from an input to the next paint, one for each; it rounds to 8 ms. Of keys,
 * until all that they bring is done: the page paints only where a line of words changes.
 */
async function timed(page: Page, name: 'click' | 'keypress', input: () => Promise<void>) {
  await page.evaluate((wanted) => {
    const seen: number[] = [];
    Object.assign(globalThis, { seen });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as PerformanceEventTiming[]) {
        const { name: kind, duration, startTime, processingEnd } = entry;
        if (kind === wanted) seen.push(kind === 'click' ? duration : processingEnd - startTime);
      }
    }).observe({ type: 'event', durationThreshold: 16 } as PerformanceObserverInit);
  }, name);
  await input();
  await page.waitForTimeout(500);
  return page.evaluate(() => (globalThis as unknown as { seen: number[] }).seen);
}

async function open(page: Page, url: string): Promise<void> {
  await page.goto(`${url}routines`);
  await page.getByRole('button', { name: 'Bring in' }).click();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a file' }).click();
  const file = { name: 'sixty.txt', mimeType: 'text/plain' };
  await (await chooser).setFiles({ ...file, buffer: Buffer.from(writeRoutineText(sixtyItems())) });
  await page.getByRole('button', { name: 'Add routine' }).click();
  await page.getByRole('button', { name: /^Findings: \d/ }).waitFor();
}

/** An edit of a routine of sixty items, and a key in its adding line, to the next paint. */
async function measure(): Promise<void> {
  await served(4619, async (url) => {
    for (const [slowed, barMs] of [
      [1, 50],
      [4, 200],
    ] as const) {
      await inBrowser(async (browser) => {
        const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
        const session = await page.context().newCDPSession(page);
        await open(page, url);
        await session.send('Emulation.setCPUThrottlingRate', { rate: slowed });
        await page
          .getByRole('button', { name: /^Seated cat/ })
          .first()
          .click();
        const more = page.getByRole('button', { name: 'More: Reps' });
        const less = page.getByRole('button', { name: 'Less: Reps' });
        const edits = await timed(page, 'click', async () => {
          for (let i = 0; i < EDITS; i++) {
            await (i % 2 ? less : more).click();
            await page.waitForTimeout(250);
          }
        });
        await page.getByRole('button', { name: 'Close', exact: true }).click();
        const line = page.getByRole('textbox', { name: 'Type a move and its dose' });
        await line.focus();
        const keys = await timed(page, 'keypress', () =>
          line.pressSequentially('seated figure four: hold 30s, each side', { delay: 120 }),
        );
        const told = (what: string, all: readonly number[]) =>
          console.log(
            `${what} at ${slowed}x slowed: ${Math.round(median(all))} ms median of ${all.length}, most ${Math.round(Math.max(...all))} ms (bar ${barMs} ms)`,
          );
        told('an edit of 60 items to the next paint', edits);
        told('a key in the adding line', keys);
      });
    }
  });
}

await measure();
