import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openDemo, openRoutine, test as own, tool, wrongOn } from './browser';

/** What axe finds on the page; of the named rules alone, where any are named. */
async function violations(page: Page, rules?: string[]) {
  // The one frame is of the page itself, so no second page is needed to gather what each of them found.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
  const { violations: found } = await (rules ? axe.withRules(rules) : axe.withTags(tags)).analyze();
  return found.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
  );
}

/** What sticks out sideways, but for the measured copies of labels that Paper hides in fields. */
async function sideways(page: Page) {
  return page.evaluate(() => {
    const width = document.documentElement.clientWidth;
    const label = '[data-testid*=label]';
    return [...document.querySelectorAll<HTMLElement>('body *')]
      .filter((element) => element.getBoundingClientRect().right > width + 1)
      .filter((element) => !element.closest('svg') && !element.closest(label))
      .filter((element) => !element.querySelector(label))
      .map((element) => `${element.tagName} ${element.textContent?.slice(0, 40)}`)
      .slice(0, 5);
  });
}

const lead = async (page: Page) => {
  await openRoutine(page, 'Signal box reset');
  await page.getByRole('button', { name: 'Lead', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Start' })).toBeVisible();
};

const VIEWS: Readonly<Record<string, (page: Page) => Promise<void>>> = {
  library: async (page) =>
    page
      .getByRole('button', { name: /^More for/ })
      .first()
      .click(),
  'bring in': async (page) => page.getByRole('button', { name: 'Bring in' }).click(),
  print: async (page) => {
    await page
      .getByRole('button', { name: /^More for/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Print', exact: true }).click();
    await expect(page.frameLocator('iframe').getByText('Stop signs')).toBeVisible();
  },
  routine: async (page) => openRoutine(page, 'Thursday chair circle'),
  'routine with a row chosen': async (page) => {
    await openRoutine(page, 'Signal box reset');
    await page.getByRole('button', { name: /^Seated hamstring/ }).click();
    await tool(page, 'Group and time');
  },
  'lead, ready': lead,
  'lead, working one side': async (page) => {
    await lead(page);
    await page.getByRole('button', { name: 'Start' }).click();
    for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
    await expect(page.getByText('left leg', { exact: true })).toBeVisible({ timeout: 20_000 });
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await page.getByRole('button', { name: 'Finish here' }).click();
    await page.getByRole('button', { name: 'Keep leading' }).click();
  },
  'routine with a block chosen': async (page) => {
    await openRoutine(page, 'Thursday chair circle');
    await page.getByRole('button', { name: /^Block: Build up/ }).click();
  },
  findings: async (page) => {
    await openRoutine(page, 'Signal box reset');
    const list = page.getByRole('list', { name: 'Findings' });
    await expect(page.getByRole('button', { name: /^Findings: \d/ })).toBeVisible();
    if (!(await list.isVisible())) {
      await page.getByRole('button', { name: /^Findings/ }).click();
    }
    await expect(list.getByRole('button', { name: 'Fit to 10:00' })).toBeVisible();
  },
  'a fit before it is kept': async (page) => {
    await openRoutine(page, 'Signal box reset');
    await tool(page, 'Fit to 10:00');
    await expect(page.getByText('9:16 → 10:00')).toBeVisible();
    await expect(page.getByText(/^Findings: /)).toBeVisible();
  },
  run: async (page) => {
    await page.getByRole('link', { name: 'Record', exact: true }).click();
    await page.getByRole('list', { name: 'Record' }).getByRole('link').first().click();
    await page.getByRole('button', { name: 'Seconds planned and led' }).click();
    await expect(page.getByText('Item and side')).toBeVisible();
  },
  today: async (page) => {
    await page.getByRole('link', { name: 'Today', exact: true }).click();
    await expect(page.getByRole('heading', { name: /^Next class/ })).toBeVisible();
  },
  people: async (page) => {
    await page.getByRole('link', { name: 'People', exact: true }).click();
    await expect(page.getByText('Ada Fenn')).toBeVisible();
  },
  'a person': async (page) => {
    await page.getByRole('button', { name: 'Limits', exact: true }).click();
    await page.getByRole('button', { name: 'Taking part', exact: true }).click();
    await page.getByRole('button', { name: 'Clearances', exact: true }).click();
    await page.getByRole('button', { name: 'Measures', exact: true }).click();
    await expect(page.getByText('Balance, seconds held').first()).toBeVisible();
  },
  'a group': async (page) => {
    await page.getByRole('button', { name: 'Day, hour and pace', exact: true }).click();
    await page.getByRole('button', { name: 'The last six weeks', exact: true }).click();
    await expect(page.getByText('Who came, by class').first()).toBeVisible();
  },
  'who does what': async (page) => {
    await page.getByRole('button', { name: 'Who does what' }).click();
    await page.getByRole('button', { name: 'Edith Quay', exact: true }).first().click();
    await expect(page.getByText('Edith Quay: For this person, in this class only')).toBeVisible();
  },
  'who came': async (page) => {
    await page.getByRole('button', { name: /^Bram Oakes: / }).click();
    await expect(page.getByText('Pain after, 0 to 10')).toBeVisible();
  },
  'a measure': async (page) => {
    await expect(page.getByRole('button', { name: 'Keep it' })).toBeVisible();
  },
  'a class by hand': async (page) => {
    await expect(page.getByRole('button', { name: 'Enter it' })).toBeVisible();
  },
  'a page for a clinician': async (page) => {
    await expect(page.frameLocator('iframe').getByText('What changed')).toBeVisible();
  },
  backup: async (page) => {
    await expect(page.getByRole('button', { name: 'Save a backup' })).toBeVisible();
  },
  privacy: async (page) => {
    await expect(page.getByRole('heading', { name: 'Ask first' })).toBeVisible();
  },
  record: async (page) => {
    await page.getByRole('link', { name: 'Record', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Record' })).toBeVisible();
  },
  moves: async (page) => {
    await page.getByRole('link', { name: 'Moves', exact: true }).click();
    const narrow = page.getByRole('button', { name: 'Narrow down' });
    await expect(page.getByText('283 moves')).toBeVisible();
    if (await narrow.isVisible()) await narrow.click();
    await page.getByRole('button', { name: 'Not marked against' }).click();
    await expect(page.getByRole('checkbox', { name: 'Low bone density' })).toBeVisible();
  },
  'a move': async (page) => {
    await expect(page.getByRole('heading', { name: 'What to say' })).toBeVisible();
  },
  'a move being written': async (page) => {
    await page.getByRole('button', { name: 'Levels', exact: true }).click();
    await page.getByRole('button', { name: /· usual$/ }).click();
    await page.getByRole('button', { name: /^Asks for: / }).click();
    await page.getByRole('button', { name: 'What to say', exact: true }).click();
    await page.getByRole('textbox', { name: 'Short', exact: true }).fill('');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByText('This is still to be filled in.')).toBeVisible();
  },
};

/** Where a view has an address of its own; the others are gone to from the list. */
const ADDRESSES: Readonly<Record<string, string>> = {
  'a person': '/people/demo-edith',
  'a group': '/group/demo-saltmarsh',
  'who does what': '/group/demo-saltmarsh',
  'who came': '/record/demo-run-saltmarsh-6',
  'a measure': '/measure/demo-ada',
  'a class by hand': '/by-hand',
  'a page for a clinician': '/report/demo-bram',
  backup: '/backup',
  device: '/device',
  privacy: '/privacy',
  'a move': '/moves/both-knees-to-one-side-hip-lifted',
  'a move being written': '/write-move/both-knees-to-one-side-hip-lifted',
};

/** What they do stays behind, so each has a browser of its own. */
const LEAVING = ['lead, ready', 'lead, working one side', 'a move being written'];

/** One page for all views that leave nothing behind: the demo data is loaded once. */
const shared = own.extend<
  object,
  { demo: { readonly page: Page; readonly wrong: readonly string[] } }
>({
  demo: [
    async ({ browser }, run, { project }) => {
      const { viewport, baseURL } = project.use;
      const page = await browser.newPage({ viewport, baseURL, reducedMotion: 'reduce' });
      const wrong = await wrongOn(page);
      await openDemo(page);
      await run({ page, wrong });
      await page.close();
    },
    { scope: 'worker' },
  ],
});

const still = (page: Page) =>
  page.evaluate(() =>
    Promise.all(document.getAnimations().map(({ finished }) => finished.catch(() => undefined))),
  );

/** At a phone's size, in the dark, on the smallest phone, and on a wide screen. */
async function isOpenToAll(page: Page): Promise<void> {
  // A view's own script may still be on its way.
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await still(page);
  expect(await violations(page)).toEqual([]);
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(page.locator('body')).toHaveCSS('background-color', 'rgb(22, 28, 25)');
  expect(await violations(page, ['color-contrast'])).toEqual([]);
  await page.setViewportSize({ width: 320, height: 700 });
  await expect.poll(() => sideways(page)).toEqual([]);
  await page.emulateMedia({ colorScheme: 'light' });
  await page.setViewportSize({ width: 1280, height: 800 });
  await expect(page.locator('body')).not.toHaveCSS('background-color', 'rgb(22, 28, 25)');
  await still(page);
  expect(await violations(page)).toEqual([]);
}

for (const [name, go] of Object.entries(VIEWS)) {
  if (LEAVING.includes(name)) {
    own(`axe finds nothing: ${name}`, async ({ page }) => {
      await openDemo(page);
      const address = ADDRESSES[name];
      if (address) await page.goto(address);
      await go(page);
      await isOpenToAll(page);
    });
  } else {
    shared(`axe finds nothing: ${name}`, async ({ demo: { page, wrong } }) => {
      const before = wrong.length;
      await page.setViewportSize({ width: 390, height: 844 });
      await page.goto(ADDRESSES[name] ?? '/routines');
      await go(page);
      await isOpenToAll(page);
      expect(wrong.slice(before)).toEqual([]);
    });
  }
}

own('a routine is built and opened by keyboard only', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: /^Signal box reset/ }).focus();
  await page.keyboard.press('Enter');
  const rows = page.locator('[data-strand-row]');
  await rows.first().focus();
  await page.keyboard.press('ArrowDown');
  await expect(rows.nth(1)).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Seated cat' })).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).focus();
  await page.keyboard.press('Enter');
  // A key says all keys, and one leads from the rows to the line.
  await rows.first().focus();
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'How to read this' })).toBeVisible();
  await page.keyboard.press('Escape');
  await rows.first().focus();
  await page.keyboard.press('/');
  const line = page.getByRole('textbox', { name: 'Type a move and its dose' });
  await expect(line).toBeFocused();
  await expect(line).toHaveValue('');
  await page.keyboard.type('rest 20s');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Rest 20 s/ })).toBeVisible();
});
