import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { clickFrame, fromMenu, settled, slip, watch } from './helpers';

test('from the demo to a stand of one’s own, kept, exported and found again elsewhere', async ({
  page,
  browser,
}) => {
  const seen = watch(page);
  await page.goto('/demo');
  await expect(page.getByRole('link', { name: /Marl Pan/ })).toBeVisible();
  await page.getByRole('link', { name: /Marl Pan/ }).click();
  await expect(slip(page)).toContainText('2 stops, hard, level');

  // a stand of one's own begins with nothing, and the demo's are not among one's own
  await page.goto('/');
  await expect(page.getByText('No stand yet.')).toBeVisible();
  await page.getByRole('button', { name: 'New stand' }).click();
  await page.getByRole('button', { name: /^I meter sky and land/ }).click();
  await expect(slip(page)).toContainText('Point the camera at the land, then at the sky');
  await page.getByLabel('Name of the stand').fill('Amber Gap, evening');

  await clickFrame(page, 0.4, 0.8);
  await page.keyboard.type('15');
  await expect(page.getByText('1/15 s, exactly 1/16 s')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(slip(page)).toContainText('Now point the camera at the sky');
  await expect(slip(page)).toContainText('for the land alone');

  await clickFrame(page, 0.6, 0.2);
  await page.getByRole('textbox', { name: 'Shutter' }).fill('quick');
  await expect(page.getByText('Type a time as 1/250, 250, 0.4s or 30s.')).toBeVisible();
  await expect(page.getByRole('button', { name: /Add sky reading/ })).toBeDisabled();
  await page.getByRole('textbox', { name: 'Shutter' }).fill('1/250');
  await page.getByRole('button', { name: 'Add sky reading, EV 15.0' }).click();
  await settled(page);
  await expect(page.getByRole('region', { name: 'Worksheet' })).toContainText('4 stops');
  await expect(slip(page)).toContainText('3 stops, hard, level');
  await expect(slip(page)).toContainText('f/11, 1/15 s, ISO 100');

  // what is kept changes what is needed, and so the sheet
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /Balance/ }).click();
  await expect(page.getByText('3 stops to take away')).toBeVisible();
  for (let i = 0; i < 10; i++) await page.getByRole('button', { name: 'Keep more' }).click();
  await expect(slip(page)).toContainText('2 stops, hard, level');
  await settled(page);

  // a sheet of one's own in the bag is taken where it is the better
  await page.getByRole('link', { name: 'Bag' }).click();
  await page.getByRole('button', { name: 'Add a sheet by its figures' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('old two and a bit');
  await page.getByRole('combobox', { name: 'Transition' }).selectOption('very hard');
  await page.getByRole('textbox', { name: 'Strength' }).fill('21');
  await expect(page.getByText('Between 0 and 20 stops.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Strength' }).fill('2.2');
  await page.getByRole('link', { name: 'Stands' }).click();
  await page.getByRole('link', { name: /Amber Gap/ }).click();
  await settled(page);
  await expect(slip(page)).toContainText('Old two and a bit, level');

  // the seat by hand, by key and by drag; undone step by step
  await page.keyboard.press('4');
  const computed = await slip(page).innerText();
  await page.getByRole('group', { name: /Sheet in the holder/ }).focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowRight');
  await expect(slip(page)).toContainText('turned 0.25° clockwise');
  await expect(slip(page)).toContainText(/computed: \d+(\.5)? mm, level/);
  const byKey = await slip(page).innerText();
  const frame = (await page.getByRole('group', { name: 'Frame', exact: true }).boundingBox())!;
  await page.mouse.move(frame.x + 300, frame.y + 200);
  await page.mouse.down();
  await page.mouse.move(frame.x + 300, frame.y + 120, { steps: 10 });
  await page.mouse.up();
  await expect(slip(page)).not.toHaveText(byKey);
  await expect.poll(() => slip(page).innerText()).not.toBe(byKey);
  await page.keyboard.press('Control+z');
  await expect.poll(() => slip(page).innerText()).toBe(byKey);
  for (let i = 0; i < 3; i++) await page.keyboard.press('Control+z');
  await expect.poll(() => slip(page).innerText()).toBe(computed);
  for (let i = 0; i < 3; i++) await page.keyboard.press('Control+Shift+z');
  await expect.poll(() => slip(page).innerText()).toBe(byKey);
  await settled(page);

  // a reload, and a tab that is simply gone
  await page.reload();
  await settled(page);
  await expect.poll(() => slip(page).innerText()).toBe(byKey);

  const [download] = await Promise.all([
    page.waitForEvent('download'),
    fromMenu(page, 'More', 'Export to a file'),
  ]);
  expect(download.suggestedFilename()).toBe('amber-gap-evening.paleseam.json');
  const file = {
    name: download.suggestedFilename(),
    mimeType: 'application/json',
    buffer: readFileSync(await download.path()),
  };

  // an empty profile finds the same
  const other = await browser.newContext();
  const elsewhere = await other.newPage();
  await elsewhere.goto('/stands');
  await elsewhere.getByLabel('Stand files to open').setInputFiles(file);
  await settled(elsewhere);
  await expect(elsewhere.getByLabel('Name of the stand')).toHaveValue('Amber Gap, evening');
  await elsewhere.keyboard.press('4');
  await expect.poll(() => slip(elsewhere).innerText()).toBe(byKey);
  await elsewhere.getByRole('button', { name: /Balance/ }).click();
  await expect(elsewhere.getByText('This stand came with a bag of its own')).toBeVisible();
  await elsewhere.getByRole('button', { name: 'Add its 1 sheet to my bag' }).click();
  await elsewhere.getByRole('link', { name: 'Bag' }).click();
  await expect(elsewhere.getByRole('list', { name: 'Filters' })).toContainText('old two and a bit');
  await other.close();
  expect(seen.faults).toEqual([]);
});
