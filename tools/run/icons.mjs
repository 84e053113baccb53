// Remakes public/icon-*.png from public/icon.svg: kept in the tree, so that no build needs a browser.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium, ensurePackages, root } from './ensure.mjs';

await ensurePackages();
await ensureChromium();
const { chromium } = await import('@playwright/test');
const svg = readFileSync(join(root, 'public/icon.svg'), 'utf8');
const PAPER = '#F3F2EC';
const executablePath = process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell';
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox'] });
const page = await browser.newPage();

/**
 * @param share how much of the square the drawing takes: where a system cuts a shape out of it, only the
 * circle of four fifths is sure to stay
 */
async function draw(name, size, share, round) {
  await page.setViewportSize({ width: size, height: size });
  const radius = round ? size * 0.22 : 0;
  const inner = `width:${size * share}px;height:${size * share}px`;
  await page.setContent(
    `<style>body{margin:0;background:transparent}main{width:${size}px;height:${size}px;display:grid;place-items:center;background:${PAPER};border-radius:${radius}px}svg{${inner}}</style><main>${svg}</main>`,
  );
  writeFileSync(join(root, 'public', name), await page.screenshot({ omitBackground: true }));
}

for (const size of [192, 512]) {
  await draw(`icon-${size}.png`, size, 0.78, true);
  await draw(`icon-maskable-${size}.png`, size, 0.56, false);
}
await browser.close();
