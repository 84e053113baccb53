import { expect, goesBy, openDemo, openRoutine, test } from './browser';

const START = new Date('2026-03-05T10:00:00');
const LATER = new Date('2026-03-05T10:05:00');

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: START });
  await openDemo(page);
  await openRoutine(page, 'Signal box reset');
  await page.clock.runFor(1000);
  await page.getByRole('button', { name: 'Lead', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Start' })).toBeVisible();
  await page.clock.pauseAt(LATER);
  await page.getByRole('button', { name: 'Start' }).click();
});

test('held, it stays; going on has a count-in of its own', async ({ page }) => {
  await goesBy(page, 10_000);
  await page.keyboard.press(' ');
  const left = await page.getByText(/^\d+:\d\d left/).innerText();
  await page.clock.fastForward(60_000);
  await expect(page.getByText(left)).toBeVisible();
  await expect(page.getByText(/^Held/)).toBeVisible();
  await page.keyboard.press(' ');
  await page.clock.runFor(100);
  await expect(page.getByText('Going on in 3')).toBeVisible();
  await page.clock.runFor(3400);
  await expect(page.getByText(/^Going on/)).toHaveCount(0);
});

test('on, back and ten seconds more go where they say', async ({ page }) => {
  const heading = page.getByRole('heading', { level: 1 });
  await page.keyboard.press('ArrowRight');
  await expect(heading).toHaveText('Seated cat');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(heading).toHaveText('Seated hamstring reach');
  await page.clock.runFor(1000);
  await page.keyboard.press('ArrowLeft');
  await expect(heading).toHaveText('Leg extend and bend');
  await page.keyboard.press('ArrowRight');
  await goesBy(page, 9000);
  await expect(page.getByText('left leg', { exact: true })).toBeVisible();
  // A minute is the most that this stretch may last.
  await expect(page.getByText('of 60 s')).toBeVisible();
  await page.getByRole('button', { name: /^\+10 s/ }).click();
  await expect(page.getByText('60 s is the most that this is done for.')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(heading).toHaveText('Seated figure four');
  await goesBy(page, 20_000);
  await expect(page.getByText('of 30 s')).toBeVisible();
  await page.getByRole('button', { name: '+10 s' }).click();
  await expect(page.getByText('of 40 s')).toBeVisible();
  await expect(page.getByText(/^10 s more/)).toBeVisible();
});

test('the switch is called and the other side says it is next', async ({ page }) => {
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
  await goesBy(page, 10_000);
  await expect(page.getByText('right next')).toBeVisible();
  await page.clock.fastForward(54_000);
  await expect(page.getByText('Next: right leg.')).toBeVisible();
  await goesBy(page, 5000);
  await expect(page.getByText('Switch sides: right leg.')).toBeVisible();
  await page.clock.runFor(4000);
  await expect(page.getByText('left done')).toBeVisible();
});

test('after a reload it asks, and goes on from the last saved place', async ({ page }) => {
  await goesBy(page, 20_000);
  await page.clock.resume();
  await page.waitForTimeout(400);
  await page.reload();
  await expect(
    page.getByText('You are in the middle of leading “Signal box reset”.'),
  ).toBeVisible();
  await expect(page.getByText(/Held: 0:(19|20|21)/)).toBeVisible();
  await page.getByRole('button', { name: 'Go to it' }).click();
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByText(/^Going on in/)).toBeVisible();
});

test('finished here, it stands in the record as far as it came', async ({ page }) => {
  await goesBy(page, 30_000);
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: 'Finish here' }).click();
  await page.getByRole('button', { name: 'Keep leading' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Finish', exact: true }).click();
  await page.clock.runFor(1000);
  await expect(page.getByText('0:30 of 9:16')).toBeVisible();
  await expect(page.getByText(/finished early/)).toBeVisible();
});

test('the stop signs are one tap away and hold the class', async ({ page }) => {
  await goesBy(page, 10_000);
  await page.getByRole('button', { name: 'Stop signs' }).click();
  await expect(page.getByRole('heading', { name: 'Call for help' })).toBeVisible();
  await goesBy(page, 30_000);
  await page.getByRole('button', { name: 'Back to the class' }).click();
  await page.clock.runFor(200);
  await expect(page.getByText(/^Held/)).toBeVisible();
});

test('leaving the page holds the class, and the list leads back to it', async ({ page }) => {
  await goesBy(page, 10_000);
  await page.goBack();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(
    page.getByText(/You were leading “Signal box reset”. It stands at 0:(09|10)/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Go to it' }).click();
  await expect(page.getByText('You are in the middle of leading')).toBeVisible();
});

test('what to watch, the options and the sound lie over the panels while the class goes on', async ({
  page,
}) => {
  const more = page.getByRole('button', { name: 'More', exact: true });
  await more.click();
  await expect(page.getByText(/^Watch: .*The back stays tall/)).toBeVisible();
  await expect(page.getByText(/^Easier: /)).toBeVisible();
  await expect(page.getByText(/^Further: /)).toBeVisible();
  await expect(page.getByRole('switch', { name: 'Chimes' })).toBeVisible();
  await more.click();
  await expect(page.getByText(/^Easier: /)).toHaveCount(0);
  // The line that stands says what to do; ahead of the next move comes its name.
  const coming = page.getByText(/^Next: Seated cat, /);
  for (let s = 0; s < 60 && !(await coming.isVisible()); s++) await page.clock.runFor(1000);
  await expect(coming).toBeVisible();
});

test('eased, the other side again, left early with a reason, settled: all of it stands in the record', async ({
  page,
}) => {
  const heading = page.getByRole('heading', { level: 1 });
  await page.keyboard.press('e');
  await expect(
    page.getByText(/^All that comes after this is one step easier, and the class \d+ s shorter\.$/),
  ).toBeVisible();
  await page.clock.runFor(3000);
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
  await expect(heading).toHaveText('Seated hamstring reach');
  await page.keyboard.press('o');
  await expect(page.getByText(/^The other side can come again/)).toBeVisible();
  await page.keyboard.press('f');
  const next = await heading.innerText();
  expect(next).not.toBe('Seated hamstring reach');
  await page.keyboard.press('x');
  await page.getByRole('textbox', { name: 'What it was, in a few words' }).fill('A dizzy spell');
  await page.getByRole('button', { name: 'Back to the class' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Finish', exact: true }).click();
  await page.clock.runFor(1000);
  await expect(page.getByText(/eased once/)).toBeVisible();
  await expect(page.getByText(/A dizzy spell/)).toBeVisible();
  // Why something was left is asked now, and not in the middle of the class.
  await page.getByRole('radio', { name: 'No time' }).first().click();
  await expect(page.getByRole('radio', { name: 'No time' }).first()).toBeChecked();
});

test('a second window follows the class and steers it', async ({ page }) => {
  await goesBy(page, 10_000);
  const wall = await page.context().newPage();
  await wall.setViewportSize({ width: 1920, height: 1080 });
  await wall.goto('/wall');
  const heading = page.getByRole('heading', { level: 1 });
  const shown = wall.getByRole('heading', { level: 1 });
  await expect(shown).toHaveText(await heading.innerText());
  await wall.keyboard.press('PageDown');
  await expect(heading).toHaveText('Seated cat');
  await expect(shown).toHaveText('Seated cat');
  await wall.keyboard.press(' ');
  await wall.clock.runFor(300);
  await expect(wall.getByText('Held', { exact: true })).toBeVisible();
  await page.clock.runFor(200);
  await expect(page.getByText('Held', { exact: true })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Finish', exact: true }).click();
  await expect(wall.getByText('No class is being led in this browser.')).toBeVisible();
});

/** Phones, one of them small, one on its side; a screen, and a wall. */
const SIZES = [
  [390, 844],
  [320, 568],
  [844, 390],
  [1280, 800],
  [1920, 1080],
] as const;

test('nothing that is needed scrolls or is cut off, at any size', async ({ page }) => {
  const buttons = ['Hold the class', 'Back', 'Next', 'Something happened', 'Stop signs'];
  const needed = [
    ...buttons.map((name) => page.getByRole('button', { name, exact: true })),
    page.getByRole('heading', { level: 1 }),
    page.getByText(/left · ends/),
  ];
  for (let i = 0; i < 6; i++) {
    await goesBy(page, 23_000);
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height });
      await page.clock.runFor(100);
      for (const one of needed) await expect(one).toBeInViewport({ ratio: 1 });
      const overflow = await page.evaluate(() => {
        const { scrollHeight, clientHeight } = document.documentElement;
        return scrollHeight - clientHeight;
      });
      expect(overflow).toBeLessThanOrEqual(0);
    }
  }
});

test('on a screen the name, the side, the count and what is next have capitals of 52 px', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
  await goesBy(page, 10_000);
  const size = async (text: ReturnType<typeof page.getByText>) =>
    text.evaluate((node) => Number.parseFloat(getComputedStyle(node).fontSize));
  // Capitals of this face are two thirds of its size.
  const least = 77;
  expect(await size(page.getByRole('heading', { level: 1 }))).toBeGreaterThanOrEqual(least);
  expect(await size(page.getByText('left leg', { exact: true }))).toBeGreaterThanOrEqual(least);
  expect(await size(page.getByText(/^then /))).toBeGreaterThanOrEqual(least);
  expect(await size(page.getByText(/^\d{1,2}$/).first())).toBeGreaterThanOrEqual(least);
});
