import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Browser, type Page } from '@playwright/test';
import { BROWSER } from '../../e2e/browser';

/** Serves the built application while something is measured on it. */
export async function served(
  port: number,
  work: (url: string, kill: () => void) => Promise<void>,
): Promise<void> {
  const server = spawn(process.execPath, ['dist/server/main.mjs'], {
    env: { ...process.env, PORT: String(port) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await once(server.stdout, 'data');
  try {
    await work(`http://127.0.0.1:${port}/`, () => server.kill());
  } finally {
    server.kill();
  }
}

/** A browser of its own, so that none finds what another has compiled. */
export async function inBrowser<T>(work: (browser: Browser) => Promise<T>): Promise<T> {
  const browser = await chromium.launch(BROWSER.launchOptions);
  try {
    return await work(browser);
  } finally {
    await browser.close();
  }
}

/** A browser as people have it, which keeps what it has compiled. */
export async function inProfile(work: (page: Page) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'willow-years-'));
  const context = await chromium.launchPersistentContext(folder, {
    ...BROWSER.launchOptions,
    viewport: { width: 390, height: 844 },
  });
  try {
    await work(context.pages()[0] ?? (await context.newPage()));
  } finally {
    await context.close();
    rmSync(folder, { recursive: true, force: true });
  }
}

export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
