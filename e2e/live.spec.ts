import { mkdtempSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import sharp from 'sharp';
import { simulatedPhoto } from '../src/testing/simulated-photo';
import config from '../playwright.config';
import { settled, slip, watch } from './helpers';

const capture = path.join(mkdtempSync(path.join(os.tmpdir(), 'pale-seam-')), 'scene.mjpeg');

test.use({
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  permissions: ['camera'],
  launchOptions: {
    ...config.use!.launchOptions,
    args: [
      ...config.use!.launchOptions!.args!,
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${capture}`,
    ],
  },
});

test.beforeAll(async () => {
  const { columns, rows, rgb } = simulatedPhoto({ landscape: 'dunes', seed: 4, columns: 960 });
  const frame = await sharp(rgb, { raw: { width: columns, height: rows, channels: 3 } })
    .jpeg({ progressive: false })
    .toBuffer();
  writeFileSync(capture, Buffer.concat([frame, frame]));
});

test('the live camera gives the picture, its skyline and one time the whole slip, in three taps and a figure', async ({
  page,
}) => {
  const seen = watch(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'New stand' }).tap();
  await page.getByRole('button', { name: /^I have a picture/ }).tap();
  let taps = 0;
  const tap = async (name: string | RegExp) => {
    taps++;
    await page.getByRole('button', { name }).tap();
  };
  await tap('Live');
  await expect(page.getByRole('button', { name: 'Take this' })).toBeEnabled();
  await tap('Take this');
  await tap('Use it');
  const camera = page.getByRole('region', { name: 'What the camera shows' });
  await camera
    .getByRole('group', { name: /^Mark of the land/ })
    .getByRole('button')
    .nth(3)
    .tap();
  await settled(page);
  expect(taps).toBe(3);
  await expect(slip(page)).toContainText(/takes \d\.\d of \d\.\d/);
  await expect(slip(page)).toContainText(/f\/\d/);
  await expect(camera).toContainText('follows the one time that your camera showed');
  // the camera is let go once the picture is taken
  expect(await page.locator('video').count()).toBe(0);
  expect(seen.faults).toEqual([]);
});
