import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { axe, settled, watch } from './helpers';

/** A stand of the demo under another name, its first shot seen as too dark. */
function darkStand(i: number) {
  const file = JSON.parse(readFileSync('src/demo/vann-snowfield.paleseam.json', 'utf8')) as {
    stand: {
      id: string;
      name: string;
      picture?: object;
      takes: { id: string; verdict?: string }[];
      seen?: object[];
    };
  };
  const { stand } = file;
  stand.id = `dark-${i}`;
  stand.name = `Quill Rim, morning ${i}`;
  delete stand.picture;
  delete stand.takes[0]!.verdict;
  stand.seen = [{ id: 'w', takeId: stand.takes[0]!.id, what: 'too-dark', much: 'little' }];
  return {
    name: `dark-${i}.paleseam.json`,
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(file)),
  };
}

test('what first shots have in common is offered, taken by a tap, and a new stand begins with it', async ({
  page,
}) => {
  const seen = watch(page);
  await page.goto('/');
  for (const i of [1, 2, 3, 4]) {
    await page.locator('input[type=file]').first().setInputFiles(darkStand(i));
    await settled(page);
    await page.getByRole('link', { name: 'All stands' }).click();
  }
  await page.getByRole('link', { name: 'Ledger' }).click();
  await expect(page.getByText('The first shot is corrected 0.5 stops brighter, 4 times of 4.')).toBeVisible();
  await page.getByText('What this rests on').click();
  await expect(page.getByText('Quill Rim, morning 3: 0.5 stops brighter')).toBeVisible();
  expect(await axe(page)).toEqual([]);

  // the table is narrowed down, sorted and saved
  await page.getByRole('searchbox', { name: 'Search shots' }).fill('morning 2');
  await expect(page.getByRole('row')).toHaveCount(2);
  await page.getByRole('searchbox', { name: 'Search shots' }).fill('');
  await page.getByRole('button', { name: 'Stand', exact: true }).click();
  await expect(page.getByRole('row').nth(1)).toContainText('morning 1');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a table' }).click();
  const table = readFileSync(await (await download).path(), 'utf8');
  expect(table.split('\r\n')).toHaveLength(6);
  // what went out comes in again, each line to its stand, and what is there already stays one
  const another = table.replace(/(morning 3",1,[^,]*)T\d\d:/, '$1T23:');
  await page
    .getByLabel('Table of shots')
    .setInputFiles({ name: 'shots.csv', mimeType: 'text/csv', buffer: Buffer.from(another) });
  const lines = page.getByRole('list', { name: 'Lines of the table' }).getByRole('listitem');
  await expect(lines).toHaveCount(4);
  await expect(lines.filter({ hasText: 'it is there already' })).toHaveCount(3);
  await page.getByRole('button', { name: 'Take 1 shot' }).click();
  await expect(page.getByRole('heading', { name: '5 shots' })).toBeVisible();

  await page.getByRole('button', { name: 'Start with the land at +⅔' }).click();
  await expect(page.getByText('New stands place the land at 0.7')).toBeVisible();
  await expect(page.getByText('The first shot is corrected')).toBeHidden();
  await page.getByRole('button', { name: 'Reckon it' }).click();
  await expect(page.getByRole('button', { name: 'Reckon again' })).toBeVisible();
  expect(seen.faults).toEqual([]);
});

test('files find their shots once the clock is put right, what departs is named, and none is thrown away', async ({
  page,
}) => {
  const seen = watch(page);
  await page.goto('/demo/ledger');
  const files = page.getByLabel('Files of shots');
  const found = page.getByRole('list', { name: 'Found their shot' });
  const beside = page.getByRole('list', { name: /^Of no shot/ });
  const none = page.getByRole('list', { name: 'Found none' });
  // made while its stand was worked at, which has no shot: it becomes one
  await files.setInputFiles(['src/demo/pictures/marl-pan.jpg', 'package.json']);
  await expect(beside).toContainText(/marl-pan\.jpg.*Marl Pan/);
  await expect(none).toContainText('is no picture that is known here');
  await page.getByRole('button', { name: 'Take 1 so' }).click();
  await expect(page.getByRole('row', { name: /Marl Pan.*, 1/ })).toContainText('f/8');

  // the picture of Amber Gap was made twenty-six minutes before its first shot
  await files.setInputFiles('src/demo/pictures/amber-gap.jpg');
  await page.getByRole('textbox', { name: /^The camera’s clock is ahead by/ }).fill('-26');
  await expect(found).toContainText(/amber-gap\.jpg.*Amber Gap.*, shot 1: f\/8, planned f\/11/s);
  await expect(page.getByText('26 min behind: as you say')).toBeVisible();
  expect(await axe(page)).toEqual([]);
  await page.getByRole('button', { name: 'Take 1 so' }).click();
  await expect(page.getByRole('row', { name: /Amber Gap.*, 1/ })).toContainText('f/8');
  await page
    .getByRole('link', { name: /^Amber Gap/ })
    .last()
    .click();
  await settled(page);
  await page.keyboard.press('6');
  const shots = page.getByRole('region', { name: 'Shots' });
  await shots.getByRole('button', { name: /^1 ·/ }).click();
  await expect(shots).toContainText('amber-gap.jpg');
  await expect(shots.locator('img')).toHaveCount(1);
  expect(seen.faults).toEqual([]);
});
