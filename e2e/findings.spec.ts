import type { Page } from '@playwright/test';
import { closePanel, expect, openDemo, openLine, openRoutine, saved, test, tool } from './browser';

/** A new routine from lines that are typed one after another. */
async function typed(page: Page, ...lines: readonly string[]): Promise<void> {
  await openDemo(page);
  await page.getByRole('button', { name: 'New routine' }).click();
  await page.getByRole('radio', { name: 'Desk workers' }).click();
  await addLines(page, ...lines);
}

async function addLines(page: Page, ...lines: readonly string[]): Promise<void> {
  const line = page.getByRole('textbox', { name: 'Type a move and its dose' });
  for (const words of lines) {
    await line.fill(words);
    await line.press('Enter');
    await expect(line).toHaveValue('');
  }
}

/** The list of findings: always there on a wide screen, behind its count on a phone. */
async function findingsList(page: Page) {
  const list = page.getByRole('list', { name: 'Findings' });
  const count = page.getByRole('button', { name: /^Findings/ });
  await expect(count).toBeVisible();
  if ((await count.getAttribute('aria-expanded')) !== 'true') await count.click();
  await expect(list).toBeVisible();
  return list;
}

const undo = (page: Page) => page.getByRole('button', { name: 'Undo' });
const rows = (page: Page) => page.locator('[data-strand-row]');

test('a missing side is found, seen on its row, mended, and taken back in one @wide', async ({
  page,
}) => {
  await typed(page, 'seated twist 20s left only');
  const twist = page.getByRole('button', { name: /^Seated twist, hold 20 s · left only/ });
  await expect(twist).toHaveAccessibleName(/caution: The right side is never done\./);
  const list = await findingsList(page);
  await expect(list.getByText('The right side is never done.')).toBeVisible();
  await expect(list.getByText(/leaves people uneven/)).toBeVisible();

  const mend = list.getByRole('button', { name: 'Add the right side' });
  await mend.click();
  await expect(page.getByText('hold 20 s · left only → hold 20 s · each side')).toBeVisible();
  await page.getByRole('button', { name: 'Throw away', exact: true }).click();
  await expect(twist).toBeVisible();
  await expect(undo(page)).toBeEnabled();

  await (await findingsList(page)).getByRole('button', { name: 'Add the right side' }).click();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  const both = page.getByRole('button', { name: /^Seated twist, hold 20 s · each side/ });
  await expect(both).toBeVisible();
  await expect(both).not.toHaveAccessibleName(/never done/);
  await undo(page).click();
  await expect(twist).toHaveAccessibleName(/never done/);
});

test('fit shows what it would change, and keeps it as one edit @wide', async ({ page }) => {
  await openDemo(page);
  await openRoutine(page, 'Signal box reset');
  await tool(page, 'Fit to 10:00');
  await expect(page.getByText('9:16 → 10:00')).toBeVisible();
  await expect(page.getByText('for 45 s · by turns → for 50 s · by turns')).toBeVisible();
  await expect(page.getByText(/^Findings: 7 notes → |^Findings: \d/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Lead', exact: true })).toBeDisabled();
  await page.getByRole('button', { name: 'Throw away', exact: true }).click();
  await expect(page.getByText('9:16', { exact: true })).toBeVisible();
  await expect(undo(page)).toBeDisabled();

  await tool(page, 'Fit to 10:00');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('10:00', { exact: true })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByText('10:00', { exact: true })).toBeVisible();
  await tool(page, 'Fit to 10:00');
  await expect(page.getByText('It is 10:00 long as it stands.')).toBeVisible();
});

test('one undo takes a fit back', async ({ page }) => {
  await openDemo(page);
  await openRoutine(page, 'Signal box reset');
  await tool(page, 'Fit to 10:00');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('10:00', { exact: true })).toBeVisible();
  await undo(page).click();
  await expect(page.getByText('9:16', { exact: true })).toBeVisible();
  await expect(undo(page)).toBeDisabled();
});

test('a length out of reach says how far it goes and what is in the way', async ({ page }) => {
  await typed(page, 'seated twist 20s each pin', 'seated cat 6 reps');
  await tool(page, 'Fit');
  const length = page.getByRole('textbox', { name: /^Length/ });
  await length.fill('soon');
  await length.press('Enter');
  await expect(page.getByText(/^Write how long, such as 15:00/)).toBeVisible();
  await expect(length).toHaveValue('soon');
  await length.fill('45:00');
  await length.press('Enter');
  await expect(page.getByText(/^It can’t be longer than \d:\d\d, with every dose/)).toBeVisible();
  await expect(page.getByText('Set-ups and count-ins')).toBeVisible();
  await expect(page.getByText('Seated twist is pinned')).toBeVisible();
  // Its longest is one tap away.
  await page.getByRole('button', { name: /^Fit to / }).click();
  await expect(page.getByRole('button', { name: 'Keep', exact: true })).toBeVisible();
});

test('order saves trips to the floor, says by how much, and is taken back in one', async ({
  page,
}) => {
  await typed(page);
  await page.getByRole('switch', { name: 'On the floor' }).click();
  await page.getByRole('switch', { name: 'Standing', exact: true }).click();
  await page.getByRole('switch', { name: /^In the chair/ }).click();
  await addLines(page, 'open book', 'seated cat', 'open book', 'seated march');
  await expect(page.getByText('2 trips', { exact: true })).toBeVisible();
  await tool(page, 'Order');
  await expect(page.getByText(/^Saves \d+ s of transfers/)).toBeVisible();
  await expect(page.getByText('1 trip', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(rows(page).nth(1)).toHaveAccessibleName(/^Open book/);
  await tool(page, 'Order');
  await expect(page.getByText('No other order is better.')).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await undo(page).click();
  await expect(rows(page).nth(1)).toHaveAccessibleName(/^Seated cat/);
});

test('limits that were not asked are answered in the panel, and a wrong one is kept', async ({
  page,
}) => {
  await typed(page, 'seated cat 6 reps');
  await tool(page, 'Group and time');
  await openLine(page, 'For whom?');
  await page.getByRole('radio', { name: 'Older adults' }).click();
  await expect(page.getByRole('button', { name: /^Findings: 2 cautions/ })).toBeVisible();
  await openLine(page, 'What limits do they have?');
  const limits = page.getByRole('textbox', { name: /^Limits in the group/ });
  await limits.fill('tired');
  await limits.press('Enter');
  await expect(page.getByText(/^“tired” is not a limit/)).toBeVisible();
  await expect(limits).toHaveValue('tired');
  await limits.fill('none');
  await limits.press('Enter');
  await expect(page.getByText(/“tired”/)).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Findings: [^c]*$/ })).toBeVisible();
});

test('a cause at several rows is told once, kept once with its reason, and taken back in one', async ({
  page,
}) => {
  await typed(page, 'Seated twist: hold 20s', 'Seated march: for 30s', 'Seated twist: hold 30s');
  await tool(page, 'Group and time');
  await openLine(page, 'What limits do they have?');
  const limits = page.getByRole('textbox', { name: /^Limits in the group/ });
  await limits.fill('low bone density');
  await limits.press('Enter');
  await closePanel(page);
  const list = await findingsList(page);
  const turning = list.getByRole('listitem').filter({ hasText: 'Needs care here: turning' });
  await expect(turning).toHaveCount(1);
  await expect(turning.getByText(/^Caution · at 2 rows/)).toBeVisible();
  await turning.getByRole('button', { name: 'Keep it, with a reason' }).click();
  await turning.getByRole('textbox', { name: 'Why it stays' }).fill('half as far, and asked');
  await turning.getByRole('button', { name: 'Keep it', exact: true }).click();
  await expect(list.getByText('Kept: half as far, and asked').first()).toBeVisible();
  await undo(page).click();
  await expect(list.getByText('Kept: half as far, and asked')).toHaveCount(0);
});
