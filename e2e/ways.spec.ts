import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { axe, settled, slip, watch } from './helpers';

/** The ways into a stand that need no metering of both sides: their taps, and what the slip says after them. */

const marks = (page: Page) => page.getByRole('group', { name: /Mark of the camera reading/ });

// the pad's guess goes by the hour
test.beforeEach(({ page }) => page.clock.setFixedTime(new Date('2026-06-01T12:00:00')));

test.describe('by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('a sheet on, one reading and an ND are seven taps at most, and each says what it does', async ({
    page,
  }) => {
    const seen = watch(page);
    await page.goto('/');
    let taps = 0;
    const tap = async (name: string | RegExp) => {
      taps++;
      await page.getByRole('button', { name }).first().tap();
    };
    await tap('New stand');
    await expect(page.getByRole('heading', { name: 'How do you begin?' })).toBeVisible();
    expect(await axe(page)).toEqual([]);
    await tap(/^A sheet is on already/);
    await tap('2 stops, hard');
    await expect(slip(page)).toContainText('2 stops, hard, level');
    await expect(slip(page)).toContainText(/Along the skyline, \d+ % down/);
    await expect(slip(page)).toContainText('let the camera read through it');
    const mark = marks(page).getByRole('button').nth(3);
    const time = (await mark.innerText()).split('\n')[0]!.replace(' s', '');
    taps++;
    await mark.tap();
    await expect(slip(page)).toContainText(`f/11, ${time} s, ISO 100`);
    await expect(slip(page)).toContainText('as the camera read it, through 2 stops, hard');
    await tap(/s\s*ND of 6 stops$/);
    await expect(slip(page)).toContainText('6 stops of glass put on since');
    expect(taps).toBeLessThanOrEqual(7);
    // the ND stands nearest the lens
    await expect(slip(page)).toContainText('from the lens outwards: ND of 6 stops · 2 stops, hard');
    expect(await axe(page)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    expect(seen.faults).toEqual([]);
  });

  test('only a time: one reading, and every ND’s time that one will wait for, the longest first', async ({
    page,
  }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New stand' }).tap();
    await page.getByRole('button', { name: /^I only want a time/ }).tap();
    await marks(page).getByRole('button', { name: 'Type' }).tap();
    await page.getByRole('textbox', { name: 'Shutter of the camera reading' }).fill('4');
    await page.getByRole('button', { name: 'Take it' }).tap();
    await expect(slip(page)).toContainText('f/11, 1/4 s, ISO 100');
    const times = page.getByRole('region', { name: 'Times through glass' }).getByRole('listitem');
    await expect(times.first()).toContainText('15 s');
    await page.getByText('8 min', { exact: true }).tap();
    await expect(times.first()).toContainText('4 min 16 s');
  });
});

test('a sheet on, one reading and an ND go by keyboard at a desk, and so does only a time', async ({
  page,
}) => {
  const press = (name: string | RegExp) => page.getByRole('button', { name }).first().press('Enter');
  const typed = async (time: string) => {
    await page.getByRole('button', { name: 'Type' }).press('Enter');
    await page.getByRole('textbox', { name: /^Shutter/ }).fill(time);
    await page.getByRole('button', { name: 'Take it' }).press('Enter');
  };
  await page.goto('/');
  await press('New stand');
  await press(/^A sheet is on already/);
  await press('2 stops, hard');
  await typed('15');
  await expect(slip(page)).toContainText('2 stops, hard');
  await expect(slip(page)).toContainText('f/11, 1/15 s, ISO 100');
  await press(/s\s*ND of 6 stops$/);
  await expect(slip(page)).toContainText('f/11, 4 s, ISO 100');
  await page.goto('/');
  await press('New stand');
  await press(/^I only want a time/);
  await typed('30');
  await expect(slip(page)).toContainText('f/11, 1/30 s, ISO 100');
});

test('one picture and one figure make the whole slip, at a desk and by keyboard', async ({ page }) => {
  const seen = watch(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'New stand' }).press('Enter');
  await page.getByRole('button', { name: /^I have a picture/ }).press('Enter');
  await page.getByLabel('Picture of the frame', { exact: true }).setInputFiles({
    name: 'first.jpg',
    mimeType: 'image/jpeg',
    buffer: readFileSync('src/demo/pictures/sarrat-dune.jpg'),
  });
  await page.getByRole('button', { name: 'Use it' }).press('Enter');
  const camera = page.getByRole('region', { name: 'What the camera shows' });
  await camera.getByRole('button', { name: 'Type' }).press('Enter');
  await page.getByRole('textbox', { name: /^Shutter of the land/ }).fill('60');
  await page.getByRole('button', { name: 'Take it' }).press('Enter');
  await settled(page);
  await expect(slip(page)).toContainText(/stops?, .*(level|turned).*takes \d\.\d of \d\.\d/);
  await expect(slip(page)).toContainText('f/11, 1/60 s, ISO 100');
  await expect(camera).toContainText('follows the one time that your camera showed');
  expect(seen.faults).toEqual([]);
});
