import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { expect, openDemo, openRoutine, test } from './browser';

const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });
const press = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).click();

/** The catalogue, with what has to do with own moves opened. */
async function openOwn(page: Page): Promise<void> {
  await page.goto('/moves');
  await press(page, 'Own moves');
}

/** A copy of the seated twist under another name. */
async function keepRailTurn(page: Page): Promise<void> {
  await page.goto('/moves/seated-twist');
  await press(page, 'Copy as a new move');
  await field(page, 'Name').fill('Rail turn');
  await press(page, 'Keep');
  await expect(page.getByText('“Rail turn” is kept.')).toBeVisible();
}

test('a move is written from nothing, told what it lacks, and kept across a reload @wide', async ({
  page,
}) => {
  await openDemo(page);
  await openOwn(page);
  await press(page, 'Write a move');
  await field(page, 'Name').fill('Deck sway');
  await press(page, 'Keep');

  // Everything that is missing is opened and named; the first of it has the focus.
  await expect(page.getByText(/places are to be filled in or mended/)).toBeVisible();
  await expect(page.getByText('This is still to be filled in.').first()).toBeVisible();
  await expect(page.getByText('Say which regions it works.')).toBeVisible();
  await field(page, 'Usual dose').fill('10 reps, tempo 2-0-2');
  await field(page, 'Reps, least').fill('4');
  await field(page, 'Reps, most').fill('8');
  await field(page, 'Set-up').fill('Sit tall, hands on the seat beside you.');
  await field(page, 'Go').fill('Sway your ribs over to one side and then over to the other one.');
  await field(page, 'Short').fill('Sway side to side.');
  await field(page, 'Easier').fill('Sway half as far.');
  await field(page, 'Further').fill('Lift the hands off the seat.');
  await field(page, 'Way out').fill('Come to rest in the middle.');

  // What is typed is there after a reload.
  await page.waitForTimeout(400);
  await page.reload();
  await press(page, 'Keep');
  await expect(field(page, 'Short')).toHaveValue('Sway side to side.');
  await page.getByRole('button', { name: 'Level 1 · usual' }).click();
  await field(page, 'Name of the level').fill('hands down');

  // Then what does not go together is named at its place.
  await expect(page.getByText('The dose is outside its least and most.')).toBeVisible();
  await expect(page.getByText('Too long to be said in time: at most 12 words.')).toBeVisible();
  await field(page, 'Usual dose').fill('8 reps, tempo 2-0-2');
  await field(page, 'Go').fill('Sway your ribs to one side and to the other.');
  await page.getByRole('button', { name: 'Works: Nothing' }).first().click();
  await page.getByRole('checkbox', { name: 'Ribs and sides' }).first().click();
  await expect(page.getByText('Nothing to mend.')).toBeVisible();
  await expect(page.getByText(/Could be better: There is one level only/).first()).toBeVisible();
  await press(page, 'Keep');

  await expect(page.getByText('“Deck sway” is kept.')).toBeVisible();
  await expect(page.getByText('A move of your own.')).toBeVisible();
  await page.waitForTimeout(300);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Deck sway' })).toBeVisible();
  await expect(page.getByText('Sway side to side.')).toBeVisible();
});

test('a routine does an own move like any other, and follows when it changes', async ({ page }) => {
  await openDemo(page);
  await keepRailTurn(page);
  await page.waitForTimeout(300);
  await page.goto('/routines');
  await openRoutine(page, 'Signal box reset');
  const line = field(page, 'Type a move and its dose');
  await line.fill('rail turn 20s each');
  await expect(page.getByText(/Rail turn: hold 20s, each side/)).toBeVisible();
  await line.press('Enter');
  const row = page.getByRole('button', { name: /^Rail turn/ }).first();
  await expect(row).toBeVisible();

  await page.waitForTimeout(400);
  await page.goto('/moves');
  await page.getByRole('textbox', { name: 'Find a move' }).fill('rail turn');
  await page.getByRole('link', { name: /^Rail turn/ }).click();
  await press(page, 'Change');
  await press(page, 'Name');
  await field(page, 'Name').fill('Harbour rail turn');
  await press(page, 'Keep');
  await expect(page.getByText('“Harbour rail turn” is kept.')).toBeVisible();
  await page.waitForTimeout(400);

  // Deleted from the own moves, it stays in the routine.
  await press(page, 'Delete');
  await expect(page.getByText(/“Harbour rail turn” is deleted/)).toBeVisible();
  await page.waitForTimeout(400);
  await page.goto('/routines');
  await openRoutine(page, 'Signal box reset');
  await expect(page.getByRole('button', { name: /^Harbour rail turn/ }).first()).toBeVisible();
});

test('a shipped move is changed over its original and goes back to it', async ({ page }) => {
  await openDemo(page);
  await page.goto('/moves/seated-twist');
  await press(page, 'Change');
  await press(page, 'What to say');
  await field(page, 'Short').fill('Turn {side}, easy.');
  await press(page, 'Keep');
  await expect(page.getByText('Turn left, easy.')).toBeVisible();
  await expect(page.getByText('You changed this move. Its original is kept.')).toBeVisible();
  await page.getByRole('switch', { name: 'Show the original' }).click();
  await expect(page.getByText('Turn left, grow tall.')).toBeVisible();
  await page.getByRole('switch', { name: 'Show the original' }).click();
  await expect(page.getByText('Turn left, easy.')).toBeVisible();
  await press(page, 'Back to the original');
  await expect(page.getByText('Turn left, grow tall.')).toBeVisible();
  await press(page, 'Bring back');
  await expect(page.getByText('Turn left, easy.')).toBeVisible();
});

test('what was typed and let go can be brought back', async ({ page }) => {
  await openDemo(page);
  await page.goto('/moves/bridge');
  await press(page, 'Change');
  await press(page, 'Name');
  await field(page, 'Name').fill('Bridge over the slip');
  await press(page, 'Throw it away');
  await expect(
    page.getByText('What you wrote for “Bridge over the slip” is let go.'),
  ).toBeVisible();
  await press(page, 'Bring back');
  await press(page, 'Go on changing');
  await press(page, 'Name');
  await expect(field(page, 'Name')).toHaveValue('Bridge over the slip');
  await page.getByRole('button', { name: 'Back' }).click();

  // It is on the list of what is being written, too.
  await page.goto('/moves');
  await press(page, 'Own moves · 1 being written');
  await press(page, 'Go on writing Bridge over the slip');
  await expect(page.getByRole('heading', { name: 'Change Bridge' })).toBeVisible();
});

test('own moves go out as a file and come back from it', async ({ page }) => {
  await openDemo(page);
  await keepRailTurn(page);
  await openOwn(page);
  const download = page.waitForEvent('download');
  await press(page, 'Save own moves as a file');
  const file = await download;
  expect(file.suggestedFilename()).toBe('own-moves.json');
  const text = readFileSync(await file.path(), 'utf8');
  expect(text).toContain('"format": "hushed-willow-moves"');

  await page.getByRole('switch', { name: 'Show own moves only' }).click();
  await expect(page.getByText('1 move', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: /^Rail turn Your own/ }).click();
  await press(page, 'Delete');
  await page.waitForTimeout(300);

  await openOwn(page);
  await press(page, 'Bring moves in');
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByRole('heading', { name: 'Moves', exact: true })).toBeVisible();
  await press(page, 'Own moves');
  await press(page, 'Bring moves in');
  const box = page.getByRole('textbox', { name: 'A plan, or routine text' });

  // A file that is wrong changes nothing and names the place.
  await box.fill(text.replace('"turn-way"', '"sideways"'));
  await expect(page.getByText(/^Move 1, at sideMeans: /)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add routine' })).toBeDisabled();
  await box.fill(text.replace('"name": "Rail turn"', '"name": "Seated cat"'));
  await expect(page.getByText('Seated cat: “Seated cat” has this name already')).toBeVisible();

  await box.fill(text);
  await expect(page.getByText('New: Rail turn.')).toBeVisible();
  await press(page, 'Add moves');
  await expect(page.getByText('1 move is added.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Find a move' }).fill('rail turn');
  await expect(page.getByRole('link', { name: /^Rail turn Your own/ })).toBeVisible();
});
