import { expect, openDemo, test } from './browser';

const PAGES = [
  '/',
  '/routines',
  '/moves',
  '/people',
  '/record',
  '/group/demo-saltmarsh',
  '/people/demo-ada',
  '/measure/demo-ada',
  '/record/demo-run-saltmarsh-6',
  '/class/demo-thursday-chair-circle',
  '/routine/demo-thursday-chair-circle',
  '/lead/demo-signal-box-reset',
  '/wall',
  '/backup',
  '/device',
  '/privacy',
  '/bin',
  '/bring-in',
  '/by-hand',
  '/write-move/bridge',
  '/moves/bridge',
  '/nowhere',
];

test('every text is in the faces that come with it', async ({ page }) => {
  await openDemo(page);
  for (const at of PAGES) {
    await page.goto(at);
    await expect(page.getByRole('main').first()).toBeVisible();
    await page.waitForTimeout(300);
    const others = await page.evaluate(() => {
      const found: string[] = [];
      const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
      const look = (element: Element, words: string) => {
        const { fontFamily } = getComputedStyle(element);
        if (!/Atkinson|Literata/u.test(fontFamily)) found.push(`${words}: ${fontFamily}`);
      };
      while (walker.nextNode()) {
        const { textContent, parentElement } = walker.currentNode;
        const words = (textContent ?? '').trim();
        if (words === '' || !parentElement) continue;
        if (!parentElement.closest('svg, script, style, noscript')) look(parentElement, words);
      }
      for (const field of document.querySelectorAll('input, textarea')) look(field, 'a field');
      return found;
    });
    expect([at, ...others]).toEqual([at]);
  }
});

test('at twice the size on a small phone the count and the emergency are always there', async ({
  page,
}) => {
  await openDemo(page);
  await page.setViewportSize({ width: 195, height: 422 });
  await page.goto('/lead/demo-signal-box-reset');
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.waitForTimeout(2500);
  const inside = async (name: string) => {
    const box = await page.getByRole('button', { name }).boundingBox();
    if (!box) throw new Error(name);
    expect(box.x).toBeGreaterThanOrEqual(0);
    expect(box.x + box.width).toBeLessThanOrEqual(195);
    expect(box.y).toBeGreaterThanOrEqual(0);
    expect(box.y + box.height).toBeLessThanOrEqual(422);
  };
  for (const name of ['Hold the class', 'Something happened', 'Stop signs']) await inside(name);
  const count = await page.getByText(/^\d+$/u).first().boundingBox();
  expect(count?.y).toBeGreaterThanOrEqual(0);
  expect((count?.y ?? 999) + (count?.height ?? 999)).toBeLessThan(300);
  // What scrolls comes into reach, the way on and all else.
  await page.getByRole('button', { name: 'Next' }).scrollIntoViewIfNeeded();
  await inside('Next');
  await page.getByRole('button', { name: 'More', exact: true }).scrollIntoViewIfNeeded();
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Finish here' })).toBeVisible();
});

/** What sticks out sideways and is not in something that scrolls that way. */
const sideways = () => {
  const wide = document.documentElement.clientWidth;
  const scrolls = (element: Element | null): boolean =>
    element !== null &&
    (/auto|scroll/u.test(getComputedStyle(element).overflowX) || scrolls(element.parentElement));
  return (
    [...document.querySelectorAll('body *')]
      .filter((one) => one.getBoundingClientRect().right > wide + 1 && !one.closest('svg'))
      .filter((one) => !one.closest('[aria-hidden=true]') && !scrolls(one.parentElement))
      // Fields keep hidden copies of their labels to measure them.
      .filter(
        (one) => !one.closest('[data-testid*=label]') && !one.querySelector('[data-testid*=label]'),
      )
      .map((one) => `${one.tagName} ${(one.textContent ?? '').slice(0, 40)}`)
      .slice(0, 5)
  );
};

for (const [name, size, letters] of [
  ['twice enlarged', { width: 195, height: 422 }, '100%'],
  ['with letters twice as large', { width: 390, height: 844 }, '200%'],
] as const) {
  test(`${name} every page stays within its width`, async ({ page }) => {
    await openDemo(page);
    await page.addInitScript((wanted) => {
      new MutationObserver(() => {
        document.documentElement.style.fontSize = wanted;
      }).observe(document, { childList: true });
    }, letters);
    await page.setViewportSize(size);
    const out: string[] = [];
    for (const at of PAGES) {
      await page.goto(at);
      await expect(page.getByRole('main').first()).toBeVisible();
      await page.waitForTimeout(400);
      out.push(...(await page.evaluate(sideways)).map((one) => `${at} ${one}`));
    }
    expect(out).toEqual([]);
    await page.goto('/routine/demo-thursday-chair-circle');
    const title = page.getByRole('textbox', { name: 'Title' });
    const letterPx = await title.evaluate((one) =>
      Number.parseFloat(getComputedStyle(one).fontSize),
    );
    expect(letterPx).toBe(letters === '200%' ? 40 : 20);
  });
}
