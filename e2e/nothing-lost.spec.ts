import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { expect, openDemo, test } from './browser';

/** Every writing fails, as where the disk is full. */
async function fillDisk(page: Page): Promise<void> {
  await page.evaluate(() => {
    const own = IDBObjectStore.prototype as unknown as Record<string, unknown>;
    Object.assign(globalThis, { disk: { put: own.put, add: own.add } });
    const full = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    Object.assign(own, { put: full, add: full });
  });
}

async function freeDisk(page: Page): Promise<void> {
  await page.evaluate(() => {
    const { disk } = globalThis as unknown as { disk: object };
    Object.assign(IDBObjectStore.prototype, disk);
  });
}

const alert = (page: Page) => page.getByRole('alert').filter({ hasText: 'Not saved' });

/** A page that writes: how to come to it, what is written there, and where it is seen again. */
interface Writes {
  readonly name: string;
  readonly at: string;
  readonly write: (page: Page, words: string) => Promise<unknown>;
  readonly seen: (page: Page, words: string) => Promise<void>;
  /** It is a field: what stands in it is kept while it is typed. */
  readonly isField?: boolean;
}

const box = (page: Page, name: string | RegExp) => page.getByRole('textbox', { name }).first();

/** A field, which may lie behind a fold. */
async function opened(page: Page, name: string | RegExp, fold?: string): Promise<Locator> {
  const field = box(page, name);
  const head = page.getByRole('button', { name: fold ?? '', exact: true });
  if (fold) {
    await expect(head).toBeVisible();
    if ((await field.count()) === 0) await head.click();
  }
  await expect(field).toBeVisible();
  return field;
}

const inField = (name: string | RegExp, fold?: string) => ({
  write: async (page: Page, words: string) => (await opened(page, name, fold)).fill(words),
  seen: async (page: Page, words: string) =>
    expect(await opened(page, name, fold)).toHaveValue(words),
  isField: true,
});

const PAGES: readonly Writes[] = [
  { name: 'a routine', at: '/routine/demo-signal-box-reset', ...inField('Title') },
  { name: 'a person', at: '/people/demo-ada', ...inField('Notes', 'Notes') },
  {
    name: 'a group',
    at: '/group/demo-saltmarsh',
    ...inField('Notes on the group', 'Notes on the group'),
  },
  { name: 'a class in the record', at: '/record/demo-run-saltmarsh-6', ...inField(/^A note/) },
  { name: 'a move being written', at: '/write-move/bridge', ...inField('Name', 'Name') },
  {
    name: 'what somebody who calls for help has to know',
    at: '/lead/demo-signal-box-reset',
    ...inField('Emergency number here'),
  },
  {
    name: 'attendance',
    at: '/record/demo-run-saltmarsh-6',
    write: async (page) => {
      await page.getByRole('button', { name: /^Ada Fenn: / }).click();
      await page.getByRole('radio', { name: 'Stopped early' }).click();
    },
    seen: (page) =>
      expect(page.getByRole('button', { name: /^Ada Fenn: stopped early/ })).toBeVisible(),
  },
  {
    name: 'people',
    at: '/people',
    write: async (page, words) => {
      await box(page, 'Name of a new group').fill(words);
      await page.getByRole('button', { name: 'Add the group' }).click();
    },
    seen: (page, words) =>
      expect(page.getByRole('link', { name: new RegExp(words) })).toBeVisible(),
  },
  {
    name: 'a measure',
    at: '/measure/demo-ada',
    write: async (page) => {
      await box(page, 'Count').fill('37');
      await page.getByRole('button', { name: 'Keep it' }).click();
    },
    seen: async (page) => {
      await page.goto('/people/demo-ada');
      await page.getByRole('button', { name: 'Measures', exact: true }).click();
      await expect(page.getByText(/37/).first()).toBeVisible();
    },
  },
  {
    name: 'whom a class is for',
    at: '/class/demo-signal-box-reset',
    write: (page) => page.getByRole('radio', { name: 'Bakery, night shift' }).click(),
    seen: (page) => expect(page.getByText('Bakery, night shift').first()).toBeVisible(),
  },
  {
    name: 'a class by hand',
    at: '/by-hand',
    write: async (page, words) => {
      await page.getByRole('radio', { name: /Something else|Another/ }).click();
      await box(page, /called|name/i).fill(words);
      await box(page, /minutes/i).fill('20');
      await page.getByRole('button', { name: 'Enter it' }).click();
      await expect(page).toHaveURL(/record/);
    },
    seen: (page, words) => expect(page.getByText(words).first()).toBeVisible(),
  },
];

for (const { name, at, write, seen } of PAGES) {
  test(`${name}: a full disk is told, and what was written is kept once there is room`, async ({
    page,
  }) => {
    await openDemo(page);
    await page.goto(at);
    await expect(page.getByRole('main').first()).toBeVisible();
    await page.waitForTimeout(600);
    await fillDisk(page);
    await write(page, 'Full to the brim');
    await expect(alert(page)).toBeVisible();
    const file = page.waitForEvent('download');
    await alert(page).getByRole('button', { name: 'Save as a file' }).click();
    expect((await file).suggestedFilename()).toMatch(/\.json$/);
    await freeDisk(page);
    // It may have been tried again by itself.
    await alert(page)
      .getByRole('button', { name: 'Try again' })
      .click({ timeout: 2000 })
      .catch(() => undefined);
    await expect(alert(page)).toHaveCount(0);
    await page.waitForTimeout(400);
    await page.reload();
    await seen(page, 'Full to the brim');
  });
}

for (const { name, at, write, seen } of PAGES.filter(({ isField }) => isField)) {
  test(`${name}: what is typed is there after a reload in the middle, and after the page is gone`, async ({
    page,
    context,
  }) => {
    await openDemo(page);
    await page.goto(at);
    await page.waitForTimeout(600);
    await write(page, 'Half a sen');
    await page.evaluate(() => location.reload());
    await seen(page, 'Half a sen');
    // Killed: nothing of the page's own is run any more.
    await write(page, 'Half a sentence');
    await page.waitForTimeout(1100);
    await page
      .evaluate(() => {
        const stop = () => {
          throw new Error('gone');
        };
        Object.assign(IDBObjectStore.prototype, { put: stop, add: stop });
        localStorage.setItem = stop;
      })
      .catch(() => undefined);
    const other = await context.newPage();
    await other.goto(at);
    await seen(other, 'Half a sentence');
    await other.close();
  });
}

test('two tabs write two notes on one person: both are there, and one is chosen', async ({
  page,
  context,
}) => {
  await openDemo(page);
  await page.goto('/people/demo-ada');
  await opened(page, 'Notes', 'Notes');
  const other = await context.newPage();
  await other.goto('/people/demo-ada');
  await opened(other, 'Notes', 'Notes');
  // Neither hears of the other in time.
  for (const one of [page, other]) {
    await one.evaluate(() => {
      BroadcastChannel.prototype.postMessage = () => undefined;
    });
  }
  await box(page, 'Notes').fill('What the first tab says');
  await page.waitForTimeout(1200);
  await box(other, 'Notes').fill('What the second tab says');
  await expect(other.getByText(/“Ada Fenn” was changed in another tab/)).toBeVisible();
  // The other's stands in its place, and this one beside it; and back again.
  for (let i = 0; i < 2; i++) {
    await other.getByRole('button', { name: 'Use the other version of Ada Fenn' }).click();
    await other.waitForTimeout(300);
  }
  await other.getByRole('button', { name: 'Delete the other version of Ada Fenn' }).click();
  await other.waitForTimeout(600);
  await other.goto('/people/demo-ada');
  await expect(await opened(other, 'Notes', 'Notes')).toHaveValue('What the second tab says');
  await expect(other.getByText(/was changed in another tab/)).toHaveCount(0);
});

for (const { name, at, write } of PAGES.filter(({ name }) =>
  ['a group', 'a class in the record', 'a move being written'].includes(name),
)) {
  test(`${name}: two tabs that write the same at once are told of it, and both are kept`, async ({
    page,
    context,
  }) => {
    await openDemo(page);
    await page.goto(at);
    const other = await context.newPage();
    await other.goto(at);
    for (const one of [page, other]) {
      await write(one, 'As it was');
      await one.waitForTimeout(1200);
      await one.evaluate(() => {
        BroadcastChannel.prototype.postMessage = () => undefined;
      });
    }
    await write(page, 'What the first tab says');
    await page.waitForTimeout(1200);
    await write(other, 'What the second tab says');
    const told = other.getByRole('alert').filter({ hasText: 'was changed in another tab' }).last();
    await expect(told).toBeVisible();
    const file = other.waitForEvent('download');
    await told.getByRole('button', { name: 'Save as a file' }).click();
    const path = await (await file).path();
    expect(readFileSync(path, 'utf8')).toContain('What the first tab says');
    await other.close();
  });
}

test('what is not saved is asked about before the page is left, and tried again when it is looked at', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/group/demo-saltmarsh');
  await page.waitForTimeout(600);
  await fillDisk(page);
  await page.evaluate(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await (await opened(page, 'Notes on the group', 'Notes on the group')).fill('Not to be lost');
  await expect(alert(page)).toBeVisible();
  const asked = new Promise<string>((resolve) => {
    page.once('dialog', (dialog) => {
      resolve(dialog.type());
      void dialog.dismiss();
    });
  });
  await page.evaluate(() => void setTimeout(() => location.reload(), 0));
  expect(await asked).toBe('beforeunload');
  await freeDisk(page);
  // Somebody comes back to it.
  await page.evaluate(() => window.dispatchEvent(new Event('focus')));
  await expect(alert(page)).toHaveCount(0);
});

test('start empty counts first, leaves what is one’s own, and can be taken back', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'People', exact: true }).click();
  await box(page, 'Name of a new group').fill('My own group');
  await page.getByRole('button', { name: 'Add the group' }).click();
  await page.waitForTimeout(500);
  await page.getByRole('link', { name: 'Routines', exact: true }).click();
  await page.getByRole('button', { name: 'Start empty' }).click();
  await expect(
    page.getByText(/This moves 11 routines, 14 people, 4 groups, 24 classes and 11 measures/),
  ).toBeVisible();
  await expect(page.getByText(/What you made or changed stays: 1 group\./)).toBeVisible();
  await page.getByRole('button', { name: 'Move the demo data to the bin' }).click();
  await expect(page.getByText(/Everything of your own is still here/)).toBeVisible();
  await page.waitForTimeout(600);
  await page.goto('/people');
  await expect(page.getByRole('link', { name: /My own group/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Saltmarsh/ })).toHaveCount(0);
  await page.goto('/bin');
  await page.getByRole('button', { name: /^Bring back Demo data/ }).click();
  await page.waitForTimeout(800);
  await page.goto('/people');
  await expect(page.getByRole('link', { name: /Saltmarsh/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /My own group/ })).toBeVisible();
});

test('a store that does not answer is said, tried again, and never taken for a first visit', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/people/demo-ada');
  await (await opened(page, 'Notes', 'Notes')).fill('Mine by now');
  await page.waitForTimeout(1200);
  await page.addInitScript(() => {
    const { getAllKeys, get } = IDBObjectStore.prototype;
    const fails = () => {
      throw new DOMException('not now', 'UnknownError');
    };
    if (sessionStorage.getItem('well')) return;
    Object.assign(IDBObjectStore.prototype, { getAllKeys: fails, get: fails });
    Object.assign(globalThis, {
      mend: () => Object.assign(IDBObjectStore.prototype, { getAllKeys, get }),
    });
  });
  await page.reload();
  await expect(page.getByText(/Nothing is lost, and nothing is written/)).toBeVisible();
  await page.evaluate(() => (globalThis as unknown as { mend: () => void }).mend());
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(await opened(page, 'Notes', 'Notes')).toHaveValue('Mine by now');
  await expect(page.getByText(/demo routines/)).toHaveCount(0);
});

test('a store that was cleared is told of, with the way to a backup', async ({ page }) => {
  await openDemo(page);
  await page.waitForTimeout(600);
  await page.goto('/licences.txt');
  await page.evaluate(async () => {
    for (const { name } of await indexedDB.databases()) indexedDB.deleteDatabase(name ?? '');
  });
  await page.goto('/routines');
  await expect(page.getByText(/they are gone/)).toBeVisible();
  await expect(page.getByText(/These are demo routines/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring a backup in' }).click();
  await expect(page).toHaveURL(/backup/);
});

test('a part that can’t be fetched is told of, and fetched again at a press @online', async ({
  context,
}) => {
  // What can't be fetched is an error on this page, and meant to be.
  const page = await context.newPage();
  await openDemo(page);
  let isGone = true;
  await page.route(/\.js$/, (route) => {
    return isGone && new URL(route.request().url()).pathname.includes('/all-')
      ? route.fulfill({ status: 404, body: 'gone' })
      : route.continue();
  });
  // Before anything asks for it, and from no cache.
  const session = await page.context().newCDPSession(page);
  await session.send('Network.setCacheDisabled', { cacheDisabled: true });
  await page.goto('/people');
  await expect(page.getByText(/could not be loaded/)).toBeVisible();
  isGone = false;
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('link', { name: /Saltmarsh Court/ })).toBeVisible();
});

test('a voice and a chime that throw end no class', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-03-05T09:00:00') });
  await page.addInitScript(() => {
    AudioContext.prototype.createOscillator = () => {
      throw new Error('the device is gone');
    };
    Object.defineProperty(window, 'speechSynthesis', {
      value: {
        getVoices: () => [{ lang: 'en', voiceURI: 'v', name: 'A voice' }],
        speak: () => {
          throw new Error('the voice is gone');
        },
        cancel: () => undefined,
      },
    });
  });
  await openDemo(page);
  await page.goto('/lead/demo-signal-box-reset');
  await page.getByRole('button', { name: 'Start' }).click();
  await page.clock.runFor(4000);
  await expect(page.getByText(/The class goes on/)).toBeVisible();
  await page.clock.fastForward(3_600_000);
  await expect(page).toHaveURL(/\/record\//);
});

test('the focus never falls to nowhere: after a row goes, what took its place has it', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/bin');
  await page.goto('/routines');
  await page
    .getByRole('button', { name: /^More for|^More: /i })
    .first()
    .click();
  await page.getByRole('button', { name: 'Delete' }).first().focus();
  await page.keyboard.press('Enter');
  const hasFocus = () =>
    expect
      .poll(() => page.evaluate(() => document.activeElement?.tagName ?? 'BODY'))
      .not.toBe('BODY');
  await hasFocus();
  // Somebody who is taken out, and a class that starts.
  await page.goto('/people/demo-ada');
  const out = page.getByRole('button', { name: 'Take this person out' });
  await out.focus();
  await page.keyboard.press('Enter');
  const sure = page.getByRole('button', { name: 'Take Ada Fenn out for good' });
  await sure.focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/people$/);
  await hasFocus();
  await page.goto('/lead/demo-signal-box-reset');
  const start = page.getByRole('button', { name: 'Start', exact: true });
  await expect(start).toBeEnabled();
  await start.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Hold the class' })).toBeVisible();
  await hasFocus();
});

test('the licences of what it is made with are a press away', async ({ page }) => {
  await openDemo(page);
  await page.goto('/privacy');
  const link = page.getByRole('link', { name: 'Their licences' });
  const text = await (await page.request.get((await link.getAttribute('href')) ?? '')).text();
  for (const name of ['react ', 'zod ', 'SIL OPEN FONT LICENSE']) expect(text).toContain(name);
});
