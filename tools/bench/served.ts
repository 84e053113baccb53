import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { chromium, type Browser } from '@playwright/test';
import { BROWSER } from '../../e2e/browser';

/** Serves the built application while something is measured on it. */
export async function served(port: number, work: (url: string) => Promise<void>): Promise<void> {
  const server = spawn(process.execPath, ['dist/server/main.mjs'], {
    env: { ...process.env, PORT: String(port) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await once(server.stdout, 'data');
  try {
    await work(`http://127.0.0.1:${port}/`);
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

export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
