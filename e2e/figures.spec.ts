import type { Page } from '@playwright/test';
import { expect, openDemo, openRoutine, test } from './browser';

/** Everything that is drawn in the button of this name, as one text. */
const drawn = (page: Page, name: string) =>
  page
    .locator(`[aria-label="${name}"] svg path`)
    .evaluateAll((paths) => paths.map((path) => path.getAttribute('d')).join(' '));

test('figures are on the list, on the sheet and in the panel; one moves when it is pressed', async ({
  page,
}) => {
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await openDemo(page);
  await page.getByRole('link', { name: 'Moves', exact: true }).click();
  const rows = page.getByRole('listitem');
  await expect(rows.first().locator('img[src^="data:image/svg"]')).toBeVisible();

  await page.goto('/moves/seated-cat');
  const full = page.getByRole('button', { name: 'Show full moving' });
  await expect(full.locator('img')).toBeVisible();
  await full.click();
  await expect(page.getByRole('button', { name: 'Stop full' })).toBeVisible();
  const before = await drawn(page, 'Stop full');
  await expect.poll(() => drawn(page, 'Stop full')).not.toBe(before);
  await page.getByRole('button', { name: 'Stop full' }).click();
  await expect(page.getByRole('button', { name: 'Show full moving' })).toBeVisible();

  await page.goto('/routines');
  await openRoutine(page, 'Signal box reset');
  await page.getByRole('button', { name: /^Seated figure four/ }).click();
  await expect(page.getByRole('heading', { name: 'Seated figure four' })).toBeVisible();
  // The words of the panel are the left side's, and so is the figure.
  await expect(page.getByText(/your left ankle/)).toBeVisible();
  await expect(page.locator('svg g[transform*="scale(-1"]').first()).toBeAttached();
});

test('with less motion the key poses are shown in turn, and nothing between them', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/moves/seated-cat');
  const full = page.getByRole('button', { name: 'Show full moving' });
  await expect(full.locator('img')).toBeVisible();
  await full.click();
  await expect(page.getByRole('button', { name: 'Stop full' })).toBeVisible();
  // On a slow machine the button is there before its first picture.
  await expect.poll(() => drawn(page, 'Stop full')).not.toBe('');
  const seen = new Set<string>();
  const until = Date.now() + 6000;
  while (Date.now() < until) {
    seen.add(await drawn(page, 'Stop full'));
    await page.waitForTimeout(50);
  }
  expect(seen.size).toBe(2);
});

test('the stage draws what is done, on the side that works', async ({ page }) => {
  await openDemo(page);
  await openRoutine(page, 'Signal box reset');
  await page.getByRole('button', { name: 'Lead', exact: true }).click();
  await page.getByRole('button', { name: 'Start' }).click();
  const flipped = page.locator('svg g[transform*="scale(-1"]');
  await expect(page.getByRole('heading', { name: 'Seated march' })).toBeVisible();
  await expect(flipped).toHaveCount(0);
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
  await expect(page.getByText('left leg', { exact: true })).toBeVisible();
  await expect(flipped).toHaveCount(1);
});
