import { expect, openDemo, openRoutine, test } from './browser';

/** A class of each pace, at a size that it is led at: from its first second to its record. */
const CLASSES = [
  ['desk, on a phone', 'Signal box reset', 390, 844],
  ['older, on a phone on its side', 'Thursday chair circle', 844, 390],
  ['chair users, on a wall', 'Wharf wheels', 1920, 1080],
] as const;
const STEP_MS = 5000;

for (const [name, title, width, height] of CLASSES) {
  test(`led whole: ${name}`, async ({ page }) => {
    // A whole class, looked at every five seconds of it.
    test.slow();
    await page.setViewportSize({ width, height });
    await page.clock.install({ time: new Date('2026-03-05T10:00:00') });
    await openDemo(page);
    await openRoutine(page, title);
    await page.clock.runFor(1000);
    await page.getByRole('button', { name: 'Lead', exact: true }).click();
    await page.clock.runFor(1000);
    const start = page.getByRole('button', { name: 'Start', exact: true });
    await expect(start).toBeVisible();
    await expect(page.getByText(/^The checks are looking/)).toHaveCount(0);
    const passed = page.getByRole('switch', { name: /I have seen them/ });
    if (await passed.isVisible()) await passed.click();
    await page.clock.pauseAt(new Date('2026-03-05T10:30:00'));
    await start.click();

    const leftMs = async () => {
      const words = await page.getByText(/ left · ends /).innerText();
      const [minutes = 0, seconds = 0] = (/^(\d+):(\d\d) left/.exec(words) ?? [])
        .slice(1)
        .map(Number);
      return (minutes * 60 + seconds) * 1000;
    };
    await page.clock.runFor(100);
    const totalMs = await leftMs();
    const ends = await page.getByText(/ left · ends /).innerText();
    let ranMs = 100;
    while (ranMs + STEP_MS < totalMs) {
      await page.clock.fastForward(STEP_MS - 100);
      await page.clock.runFor(100);
      ranMs += STEP_MS;
      // Whatever is going on: what is needed is in sight, the clock is right, and the end stays.
      expect(Math.abs(totalMs - ranMs - (await leftMs()))).toBeLessThanOrEqual(1000);
      const seen = await page.evaluate(() => {
        const inside = (node: Element) => {
          const { left, top, right, bottom, width } = node.getBoundingClientRect();
          return (
            width > 0 && left >= 0 && top >= 0 && right <= innerWidth && bottom <= innerHeight + 1
          );
        };
        const all = [...document.querySelectorAll('[role=button], h1')];
        const { scrollHeight, clientHeight } = document.documentElement;
        return { cut: all.filter((one) => !inside(one)).length, over: scrollHeight - clientHeight };
      });
      expect(seen).toEqual({ cut: 0, over: 0 });
    }
    expect((await page.getByText(/ left · ends /).innerText()).split('ends')[1]).toBe(
      ends.split('ends')[1],
    );
    await page.clock.fastForward(totalMs - ranMs + 500);
    await page.clock.runFor(500);
    await expect(page).toHaveURL(/\/record\//);
    await expect(page.getByText(/led to the end/)).toBeVisible();
    await expect(page.getByRole('radiogroup', { name: 'How was it?' })).toBeVisible();
    await page.getByRole('radio', { name: 'Too hard' }).first().click();
    await expect(page.getByRole('radio', { name: 'Too hard' }).first()).toBeChecked();
  });
}

test('a rehearsal is tapped through, and becomes a draft with its real times', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-03-05T10:00:00') });
  await openDemo(page);
  await openRoutine(page, 'Signal box reset');
  await page.clock.runFor(1000);
  await page.getByRole('button', { name: 'Lead', exact: true }).click();
  await page.clock.runFor(1000);
  await page.getByRole('button', { name: 'Rehearse by tapping' }).click();
  await page.clock.pauseAt(new Date('2026-03-05T10:30:00'));
  await page.getByRole('button', { name: 'Begin' }).click();
  // Set-up in 7 s, a minute's march in 45 s, and so on by key.
  for (const seconds of [7, 45, 3, 8]) {
    await page.clock.fastForward(seconds * 1000);
    await page.keyboard.press('PageDown');
  }
  await page.keyboard.press('PageUp');
  await page.getByRole('button', { name: 'Enough' }).click();
  await expect(page.getByText(/^(by turns: )?45 s, planned /)).toBeVisible();
  await page.getByRole('button', { name: 'Make a draft with these times' }).click();
  await page.clock.runFor(1000);
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue(
    'Signal box reset (rehearsed)',
  );
  await expect(page.getByRole('button', { name: /^Seated march, .*for 45 s/ })).toBeVisible();
});
