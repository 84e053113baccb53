import type { Page } from '@playwright/test';
import { expect, openDemo, test, tool } from './browser';

async function openPrint(page: Page, title: string) {
  await openDemo(page);
  await page.getByRole('button', { name: `More for ${title}` }).click();
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  await expect(page.getByRole('heading', { name: `Print ${title}` })).toBeVisible();
}

test('a routine is printed as pictures or as cues, each with its figures', async ({ page }) => {
  await openPrint(page, 'Thursday chair circle');
  const paper = page.frameLocator('iframe');
  await expect(paper.getByText('1. Seated march')).toBeVisible();
  await expect(paper.getByText('Stop signs')).toBeVisible();
  await expect(paper.locator('.cell > svg')).toHaveCount(12);
  // The style got past the server's policy.
  await expect(paper.locator('.strand').first()).toHaveCSS('display', 'grid');
  await page.evaluate(() => {
    const view = document.querySelector('iframe')?.contentWindow;
    if (view) view.print = () => void (document.title = 'printed');
  });
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  await expect(page).toHaveTitle('printed');
  await page.getByRole('radio', { name: 'Cues to lead from' }).click();
  await expect(paper.getByRole('columnheader', { name: 'Cue' })).toBeVisible();
  expect(await paper.locator('td svg').count()).toBeGreaterThan(15);
});

test('pictures of a usual routine are one page', async ({ page, browser }) => {
  await openPrint(page, 'Thursday chair circle');
  await expect(page.frameLocator('iframe').getByText('1. Seated march')).toBeVisible();
  const [css, body] = await page.evaluate(() => {
    const paper = document.querySelector('iframe')?.contentDocument;
    const rules = [...(paper?.adoptedStyleSheets ?? [])].flatMap((sheet) => [...sheet.cssRules]);
    return [rules.map(({ cssText }) => cssText).join('\n'), paper?.body.innerHTML ?? ''] as const;
  });
  const printed = await browser.newPage();
  await printed.setContent(`<!doctype html><style>${css}</style>${body}`);
  const pdf = await printed.pdf({ preferCSSPageSize: true });
  expect([...pdf.toString('latin1').matchAll(/\/Type\s*\/Page\b/g)]).toHaveLength(1);
  await printed.close();
});

test('from the routine, by what its head offers', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Signal box reset' }).click();
  await tool(page, 'Print pictures or cues');
  await expect(page.getByRole('heading', { name: 'Print Signal box reset' })).toBeVisible();
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('Signal box reset');
});
