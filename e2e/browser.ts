import { join } from 'node:path';
import {
  test as base,
  expect,
  type BrowserContext,
  type BrowserType,
  type Page,
} from '@playwright/test';

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

type Options = NonNullable<Parameters<BrowserType['launchPersistentContext']>[1]>;

/**
 * A worker's own profile, emptied for each test. The browser keeps what it made of the scripts in it,
 * as it does for people who come again: that is a sixth of the work of all journeys.
 */
class Profile {
  private context: BrowserContext | null = null;
  private options = '';
  /** Without a network everything is there once one visit was made. */
  private wasVisited = false;

  constructor(
    private readonly browser: BrowserType,
    private readonly folder: string,
    private readonly isOffline: boolean,
  ) {}

  async open(options: Options): Promise<BrowserContext> {
    if (this.options !== JSON.stringify(options)) await this.close();
    this.options = JSON.stringify(options);
    this.context ??= await this.browser.launchPersistentContext(this.folder, options);
    if (this.isOffline && !this.wasVisited) await this.visit(this.context);
    await this.empty(this.context);
    return this.context;
  }

  private async visit(context: BrowserContext): Promise<void> {
    await this.empty(context);
    const page = await context.newPage();
    await page.goto(`http://127.0.0.1:${PORT}/device`);
    await expect(page.getByText(/^Everything works without a network/u)).toBeVisible();
    await page.close();
    this.wasVisited = true;
  }

  /** Nothing is left of what a test before this one, or a run before it, kept. */
  private async empty(context: BrowserContext): Promise<void> {
    // The empty page that it began with stays: without any the browser ends.
    const [first, ...others] = context.pages();
    for (const page of others) await page.close();
    const session = await context.newCDPSession(first!);
    await session.send('Storage.clearDataForOrigin', {
      origin: `http://127.0.0.1:${PORT}`,
      storageTypes: `cookies,local_storage,indexeddb${this.wasVisited ? '' : ',service_workers,cache_storage'}`,
    });
    await session.detach();
    await context.setOffline(this.wasVisited);
  }

  async close(): Promise<void> {
    await this.context?.close();
    this.context = null;
  }
}

/** A page that fails its test on any error or report against the server's policy. */
export const test = base.extend<object, { profile: Profile; withoutNetwork: boolean }>({
  /** Everything but one visit at the beginning is done without a network. */
  withoutNetwork: [false, { option: true, scope: 'worker' }],
  profile: [
    async ({ playwright, withoutNetwork }, run, { parallelIndex }) => {
      const kind = withoutNetwork ? 'offline' : 'profile';
      const folder = join(__dirname, `../test-results/${kind}-${parallelIndex}`);
      const profile = new Profile(playwright.chromium, folder, withoutNetwork);
      await run(profile);
      await profile.close();
    },
    { scope: 'worker' },
  ],
  context: async (
    {
      profile,
      launchOptions,
      contextOptions,
      viewport,
      baseURL,
      hasTouch,
      isMobile,
      withoutNetwork,
    },
    run,
  ) => {
    // What a worker answers can't be looked at or held back by a journey on its way.
    const serviceWorkers: Options['serviceWorkers'] = withoutNetwork ? 'allow' : 'block';
    const page = { viewport, baseURL, hasTouch, isMobile, serviceWorkers };
    await run(await profile.open({ ...launchOptions, ...contextOptions, ...page }));
  },
  page: async ({ context, profile }, run) => {
    const page = await context.newPage();
    const { clock } = page;
    let clockIsSet = false;
    Object.defineProperty(page, 'clock', {
      get() {
        clockIsSet = true;
        return clock;
      },
    });
    const wrong = await wrongOn(page);
    await run(page);
    // A clock that was set stays so for as long as the browser is open.
    if (clockIsSet) await profile.close();
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

/** One of the lines of a panel, opened to be changed. */
export async function openLine(page: Page, name: string | RegExp): Promise<void> {
  const line = page.getByRole('main').getByRole('button', { name });
  if ((await line.getAttribute('aria-expanded')) !== 'true') await line.click();
}
