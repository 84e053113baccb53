import { test as base, expect, type Page } from '@playwright/test';

export const PORT = 4617;

/** So many demo routines come with the first visit. */
export const DEMO_COUNT = 11;

/**
 * How Debian's Chromium is started, without the windows round a page: those cost each page as much
 * time as the application. Without the arguments it asks the network for things.
 */
export const BROWSER = {
  launchOptions: {
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--no-first-run',
    ],
  },
};

/** What React Native says of animations on every web page; nothing to mend. */
const KNOWN = /useNativeDriver/;

/** A page that fails its test on any error or report against the server's policy. */
export const test = base.extend({
  page: async ({ page }, run) => {
    const wrong = await wrongOn(page);
    await run(page);
    expect(wrong).toEqual([]);
  },
});

/** What goes wrong on a page, as it comes. */
export async function wrongOn(page: Page): Promise<readonly string[]> {
  const wrong: string[] = [];
  page.on('pageerror', (error) => wrong.push(error.message));
  page.on('console', (message) => {
    const text = message.text();
    // Chromium asks for an icon on pages that are not the application's own.
    const icon = message.location().url.endsWith('/favicon.ico');
    if (message.type() === 'error' && !icon && !KNOWN.test(text)) wrong.push(text);
  });
  await page.addInitScript(() => {
    document.addEventListener('securitypolicyviolation', (event) => {
      console.error(`policy: ${event.violatedDirective} ${event.blockedURI}`);
    });
  });
  return wrong;
}

/** So much of a class goes by; only its last moment is drawn. */
export async function goesBy(page: Page, ms: number): Promise<void> {
  await page.clock.fastForward(ms - 200);
  await page.clock.runFor(200);
}

export { expect };

/** The first visit: the demo data is there. */
export async function openDemo(page: Page): Promise<void> {
  await page.goto('/routines');
  await expect(page.getByText('These are demo routines')).toBeVisible();
}

export async function openRoutine(page: Page, title: string): Promise<void> {
  await page.getByRole('link', { name: title }).click();
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue(title);
}

/**
 * The routine with what the checks found: that makes rows longer, and a press that begins on one row
 * and ends on another is none.
 */
export async function openChecked(page: Page, title: string): Promise<void> {
  await openRoutine(page, title);
  await checked(page);
}

export async function checked(page: Page): Promise<void> {
  await expect(page.getByRole('button', { name: /^Findings: (?!looking)/ })).toBeVisible();
}

/** Saved means in storage: a reload finds it. */
export async function saved(page: Page): Promise<void> {
  await page.waitForTimeout(200);
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
}

/** Uses a tool of the builder; those that there is no room for fold away behind one. */
export async function tool(page: Page, name: string): Promise<void> {
  const own = page.getByRole('banner').getByRole('button', { name });
  const tools = page.getByRole('button', { name: 'Tools', exact: true });
  await expect(tools).toBeVisible();
  if (!(await own.isVisible())) {
    await tools.click();
    await page.getByRole('main').getByRole('button', { name }).click();
  } else await own.click();
}

export async function closePanel(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Close', exact: true }).click();
}
