import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { expect, openDemo, openRoutine, test } from './browser';

const WEB = join(__dirname, '../dist/web');

/** What only later screens and the worker need, by something that is written nowhere else. */
const LATER = {
  'the catalogue': 'Both knees to one side, hip lifted',
  'sentences of the checks': 'Stretch it more',
  'the order of routines': 'No other order is better',
  'search of moves': 'MiniSearch',
  'reading of files': 'allowTrailingComma',
  'the whole of Paper': 'DataTable',
  'the class': 'Ask the room first',
  figures: 'cushion-back-big',
};

test('the first screen loads nothing of later ones, and they come when they are opened', async ({
  page,
}) => {
  const scripts: string[] = [];
  page.on('request', (request) => {
    const { pathname } = new URL(request.url());
    if (pathname.endsWith('.js')) scripts.push(pathname);
  });
  await openDemo(page);
  await page.waitForLoadState('networkidle');
  const first = [...scripts];
  const text = (paths: readonly string[]) =>
    paths.map((path) => readFileSync(join(WEB, path), 'utf8')).join('\n');
  const found = (paths: readonly string[]) => {
    const all = text(paths);
    return Object.entries(LATER).flatMap(([what, sign]) => (all.includes(sign) ? [what] : []));
  };
  expect(found(first)).toEqual([]);
  const bytes = first.reduce((sum, path) => sum + statSync(join(WEB, `${path}.br`)).size, 0);
  expect(bytes).toBeLessThan(400_000);

  await openRoutine(page, 'Signal box reset');
  await expect(page.getByRole('button', { name: /^Findings: \d/ })).toBeVisible();
  expect(found(scripts)).toEqual(
    Object.keys(LATER).filter((what) => what !== 'the whole of Paper'),
  );
});

test('until the scripts are there the page says what it is doing @online', async ({ page }) => {
  await page.route('**/*.js', () => undefined);
  await page.goto('/', { waitUntil: 'commit' });
  await expect(page.getByRole('status')).toHaveText('Opening your routines…');
});
