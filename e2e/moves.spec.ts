import { expect, openDemo, test } from './browser';

test('moves are searched, narrowed down, and seen in full @wide', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Moves', exact: true }).click();
  const list = page.getByRole('list', { name: 'Moves' });
  await expect(list.getByRole('link').first()).toBeVisible();
  const find = page.getByRole('textbox', { name: 'Find a move' });

  // A slip is forgiven.
  await find.fill('hamstrng reech');
  await expect(list.getByRole('link').first()).toContainText('Seated hamstring reach');
  await find.fill('trampoline');
  await expect(page.getByText(/^No move has all of this/)).toBeVisible();
  await page.getByRole('button', { name: 'Show all moves' }).click();
  await expect(find).toHaveValue('');

  // Narrowed down by region and by a limit.
  const narrow = page.getByRole('button', { name: 'Narrow down' });
  if (await narrow.isVisible()) await narrow.click();
  await page.getByRole('button', { name: 'Region', exact: true }).click();
  await page.getByRole('radio', { name: 'Calf' }).click();
  await expect(page.getByRole('button', { name: 'Region: Calf' })).toBeVisible();
  const count = async () =>
    Number(/^\d+/.exec(await page.getByText(/^\d+ moves?$/).innerText())?.[0]);
  await expect.poll(count).toBeLessThan(30);
  const calves = await count();
  await page.getByRole('button', { name: 'Not marked against' }).click();
  await page.getByRole('checkbox', { name: 'No standing' }).click();
  await expect.poll(count).toBeLessThan(calves);
  // Another limit beside it, and then what needs care for them as well.
  const clear = await count();
  await page.getByRole('checkbox', { name: 'A painful knee' }).click();
  const marked = page.getByText(/^Needs care: /);
  await expect(marked.first()).toBeVisible();
  await page.getByRole('checkbox', { name: 'Leave out what needs care' }).click();
  await expect.poll(count).toBeLessThan(clear);
  await expect(marked).toHaveCount(0);

  // In full: words, levels with what they ask for, limits, ways of taking part; on to its family.
  await page.getByRole('button', { name: 'Show all moves' }).click();
  await find.fill('bridge');
  await list.getByRole('link', { name: /^Bridge Strength/ }).click();
  await expect(page.getByRole('heading', { name: 'Bridge', exact: true })).toBeVisible();
  await expect(
    page.getByText('Press the feet, lift the hips, and lower them in one piece.'),
  ).toBeVisible();
  await expect(page.getByText('full · usual')).toBeVisible();
  await expect(page.getByText(/getting down to the floor and up/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Seated buttock squeeze' }).click();
  await expect(page).toHaveURL(/\/moves\/seated-buttock-squeeze$/);
  await expect(page.getByRole('heading', { name: 'Seated buttock squeeze' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Seated buttock squeeze' })).toBeVisible();
});
