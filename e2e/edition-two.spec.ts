import { type Page } from '@playwright/test';
import { checked, expect, openDemo, saved, test } from './browser';

const CLASS = `title: Long way round
group: desk
lanes: chair, stand
often: 3-5 a week

[warm-up, 2 rounds, rest 20s]
Seated march: 20 reps in all
Seated cat: 4 reps with the breath

[main]
throughout "Belly lightly in"
(in one go)
  Seated side bend: hold 10s
  Seated twist: hold 10s
notice 15s "Which side feels heavier?"
Seated knee lift: 6-10 reps x1-2, tempo 2-1-2
  or stand: Marching, 8 reps
  or: Seated march
(choose 1)
  Neck side tilt: hold 20s
  Seated figure four: hold 30s

[settle]
Seated easy breath: 4 breaths 4/2/6
`;

async function bringIn(page: Page): Promise<void> {
  await openDemo(page);
  await page.getByRole('button', { name: 'Bring in' }).click();
  await page.getByRole('textbox', { name: 'A plan, or routine text' }).fill(CLASS);
  await page.getByRole('button', { name: 'Add routine' }).click();
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('Long way round');
  await checked(page);
}

test('what is written is read on the strand, changed in the panel and kept', async ({ page }) => {
  await bringIn(page);
  const strand = page.getByRole('group', { name: 'The routine in order' });
  await expect(strand.getByText('2 rounds · rest 20 s')).toBeVisible();
  await expect(strand.getByText('All along: Belly lightly in')).toBeVisible();
  await expect(strand.getByText('Or: Seated march')).toBeVisible();
  await expect(strand.getByText(/^Standing: Marching/)).toBeVisible();
  const lift = strand.getByRole('button', { name: /^Seated knee lift/ });
  await expect(lift).toHaveAccessibleName(/1 to 2 sets of 6 to 10 reps, out 2, pause 1, back 2/);
  await lift.click();
  await page.getByRole('button', { name: 'More: Up to', exact: true }).click();
  await expect(lift).toHaveAccessibleName(/6 to 11 reps/);
  await page.getByRole('radio', { name: 'Held', exact: true }).click();
  await expect(lift).toHaveAccessibleName(/6 to 11 reps, held 5 s/);
  await page.getByRole('button', { name: 'Take out: Or: Seated march' }).click();
  await expect(strand.getByText('Or: Seated march')).toHaveCount(0);
  const notice = strand.getByRole('button', { name: /^notice for 15 s/ });
  await notice.click();
  await page.getByRole('textbox', { name: 'What to notice' }).fill('Which hip sits heavier?');
  await page.getByRole('textbox', { name: 'What to notice' }).press('Enter');
  await expect(
    strand.getByRole('button', { name: /^notice.*Which hip sits heavier/ }),
  ).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(
    strand.getByRole('button', { name: /^notice.*Which hip sits heavier/ }),
  ).toBeVisible();
  await expect(lift).toHaveAccessibleName(/6 to 11 reps, held 5 s/);
});

test('a notice, a span and a flow are typed, and a block is made one go', async ({ page }) => {
  await bringIn(page);
  const line = page.getByRole('textbox', { name: 'Type a move and its dose' });
  await line.fill('notice 20s "How wide is the breath now?"');
  await line.press('Enter');
  await line.fill('Seated cat: 6-8 reps, held 2 breaths, straight on');
  await line.press('Enter');
  const strand = page.getByRole('group', { name: 'The routine in order' });
  await expect(strand.getByRole('button', { name: /^notice for 20 s/ })).toBeVisible();
  await expect(
    strand.getByRole('button', { name: /^Seated cat, 6 to 8 reps, held 2 breaths/ }),
  ).toBeVisible();
  const head = strand.getByRole('button', { name: /^Block: Choose 1/ });
  await head.click();
  await page.getByRole('switch', { name: 'In one go' }).click();
  await expect(strand.getByRole('button', { name: /^Block: In one go · choose 1/ })).toBeVisible();
});

test('a choice is made before Start; the stage shows span, option, notice and what is kept up', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-03-05T10:00:00') });
  await bringIn(page);
  await page.clock.runFor(1000);
  await page.getByRole('button', { name: 'Lead', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Choose 1 of 2' })).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /^Neck side tilt/ })).toBeChecked();
  await page.getByRole('checkbox', { name: /^Seated figure four/ }).click();
  await expect(page.getByRole('checkbox', { name: /^Neck side tilt/ })).not.toBeChecked();
  await page.clock.pauseAt(new Date('2026-03-05T10:05:00'));
  await page.getByRole('button', { name: 'Start' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  const on = async (name: string) => {
    for (let i = 0; i < 12 && (await heading.innerText()) !== name; i++) {
      await page.keyboard.press('ArrowRight');
      await page.clock.runFor(200);
    }
    await expect(heading).toHaveText(name);
  };
  await on('Seated twist');
  await expect(page.getByText('All along: Belly lightly in')).toBeVisible();
  await page.clock.runFor(26_000);
  await expect(heading).toHaveText('Notice');
  await expect(page.getByText('Which side feels heavier?').last()).toBeVisible();
  await on('Seated knee lift');
  await expect(page.getByText(/^Standing: Marching/)).toBeVisible();
  await expect(page.getByText('Or: Seated march')).toBeVisible();
  await page.clock.runFor(20_000);
  await expect(page.getByText(/of 6 to 10/).first()).toBeVisible();
  await on('Seated figure four');
  await on('Seated easy breath');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Finish', exact: true }).click();
  await expect(page.getByText('Long way round')).toBeVisible();
  const word = page.getByRole('textbox', { name: 'Which side feels heavier?' });
  await word.fill('The left, most of them');
  await word.press('Enter');
  await page.clock.runFor(2000);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Which side feels heavier?' })).toHaveValue(
    'The left, most of them',
  );
});
