import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import sharp from 'sharp';
import { unzipSync } from 'fflate';
import { axe, fromHeader, openDemo, slip, watch } from './helpers';

/** What is on each page of a document, and its size in points, by a reader that knows nothing of ours. */
async function pagesOf(bytes: Uint8Array) {
  const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: pdf.numPages }, async (_, i) => {
      const page = await pdf.getPage(i + 1);
      const { width, height } = page.getViewport({ scale: 1 });
      const { items } = await page.getTextContent();
      const text = items.map((item) => ('str' in item ? item.str : '')).join(' ');
      return { size: [Math.round(width), Math.round(height)], text: text.replace(/\s+/g, ' ') };
    }),
  );
}

async function saved(page: Page, button: string) {
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: button }).click();
  const file = await download;
  return { name: file.suggestedFilename(), bytes: readFileSync(await file.path()) };
}

const pages = (page: Page) => page.getByRole('list', { name: 'Pages' }).getByRole('img');

test('the card of a stand is looked at, printed and saved', async ({ page }) => {
  const seen = watch(page);
  await openDemo(page, 'hesk-terraces');
  const [glass, seat, expose] = await slip(page).locator('.font-semibold').allInnerTexts();
  await fromHeader(page, 'Card to print');
  await page.getByRole('radio', { name: 'A6' }).click();
  await expect(pages(page)).toHaveCount(1);
  await expect(pages(page)).toHaveAccessibleName('Hesk Terraces, after rain, page 1 of 1, A6');
  expect(await axe(page)).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);

  const pdf = await saved(page, 'Save as PDF');
  expect(pdf.name).toBe('hesk-terraces-after-rain.pdf');
  const [only, ...more] = await pagesOf(pdf.bytes);
  expect(more).toEqual([]);
  expect(only!.size).toEqual([298, 420]);
  for (const text of [glass!, seat!, expose!, 'Without any ND', 'Tripod, and level it', 'no solar filters'])
    expect(only!.text).toContain(text);
  expect(only!.text).toMatch(/\d(?:\.5)? mm/);

  // what a printer gets: the same page, and nothing else of what is on the screen
  const printed = await pagesOf(await page.pdf({ preferCSSPageSize: true, printBackground: true }));
  expect(printed).toHaveLength(1);
  expect(Math.abs(printed[0]!.size[0]! - 298)).toBeLessThanOrEqual(1);
  expect(printed[0]!.text).toContain(glass!);
  expect(printed[0]!.text).not.toContain('Save as PDF');

  // 200 dots to the inch; the seam's own straw is where the picture is
  const png = await saved(page, 'Save as PNG');
  const { data, info } = await sharp(png.bytes).removeAlpha().raw().toBuffer({ resolveWithObject: true });
  expect([info.width, info.height]).toEqual([827, 1165]);
  const straws = Array.from({ length: data.length / 3 }, (_, i) => i).filter(
    (i) => data[3 * i] === 0xef && data[3 * i + 1] === 0xe3 && data[3 * i + 2] === 0xa6,
  );
  expect(straws.length).toBeGreaterThan(200);
  expect(Math.max(...straws) / info.width / info.height).toBeLessThan(0.4);
  expect(seen.faults).toEqual([]);
});

test('cards of several stands go four to a page, or a page each', async ({ page }) => {
  await page.goto('/demo/stands');
  await page.getByRole('button', { name: 'Choose several' }).click();
  await page.getByRole('button', { name: 'All', exact: true }).click();
  await page.getByRole('button', { name: 'Cards' }).click();
  await page.getByRole('radio', { name: 'A4' }).click();
  await expect(pages(page)).toHaveCount(2);
  const four = await pagesOf((await saved(page, 'Save as PDF')).bytes);
  expect(four.map((p) => p.size)).toEqual([
    [595, 842],
    [595, 842],
  ]);
  for (const name of ['Marl Pan', 'Tholl Saddle', 'Vann Snowfield'])
    expect(four.map((p) => p.text).join(' ')).toContain(name);
  await page.getByRole('checkbox', { name: /^Four to a page/ }).uncheck();
  await expect(pages(page)).toHaveCount(7);
  const { name, bytes } = await saved(page, 'Save as PNG');
  expect(name).toBe('7-cards.zip');
  expect(Object.keys(unzipSync(new Uint8Array(bytes)))).toHaveLength(7);
});
