import { expect, type Page, test } from '@playwright/test';
import { axe, openDemo, slip, unfold, watch } from './helpers';

/** From an empty stand to a closed exposure, and the countdown under clocks that are set. */

const START = new Date('2026-06-01T18:00:00');
const timer = (page: Page) => page.getByRole('timer', { name: 'Time left' });
const shortly = (page: Page) => page.getByRole('region', { name: 'Exposure' });

/** What a countdown shows, s; below 0 it is over. */
function secondsOf(text: string): number {
  const seconds = text
    .replace('+', '')
    .split(':')
    .reduce((sum, part) => 60 * sum + Number(part), 0);
  return text.startsWith('+') ? -seconds : seconds;
}

test.beforeEach(({ page }) => page.clock.install({ time: START }));

test.describe('by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('an empty stand, one reading, a wanted time, its glass, and the shutter opened and closed', async ({
    page,
  }) => {
    const seen = watch(page);
    const press = (name: string | RegExp) => page.getByRole('button', { name }).first().tap();
    await page.goto('/');
    await press('New stand');
    await press(/^I only want a time/);
    await page.getByRole('button', { name: 'Type' }).press('Enter');
    await page.getByRole('textbox', { name: 'Shutter of the camera reading' }).fill('1/15');
    await press('Take it');
    await press(/^Expose/);
    const column = page.getByRole('region', { name: 'The time, added up' });
    await expect(column).toContainText('as the camera read it at f/11, ISO 100');

    // what glass for this time: ten stops make it
    await page.getByRole('textbox', { name: 'About' }).fill('1:00');
    await page.getByRole('textbox', { name: 'About' }).press('Enter');
    const ways = page.getByRole('list', { name: 'Ways to that time, best first' });
    await expect(ways.getByRole('button').first()).toContainText('ND of 10 stops, f/11');
    await ways.getByRole('button').first().tap();
    await expect(ways.getByRole('button').first()).toHaveAttribute('aria-pressed', 'true');
    await expect(column).toContainText(/ND of 10 stops.*\+10\.0.*1 min 4 s/s);
    await expect(slip(page)).toContainText('f/11, bulb 1:04, ISO 100');
    expect(await axe(page)).toEqual([]);

    // what has to be done first stands large, and going on implies the ones before
    const list = page.getByRole('region', { name: 'At the tripod' });
    await expect(list).toContainText('Compose by hand');
    await press('Done');
    await expect(list).toContainText('Tripod, and level it');

    await press('Open for 1 min 4 s');
    await expect(shortly(page)).toContainText('the camera’s own timer');
    await expect(shortly(page).getByRole('button')).toHaveCount(1);
    expect(await axe(page)).toEqual([]);
    await page.clock.fastForward(30_000);
    await expect(timer(page)).toHaveText(/^0:\d\d$/);
    await expect(shortly(page)).toContainText(/if closed now: \d\.\d too dark/);
    await page.clock.fastForward(60_000);
    await expect(shortly(page)).toContainText('over: close it');
    await expect(timer(page)).toHaveText(/^\+/);
    await press('Closed');
    await expect(
      page.getByRole('status').filter({ hasText: /^Open for .*planned 1 min 4 s: .* over\.$/ }),
    ).toBeVisible();
    await expect(column).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    expect(seen.faults).toEqual([]);
  });
});

test('the countdown holds through a clock that is set back and forward, a reload, and a second tab', async ({
  page,
  context,
}) => {
  await openDemo(page, 'vann-snowfield');
  await page.locator('body').press('5');
  await unfold(page, /Every ND of the pouch/);
  await page.getByRole('button', { name: /ND of 10 stops$/ }).click();
  await page.getByRole('button', { name: 'Open for 1 min 4 s' }).click();
  // each time at least what was passed on purpose is gone, and no hour
  let left = Infinity;
  const goesOn = async (tab: Page, bySeconds: number) => {
    await expect(timer(tab)).toBeVisible();
    const now = secondsOf(await timer(tab).innerText());
    expect(left - now).toBeGreaterThanOrEqual(bySeconds);
    expect(Math.abs(now)).toBeLessThan(1800);
    left = now;
  };
  await page.clock.fastForward(3000);
  await expect(shortly(page)).toContainText('left of 1 min 4 s');
  await goesOn(page, 0);
  await page.clock.fastForward(12_000);
  await goesOn(page, 12);

  // the device's clock goes back an hour, and ahead two: the count goes on
  await page.clock.setSystemTime(new Date(START.getTime() - 3_600_000));
  await page.clock.fastForward(4000);
  await goesOn(page, 4);
  await page.clock.setSystemTime(new Date(START.getTime() + 3_600_000));
  await page.clock.fastForward(4000);
  await goesOn(page, 4);
  // and says that it did, and that it can be taken for sleep
  await expect(page.getByRole('button', { name: 'It was sleep: count it' })).toBeVisible();

  await page.reload();
  await goesOn(page, 0);

  const second = await context.newPage();
  await second.goto(page.url());
  await goesOn(second, 0);
  await second.getByRole('button', { name: 'Closed' }).click();
  await unfold(second, /1 exposure made here/);
  await expect(second.getByText(/^Open for .*planned 1 min 4 s/)).toBeVisible();
  await expect(timer(page)).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Open for/ })).toBeVisible();
});

test('the hour is drawn, told and listed, and a sheet can be fitted for a moment of it', async ({ page }) => {
  await openDemo(page, 'marl-pan');
  await page.locator('body').press('5');
  const hour = page.getByRole('region', { name: /The hour after it was read/ });
  await expect(hour.getByRole('figure')).toBeVisible();
  const fit = hour.getByRole('button', { name: /^Fit now for/ }).first();
  await expect(fit).toBeVisible();
  const clock = (await fit.innerText()).replace('Fit now for ', '');
  await unfold(page, /The hour in figures/);
  await expect(hour.getByRole('row')).toHaveCount(14);
  await fit.click();
  await expect(slip(page)).toContainText(`fitted for ${clock}, by the forecast of the light`);
  expect(await axe(page)).toEqual([]);
});
