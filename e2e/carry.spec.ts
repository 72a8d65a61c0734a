import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import jsQR from 'jsqr';
import sharp from 'sharp';
import { axe, fromHeader, openDemo, settled, slip, watch } from './helpers';

/** What a code in a picture says, by a reader that knows nothing of ours. */
async function codeIn(png: Buffer): Promise<string> {
  const { data, info } = await sharp(png).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return jsQR(new Uint8ClampedArray(data), info.width, info.height)!.data;
}

/** Glass and exposure; where the line lies is told by the picture too, which is not carried. */
const answers = async (page: Page) => {
  const [glass, , expose] = await slip(page).locator('.font-semibold').allInnerTexts();
  return [glass, expose];
};

test('a stand is carried by a code that another device photographs', async ({ browser }) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  const seen = watch(page);
  await openDemo(page, 'tholl-saddle');
  const here = await answers(page);
  await fromHeader(page, 'Carry to another device');
  const dialog = page.getByRole('dialog', { name: 'Carry to another device' });
  await expect(dialog).toContainText('It goes without its picture');
  expect(await axe(page)).toEqual([]);
  const link = await dialog.getByRole('textbox').inputValue();
  // as it stands on the screen, and as it is saved
  const code = dialog.getByRole('img', { name: /^Code that opens/ });
  await code.scrollIntoViewIfNeeded();
  expect(await codeIn(await code.screenshot({ scale: 'device' }))).toBe(link);
  const download = page.waitForEvent('download');
  await dialog.getByRole('button', { name: 'Save the code as a picture' }).click();
  expect(await codeIn(readFileSync(await (await download).path()))).toBe(link);
  expect(seen.faults).toEqual([]);
  await context.close();

  const other = await browser.newContext();
  const there = await other.newPage();
  await there.goto(link);
  await expect(there.getByRole('heading', { name: /Tholl Saddle.* is carried here/ })).toBeVisible();
  expect(await axe(there)).toEqual([]);
  await there.getByRole('button', { name: 'Open it here' }).click();
  await settled(there);
  expect(await answers(there)).toEqual(here);
  // a link that was cut brings nothing, and says so
  await there.goto(link.slice(0, -40));
  await expect(there.getByRole('alert')).toContainText('cut short or changed');
  await other.close();
});
