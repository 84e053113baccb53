import { expect, openDemo, test } from './browser';

test('this device: what is kept by kind, a sound, a promise that is asked for, and where else to look', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/');
  await page.getByRole('link', { name: 'This device' }).click();
  await expect(page.getByText(/^\d+\.\d+\.\d+ · [0-9a-f]{8}$/u)).toBeVisible();
  await page.getByRole('button', { name: 'By kind' }).click();
  await expect(page.getByText('Classes led', { exact: true })).toBeVisible();
  await expect(page.getByText(/ are used of /u)).toBeVisible();
  await page.getByRole('button', { name: 'Try sound and voice' }).click();
  // Its answer moves what is below; a press that comes in that moment lands elsewhere.
  await expect(
    page.getByText(
      /^(?:A chime and a sentence|The browser keeps its sound|This device makes no sound)/u,
    ),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Chimes, voice and screen' }).click();
  await page.getByRole('switch', { name: 'Chimes' }).click();
  await page.getByRole('textbox', { name: 'Emergency number here' }).fill('112');
  await page.getByRole('textbox', { name: 'Emergency number here' }).blur();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Emergency number here' })).toHaveValue('112');
  await page.getByRole('button', { name: 'Chimes, voice and screen' }).click();
  await expect(page.getByRole('switch', { name: 'Chimes' })).toHaveAttribute(
    'aria-checked',
    'false',
  );
  await page.getByRole('link', { name: 'Backup' }).click();
  await page.getByRole('link', { name: 'How much is kept, and how much room there is' }).click();
  await expect(page.getByRole('heading', { name: 'This device' })).toBeVisible();
});

test('the shortcuts of the installed application: the next class, and a line of its routine', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/?go=lead');
  await expect(page).toHaveURL(/\/lead\/demo-thursday-chair-circle/u);
  await expect(page.getByText('Before class').or(page.getByText('Ask')).first()).toBeVisible();
  await page.goto('/?go=write');
  await expect(page).toHaveURL(/\/routine\/demo-thursday-chair-circle/u);
  const line = page.getByRole('textbox', { name: 'Type a move and its dose' });
  await expect(line).toBeFocused();
  // Anything else that stands there opens the page as it is.
  await page.goto('/?go=away');
  await expect(page.getByText('Next class')).toBeVisible();
});

test('words that are shared to it lie in the field, once, and are read', async ({ page }) => {
  await openDemo(page);
  const plan = 'Seated march 2 min\nShoulder rolls 10';
  await page.goto(`/bring-in?title=Shared&text=${encodeURIComponent(plan)}`);
  const field = page.getByRole('textbox').first();
  await expect(field).toHaveValue(`Shared\n${plan}`);
  await field.fill('');
  await page.waitForTimeout(400);
  await expect(field).toHaveValue('');
});

test('a file that the system opens with it is read as one that was chosen', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'launchQueue', {
      value: {
        setConsumer: (take: (launch: object) => void) =>
          take({
            files: [{ getFile: async () => new File(['Seated march 2 min'], 'plan.txt') }],
          }),
      },
    });
  });
  await openDemo(page);
  await page.goto('/bring-in');
  await expect(page.getByRole('textbox').first()).toHaveValue('Seated march 2 min');
});

test('installing is offered after the third class, once, and only where the browser can', async ({
  page,
}) => {
  await openDemo(page);
  const offered = page.getByText(/can be installed on this device/u);
  const can = () =>
    page.evaluate(() => {
      const event = new Event('beforeinstallprompt', { cancelable: true });
      Object.assign(event, {
        prompt: () => Promise.resolve(Object.assign(window, { asked: true })),
      });
      window.dispatchEvent(event);
      return event.defaultPrevented;
    });
  for (let i = 0; i < 3; i++) {
    await page.goto('/');
    await expect(page.getByText('Next class')).toBeVisible();
    expect(await can()).toBe(true);
    await expect(offered).toHaveCount(0);
    await page.goto('/lead/demo-signal-box-reset');
    const help = page.getByRole('textbox', { name: 'Emergency number here' });
    if (i === 0) await help.fill('112');
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Hold the class' })).toBeVisible();
    await page.waitForTimeout(1200);
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await page.getByRole('button', { name: 'Finish here' }).click();
    await page.getByRole('button', { name: 'Finish', exact: true }).click();
    await expect(page).toHaveURL(/\/record\//u);
    await page.waitForTimeout(300);
  }
  await page.goto('/');
  await expect(page.getByText('Next class')).toBeVisible();
  await expect(offered).toHaveCount(0);
  await can();
  await expect(offered).toBeVisible();
  await page.getByRole('button', { name: 'Install it' }).click();
  await expect(offered).toHaveCount(0);
  expect(await page.evaluate(() => 'asked' in window)).toBe(true);
  await page.waitForTimeout(300);
  await page.reload();
  await expect(page.getByText('Next class')).toBeVisible();
  await can();
  await expect(offered).toHaveCount(0);
});

test('installed, it fills the screen while a class is led, and at no other time', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const real = window.matchMedia.bind(window);
    window.matchMedia = (query) =>
      query === '(display-mode: standalone)'
        ? Object.assign(real('all'), { standalone: true })
        : real(query);
  });
  const isFull = () => page.evaluate(() => document.fullscreenElement !== null);
  await openDemo(page);
  await page.goto('/lead/demo-signal-box-reset');
  const start = page.getByRole('button', { name: 'Start', exact: true });
  await expect(start).toBeEnabled();
  expect(await isFull()).toBe(false);
  await start.click();
  await expect.poll(isFull).toBe(true);
  await page.waitForTimeout(1200);
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: 'Finish here' }).click();
  await page.getByRole('button', { name: 'Finish', exact: true }).click();
  await expect(page).toHaveURL(/\/record\//u);
  await expect.poll(isFull).toBe(false);
});
