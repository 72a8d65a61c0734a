import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { axe, fromMenu, openDemo, settled, slip, unfold } from './helpers';

const filters = (page: Page) => page.getByRole('list', { name: 'Filters' });
const rim = (page: Page) => page.getByRole('textbox', { name: 'Add what is printed on the rim' });

test('what is printed on a rim is understood as it is typed, in three notations', async ({ page }) => {
  await page.goto('/demo/bag');
  await rim(page).fill('0.9 soft');
  await expect(
    page.getByText('Graduated; 3 stops · 0.9 · ND8; soft, 45 mm, assumed; 100 × 150 mm; taken as density.'),
  ).toBeVisible();
  await rim(page).fill('8 hard');
  await expect(page.getByText('8 can be two things. Is it 8 stops or ND8?')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(rim(page)).toHaveAttribute('aria-invalid', 'true');
  await page.getByRole('button', { name: 'ND8', exact: true }).click();
  await expect(rim(page)).toHaveValue('ND8 hard');
  await expect(page.getByText(/^Graduated; 3 stops/)).toBeVisible();
  await expect(filters(page).getByRole('listitem')).toHaveCount(12);
  await rim(page).fill('ND1000');
  await page.keyboard.press('Enter');
  await expect(rim(page)).toHaveValue('');
  await expect(filters(page)).toContainText('10 stops · 3.0 · ND1000');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(filters(page).getByRole('listitem')).toHaveCount(12);
});

test('what stays at home is left out of the advice', async ({ page }) => {
  await openDemo(page, 'marl-pan');
  await expect(slip(page)).toContainText('2 stops, hard, level');
  await page.getByRole('link', { name: 'Bag' }).click();
  await page.getByRole('checkbox', { name: '2 stops, hard is along today' }).uncheck();
  await expect(page.getByText('11 of 12 are along today, and advice keeps to them.')).toBeVisible();
  await page.getByRole('link', { name: 'Stands' }).click();
  await page.getByRole('link', { name: /Marl Pan/ }).click();
  await settled(page);
  await expect(slip(page)).not.toContainText('2 stops, hard');
  await page.getByRole('link', { name: 'Bag' }).click();
  await page.getByRole('button', { name: 'All are along' }).click();
  await expect(page.getByText('All are along today.')).toBeVisible();
});

test('filters are searched, sorted, duplicated, archived and taken out again', async ({ page }) => {
  await page.goto('/demo/bag');
  const rows = filters(page).getByRole('listitem');
  await page.getByRole('combobox', { name: 'Order' }).selectOption('strength');
  await expect(rows.first()).toContainText('1 stop');
  await expect(rows.last()).toContainText('10 stops');
  await page.getByRole('searchbox', { name: 'Search filters' }).fill('ND8 soft');
  await expect(rows).toHaveCount(1);
  await fromMenu(page, 'More about 3 stops, soft', 'Duplicate');
  await expect(rows).toHaveCount(2);
  await fromMenu(page, 'More about 3 stops, soft (copy)', 'Archive');
  await expect(rows).toHaveCount(1);
  await page.getByRole('button', { name: 'Archive (1)' }).click();
  await fromMenu(page, 'More about 3 stops, soft (copy)', 'Take out of the archive');
  await expect(
    page.getByText('Every filter is in the archive.').or(page.getByText(/No filter here answers/)),
  ).toBeVisible();
});

test('lenses and cameras of the bag are mounted on a stand by name', async ({ page }) => {
  await page.goto('/demo/bag');
  await page.getByRole('button', { name: 'Add a lens' }).click();
  await page
    .getByRole('group', { name: 'Edit 24 to 70 mm' })
    .getByRole('textbox', { name: 'Name' })
    .fill('the old fifty');
  const lens = page.getByRole('group', { name: 'Edit the old fifty' });
  await lens.getByRole('textbox', { name: 'Shortest' }).fill('80');
  await expect(page.getByText('At most its longest, 70 mm.')).toBeVisible();
  await lens.getByRole('textbox', { name: 'Shortest' }).fill('50');
  await lens.getByRole('textbox', { name: 'Longest' }).fill('50');
  await lens.getByRole('checkbox', { name: /Bulging front/ }).check();
  await expect(page.getByRole('list', { name: 'Lenses' })).toContainText(
    'pupil about 75 mm from the filter, estimated',
  );
  expect(await axe(page)).toEqual([]);
  await openDemo(page, 'tholl-saddle');
  await page.keyboard.press('1');
  await unfold(page, /^Camera and lens/);
  await page.getByRole('combobox', { name: 'Lens' }).selectOption({ label: 'the old fifty' });
  await expect(page.getByRole('textbox', { name: 'Focal length' })).toHaveValue('50');
  await page.getByRole('combobox', { name: 'Camera' }).selectOption({ label: 'the light one, crop' });
  await expect(page.getByRole('textbox', { name: 'Sensor width' })).toHaveValue('23.5');
  await settled(page);
});

test('glass goes out as a table and comes in from one, shown before it is taken', async ({ page }) => {
  await page.goto('/demo/bag');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: /as a table/ }).click(),
  ]);
  expect(readFileSync(await download.path(), 'utf8')).toContain('"3 stops, reverse",reverse,3');
  const input = page.getByLabel('Bag or table of glass to bring in');
  const csv = 'name;label\nold friend;0.9 soft\n;8 hard\n;ND64 dyed\n';
  await input.setInputFiles({ name: 'glass.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  const dialog = page.getByRole('dialog', { name: 'Glass from glass.csv' });
  await expect(dialog).toContainText(
    'Line 3, label: "8 hard" is not understood (ambiguous). It is left out.',
  );
  await dialog.getByRole('button', { name: 'Put 2 into the bag' }).click();
  await expect(filters(page)).toContainText('old friend');
  await expect(filters(page).getByRole('listitem')).toHaveCount(14);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(filters(page).getByRole('listitem')).toHaveCount(12);
  await input.setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format": 1}'),
  });
  await expect(page.getByText(/broken.json was not opened/)).toBeVisible();
});

test('two hundred filters and a name of sixty letters are borne', async ({ page }) => {
  await page.goto('/demo/bag');
  const long = 'the one with the chipped corner bought in the market by the sea';
  const csv = `name,label\n${Array.from({ length: 188 }, (_, i) => `${i ? `sheet ${i}` : long},0.6 hard`).join('\n')}`;
  await page
    .getByLabel('Bag or table of glass to bring in')
    .setInputFiles({ name: 'many.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await page.getByRole('button', { name: 'Put 188 into the bag' }).click();
  await expect(filters(page).getByRole('listitem')).toHaveCount(200);
  await expect(page.getByText('A bag holds 200 filters at most.')).toBeVisible();
  await page.setViewportSize({ width: 360, height: 640 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await page.getByRole('searchbox', { name: 'Search filters' }).fill('chipped');
  await expect(filters(page).getByRole('listitem')).toHaveCount(1);
});
