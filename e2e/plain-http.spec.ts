import { expect, test } from '@playwright/test';
import config from '../playwright.config';
import { settled, slip } from './helpers';

/** A name of this machine that the browser does not take for it: as a phone on the local network sees it. */
const HOST = 'march.test';

test.use({
  launchOptions: {
    ...config.use?.launchOptions,
    args: [...(config.use?.launchOptions?.args ?? []), `--host-resolver-rules=MAP ${HOST} 127.0.0.1`],
  },
});

test('over plain HTTP it works, and says once what is missing', async ({ page, baseURL }) => {
  const at = baseURL!.replace('localhost', HOST);
  await page.goto(`${at}/demo/stands`);
  expect(await page.evaluate(() => isSecureContext)).toBe(false);
  await expect(page.getByText(/This page came over plain HTTP/)).toBeVisible();
  await page.getByRole('button', { name: 'Understood' }).click();
  await page.reload();
  await page.getByRole('link', { name: /Tholl Saddle/ }).click();
  await settled(page);
  await expect(page.getByText(/This page came over plain HTTP/)).toHaveCount(0);
  await expect(slip(page)).toContainText('1 stop, soft, level');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await expect(page.getByRole('menuitem', { name: 'Share the slip' })).toHaveCount(0);
  await page.getByRole('menuitem', { name: 'Copy the slip' }).click();
  await expect(page.getByText('Copying is not possible here.')).toBeVisible();
  await expect(page.getByText(/Tholl Saddle, side light: 1 stop, soft/)).toBeVisible();
  await page.goto(`${at}/settings`);
  await expect(page.getByText(/copying, sharing and a screen that stays on are missing/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Where I am' })).toHaveCount(0);
});
