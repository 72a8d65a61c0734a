import { expect, type Page, test } from '@playwright/test';
import sharp from 'sharp';
import { axe, unfold, watch } from './helpers';

const [COLUMNS, ROWS] = [600, 400];
const EXPOSURE = (time: string) => ({
  IFD2: { ExposureTime: time, FNumber: '8/1', ISOSpeedRatings: '100', FocalLength: '24/1' },
});

/** A JPEG of linear light that a function of the place tells, three colours, with how it was exposed. */
async function jpeg(
  rgbAt: (u: number, v: number) => readonly [number, number, number],
  time?: string,
  [columns, rows] = [COLUMNS, ROWS],
): Promise<Buffer> {
  const bytes = Buffer.alloc(3 * columns * rows);
  const coded = (x: number) => (x <= 0.0031308 ? 12.92 * x : 1.055 * x ** (1 / 2.4) - 0.055);
  for (let i = 0; i < columns * rows; i++) {
    const rgb = rgbAt(((i % columns) + 0.5) / columns, (Math.floor(i / columns) + 0.5) / rows);
    rgb.forEach((x, k) => (bytes[3 * i + k] = Math.round(255 * coded(Math.min(1, x)))));
  }
  const image = sharp(bytes, { raw: { width: columns, height: rows, channels: 3 } });
  return (time ? image.withExif(EXPOSURE(time)) : image)
    .jpeg({ quality: 95, chromaSubsampling: '4:4:4' })
    .toBuffer();
}

const choose = (page: Page, label: string, name: string, buffer: Buffer) =>
  page.getByLabel(label, { exact: true }).setInputFiles({ name, mimeType: 'image/jpeg', buffer });

/** From 0 to 1 over a stretch. */
const rise = (x: number, from: number, to: number) => {
  const q = Math.min(1, Math.max(0, (x - from) / (to - from)));
  return q * q * (3 - 2 * q);
};

test('glass is measured by pictures, goes by that, and back', async ({ page }) => {
  const seen = watch(page);
  await page.goto('/demo/bag');
  // an ND by a grey card: six stops longer, and a fifth of a stop too little of that; it eats blue
  await page.getByRole('button', { name: /^ND of 6 stops/ }).click();
  const nd = page.getByRole('group', { name: /^Edit .*ND/ });
  await unfold(page, /^Measure strength and colour/);
  const card = (u: number, v: number) => 0.3 + 0.1 * u - 0.05 * v;
  await choose(
    page,
    'Picture without it',
    'card.jpg',
    await jpeg((u, v) => [card(u, v), card(u, v), card(u, v)], '1/64'),
  );
  await choose(
    page,
    'Picture through it',
    'card-nd.jpg',
    await jpeg((u, v) => {
      const x = card(u, v) * 2 ** -0.2;
      return [x, x, x * 2 ** -0.3];
    }, '1/1'),
  );
  await expect(nd).toContainText(/It takes 6\.\d\d stops, give or take 0\.\d\d: 0\.2 more than the 6\.0/);
  await expect(nd).toContainText(/takes 0\.3\d stop more of blue than of green: the picture turns warmer/);
  expect(await axe(page)).toEqual([]);
  await nd.getByRole('button', { name: 'Use 6.2 stops and the colour' }).click();
  await expect(nd).toContainText('Goes by the 6.2 stops that were measured, sold as 6.0.');
  await expect(nd.getByRole('textbox', { name: 'Measured' })).toHaveValue('6.2');
  await nd.getByRole('button', { name: 'Go by the label again' }).click();
  await expect(nd.getByRole('textbox', { name: 'Measured' })).toHaveValue('');

  // a sheet by a frame without and with it
  await page.getByRole('button', { name: /^2 stops, hard/ }).click();
  const sheet = page.getByRole('group', { name: /^Edit 2 stops/ });
  await unfold(page, /^Measure it by two pictures, without/);
  const scene = (u: number, v: number) => 0.35 + 0.15 * Math.sin(9 * u) * Math.cos(7 * v);
  const pair = (stops: (v: number) => number, time: string) =>
    jpeg((u, v) => {
      const x = scene(u, v) * 2 ** -stops(v);
      return [x, x, x];
    }, time);
  await choose(page, 'Picture without it', 'scene.jpg', await pair(() => 0, '1/60'));
  await choose(
    page,
    'Picture with it',
    'scene-grad.jpg',
    await pair((v) => 1.8 * rise(1 - v, 0.38, 0.66), '1/60'),
  );
  await expect(sheet).toContainText(
    /It takes 1\.[78]\d stops, give or take .* less than the 2\.0 that it goes by/,
  );
  await expect(sheet).toContainText('bent for the eye');
  await expect(sheet.getByRole('textbox', { name: 'Focal length' })).toHaveValue('24');
  await sheet.getByRole('button', { name: 'Use what was measured' }).click();
  await expect(sheet).toContainText(/Goes by its measured profile: 1\.[78] stops at most, sold as 2\.0/);

  // its profile by a photo of it against an even screen
  await unfold(page, /^Its profile from a photo/);
  const screen = await jpeg(
    (u, v) => {
      const isOn = u > 0.3 && u < 0.7 && v > 0.1 && v < 0.9;
      const x = 0.5 * 2 ** (0.3 * u - (isOn ? 2.1 * rise(0.9 - v, 0.36, 0.42) : 0));
      return [x, x, x];
    },
    undefined,
    [750, 562],
  );
  await choose(page, 'Photo of the sheet', 'screen.jpg', screen);
  const type = async (name: string, text: string) => {
    const field = sheet.getByRole('textbox', { name });
    await field.fill(text);
    await field.press('Tab');
  };
  for (const [name, across, down] of [
    ['Dark end, left', '30', '10'],
    ['Dark end, right', '70', '10'],
    ['Clear end, right', '70', '90'],
    ['Clear end, left', '30', '90'],
  ] as const) {
    await type(`${name}, across`, across);
    await type(`${name}, down`, down);
  }
  await expect(sheet).toContainText(
    /It takes 2\.1 stops at most, half of that 7[67]\.\d mm from its dark end/,
  );
  // a corner is stepped by keys and dragged, and the figures follow
  const corner = sheet.getByRole('button', { name: /^Clear end, left/ });
  await corner.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(sheet.getByRole('textbox', { name: 'Clear end, left, across' })).toHaveValue('29.6');
  await corner.scrollIntoViewIfNeeded();
  const at = (await corner.boundingBox())!;
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2 + 20, at.y + at.height / 2 - 20, { steps: 4 });
  await page.mouse.up();
  await expect(sheet.getByRole('textbox', { name: 'Clear end, left, across' })).not.toHaveValue('29.6');
  await corner.focus();
  expect(await axe(page)).toEqual([]);
  await type('Clear end, left, across', '30');
  await type('Clear end, left, down', '90');
  await sheet.getByRole('button', { name: 'Use this profile' }).click();
  await expect(sheet).toContainText('Goes by its measured profile: 2.1 stops at most');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
  await sheet.getByRole('button', { name: 'Go by the label again' }).click();
  await expect(sheet).not.toContainText('Goes by');
  // what is no picture is refused by name, and nothing changes
  await choose(page, 'Photo of the sheet', 'notes.txt', Buffer.from('no picture'));
  await expect(sheet.getByRole('alert')).toContainText('“notes.txt” is no picture');
  expect(seen.faults).toEqual([]);
});
