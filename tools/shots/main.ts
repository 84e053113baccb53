import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdirSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { BROWSER, tool } from '../../e2e/browser';

const PORT = 4619;
const FOLDER = 'docs/screenshots';
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

interface Shot {
  readonly name: string;
  readonly viewport: { readonly width: number; readonly height: number };
  readonly dark?: true;
  readonly go: (page: Page) => Promise<unknown>;
}

const routine = (title: string) => async (page: Page) => {
  await page.getByRole('link', { name: title }).click();
  await page.getByRole('textbox', { name: 'Title' }).waitFor();
  // What the checks find makes rows longer; a row is chosen once they stand.
  await page.getByRole('button', { name: /^Findings: / }).waitFor();
};

const chosen = (title: string, row: RegExp) => async (page: Page) => {
  await routine(title)(page);
  await page.getByRole('button', { name: row }).click();
};

const findings = (title: string) => async (page: Page) => {
  await routine(title)(page);
  const count = page.getByRole('button', { name: /^Findings: \d/ });
  await count.waitFor();
  if ((await count.getAttribute('aria-expanded')) !== 'true') await count.click();
  // The mends come one by one.
  await page.clock.runFor(1000);
  await page.waitForTimeout(3000);
};

const proposed = (title: string, button: string) => async (page: Page) => {
  await routine(title)(page);
  await tool(page, button);
  await page.getByRole('button', { name: 'Keep' }).waitFor();
  await page
    .getByText(/^Findings/)
    .first()
    .waitFor();
};

const moves = async (page: Page) => {
  await page.getByRole('link', { name: 'Moves', exact: true }).click();
  await page.getByRole('textbox', { name: 'Find a move' }).waitFor();
};

const ready = (title: string) => async (page: Page) => {
  await routine(title)(page);
  await page.getByRole('button', { name: 'Lead', exact: true }).click();
  await page.getByRole('button', { name: 'Start' }).waitFor();
};

/** On the clock of the page, so that the same second is taken every time. */
const leading = (title: string, plays: number, ms: number) => async (page: Page) => {
  await ready(title)(page);
  await page.clock.pauseAt(new Date('2026-03-05T10:30:00'));
  await page.getByRole('button', { name: 'Start' }).click();
  for (let i = 0; i < plays; i++) await page.keyboard.press('ArrowRight');
  await page.clock.runFor(ms);
};

const record = async (page: Page) => {
  await page.getByRole('link', { name: 'Record', exact: true }).click();
  await page.getByRole('heading', { name: 'Record' }).waitFor();
};

const SHOTS: readonly Shot[] = [
  {
    name: 'today-phone',
    viewport: PHONE,
    go: async (page) => {
      await page.getByRole('link', { name: 'Today', exact: true }).click();
      await page.getByRole('heading', { name: /^Next class/ }).waitFor();
    },
  },
  {
    name: 'person-phone',
    viewport: PHONE,
    go: async (page) => {
      await page.goto(`http://127.0.0.1:${PORT}/people/demo-cora`);
      await page.getByText('Balance, seconds held').first().waitFor();
    },
  },
  {
    name: 'class-wide',
    viewport: WIDE,
    go: async (page) => {
      await page.goto(`http://127.0.0.1:${PORT}/group/demo-saltmarsh`);
      await page.getByRole('button', { name: 'Who does what' }).click();
      await page.getByText('Semi-tandem stance, fingertips').scrollIntoViewIfNeeded();
    },
  },
  { name: 'routines-phone', viewport: PHONE, go: async () => undefined },
  { name: 'routine-phone', viewport: PHONE, go: routine('Down and up again') },
  {
    name: 'print-wide',
    viewport: WIDE,
    go: async (page) => {
      await page.getByRole('button', { name: 'More for Thursday chair circle' }).click();
      await page.getByRole('button', { name: 'Print', exact: true }).click();
      await page.frameLocator('iframe').getByText('Stop signs').waitFor();
    },
  },
  { name: 'routine-wide', viewport: WIDE, go: chosen('Signal box reset', /^Seated hamstring/) },
  {
    name: 'device-phone-dark',
    viewport: PHONE,
    dark: true,
    go: async (page) => {
      await page.getByRole('link', { name: 'Today', exact: true }).click();
      await page.getByRole('link', { name: 'This device' }).click();
      await page.getByText(/^Everything works without a network/).waitFor();
    },
  },
  { name: 'findings-wide', viewport: WIDE, go: findings('Signal box reset') },
  { name: 'fit-phone', viewport: PHONE, go: proposed('Signal box reset', 'Fit to 10:00') },
  { name: 'moves-phone', viewport: PHONE, go: moves },
  {
    name: 'moves-wide',
    viewport: WIDE,
    go: async (page) => {
      await moves(page);
      await page.getByRole('button', { name: 'Region', exact: true }).click();
      await page.getByRole('radio', { name: 'Outer hip' }).click();
      await page.getByRole('link', { name: /^Both knees to one side/ }).click();
      await page.getByRole('heading', { name: 'What to say' }).waitFor();
    },
  },
  {
    name: 'move-phone',
    viewport: PHONE,
    go: async (page) => {
      await moves(page);
      await page.getByRole('textbox', { name: 'Find a move' }).fill('tandem');
      await page.getByRole('link', { name: /^Tandem stance/ }).click();
      await page.getByRole('heading', { name: 'What to say' }).waitFor();
    },
  },
  {
    name: 'write-move-phone',
    viewport: PHONE,
    go: async (page) => {
      await page.goto(`http://127.0.0.1:${PORT}/write-move/seated-twist`);
      await page.getByRole('button', { name: 'What to say', exact: true }).click();
      const short = page.getByRole('textbox', { name: 'Short', exact: true });
      await short.fill('Turn {side}, as if to see who comes in.');
      await page.getByText(/^Too long to be said/).waitFor();
    },
  },
  { name: 'lead-ready-phone', viewport: PHONE, go: ready('Wharf wheels') },
  { name: 'lead-phone', viewport: PHONE, go: leading('Signal box reset', 3, 25_000) },
  { name: 'lead-wide', viewport: WIDE, go: leading('Thursday chair circle', 13, 34_000) },
  {
    name: 'record-phone',
    viewport: PHONE,
    go: record,
  },
  {
    name: 'run-phone',
    viewport: PHONE,
    go: async (page) => {
      await record(page);
      await page
        .getByRole('link', { name: /Thursday chair circle/ })
        .first()
        .click();
      await page.getByText('What follows').waitFor();
    },
  },
];

const server = spawn(process.execPath, ['dist/server/main.mjs'], {
  env: { ...process.env, PORT: String(PORT) },
  stdio: ['ignore', 'pipe', 'inherit'],
});
await once(server.stdout, 'data');
mkdirSync(FOLDER, { recursive: true });
const browser = await chromium.launch(BROWSER.launchOptions);
try {
  for (const { name, viewport, dark, go } of SHOTS) {
    const page = await browser.newPage({
      viewport,
      colorScheme: dark ? 'dark' : 'light',
      locale: 'en-GB',
      timezoneId: 'UTC',
    });
    await page.clock.install({ time: new Date('2026-03-05T10:00:00') });
    await page.goto(`http://127.0.0.1:${PORT}/routines`);
    await page.getByRole('heading', { name: 'Routines' }).waitFor();
    await go(page);
    await page.clock.runFor(500);
    // Pages come on demand and checks from a worker: neither is to be caught half way.
    await page.getByText(/^(…|Working it out…|Opening your routines…)$/).waitFor({
      state: 'hidden',
    });
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: `${FOLDER}/${name}.png` });
    await page.close();
    console.log(`${FOLDER}/${name}.png`);
  }
} finally {
  await browser.close();
  server.kill();
}
