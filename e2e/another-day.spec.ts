import { expect, openDemo, saved, test } from './browser';

test('a break that was led today begins with one press, and is counted', async ({ page }) => {
  await openDemo(page);
  await page.goto('/lead/demo-signal-box-reset');
  for (const field of [/^Emergency number/, /^We are at/, /^Where the defibrillator/]) {
    await page.getByRole('textbox', { name: field }).fill('112');
  }
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.waitForTimeout(2500);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Finish', exact: true }).click();
  await expect(page).toHaveURL(/\/record\//);
  // Without names there is a number, and what is said is answered.
  await page.getByRole('radio', { name: 'Too easy' }).first().click();
  await expect(page.getByText(/^Kept\. Nobody is named here/)).toBeVisible();
  await page.getByRole('button', { name: 'More: How many came?' }).click();
  await page.goto('/record');
  await expect(page.getByText(/1 came · too easy/)).toBeVisible();
  await page.goto('/');
  await expect(page.getByText(/9:16 · 1 of 2 today/)).toBeVisible();
  await page.getByRole('button', { name: 'Lead Signal box reset' }).click();
  await expect(page.getByRole('button', { name: 'Hold the class' })).toBeVisible();
});

test('less time, a sore shoulder and no wall are one sheet, one proposal and one undo', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/class/demo-thursday-chair-circle');
  await page
    .getByRole('radio', { name: /Saltmarsh/ })
    .or(page.getByRole('button', { name: /Whom is it for|For which group/ }))
    .first()
    .click();
  await page.goto('/lead/demo-thursday-chair-circle');
  await expect(page.getByText(/^The room needs: \d+ chairs/)).toBeVisible();

  // From here on every press is counted.
  let presses = 0;
  const press = async (target: ReturnType<typeof page.getByRole>) => {
    presses += 1;
    await target.click();
  };
  await press(page.getByRole('button', { name: 'Today is different' }));
  await press(page.getByRole('radio', { name: /^5 min less/ }));
  await press(page.getByRole('checkbox', { name: 'No wall' }));
  await page.getByRole('textbox', { name: /^Some have/ }).fill('sore shoulder');
  await expect(page.getByText('Understood: shoulder painful.')).toBeVisible();
  await press(page.getByRole('checkbox', { name: 'Bram Oakes' }));
  await press(page.getByRole('button', { name: 'Show what changes' }));
  await expect(page.getByText(/^Left out for time: /)).toBeVisible();
  await expect(page.getByText(/^For Bram Oakes alone: shoulder painful/)).toBeVisible();
  await press(page.getByRole('button', { name: 'Keep', exact: true }));
  await press(page.getByRole('button', { name: 'Lead', exact: true }));
  expect(presses).toBeLessThanOrEqual(8);
  await expect(page.getByText(/^Older adults · (?:9:|10:0)/)).toBeVisible();

  await page.getByRole('button', { name: 'Leave', exact: true }).click();
  await saved(page);
  await page.goto('/people/demo-bram');
  await page.reload();
  await page.getByRole('button', { name: 'Limits', exact: true }).click();
  await expect(page.getByText(/^Today besides: shoulder painful/)).toBeVisible();
  await page.goto('/routine/demo-thursday-chair-circle');
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(page.getByText('15:00', { exact: true }).first()).toBeVisible();
});
