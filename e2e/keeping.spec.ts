import type { Page } from '@playwright/test';
import { DEMO_COUNT, expect, openDemo, openChecked, saved, test } from './browser';

/** Reaches into the browser's database as a fault would. */
async function editStored(
  page: Page,
  change: (key: string, value: string) => string,
): Promise<void> {
  await page.evaluate(async (source) => {
    const edit = new Function(`return (${source})`)() as (key: string, value: string) => string;
    const [info] = await indexedDB.databases();
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const request = indexedDB.open(info?.name ?? '');
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error);
    });
    const store = db.objectStoreNames[0] ?? '';
    const done = <T>(request: IDBRequest<T>) =>
      new Promise<T>((resolve, reject) => {
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error);
      });
    const keys = await done(db.transaction(store).objectStore(store).getAllKeys());
    for (const key of keys) {
      const value: unknown = await done(db.transaction(store).objectStore(store).get(key));
      const box = value as { value?: string } | string;
      const text = typeof box === 'string' ? box : (box.value ?? '');
      const next = edit(String(key), text);
      if (next === text) continue;
      const changed = typeof box === 'string' ? next : { ...box, value: next };
      const target = db.transaction(store, 'readwrite').objectStore(store);
      await done(target.keyPath ? target.put(changed) : target.put(changed, key));
    }
    db.close();
  }, change.toString());
}

test('a damaged record is set aside and named, and the rest loads', async ({ page }) => {
  await openDemo(page);
  await page.waitForTimeout(600);
  await page.goto('/licences.txt');
  await editStored(page, (key, value) =>
    key === 'routine/demo-signal-box-reset' ? value.slice(0, 200) : value,
  );
  await page.goto('/routines');
  // It is found to be damaged when it is read, and stands in nobody's way then.
  await page.getByRole('link', { name: 'Signal box reset' }).click();
  await expect(page.getByText('There is nothing at this address.')).toBeVisible();
  await expect(
    page.getByText(/“Signal box reset” could not be read and is set aside/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Go to today' }).click();
  await page.getByRole('link', { name: 'Routines', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Routines' }).getByRole('link')).toHaveCount(
    DEMO_COUNT - 1,
  );
  await page.reload();
  await expect(page.getByText(/“Signal box reset” could not be read/)).toBeVisible();
  const file = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  expect((await file).suggestedFilename()).toBe('signal-box-reset.txt');
  await page.getByRole('button', { name: 'Delete it for good' }).click();
  // It goes from the page once it is gone from storage.
  await expect(page.getByText(/could not be read/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('list', { name: 'Routines' }).getByRole('link')).toHaveCount(
    DEMO_COUNT - 1,
  );
  await expect(page.getByText(/could not be read/)).toHaveCount(0);
});

test('data of a newer version is kept and not opened', async ({ page }) => {
  await openDemo(page);
  await page.waitForTimeout(600);
  await page.goto('/licences.txt');
  await editStored(page, (key, value) =>
    key === 'routine/demo-signal-box-reset'
      ? value.replace(/"version":\d+/, '"version":99')
      : value,
  );
  await page.goto('/routine/demo-signal-box-reset');
  await expect(
    page.getByText(/A newer version of Hushed Willow has saved “Signal box reset” here/),
  ).toBeVisible();
  await page.reload();
  await expect(
    page.getByText(/A newer version of Hushed Willow has saved “Signal box reset” here/),
  ).toBeVisible();
});

test('an edit in one tab shows in the other', async ({ page, context }) => {
  await openDemo(page);
  await openChecked(page, 'Signal box reset');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByRole('textbox', { name: 'Title' })).toHaveValue('Signal box reset');
  await page.getByRole('textbox', { name: 'Title' }).fill('Signal box at dusk');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await saved(page);
  await expect(other.getByRole('textbox', { name: 'Title' })).toHaveValue('Signal box at dusk');
});

test('a full disk is told, and the routine is handed over as a file', async ({ page }) => {
  await openDemo(page);
  await openChecked(page, 'Signal box reset');
  await saved(page);
  await page.evaluate(() => {
    const full = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    IDBObjectStore.prototype.put = full;
    IDBObjectStore.prototype.add = full;
  });
  await page.getByRole('textbox', { name: 'Title' }).fill('Too much');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await expect(page.getByText('not saved', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(page.getByText(/Not saved: “Too much”/)).toBeVisible();
  const file = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  expect((await file).suggestedFilename()).toBe('too-much.json');
});

test('closing the tab right after an edit loses nothing', async ({ page, context }) => {
  await openDemo(page);
  await openChecked(page, 'Signal box reset');
  const address = page.url();
  await page.getByRole('button', { name: /^Seated twist/ }).click();
  await page.getByRole('button', { name: 'Remove' }).click();
  await page.waitForTimeout(250);
  await page.close();
  const again = await context.newPage();
  await again.goto(address);
  await expect(again.getByRole('button', { name: /^Seated figure four/ })).toBeVisible();
  await expect(again.getByRole('button', { name: /^Seated twist/ })).toHaveCount(0);
});

test('an edit in the last moment before the page goes is there at the next visit', async ({
  page,
}) => {
  await openDemo(page);
  await openChecked(page, 'Signal box reset');
  await page.getByRole('textbox', { name: 'Title' }).fill('In the last moment');
  await page.evaluate(() => location.reload());
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('In the last moment');
});
