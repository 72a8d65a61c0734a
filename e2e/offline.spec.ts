import { cpSync, appendFileSync, mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { createApp } from '../server/app';
import { listen } from '../server/listen';
import { settled, slip } from './helpers';

test.use({ serviceWorkers: 'allow' });

const ready = 'Everything that Pale Seam needs is on this device';

test('what is served holds no source maps (fault 134)', () => {
  const served = readdirSync('dist/client', { recursive: true, encoding: 'utf8' });
  expect(served.filter((file) => file.endsWith('.map'))).toEqual([]);
});

test.describe('before the first visit has kept everything', () => {
  test.use({ serviceWorkers: 'block' });

  test('a page that is not here yet says so, and comes once the network is back (fault 128); what is edited there says that it is saved (fault 131)', async ({
    page,
  }) => {
    await page.goto('/demo/stands');
    await expect(page.getByRole('link', { name: /Tholl Saddle/ })).toBeVisible();
    await page.route('**/assets/bag-page*', (route) => route.abort());
    await page.getByRole('link', { name: 'Bag', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'This page is not on this device yet' })).toBeVisible();
    await page.getByRole('link', { name: 'Stands', exact: true }).click();
    await expect(page.getByRole('link', { name: /Tholl Saddle/ })).toBeVisible();
    await page.getByRole('link', { name: 'Bag', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Try again' })).toBeVisible();
    await page.unroute('**/assets/bag-page*');
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('heading', { name: 'Bag of the demo' })).toBeVisible();
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  });
});

test('after one visit everything works with the network cut', async ({ page, context }) => {
  await page.goto('/settings');
  await expect(page.getByText(ready)).toBeVisible();
  await page.reload();
  // a kept page that is damaged is not shown while the network is there
  const keptPage = (text: string | null) =>
    page.evaluate(async (put) => {
      for (const name of await caches.keys()) {
        const cache = await caches.open(name);
        for (const request of await cache.keys()) {
          if (new URL(request.url).pathname !== '/index.html') continue;
          const kept = (await cache.match(request))!;
          if (put === null) return kept.text();
          await cache.put(request, new Response(put, { headers: kept.headers }));
        }
      }
      return '';
    }, text);
  const whole = await keptPage(null);
  await keptPage(whole.slice(0, 200));
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible();
  await keptPage(whole);
  await context.setOffline(true);
  // the demo is opened for the first time with no network
  await page.goto('/demo/stands');
  await page.reload();
  // newer Chromiums forget over a load what they were to tell the page of the network: they are told again
  await context.setOffline(false);
  await context.setOffline(true);
  await expect(page.getByText('Offline', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: /Tholl Saddle/ }).click();
  await settled(page);
  await expect(slip(page)).toContainText('1 stop, soft, level');
  await expect(page.getByText('Its picture is not on this device.')).toHaveCount(0);
  // the parts that are loaded when they are asked for are there too
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: 'What to do' }).fill('bag');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Bag of the demo' })).toBeVisible();
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('textbox', { name: 'Latitude' }).fill('54');
  await page.getByRole('textbox', { name: 'Longitude' }).fill('-3');
  await expect(page.getByText(/The sun is (up, and sets|down, and rises) at \d\d:\d\d/)).toBeVisible();
  expect(await page.evaluate(() => document.fonts.check('16px "Atkinson Hyperlegible Next Variable"'))).toBe(
    true,
  );
  await page.goto('/stands');
  await page.getByRole('button', { name: 'New stand' }).click();
  await page.getByRole('button', { name: /^I meter sky and land/ }).click();
  await expect(slip(page)).toContainText('Point the camera at the land');
});

test('a newer version is offered among the stands, never in the middle of one, and taken when asked', async ({
  page,
}) => {
  const client = mkdtempSync(path.join(tmpdir(), 'client-'));
  cpSync('dist/client', client, { recursive: true });
  const listening = await listen(createApp(client), { host: '127.0.0.1', port: 0, orNext: false });
  if (!listening.ok) throw new Error(listening.message);
  const at = `http://localhost:${listening.port}`;
  await page.goto(`${at}/demo/settings`);
  await expect(page.getByText(ready)).toBeVisible();
  await page.goto(`${at}/demo/stands`);
  await page.getByRole('link', { name: /Marl Pan/ }).click();
  await settled(page);
  appendFileSync(path.join(client, 'sw.js'), '\n// a newer version\n');
  await page.evaluate(async () => {
    const registration = await navigator.serviceWorker.ready;
    await registration.update();
  });
  await expect
    .poll(() => page.evaluate(async () => !!(await navigator.serviceWorker.ready).waiting))
    .toBe(true);
  await expect(page.getByText('A newer version of Pale Seam is ready.')).toHaveCount(0);
  await page.getByRole('link', { name: 'All stands' }).click();
  await expect(page.getByText(/A newer version of Pale Seam is ready/)).toBeVisible();
  await page.evaluate('window.isOld = true');
  await page.getByRole('button', { name: 'Reload with it' }).click();
  await expect.poll(() => page.evaluate('window.isOld ?? false').catch(() => true)).toBe(false);
  await expect(page.getByRole('link', { name: /Marl Pan/ })).toBeVisible();
  await expect(page.getByText(/A newer version/)).toHaveCount(0);
  listening.server.close();
});

test('it can be installed: a manifest with its icons, all from here', async ({ page, request }) => {
  await page.goto('/stands');
  const href = await page.locator('link[rel=manifest]').getAttribute('href');
  const manifest = (await (await request.get(href!)).json()) as {
    icons: { src: string }[];
    start_url: string;
  };
  expect(manifest).toMatchObject({ name: 'Pale Seam', display: 'standalone', start_url: '/' });
  for (const { src } of manifest.icons) expect((await request.get(`/${src}`)).ok()).toBe(true);
});
