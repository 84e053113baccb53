import type { Locator, Page } from '@playwright/test';
import { expect, openDemo, saved, test } from './browser';

/** The demo's older-adult circle, line by line as an instructor would type it. */
const LINES = [
  'warm-up: seated march 1 min',
  'seated cat 6 reps',
  'neck side tilt 4 breaths',
  'leg extend and bend 8',
  'main: lift off the backrest: 1 rep',
  'scoot to the front: 1 rep',
  'lean over the feet: 1 rep',
  'tandem stance: hold 10s x2, rest 5s, support fingertips',
  'sit to stand: 6 reps, level hands on thighs',
  'rest 36s',
  'standing side bend: hold 20s, level hand on the chair',
  'settle: seated twist hold 20s',
  'seated easy breath: 6 breaths 3/1/4',
];
const LINE = 'Type a move and its dose';
const TIMES = /^15:00, of 15:00/;

const row = (page: Page, name: RegExp) => page.getByRole('button', { name });

/** What the shipped one comes to. */
async function shipped(page: Page): Promise<void> {
  await openDemo(page);
  await page.getByRole('link', { name: /^Thursday chair circle/ }).click();
  await expect(row(page, TIMES)).toBeVisible();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
}

test('the older-adult circle is built from nothing by keyboard alone', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  // Some hundreds of presses, one after the other.
  test.slow();
  await shipped(page);
  /** Tabs on until it has the focus; the way there is told by the count. */
  const tabTo = async (target: Locator, most: number) => {
    let sought = await target.elementHandle();
    for (let i = 0; i < most; i++) {
      const found = await sought?.evaluate((own) => {
        if (!own.isConnected) return 'gone';
        return own.contains(document.activeElement) ? 'here' : 'elsewhere';
      });
      if (found === 'here') return;
      if (found === 'gone') sought = await target.elementHandle();
      else await page.keyboard.press('Tab');
    }
    await expect(target).toBeFocused();
  };
  const press = async (target: Locator, most = 25) => {
    await tabTo(target, most);
    await page.keyboard.press('Enter');
  };
  /** Tab comes to the rows once; the arrows go through them. */
  const toRow = async (name: RegExp) => {
    // What was just made comes a moment after the key.
    await expect(row(page, name)).toBeVisible();
    await tabTo(page.locator('[data-strand-row][tabindex="0"]'), 60);
    // On a slow machine the focus comes a moment after the key.
    const moved = async (key: string) => {
      await page.keyboard.press(key);
      await page.evaluate(
        () => new Promise((done) => requestAnimationFrame(() => setTimeout(done))),
      );
    };
    await moved('Home');
    for (let i = 0; i < 20; i++) {
      if (name.test((await page.locator(':focus').getAttribute('aria-label')) ?? '')) return;
      await moved('ArrowDown');
    }
    await expect(row(page, name)).toBeFocused();
  };
  const open = async (name: RegExp) => {
    await toRow(name);
    await page.keyboard.press('Enter');
  };
  const type = async (words: string) => {
    await page.keyboard.type(words);
    await page.keyboard.press('Enter');
  };
  await press(page.getByRole('button', { name: 'New routine' }));
  const title = page.getByRole('textbox', { name: 'Title' });
  await expect(title).toBeFocused();
  await type('Built by hand');
  await expect(title).toHaveValue('Built by hand');

  // From the title the focus goes to the line; the questions lie before it.
  await expect(page.getByRole('textbox', { name: LINE })).toBeFocused();
  await press(page.getByRole('radio', { name: 'Older adults' }), 120);
  await press(page.getByRole('radio', { name: '15 min' }), 20);
  // Who holds on leads, and who stays seated takes part.
  const isOn = async (name: RegExp) =>
    (await page.getByRole('switch', { name }).getAttribute('aria-checked')) === 'true';
  const turn = async (name: RegExp, on: boolean) => {
    if ((await isOn(name)) !== on) await press(page.getByRole('switch', { name }), 80);
  };
  await turn(/^Standing, holding on/, true);
  await turn(/^In the chair/, false);
  await turn(/^Standing( \(leads\))?$/, false);
  await turn(/^In the chair/, true);
  await expect(page.getByRole('switch', { name: /^Standing, holding on \(leads\)/ })).toBeVisible();
  await press(page.getByRole('button', { name: 'Tools', exact: true }), 120);
  await press(page.getByRole('main').getByRole('button', { name: 'Group and time' }), 40);
  await press(page.getByRole('button', { name: 'What limits do they have?' }), 40);
  await tabTo(page.getByRole('textbox', { name: /^Limits in the group/ }), 80);
  await type('blood pressure, knee painful right');
  await page.keyboard.press('Escape');

  await tabTo(page.getByRole('textbox', { name: LINE }), 120);
  for (const line of LINES) await type(line);
  await expect(row(page, /^Seated easy breath/)).toBeVisible();

  // Three rows that build up, and one that is done twice.
  await press(page.getByRole('button', { name: 'Tools', exact: true }), 60);
  await press(page.getByRole('button', { name: 'Choose rows' }), 60);
  await toRow(/^Lift off the backrest/);
  for (let i = 0; i < 3; i++) {
    await page.keyboard.press('Enter');
    await page.keyboard.press('ArrowDown');
  }
  await expect(page.getByText('3 rows', { exact: true })).toBeVisible();
  await press(page.getByRole('button', { name: 'Group into a block' }), 60);
  await open(/^Block: 2 rounds/);
  await press(page.getByRole('switch', { name: 'Build up' }), 60);
  await expect(row(page, /^Block: .*[Bb]uild up/)).toBeVisible();
  await press(page.getByRole('button', { name: 'Less: Rounds' }), 60);
  await press(page.getByRole('button', { name: 'Close', exact: true }), 60);

  await open(/^Sit to stand,/);
  await press(page.getByRole('button', { name: 'Make a block' }), 90);
  await press(page.getByRole('button', { name: 'Close', exact: true }), 90);
  await open(/^Block: 2 rounds/);
  const rest = page.getByRole('button', { name: 'More: Rest between' });
  for (let i = 0; i < 4; i++) await press(rest, 90);
  await expect(row(page, TIMES)).toBeVisible();
  await saved(page);
});

test.describe('by touch', () => {
  test.use({ hasTouch: true, isMobile: true });

  test('the same circle is built by touch on a phone', async ({ page }) => {
    await shipped(page);
    const tap = (target: Locator) => target.tap();
    const button = (name: string | RegExp) =>
      page.getByRole('button', typeof name === 'string' ? { name, exact: true } : { name });
    const turn = async (name: RegExp, on: boolean) => {
      const target = page.getByRole('switch', { name });
      if (((await target.getAttribute('aria-checked')) === 'true') !== on) await tap(target);
    };
    await tap(button('New routine'));
    await page.getByRole('textbox', { name: 'Title' }).fill('Built by touch');
    await tap(page.getByRole('radio', { name: 'Older adults' }));
    await tap(page.getByRole('radio', { name: '15 min' }));
    await turn(/^Standing, holding on/, true);
    await turn(/^In the chair/, false);
    await turn(/^Standing( \(leads\))?$/, false);
    await turn(/^In the chair/, true);
    await tap(button('Tools'));
    await tap(page.getByRole('main').getByRole('button', { name: 'Group and time' }));
    await tap(button('What limits do they have?'));
    await tap(page.getByRole('switch', { name: 'A painful knee' }));
    await tap(button('Close'));
    const line = page.getByRole('textbox', { name: LINE });
    for (const words of LINES) {
      await line.fill(words);
      await tap(button('Add'));
      await expect(line).toHaveValue('');
    }
    await tap(button('Tools'));
    await tap(button('Choose rows'));
    for (const name of [/^Lift off the backrest/, /^Scoot to the front/, /^Lean over the feet/]) {
      await tap(row(page, name).and(page.locator('[data-strand-row]')));
    }
    await tap(button('Group into a block'));
    await tap(row(page, /^Block: 2 rounds/));
    await tap(page.getByRole('switch', { name: 'Build up' }));
    await tap(button('Less: Rounds'));
    await tap(button('Close'));
    await tap(row(page, /^Sit to stand,/));
    await tap(button('Make a block'));
    await tap(button('Close'));
    await tap(row(page, /^Block: 2 rounds/));
    for (let i = 0; i < 4; i++) await tap(button('More: Rest between'));
    await tap(button('Close'));
    await expect(row(page, TIMES)).toBeVisible();

    // A row is carried by its handle, and put back by one undo.
    const rows = page.locator('[data-strand-row]');
    await expect(rows.first()).toHaveAccessibleName(/^Seated march/);
    await page.locator('[data-handle]').first().scrollIntoViewIfNeeded();
    const handle = await page.locator('[data-handle]').first().boundingBox();
    if (!handle) throw new Error('no handle');
    const [x, y] = [handle.x + handle.width / 2, handle.y + handle.height / 2];
    const touch = await page.context().newCDPSession(page);
    const at = (type: string, down: number) =>
      touch.send('Input.dispatchTouchEvent', {
        type: type as 'touchMove',
        touchPoints: type === 'touchEnd' ? [] : [{ x, y: y + down }],
      });
    await at('touchStart', 0);
    await page.waitForTimeout(300);
    for (let down = 20; down <= 120; down += 20) await at('touchMove', down);
    await at('touchEnd', 120);
    await expect(rows.first()).not.toHaveAccessibleName(/^Seated march/);
    // The press that ends the carrying is none on what lies below it.
    await page.waitForTimeout(200);
    await tap(button('Undo'));
    await expect(rows.first()).toHaveAccessibleName(/^Seated march/);
    await saved(page);
  });
});

test('what stands in the head keeps its place from the first sight on', async ({ page }) => {
  await page.addInitScript(() => {
    const seen: Record<string, true> = {};
    Object.assign(window, { seen });
    const look = () => {
      for (const button of document.querySelectorAll('[role=banner] [role=button]')) {
        if (button.textContent !== 'Tools') continue;
        seen[String(Math.round(button.getBoundingClientRect().top))] = true;
      }
      requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  });
  await openDemo(page);
  await page.getByRole('button', { name: 'New routine', exact: true }).click();
  await page.getByRole('textbox', { name: 'Title' }).fill('Named');
  const line = page.getByRole('textbox', { name: LINE });
  await line.fill('shoulder rolls 10');
  await line.press('Enter');
  await expect(row(page, /^Shoulder rolls/)).toBeVisible();
  await saved(page);
  const seen = await page.evaluate(() => (window as unknown as { seen: object }).seen);
  expect(Object.keys(seen)).toHaveLength(1);
});

test('with trips to the floor the head is still one line of at most 120 px', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: /^Down and up again/ }).click();
  const middle = async (name: RegExp) => {
    const box = await page.getByRole('banner').getByRole('button', { name }).boundingBox();
    return box ? box.y + box.height / 2 : NaN;
  };
  const tools = page.getByRole('banner').getByRole('button', { name: 'Tools', exact: true });
  await expect(tools).toBeVisible();
  expect(Math.abs((await middle(/^Tools$/)) - (await middle(/^Findings/)))).toBeLessThan(2);
  const totals = await page.getByRole('button', { name: /trip/ }).first().boundingBox();
  const band = await page.getByRole('img', { name: /^The whole routine to scale/ }).boundingBox();
  expect((band?.y ?? 0) + (band?.height ?? 0) - (totals?.y ?? 0)).toBeLessThanOrEqual(120);
});

test('a plan that is pasted is read line by line, mended, and taken in', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Bring in' }).click();
  await page
    .getByRole('textbox', { name: 'A plan, or routine text' })
    .fill(
      'Tuesday stretch - 20 mins\n\nWarm up\n1. march 1 min\nMain\n- zumba madness 10\n- twist 20s each\n',
    );
  // Of a plan nothing is said by the places of letters.
  await expect(page.getByRole('button', { name: 'Read it line by line' })).toBeVisible();
  await expect(page.getByText(/column/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Read it line by line' }).click();
  await expect(page.getByText('1 line is not clear yet.')).toBeVisible();
  const take = page.getByRole('button', { name: /^Take in/ });
  await expect(take).toBeDisabled();
  const again = page.getByRole('textbox', { name: 'Write it another way' });
  await again.fill('seated jacks 30s');
  await again.press('Enter');
  await expect(page.getByText('Seated jacks: for 30s')).toBeVisible();
  await take.click();
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue(/^Tuesday stretch/);
  await expect(page.locator('[data-strand-row]')).toHaveCount(3);
});

test('a half-typed line, edits and a version outlive a reload; what is deleted comes back from the bin', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('link', { name: /^Signal box reset/ }).click();
  const line = page.getByRole('textbox', { name: LINE });
  await line.fill('shoulder rolls 10');
  await line.press('Enter');
  await expect(row(page, /^Shoulder rolls/)).toBeVisible();
  await page.getByRole('button', { name: 'Tools', exact: true }).click();
  await page.getByRole('button', { name: 'Versions' }).click();
  await page.getByRole('textbox', { name: 'Name of this version' }).fill('With rolls');
  await page.getByRole('button', { name: 'Keep this version' }).click();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await line.fill('half a li');
  await line.blur();
  await saved(page);
  await page.reload();
  await expect(line).toHaveValue('half a li');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, /^Shoulder rolls/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Tools', exact: true }).click();
  await page.getByRole('button', { name: 'Versions' }).click();
  await page.getByRole('button', { name: 'Go back to With rolls' }).click();
  await expect(row(page, /^Shoulder rolls/)).toBeVisible();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await page.getByRole('button', { name: 'More for Signal box reset' }).click();
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await page.getByRole('button', { name: 'Bin' }).click();
  await expect(page.getByText('30 days left')).toBeVisible();
  await page.getByRole('button', { name: 'Bring back Signal box reset' }).click();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(page.getByRole('link', { name: /^Signal box reset/ })).toBeVisible();
});

test('a plan pasted into the line is read there; a rest has a button; files that are no text are named', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'New routine' }).click();
  const line = page.getByRole('textbox', { name: LINE });
  const paste = (text: string) =>
    line.evaluate((field, words) => {
      const clipboardData = new DataTransfer();
      clipboardData.setData('text/plain', words);
      field.dispatchEvent(
        new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }),
      );
    }, text);
  await paste('warm up\nmarch 1 min\nzumba madness\n');
  await page.getByRole('button', { name: 'Keep as a note' }).click();
  await page.getByRole('button', { name: 'Take in 2 lines' }).click();
  await expect(page.locator('[data-strand-row]')).toHaveCount(2);
  // Routine text through and through needs no sheet.
  await paste('Seated cat: 6 reps\nrest 20s\n');
  await expect(page.locator('[data-strand-row]')).toHaveCount(4);
  await page.getByRole('button', { name: 'Tools', exact: true }).click();
  await page.getByRole('button', { name: 'Add a rest of 30 s' }).click();
  await expect(row(page, /^Rest 30 s/)).toBeVisible();
  await page.getByRole('button', { name: 'Back', exact: true }).click();

  // A new routine that nothing was put in goes again by itself.
  const count = await page.getByRole('listitem').count();
  await page.getByRole('button', { name: 'New routine', exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Title' })).toBeFocused();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(page.getByRole('listitem')).toHaveCount(count);

  await page.getByRole('button', { name: 'Bring in' }).click();
  for (const [name, bytes, said] of [
    ['nothing.txt', '', 'nothing.txt is empty.'],
    ['photo.png', '\u0089PNG\r\n\u001a\n\u0000\u0000\u0000', /^photo.png is no text/],
  ] as const) {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Choose a file' }).click();
    const file = {
      name,
      mimeType: 'application/octet-stream',
      buffer: Buffer.from(bytes, 'latin1'),
    };
    await (await chooser).setFiles(file);
    await expect(page.getByText(said)).toBeVisible();
  }
});

test('what is typed into a new title at once is kept from its first letter, however busy the page', async ({
  page,
}) => {
  await openDemo(page);
  // Whatever is put off until the page has a moment comes when two letters are there.
  await page.evaluate(() => {
    const soon = window.setTimeout.bind(window);
    window.setTimeout = ((run: () => void, ms = 0) =>
      soon(run, ms < 20 ? 2000 : ms)) as typeof window.setTimeout;
  });
  await page.getByRole('button', { name: 'New routine' }).click();
  const title = page.getByRole('textbox', { name: 'Title' });
  await expect(title).toBeFocused();
  await page.keyboard.type('Built', { delay: 600 });
  await expect(title).toHaveValue('Built');
});

test('a table is read by its columns, mended in place, and a choice is kept as a word of one’s own', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Bring in' }).click();
  await page
    .getByRole('textbox', { name: 'A plan, or routine text' })
    .fill(
      'Strong legs, 20 min\n\n| Exercise | Sets | Reps | Rest |\n|---|---|---|---|\n| Sit to stand | 2 | 8 | 60s |\n| Fire hydrants | 2 | 8 | |\n| x2 rounds | | | |',
    );
  await page.getByRole('button', { name: 'Read it line by line' }).click();
  await expect(page.getByText('Its columns: move, sets, reps and rest.')).toBeVisible();
  await expect(page.getByText(/in all, and your plan says 20:00/)).toBeVisible();
  await page.getByRole('button', { name: /^Change: Sit to stand/ }).click();
  await page
    .getByRole('textbox', { name: 'Write it another way' })
    .first()
    .fill('sit to stand 3 x 6');
  await page.getByRole('textbox', { name: 'Write it another way' }).first().press('Enter');
  await expect(page.getByText('Sit to stand: 6 reps x3')).toBeVisible();
  await page.getByRole('button', { name: /^Change: Sit to stand/ }).click();
  await page.getByRole('button', { name: 'More: Reps' }).click();
  await page.getByRole('button', { name: 'Less: Sets' }).click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText('Sit to stand: 7 reps x2')).toBeVisible();
  await expect(
    page.getByText('Not here. The nearest presses the leg back and not out to the side.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Leg press-back on all fours: 8 reps x2' }).click();
  await page.getByRole('button', { name: 'Skip it' }).last().click();
  await page.getByRole('button', { name: 'Take in 2 lines' }).click();
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('Strong legs, 20 min');
  await saved(page);
  await page.reload();
  const line = page.getByRole('textbox', { name: 'Type a move and its dose' });
  await line.fill('fire hydrants x 12');
  await expect(page.getByText('Leg press-back on all fours: 12 reps')).toBeVisible();
  await page.goto('/moves');
  await page
    .getByRole('button', { name: /Your own|Own moves/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Take back: fire hydrants' }).click();
  await expect(page.getByText('Your words')).toHaveCount(0);
});
