import { type Page, test } from '@playwright/test';
import { settled } from './helpers';

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const stand = (name: RegExp, step: string) => async (page: Page) => {
  await page.getByRole('link', { name }).click();
  await settled(page);
  await page.locator('body').press(step);
};

/** A stand under another look. */
const underLook = (name: RegExp, look: string) => async (page: Page) => {
  await stand(name, '3')(page);
  await page.getByRole('radio', { name: look, exact: true }).click();
  await page.waitForTimeout(1500);
};

/** Two sheets in a holder of two slots, under a heavy sky. */
async function pairSeat(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Bag' }).click();
  await page.getByRole('combobox', { name: 'Slots of the holder' }).selectOption('2');
  await page.getByRole('link', { name: 'Stands', exact: true }).click();
  await underLook(/Marl Pan/, 'Heavy')(page);
  for (let i = 0; i < 6; i++) await page.getByRole('button', { name: 'More dark' }).click();
  await settled(page);
  await page.locator('body').press('4');
}

/** The skyline of a picture, found and proposed. */
async function skyline(page: Page): Promise<void> {
  await stand(/Hesk Terraces/, '1')(page);
  await page.getByRole('button', { name: 'Find the skyline in the picture' }).click();
  await page.getByRole('button', { name: 'Use it' }).waitFor({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Use it' }).scrollIntoViewIfNeeded();
}

/** A square crop, its frame looked at closely under the level grid. */
async function closely(page: Page): Promise<void> {
  await stand(/Hesk Terraces/, '1')(page);
  await page.getByLabel('Level grid').check();
  await page.getByRole('combobox', { name: 'Crop' }).selectOption('1:1');
  await settled(page);
  await page.locator('#open-step').evaluate((step) => step.scrollTo(0, 0));
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: 'Look closer' }).click();
}

async function sunLook(page: Page): Promise<void> {
  await underLook(/Marl Pan/, 'By the sun')(page);
  await page.getByRole('radio', { name: 'At the side' }).click();
  await settled(page);
}

async function working(page: Page): Promise<void> {
  await stand(/Tholl Saddle/, '3')(page);
  await page.getByRole('button', { name: /of sheet standing above the rail/ }).click();
  await page.getByRole('list', { name: 'The other looks' }).waitFor();
  await page.locator('#open-step').evaluate((step) => step.scrollTo(0, 760));
}

/** A stand of a few taps, the sky just read and its thirds on the pad. */
async function firstSlip(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'New stand', exact: true }).click();
  for (const role of [/^Land/, /^Sky/]) {
    await page.getByRole('button', { name: role }).click();
    await page.getByRole('button', { name: /guess$/ }).click();
  }
  await settled(page);
  await page.locator('#open-step').evaluate((step) => step.scrollTo(0, 0));
}

/** The ladder by thumb, one of its readings told. */
async function ladder(page: Page): Promise<void> {
  await stand(/Marl Pan/, '3')(page);
  await page.getByRole('button', { name: 'Ladder', exact: true }).click();
  await page.getByRole('button', { name: /^sky, mean of 2/ }).click();
  await page.getByRole('button', { name: /^sky 2:/ }).click();
}

async function palette(page: Page): Promise<void> {
  await stand(/Tholl Saddle/, '3')(page);
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: 'What to do' }).fill('rea');
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
  { name: 'stand-skyline', act: skyline },
  { name: 'stand-frame-closely', act: closely },
  { name: 'stand-read', act: stand(/Marl Pan/, '2') },
  { name: 'stand-balance', act: stand(/Tholl Saddle/, '3') },
  { name: 'stand-balance-dusk', act: stand(/Quill Rim/, '3'), scheme: 'dark' },
  { name: 'stand-seat', act: stand(/Vann Snowfield/, '4') },
  { name: 'stand-seat-pair', act: pairSeat },
  { name: 'stand-bracket', act: underLook(/Sarrat Dune/, 'Bracket') },
  { name: 'stand-sun', act: sunLook },
  { name: 'stand-working', act: working },
  {
    name: 'bag',
    path: '/demo/bag',
    act: (page) => page.getByRole('button', { name: /^2 stops, medium/ }).click(),
  },
  { name: 'palette', act: palette },
  { name: 'phone-stands', viewport: PHONE },
  { name: 'phone-read', path: '/stands', act: firstSlip, viewport: PHONE },
  { name: 'phone-ladder', act: ladder, viewport: PHONE },
  { name: 'phone-balance', act: stand(/Tholl Saddle/, '3'), viewport: PHONE },
  { name: 'phone-seat-dusk', act: stand(/Sarrat Dune/, '4'), viewport: PHONE, scheme: 'dark' },
];

for (const { name, path = '/demo/stands', scheme = 'light', viewport = DESK, act } of VIEWS)
  test(name, async ({ browser }) => {
    const page = await browser.newPage({ viewport, colorScheme: scheme });
    await page.goto(path);
    await page.getByRole('heading', { level: 1 }).waitFor();
    if (path.startsWith('/demo')) await page.getByRole('listitem').first().waitFor();
    await act?.(page);
    await page.getByText('being worked out').first().waitFor({ state: 'detached' });
    await page.evaluate(() => document.fonts.ready);
    await page.waitForTimeout(1000);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
    await page.close();
  });
