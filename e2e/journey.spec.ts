import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import {
  DEMO_COUNT,
  expect,
  openChecked,
  openDemo,
  openLine,
  openRoutine,
  saved,
  test,
  tool,
} from './browser';

test('from a typed routine to a led class and back from a file @wide', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-03-05T10:00:00') });
  await openDemo(page);
  await openRoutine(page, 'Between two calls');
  await expect(page.getByText('1:00', { exact: true })).toBeVisible();

  // Changed: an item is typed in, and its time shows before and after.
  const line = page.getByRole('textbox', { name: 'Type a move and its dose' });
  await line.fill('seated twist 5s each');
  await expect(page.getByText(/adds 0:2\d/)).toBeVisible();
  await line.press('Enter');
  await expect(
    page.getByRole('button', { name: /^Seated twist, hold 5 s · each side/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Seated twist/ })).toHaveCount(0);
  await page.clock.runFor(1000);

  // Led to its end: sixty seconds of the clock, to the second.
  await page.getByRole('button', { name: 'Lead', exact: true }).click();
  await expect(page.getByText('Ask the room first')).toBeVisible();
  await page.clock.pauseAt(new Date('2026-03-05T10:10:00'));
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Seated cat' })).toBeVisible();
  await expect(page.getByText('1:00 left')).toBeVisible();
  await page.clock.runFor(5500);
  await expect(page.getByText('Starts in', { exact: true })).toBeVisible();
  await page.clock.fastForward(30_000);
  await expect(page.getByText('0:25 left')).toBeVisible();
  await page.clock.fastForward(24_000);
  await expect(page.getByText('0:01 left')).toBeVisible();
  await page.clock.runFor(1500);

  // Recorded: what was planned is what was led.
  await expect(page).toHaveURL(/\/record\//);
  await expect(page.getByText('1:00 of 1:00')).toBeVisible();
  await expect(page.getByText(/led to the end/)).toBeVisible();
  await page.clock.resume();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(page.getByRole('link', { name: /Between two calls/ })).toBeVisible();
  const table = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Tables out and in' }).click();
  await page.getByRole('button', { name: 'Sides and seconds, as a table' }).click();
  const csv = await readFile(await (await table).path(), 'utf8');
  expect(csv.split('\r\n')[0]).toBe(
    'Started,Routine,How it ended,Move,Side,Planned seconds,Led seconds',
  );
  expect(csv).toContain('Between two calls,completed,Seated cat,both,8,8');

  // Out to a file, deleted, and back in.
  await page.getByRole('link', { name: 'Routines', exact: true }).click();
  await page.getByRole('button', { name: 'More for Between two calls' }).click();
  const file = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const path = await (await file).path();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText('“Between two calls” is deleted.')).toBeVisible();
  await expect(page.getByRole('link', { name: /Between two calls/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring in' }).click();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a file' }).click();
  await (await chooser).setFiles(path);
  await expect(page.getByText('Between two calls: 3 items, no problems.')).toBeVisible();
  await page.getByRole('button', { name: 'Add routine' }).click();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(page.getByRole('link', { name: /Between two calls/ })).toBeVisible();
  await page.waitForTimeout(500);
  await page.reload();
  await expect(page.getByRole('link', { name: /Between two calls/ })).toBeVisible();
});

test('new, named, duplicated, deleted and brought back', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Start empty' }).click();
  await page.getByRole('button', { name: 'Move the demo data to the bin' }).click();
  await expect(page.getByText('No routines yet.')).toBeVisible();
  await page.getByRole('button', { name: 'New routine' }).click();
  const title = page.getByRole('textbox', { name: 'Title' });
  await title.fill('Low tide stretch');
  await title.press('Enter');
  await page.getByRole('textbox', { name: 'Type a move and its dose' }).fill('Bridge');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await saved(page);
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await page.getByRole('button', { name: 'More for Low tide stretch' }).click();
  await page.getByRole('button', { name: 'Duplicate' }).click();
  // The copy is open, and its name is asked for.
  await expect(title).toBeFocused();
  await expect(title).toHaveValue('Low tide stretch (copy)');
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(page.getByRole('link', { name: /^Low tide stretch \(copy\)/ })).toBeVisible();
  await page.getByRole('button', { name: 'More for Low tide stretch', exact: true }).click();
  await page.getByRole('button', { name: 'Rename' }).click();
  const renamed = page.getByRole('textbox', { name: 'New title' });
  await renamed.focus();
  await page.waitForTimeout(500);
  // A key is drawn, and then the field is still.
  const counted = framesWithin(page, 300);
  await renamed.press('!');
  expect(await counted).toBeLessThan(4);
  await renamed.fill('High tide stretch');
  // No ink spreads for somebody who asked for less movement, as all journeys do.
  await page.getByRole('button', { name: 'Keep title' }).hover();
  await page.mouse.down();
  await page.waitForTimeout(200);
  await expect(page.locator('[data-paper-ripple]')).toHaveCount(0);
  await page.mouse.up();
  await expect(page.getByRole('link', { name: /^High tide stretch/ })).toBeVisible();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('link', { name: /^High tide/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring back' }).last().click();
  await expect(page.getByRole('link', { name: /^High tide stretch/ })).toBeVisible();
  await page.waitForTimeout(500);
  await page.reload();
  await expect(page.getByRole('link', { name: /tide/ })).toHaveCount(2);
  await expect(page.getByText('These are demo routines')).toHaveCount(0);
});

test('a wrong line stays as it was typed, with its problem beside it', async ({ page }) => {
  await openDemo(page);
  await openChecked(page, 'Signal box reset');
  const line = page.getByRole('textbox', { name: 'Type a move and its dose' });
  await line.fill('seated twist: 30s sideways');
  await line.press('Enter');
  await expect(page.getByText(/“sideways” is not understood here/)).toBeVisible();
  await expect(line).toHaveValue('seated twist: 30s sideways');
  await line.fill('seat');
  const offers = page.getByRole('list', { name: 'Moves that fit what you typed' });
  await offers.getByRole('button').first().click();
  await expect(line).toHaveValue(/^Seated [a-z ]+: $/);
});

test('dose, sides and order are changed, undone and kept @wide', async ({ page }) => {
  await openDemo(page);
  await openChecked(page, 'Signal box reset');
  await page.getByRole('button', { name: /^Seated twist/ }).click();
  await page.getByRole('button', { name: 'More: Hold' }).click();
  await expect(page.getByRole('button', { name: /^Seated twist, hold 25 s/ })).toBeVisible();
  await page.getByRole('radio', { name: 'Left only' }).click();
  await expect(
    page.getByRole('button', { name: /^Seated twist, hold 25 s · left only/ }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /Left 3:58, right 3:33/ })).toBeVisible();
  await page.getByRole('button', { name: 'Move up' }).click();
  const rows = page.locator('[data-strand-row]');
  await expect(rows.nth(5)).toHaveAccessibleName(/^Seated twist/);
  await saved(page);
  await page.reload();
  await expect(rows.nth(5)).toHaveAccessibleName(/^Seated twist, hold 25 s · left only/);
  await page.getByRole('button', { name: /^Seated twist/ }).click();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByRole('button', { name: /^Seated twist/ })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^Seated twist/ })).toBeVisible();
});

test('a bad file changes nothing and says where it is wrong', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Bring in' }).click();
  const text = page.getByRole('textbox', { name: 'A plan, or routine text' });
  await text.fill('title: Bad\n[main]\nSeated twits: hold 20s\nBridge: 8 rep');
  await expect(page.getByText(/Line 3, column 1: No move is called “Seated twits”/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add routine' })).toBeDisabled();
  await text.fill('{ "format": "hushed-willow-routine", "version": 1, "routine": {} }');
  await expect(page.getByText(/^The routine, at title: /)).toBeVisible();
  await text.fill('{ "format": oops }');
  await expect(page.getByText(/at line 1, column 13/)).toBeVisible();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Routines' }).getByRole('link')).toHaveCount(
    DEMO_COUNT,
  );
});

test('an address that leads nowhere says so', async ({ page }) => {
  await openDemo(page);
  const nothing = page.getByText('There is nothing at this address.');
  // The second is a word that every object knows.
  for (const place of ['routine', 'group', 'people', 'record', 'print', 'lead']) {
    for (const id of ['gone', 'constructor']) {
      await page.goto(`/${place}/${id}`);
      await expect(nothing).toBeVisible();
    }
  }
  await page.getByRole('button', { name: 'Go to today' }).click();
  await expect(page.getByRole('heading', { name: 'Today', exact: true })).toBeVisible();
});

test('a block is made, changed and taken apart, and lanes are chosen @wide', async ({ page }) => {
  await openDemo(page);
  await openChecked(page, 'Before the second bake');
  await page.getByRole('button', { name: /^Standing side bend/ }).click();
  await page.getByRole('button', { name: 'Make a block' }).click();
  const head = page.getByRole('button', { name: /^Block:/ });
  await expect(head).toHaveAccessibleName('Block: 2 rounds');
  await head.click();
  await page.getByRole('button', { name: 'More: Rounds' }).click();
  await page.getByRole('switch', { name: 'Each side' }).click();
  await expect(head).toHaveAccessibleName('Block: 3 rounds · each side');
  await page.getByRole('button', { name: 'Take apart' }).click();
  await expect(head).toHaveCount(0);
  await tool(page, 'Group and time');
  await openLine(page, 'For whom?');
  await page.getByRole('switch', { name: 'In the chair' }).click();
  await expect(page.getByRole('switch', { name: 'In the chair' })).toBeChecked();
  await saved(page);
  await page.getByRole('button', { name: 'Lead', exact: true }).click();
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByText('In the chair: Seated march, knees up')).toBeVisible();
});

/** How often the page asks for another frame. */
function framesWithin(page: Page, ms: number): Promise<number> {
  return page.evaluate(
    (wait) =>
      new Promise<number>((done) => {
        let count = 0;
        const own = window.requestAnimationFrame;
        window.requestAnimationFrame = (draw) => {
          count += 1;
          return own.call(window, draw);
        };
        setTimeout(() => {
          window.requestAnimationFrame = own;
          done(count);
        }, wait);
      }),
    ms,
  );
}
