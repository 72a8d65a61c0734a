import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { fromMenu, openDemo, settled, slip } from './helpers';

const name = (page: Page) => page.getByLabel('Name of the stand');
const saved = (page: Page) => expect(page.getByText('Saved', { exact: true })).toBeVisible();

async function begin(page: Page, called: string): Promise<string> {
  await page.goto('/stands');
  await page.getByRole('button', { name: 'New stand' }).click();
  await page.getByRole('button', { name: /^I meter sky and land/ }).click();
  await name(page).fill(called);
  await saved(page);
  return page.url();
}

test('two tabs on one stand: each shows what the other writes, and a clash keeps both', async ({
  context,
}) => {
  const [a, b, deaf] = [await context.newPage(), await context.newPage(), await context.newPage()];
  const address = await begin(a, 'Amber Gap');
  await b.goto(address);
  await expect(name(b)).toHaveValue('Amber Gap');
  await name(a).fill('Amber Gap, evening');
  await expect(name(b)).toHaveValue('Amber Gap, evening');

  // a tab that hears nothing of the others writes over nothing of theirs
  await deaf.addInitScript(() => Reflect.deleteProperty(window, 'BroadcastChannel'));
  await deaf.goto(address);
  await expect(name(deaf)).toHaveValue('Amber Gap, evening');
  await name(a).fill('Amber Gap, dusk');
  await saved(a);
  await name(deaf).fill('Amber Gap, dawn');
  await expect(deaf.getByText(/Both versions are kept/)).toBeVisible();
  await deaf.goto('/stands');
  const list = deaf.getByRole('list', { name: 'Stands' });
  await expect(list).toContainText('Amber Gap, dusk');
  await expect(list).toContainText('(other tab)');
});

test('a storage that is full is told, and nothing is lost when there is room again', async ({ page }) => {
  await page.addInitScript(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (...args) {
      if ((window as unknown as { full?: boolean }).full)
        throw new DOMException('no room', 'QuotaExceededError');
      return put.apply(this, args);
    };
  });
  const address = await begin(page, 'Hesk Terraces');
  await page.evaluate('window.full = true');
  await name(page).fill('Hesk Terraces, rain');
  await expect(page.getByRole('alert')).toContainText('The browser’s storage is full');
  await expect(page.getByText('Not saved', { exact: true })).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save everything to a file' }).click(),
  ]);
  expect(readFileSync(await file.path(), 'utf8')).toContain('Hesk Terraces, rain');
  await page.evaluate('window.full = false');
  await page.getByRole('button', { name: 'Try again' }).click();
  await saved(page);
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.goto(address);
  await expect(name(page)).toHaveValue('Hesk Terraces, rain');
});

test('a browser that keeps nothing is worked with, and says so', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('denied', 'SecurityError');
    };
    Object.defineProperty(window, 'localStorage', {
      get: () => {
        throw new DOMException('denied', 'SecurityError');
      },
    });
  });
  await page.goto('/');
  await expect(page.getByRole('alert')).toContainText('This browser keeps nothing for this page');
  await page.getByRole('button', { name: 'New stand' }).click();
  await page.getByRole('button', { name: /^I meter sky and land/ }).click();
  for (const ev of ['9', '12']) {
    await page.getByRole('radio', { name: 'EV' }).click();
    await page.getByRole('textbox', { name: 'EV at ISO 100' }).fill(ev);
    await page.keyboard.press('Enter');
  }
  await expect(slip(page)).toContainText('2 stops, hard');
  await page.getByRole('link', { name: 'Settings' }).click();
  await expect(page.getByText('This browser keeps nothing for this page: what you do is gone')).toBeVisible();
});

test('a database of the first version is opened with everything in it', async ({ page }) => {
  const { stand } = JSON.parse(readFileSync('src/demo/vann-snowfield.paleseam.json', 'utf8')) as {
    stand: object;
  };
  await page.goto('/healthz');
  await page.evaluate(
    (kept) =>
      new Promise<void>((resolve) => {
        const request = indexedDB.open('pale-seam', 1);
        request.onupgradeneeded = () => {
          request.result.createObjectStore('stands', { keyPath: 'id' }).put(kept);
          request.result.createObjectStore('bag');
        };
        request.onsuccess = () => {
          request.result.close();
          resolve();
        };
      }),
    {
      id: 'vann-snowfield',
      revision: 3,
      updatedAt: '2026-11-01T06:00:00Z',
      document: { stand: { ...stand, id: 'vann-snowfield' }, bag: null, used: [], minor: 1 },
    },
  );
  await page.goto('/stands');
  await page.getByRole('link', { name: /Vann Snowfield/ }).click();
  await settled(page);
  await name(page).fill('Vann Snowfield, later');
  await saved(page);
  await page.reload();
  await expect(name(page)).toHaveValue('Vann Snowfield, later');
});

test('a database of a newer version is left alone', async ({ page }) => {
  await page.goto('/healthz');
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const request = indexedDB.open('pale-seam', 99);
        request.onupgradeneeded = () => request.result.createObjectStore('later').put('precious', 'k');
        request.onsuccess = () => {
          request.result.close();
          resolve();
        };
      }),
  );
  await page.goto('/stands');
  await expect(page.getByRole('alert')).toContainText('last saved by a newer Pale Seam');
  await expect(page.getByRole('alert')).toContainText('Nothing has been changed');
});

test('everything goes into one file and comes back from it elsewhere, with a report', async ({
  page,
  browser,
}) => {
  await begin(page, 'Quill Rim');
  await page.goto('/settings');
  await expect(page.getByText('No backup has been made yet.')).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Back up everything to a file' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/^pale-seam-\d{4}-\d\d-\d\d\.backup\.paleseam\.json$/);
  await expect(page.getByText(/The last backup was made just now/)).toBeVisible();
  const file = {
    name: 'all.json',
    mimeType: 'application/json',
    buffer: readFileSync(await download.path()),
  };

  const other = await browser.newContext();
  const elsewhere = await other.newPage();
  await elsewhere.goto('/settings');
  const input = elsewhere.getByLabel('Backup file to bring in');
  await input.setInputFiles(file);
  await expect(elsewhere.getByText('Stands: 1 added (Quill Rim).')).toBeVisible();
  await input.setInputFiles(file);
  await expect(elsewhere.getByText('Stands: 1 here already.')).toBeVisible();
  await input.setInputFiles({
    ...file,
    buffer: Buffer.from(file.buffer.toString().replace('"Quill Rim"', '7')),
  });
  // a bad stand loses itself, named, and its text can be saved
  await expect(elsewhere.getByRole('alert')).toContainText('One thing in it is not as it should be');
  await expect(elsewhere.getByRole('alert')).toContainText('stands[0].stand.name');
  const [alone] = await Promise.all([
    elsewhere.waitForEvent('download'),
    elsewhere.getByRole('button', { name: 'Save it by itself' }).click(),
  ]);
  expect(readFileSync(await alone.path(), 'utf8')).toContain('"name": 7');
  await elsewhere.getByRole('link', { name: 'Stands' }).click();
  await elsewhere.getByRole('link', { name: /Quill Rim/ }).click();
  await name(elsewhere).fill('Quill Rim, fog');
  await expect(elsewhere.getByText('Saved', { exact: true })).toBeVisible();
  // a backup may be dropped among the stands too
  await elsewhere.goto('/stands');
  await elsewhere.getByLabel('Stand files to open').setInputFiles(file);
  await expect(elsewhere.getByText(/1 in conflict \(Quill Rim\), kept beside yours/)).toBeVisible();
  await expect(elsewhere.getByRole('list', { name: 'Stands' }).getByRole('listitem')).toHaveCount(2);
  await other.close();
});

test('an old backup is reminded of, and not again within the week', async ({ page }) => {
  await page.goto('/stands');
  await page.getByLabel('Stand files to open').setInputFiles('src/demo/vann-snowfield.paleseam.json');
  await settled(page);
  await expect(page.getByText(/the last backup is old/)).toHaveCount(0);
  await page.goto('/stands');
  await expect(page.getByText(/the last backup is old or was never made/)).toBeVisible();
  await page.getByRole('button', { name: 'Not this week' }).click();
  await expect(page.getByText(/the last backup is old/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('link', { name: /Vann/ })).toBeVisible();
  await expect(page.getByText(/the last backup is old/)).toHaveCount(0);
});

test('a screen that fails says what is safe, and the way to the others stays', async ({ page }) => {
  await page.route(/settings-page.*\.js/, (route) =>
    route.fulfill({
      contentType: 'text/javascript',
      body: 'const SettingsPage = () => { throw new Error("planted"); }; export { SettingsPage };',
    }),
  );
  await openDemo(page, 'marl-pan');
  await page.getByRole('link', { name: 'Settings' }).click();
  const alert = page.getByRole('alert');
  await expect(alert).toContainText('This screen has failed');
  await expect(alert).toContainText('every change was saved as it was made');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    alert.getByRole('button', { name: 'Save everything to a file' }).click(),
  ]);
  expect(readFileSync(await file.path(), 'utf8')).toContain('Marl Pan');
  await page.getByRole('link', { name: 'Stands' }).click();
  await expect(page.getByRole('link', { name: /Marl Pan/ })).toBeVisible();
});

test('forty stands are searched, sorted, put away and gone on from', async ({ page }) => {
  await page.goto('/stands');
  const base = readFileSync('src/demo/tholl-saddle.paleseam.json', 'utf8');
  const files = Array.from({ length: 40 }, (_, i) => ({
    name: `s${i}.json`,
    mimeType: 'application/json',
    buffer: Buffer.from(
      base
        .replace('"id": "tholl-saddle"', `"id": "s${i}"`)
        .replace(
          /"name": "Tholl Saddle[^"]*"/,
          `"name": "Stand ${i + 1} on the long way round the terraces by the old wall"`,
        ),
    ),
  }));
  await page.getByLabel('Stand files to open').setInputFiles(files);
  const rows = page.getByRole('list', { name: 'Stands' }).getByRole('listitem');
  await expect(rows.first()).toHaveAttribute('aria-setsize', '40');
  await page.reload();
  const slip = '1 stop, soft, level; 27.5 mm above the rail; f/11, 1/15 s, ISO 100';
  await expect(rows.first()).toContainText(slip);
  // rows are made as they come into sight
  expect(await rows.count()).toBeLessThan(20);
  const toTheEnd = async () => {
    await rows.last().scrollIntoViewIfNeeded();
    return rows.last().getAttribute('aria-posinset');
  };
  await expect.poll(toTheEnd).toBe('40');
  await expect(rows.last()).toContainText(slip);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
  await page.getByRole('combobox', { name: 'Order' }).selectOption('name');
  await expect(rows.last()).toContainText('Stand 40 on');
  await page.getByRole('searchbox', { name: 'Search stands' }).fill('stand 17 wall');
  await expect(rows).toHaveCount(1);
  await fromMenu(page, 'More about Stand 17 on the long way round the terraces by the old wall', 'Archive');
  await expect(page.getByText('No stand here answers to “stand 17 wall”.')).toBeVisible();
  await page.getByRole('button', { name: 'Archive (1)' }).click();
  await expect(page.getByRole('list', { name: 'Archived stands' })).toContainText('Stand 17');
  await page.getByRole('button', { name: 'Back to those in use' }).click();
  await page.getByRole('searchbox', { name: 'Search stands' }).fill('');
  await fromMenu(
    page,
    'More about Stand 3 on the long way round the terraces by the old wall',
    'Next stand from here',
  );
  await settled(page);
  await expect(name(page)).toHaveValue('Stand 3 on the long way round the terraces by the old wall (2)');
  await expect(page.getByText(/^Assumed: .*skyline/)).toHaveCount(0);
  await page.keyboard.press('2');
  await expect(page.getByText('Assumed: the skyline of the stand before.')).toBeVisible();
});
