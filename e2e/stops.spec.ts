import { expect, openDemo, openLine, openRoutine, test, tool } from './browser';

test('stops stand before the start, are led past by a deliberate act, and the record keeps it', async ({
  page,
}) => {
  await openDemo(page);
  await openRoutine(page, 'Signal box reset');
  await tool(page, 'Group and time');
  await openLine(page, 'What limits do they have?');
  const limits = page.getByRole('textbox', { name: /^Limits in the group/ });
  await limits.fill('hip replacement left, unsteady');
  await limits.press('Enter');
  await expect(page.getByRole('button', { name: /^Findings: \d+ stops?/ })).toBeVisible();
  await page.getByRole('button', { name: 'Lead', exact: true }).click();

  await expect(page.getByRole('heading', { name: /^The checks say stop/ })).toBeVisible();
  await expect(page.getByText(/^Seated figure four: Ruled out here: .*left side\.$/)).toBeVisible();
  const start = page.getByRole('button', { name: 'Start' });
  await expect(start).toBeDisabled();
  await page.getByRole('switch', { name: /^I have seen them/ }).click();
  await start.click();

  // Where help is to come to is written once, and stays on this device.
  await page.getByRole('button', { name: 'Stop signs' }).click();
  await expect(page.getByText(/send for the defibrillator/)).toBeVisible();
  await page.getByRole('textbox', { name: /^We are at/ }).fill('Harbour office, first floor');
  await page.getByRole('button', { name: 'Back to the class' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Finish', exact: true }).click();
  await expect(page).toHaveURL(/\/record\//);
  await expect(page.getByText(/^Led past \d+ stops? of the checks\.$/)).toBeVisible();

  await page.reload();
  await expect(page.getByText(/^Led past \d+ stops? of the checks\.$/)).toBeVisible();
  await page.getByRole('button', { name: 'Lead it again' }).click();
  await page.getByRole('switch', { name: /^I have seen them/ }).click();
  await page.getByRole('button', { name: 'Start' }).click();
  await page.getByRole('button', { name: 'Stop signs' }).click();
  await expect(page.getByRole('textbox', { name: /^We are at/ })).toHaveValue(
    'Harbour office, first floor',
  );
});

test('before the start a wall shows what begins, and when', async ({ page, context }) => {
  await openDemo(page);
  await page.goto('/lead/demo-signal-box-reset');
  const wall = await context.newPage();
  await wall.goto('/wall');
  await expect(wall.getByRole('heading', { name: 'Signal box reset' })).toBeVisible();
  await expect(wall.getByText('It has not begun yet.')).toBeVisible();
  const soon = await page.evaluate(() => {
    const at = new Date(Date.now() + 10 * 60_000);
    return [at.getHours(), at.getMinutes()].map((n) => String(n).padStart(2, '0')).join(':');
  });
  await page.getByRole('textbox', { name: /^Start at/ }).fill(soon);
  await page.getByRole('button', { name: 'Wait for it' }).click();
  await expect(wall.getByText(/^Begins at \d?\d:\d\d/)).toBeVisible();
});
