import { type Page, test } from '@playwright/test';
import { clickFrame, settled } from './helpers';

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const stand = (name: RegExp, step: string) => async (page: Page) => {
  await page.getByRole('link', { name }).click();
  await settled(page);
  await page.locator('body').press(step);
};

async function working(page: Page): Promise<void> {
  await stand(/Tholl Saddle/, '3')(page);
  await page.getByRole('button', { name: /mm above the rail/ }).click();
  await page.getByRole('list', { name: 'The other looks' }).waitFor();
  await page.locator('#open-step').evaluate((step) => step.scrollTo(0, 760));
}

const newStand = (page: Page): Promise<void> =>
  page.getByRole('button', { name: 'New stand', exact: true }).click();

/** A stand of a few taps, the sky just read and its thirds on the pad. */
async function firstSlip(page: Page): Promise<void> {
  await newStand(page);
  await page.getByRole('button', { name: /^I meter sky and land/ }).click();
  for (const role of [/^Land/, /^Sky/]) {
    await page.getByRole('button', { name: role }).click();
    await page.getByRole('button', { name: /guess$/ }).click();
  }
  await settled(page);
  await page.locator('#open-step').evaluate((step) => step.scrollTo(0, 0));
}

/** The time added up with an ND on, and the ways to soft water. */
async function expose(page: Page): Promise<void> {
  await stand(/Marl Pan/, '5')(page);
  await page.getByRole('button', { name: /^ND of 6 stops, f/ }).click();
  await settled(page);
  await page.locator('#open-step').evaluate((step) => step.scrollTo(0, 0));
}

/** The shutter open, a third of the way. */
async function countdown(page: Page): Promise<void> {
  await page.clock.install();
  await stand(/Vann Snowfield/, '5')(page);
  await page.getByText('Every ND of the pouch').click();
  await page.getByRole('button', { name: /ND of 10 stops$/ }).click();
  await page.getByRole('button', { name: /^Open for/ }).click();
  await page.clock.fastForward(24_000);
}

/** A shot whose sky is too pale, and the slip that answers. */
async function check(page: Page): Promise<void> {
  await stand(/Tholl Saddle/, 'x')(page);
  await page.getByRole('button', { name: 'Sky too pale', exact: true }).click();
  await page.getByRole('button', { name: 'a little', exact: true }).click();
  await settled(page);
  await page.locator('#open-step').evaluate((step) => step.scrollTo(0, 0));
}

/** Two things that a shot shows, by thumb. */
async function checkByThumb(page: Page): Promise<void> {
  await stand(/Marl Pan/, 'x')(page);
  await page.getByRole('button', { name: 'All too dark', exact: true }).click();
  await page.getByRole('button', { name: 'clearly', exact: true }).click();
  await page.getByRole('button', { name: 'Bright strip', exact: true }).click();
  await page.getByRole('button', { name: 'thin', exact: true }).click();
  await settled(page);
  await page.locator('#open-step').evaluate((step) => step.scrollTo(0, 0));
}

/** Peaks shot through too strong a sheet, and what is told of it. */
async function bench(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Begin: Peaks above the line' }).click();
  await page.getByRole('region', { name: 'On the bench' }).waitFor({ timeout: 120_000 });
  for (const [u, v] of [
    [0.3, 0.7],
    [0.6, 0.85],
    [0.2, 0.2],
    [0.75, 0.15],
  ] as const)
    await clickFrame(page, u, v);
  await page.locator('body').press('3');
  await page.getByRole('button', { name: /2 stops, hard/ }).click();
  await page.locator('body').press('x');
  await page.getByRole('button', { name: 'Tell me how it went' }).click();
  await page.getByRole('region', { name: 'How it went' }).evaluate((r) => r.scrollIntoView());
}

const VIEWS: readonly {
  name: string;
  path?: string;
  scheme?: 'dark';
  viewport?: typeof PHONE;
  act?: (page: Page) => Promise<void>;
}[] = [
  { name: 'stands' },
  { name: 'stand-frame', act: stand(/Tholl Saddle/, '1') },
  { name: 'stand-read', act: stand(/Marl Pan/, '2') },
  { name: 'stand-balance', act: stand(/Tholl Saddle/, '3') },
  { name: 'stand-seat', act: stand(/Vann Snowfield/, '4') },
  { name: 'stand-working', act: working },
  { name: 'stand-expose', act: expose },
  { name: 'stand-check', act: check },
  {
    name: 'card',
    path: '/demo/cards?of=hesk-terraces',
    act: (page) => page.getByRole('list', { name: 'Pages' }).waitFor(),
  },
  { name: 'ledger', path: '/demo/ledger' },
  {
    name: 'outing',
    path: '/demo/outings/outing-marl-pan',
    act: (page) => page.getByRole('img', { name: /^The light of the day/ }).waitFor(),
  },
  { name: 'bench', path: '/demo/bench', act: bench },
  {
    name: 'bag',
    path: '/demo/bag',
    act: (page) => page.getByRole('button', { name: /^2 stops, medium/ }).click(),
  },
  { name: 'phone-ways', path: '/stands', act: newStand, viewport: PHONE },
  { name: 'phone-read', path: '/stands', act: firstSlip, viewport: PHONE },
  { name: 'phone-balance', act: stand(/Tholl Saddle/, '3'), viewport: PHONE },
  { name: 'phone-countdown-dusk', act: countdown, viewport: PHONE, scheme: 'dark' },
  { name: 'phone-check-dusk', act: checkByThumb, viewport: PHONE, scheme: 'dark' },
  { name: 'phone-seat-dusk', act: stand(/Sarrat Dune/, '4'), viewport: PHONE, scheme: 'dark' },
];

for (const { name, path = '/demo/stands', scheme = 'light', viewport = DESK, act } of VIEWS)
  test(name, async ({ browser }) => {
    const page = await browser.newPage({ viewport, colorScheme: scheme });
    await page.goto(path);
    await page.getByRole('heading', { level: 1 }).waitFor();
    if (path === '/demo/stands') await page.getByRole('listitem').first().waitFor();
    await act?.(page);
    await page.getByText('being worked out').first().waitFor({ state: 'detached' });
    await page.evaluate(() => document.fonts.ready);
    await page.waitForTimeout(1000);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
    await page.close();
  });
