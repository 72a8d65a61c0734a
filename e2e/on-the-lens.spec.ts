import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { axe, settled, unfold, watch } from './helpers';

interface File {
  readonly stand: Record<string, unknown> & { readonly look: object; readonly lens: object };
  readonly bag: { readonly filters: readonly object[] };
}

/** A stand with a pair of sheets and a square polariser behind it, the sun known, at the wide end of a zoom. */
function standFile(): Buffer {
  const { stand, bag, ...envelope } = JSON.parse(
    readFileSync('src/demo/hesk-terraces.paleseam.json', 'utf8'),
  ) as File;
  const { picture: _, ...drawn } = stand;
  const square = { id: 'square', kind: 'polariser', baseLossStops: 1.5, name: 'square polariser' };
  const file = {
    ...envelope,
    stand: {
      ...drawn,
      id: 'shared-turn',
      name: 'Shared turn',
      fitted: [{ filterId: 'square' }],
      choice: { filterIds: ['hard-2', 'soft-1'], offsetMm: 0, turnDeg: 6 },
      look: { ...stand.look, sunAzimuthDeg: 300, viewAzimuthDeg: 20, sunAltitudeDeg: 25 },
    },
    bag: { ...bag, slots: 3, filters: [...bag.filters, square] },
  };
  return Buffer.from(JSON.stringify(file));
}

test('a second sheet, a turn that two share, a zoom’s pupil and what goes on what', async ({ page }) => {
  const seen = watch(page);
  await page.goto('/stands');
  await page.locator('input[type=file]').first().setInputFiles({
    name: 'shared-turn.paleseam.json',
    mimeType: 'application/json',
    buffer: standFile(),
  });
  await settled(page);

  await page.keyboard.press('4');
  const second = page.getByRole('region', { name: 'Second sheet by itself' });
  await second.getByRole('button', { name: 'Second sheet higher by half a millimetre' }).click();
  await expect(second.getByRole('textbox')).toHaveValue('0.5');
  await second.getByRole('button', { name: 'Both at one seat again' }).click();
  await expect(second.getByRole('textbox')).toHaveValue('0');
  const shared = page.getByRole('region', { name: 'The turn that grad and polariser share' });
  await expect(shared.getByRole('img', { name: /by the turn of the holder/ })).toBeVisible();
  const between = shared.getByRole('button', { name: /^Turn it between: / });
  const turn = (await between.innerText()).replace(/^.*: /, '');
  await between.click();
  await expect(between).toHaveCount(0);
  await expect(shared.getByRole('status')).toContainText(`Between them, ${turn}`);
  expect(await axe(page)).toEqual([]);

  await page.keyboard.press('1');
  await unfold(page, /^Camera and lens/);
  await unfold(page, /^Pupil to filter/);
  await page.getByRole('textbox', { name: /^Sheet slid by/ }).fill('10');
  await page.getByRole('textbox', { name: /^Seam moved by/ }).fill('20');
  await page.getByRole('textbox', { name: /^Seam moved by/ }).press('Tab');
  await page.getByRole('button', { name: /^Take \d+(\.\d)? mm for this lens/ }).click();
  await expect(page.getByText(/ mm at 35, measured$/)).toBeVisible();
  await page.getByRole('button', { name: 'Forget what was measured' }).click();
  await expect(page.getByText(/ mm at 35, measured$/)).toHaveCount(0);

  await page.goto('/demo/bag');
  const fits = page.getByRole('table', { name: /corners lose, by lens and holder/ });
  await expect(fits.getByRole('row', { name: /^14, bulging front/ })).toContainText('not its holder');
  await expect(fits.getByRole('row', { name: /^16 to 35 mm/ })).toContainText('rings not known');
  await expect(fits.getByRole('cell', { name: /clear|black|stop/ }).first()).toBeVisible();
  expect(seen.faults).toEqual([]);
});
