import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openDemo, openRoutine, test } from './browser';

async function violations(page: Page) {
  const { violations: found } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  return found.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
  );
}

/** Nothing sticks out sideways. */
async function sideways(page: Page) {
  return page.evaluate(() => {
    const width = document.documentElement.clientWidth;
    return [...document.querySelectorAll<HTMLElement>('body *')]
      .filter(
        (element) => element.getBoundingClientRect().right > width + 1 && !element.closest('svg'),
      )
      .map((element) => `${element.tagName} ${element.textContent?.slice(0, 40)}`)
      .slice(0, 5);
  });
}

const VIEWS: readonly (readonly [string, (page: Page) => Promise<void>])[] = [
  ['library', async () => undefined],
  [
    'library, opened row',
    async (page) =>
      page
        .getByRole('button', { name: /^More for/ })
        .first()
        .click(),
  ],
  ['bring in', async (page) => page.getByRole('button', { name: 'Bring in' }).click()],
  ['routine', async (page) => openRoutine(page, 'Thursday chair circle')],
  [
    'routine with a row chosen',
    async (page) => {
      await openRoutine(page, 'Signal box reset');
      await page.getByRole('button', { name: /^Seated hamstring/ }).click();
      await page.getByRole('button', { name: 'Group and time' }).click();
    },
  ],
  [
    'lead, ready',
    async (page) => {
      await openRoutine(page, 'Signal box reset');
      await page.getByRole('button', { name: 'Lead', exact: true }).click();
      await expect(page.getByRole('button', { name: 'Start' })).toBeVisible();
    },
  ],
  [
    'lead, working one side',
    async (page) => {
      await openRoutine(page, 'Signal box reset');
      await page.getByRole('button', { name: 'Lead', exact: true }).click();
      await page.getByRole('button', { name: 'Start' }).click();
      for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
      await expect(page.getByText('left leg', { exact: true })).toBeVisible({ timeout: 20_000 });
      await page.getByRole('button', { name: 'Settings' }).click();
    },
  ],
  ['record', async (page) => page.getByRole('button', { name: 'Record' }).click()],
  [
    'run',
    async (page) => {
      await page.getByRole('button', { name: 'Record' }).click();
      await page.getByRole('link').first().click();
      await expect(page.getByText('Item and side')).toBeVisible();
    },
  ],
];

for (const [name, go] of VIEWS) {
  for (const scheme of ['light', 'dark'] as const) {
    test(`axe finds nothing on ${name}, ${scheme}`, async ({ page }) => {
      await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' });
      await openDemo(page);
      await go(page);
      await page.waitForTimeout(300);
      expect(await violations(page)).toEqual([]);
    });
  }
}

for (const [name, go] of VIEWS) {
  test(`${name} fits 320 px`, async ({ page }, info) => {
    test.skip(info.project.name !== 'phone', 'one width is enough');
    await page.setViewportSize({ width: 320, height: 700 });
    await openDemo(page);
    await go(page);
    await page.waitForTimeout(300);
    expect(await sideways(page)).toEqual([]);
  });
}

test('a routine is built and opened by keyboard only', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: /^Signal box reset/ }).focus();
  await page.keyboard.press('Enter');
  const rows = page.getByRole('group', { name: 'The routine in order' }).getByRole('button');
  await rows.first().focus();
  await page.keyboard.press('ArrowDown');
  await expect(rows.nth(1)).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Seated cat' })).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Type a move and its dose' }).focus();
  await page.keyboard.type('rest 20s');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Rest 20 s' })).toBeVisible();
});
