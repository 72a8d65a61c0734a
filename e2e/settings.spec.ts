import { expect, test } from '@playwright/test';

const theme = 'data-theme';

test('Noon and Dusk go by hand, by the device, and by the sun where the place is known', async ({ page }) => {
  // noon and midnight at 3 degrees west, in November
  await page.clock.install({ time: new Date('2026-11-25T12:10:00Z') });
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.goto('/settings');
  const html = page.locator('html');
  const mode = (name: string) => page.getByRole('radio', { name, exact: true }).click();
  await expect(html).toHaveAttribute(theme, 'dusk');
  await page.emulateMedia({ colorScheme: 'light' });
  await expect(html).toHaveAttribute(theme, 'noon');
  await mode('Dusk');
  await expect(html).toHaveAttribute(theme, 'dusk');
  await mode('By the sun');
  await expect(page.getByText('The place is not known yet, so the theme is the device’s own.')).toBeVisible();
  await expect(html).toHaveAttribute(theme, 'noon');
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(html).toHaveAttribute(theme, 'dusk');
  await page.getByRole('textbox', { name: 'Latitude' }).fill('54');
  await page.getByRole('textbox', { name: 'Longitude' }).fill('-3');
  await expect(page.getByText(/The sun is up, and sets at \d\d:\d\d/)).toBeVisible();
  await expect(html).toHaveAttribute(theme, 'noon');
  await page.clock.fastForward('12:00:00');
  await expect(html).toHaveAttribute(theme, 'dusk');
  // it is remembered, and the place with it
  await page.reload();
  await expect(html).toHaveAttribute(theme, 'dusk');
  await expect(page.getByRole('textbox', { name: 'Latitude' })).toHaveValue('54');
  await page.getByRole('textbox', { name: 'Latitude' }).fill('154');
  await expect(page.getByRole('alert')).toContainText('Between −90 and 90.');
});

test('the browser is asked once, and only when there is something to keep, to keep it for good', async ({
  page,
}) => {
  await page.addInitScript(() => {
    navigator.storage.persist = () => {
      localStorage.setItem('asked', String(Number(localStorage.getItem('asked') ?? 0) + 1));
      return Promise.resolve(true);
    };
  });
  const asked = () => page.evaluate(() => localStorage.getItem('asked'));
  await page.goto('/stands');
  await expect(page.getByText('No stand yet.')).toBeVisible();
  expect(await asked()).toBeNull();
  await page.getByRole('button', { name: 'New stand', exact: true }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  expect(await asked()).toBe('1');
  await page.reload();
  await page.getByRole('link', { name: 'All stands' }).click();
  await page.getByRole('button', { name: 'New stand', exact: true }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  expect(await asked()).toBe('1');
});

test('errors that nobody caught are noted, read and forgotten; what ships says its licences', async ({
  page,
  request,
}) => {
  await page.goto('/settings');
  await expect(page.getByText('Nothing has failed here that should not have.')).toBeVisible();
  await page.evaluate(() => {
    void Promise.reject(new Error('made by a test'));
  });
  await expect(page.getByText('One error was noted on this device.')).toBeVisible();
  await page.reload();
  const errors = page.getByRole('list', { name: 'Errors, the newest first' });
  await errors.getByText('made by a test').first().click();
  await expect(errors).toContainText('/settings');
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(page.getByText('Nothing has failed here that should not have.')).toBeVisible();
  const href = await page.getByRole('link', { name: 'All of these licences' }).getAttribute('href');
  const licences = await (await request.get(href!)).text();
  for (const name of [
    'react ',
    'three ',
    'exifreader ',
    'libraw-wasm ',
    '@fontsource-variable/atkinson-hyperlegible-next ',
  ])
    expect(licences).toContain(`\n${name}`);
});
