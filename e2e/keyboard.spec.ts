import { expect, test } from '@playwright/test';
import { axe, openDemo, settled, slip } from './helpers';

const focused =
  "document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? ''";

test('the palette finds a stand, a page and a deed, and Escape gives the focus back', async ({ page }) => {
  await page.goto('/demo/stands');
  await expect(page.getByRole('link', { name: /Marl Pan/ })).toBeVisible();
  await page.getByRole('link', { name: /Tholl Saddle/ }).focus();
  await page.keyboard.press('Control+k');
  const input = page.getByRole('combobox', { name: 'What to do' });
  await expect(input).toBeFocused();
  expect(await axe(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('link', { name: /Tholl Saddle/ })).toBeFocused();

  await page.keyboard.press('Control+k');
  await input.fill('marl');
  await page.keyboard.press('Enter');
  await settled(page);
  await expect(page.getByLabel('Name of the stand')).toHaveValue(/Marl Pan/);

  await page.keyboard.press('Control+k');
  await input.fill('next stand');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the stand')).toHaveValue('Marl Pan, first light (2)');
  await settled(page);
  await expect(slip(page)).toContainText('2 stops, hard');

  await page.keyboard.press('Control+k');
  await input.fill('dark');
  await page.keyboard.press('Enter');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
  await page.keyboard.press('Control+k');
  await input.fill('nothing of the kind');
  await expect(page.getByText('Nothing here goes by that name.')).toBeVisible();
});

test('a question mark lists the shortcuts, and each of them does what it says', async ({ page }) => {
  await openDemo(page, 'tholl-saddle');
  await page.keyboard.press('Shift+?');
  const help = page.getByRole('dialog', { name: 'Shortcuts' });
  await expect(help).toContainText('Ctrl K');
  await expect(help).toContainText('Slide it by half a millimetre');
  expect(await axe(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(help).toHaveCount(0);
  for (const [key, step] of [
    ['1', 'Frame'],
    ['2', 'Read'],
    ['3', 'Balance'],
    ['4', 'Seat'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page.getByRole('button', { name: new RegExp(step), expanded: true })).toBeVisible();
  }
  await page.keyboard.press('w');
  await expect(page.getByRole('radio', { name: 'Water' })).toBeChecked();
  // a role's letter puts the caret into the field, and another there changes the role
  await expect(page.getByRole('textbox', { name: 'Shutter' })).toBeFocused();
  await page.keyboard.press('l');
  await expect(page.getByRole('radio', { name: 'Land' })).toBeChecked();
  await page.keyboard.press('Escape');
  await page.keyboard.press('4');
  await page.getByRole('group', { name: /Sheet in the holder/ }).focus();
  const before = await slip(page).innerText();
  await page.keyboard.press('ArrowUp');
  await expect.poll(() => slip(page).innerText()).not.toBe(before);
  await page.keyboard.press('Control+z');
  await expect.poll(() => slip(page).innerText()).toBe(before);
  await page.keyboard.press('Control+y');
  await expect.poll(() => slip(page).innerText()).not.toBe(before);
});

test('the focus is never lost: not with a thing that goes, nor with a page', async ({ page }) => {
  await page.goto('/demo/stands');
  await page.getByRole('link', { name: /Tholl Saddle/ }).press('Enter');
  await settled(page);
  expect(await page.evaluate('document.activeElement !== document.body')).toBe(true);
  await page.keyboard.press('2');
  await page
    .getByRole('button', { name: /land reading/ })
    .first()
    .focus();
  await page.keyboard.press('Delete');
  expect(await page.evaluate(focused)).toMatch(/reading/);
  const list = page.getByRole('list', { name: 'Readings' });
  const rows = await list.getByRole('listitem').count();
  await list
    .getByRole('button', { name: /^Delete|^Remove/ })
    .first()
    .press('Enter');
  await expect(list.getByRole('listitem')).toHaveCount(rows - 1);
  expect(await page.evaluate("document.activeElement.closest('ul')?.getAttribute('aria-label')")).toBe(
    'Readings',
  );

  await page.goto('/demo/stands');
  await page.getByRole('button', { name: 'More about Marl Pan, first light' }).press('Enter');
  await page.getByRole('menuitem', { name: 'Delete' }).press('Enter');
  await expect(page.getByRole('link', { name: /Marl Pan/ })).toHaveCount(0);
  await expect
    .poll(() => page.evaluate("document.activeElement.closest('ul')?.getAttribute('aria-label')"))
    .toBe('Stands');
});

test('the first stop of the Tab key leads past the rail', async ({ page }) => {
  await page.goto('/demo/stands');
  await expect(page.getByRole('link', { name: /Marl Pan/ })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'To the content' })).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'Open a file' })).toBeFocused();
});

test('at 200 % everything is there, and nothing runs off the page', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 640, height: 400 }, deviceScaleFactor: 2 });
  const page = await context.newPage();
  await openDemo(page, 'sarrat-dune');
  for (const key of ['1', '2', '3', '4']) {
    await page.locator('body').press(key);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(640);
  }
  await expect(slip(page)).toBeInViewport();
  await context.close();
});

test('in forced colours what is chosen is still told apart', async ({ browser }) => {
  const context = await browser.newContext({ forcedColors: 'active', reducedMotion: 'reduce' });
  const page = await context.newPage();
  await openDemo(page, 'marl-pan');
  const ground = (name: string) =>
    page.getByRole('radio', { name, exact: true }).evaluate((e) => getComputedStyle(e).backgroundColor);
  expect(await ground('Natural')).not.toBe(await ground('Even'));
  const moving = await page.evaluate(
    () => document.getAnimations().filter((a) => a.playState === 'running').length,
  );
  expect(moving).toBe(0);
  await context.close();
});

test('the slip is copied as a sentence, read aloud by a voice of the device, and shared', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.addInitScript(() => {
    const told: string[] = [];
    Object.assign(window, { told });
    const voices = [
      { lang: 'en-GB', name: 'from afar', localService: false },
      { lang: 'en-GB', name: 'of this device', localService: true },
    ];
    Object.defineProperty(window, 'speechSynthesis', {
      value: Object.assign(new EventTarget(), {
        getVoices: () => voices,
        cancel: () => {},
        speak: (u: { text: string; voice: { name: string } }) => told.push(`${u.voice.name}: ${u.text}`),
      }),
    });
    Object.assign(window, {
      SpeechSynthesisUtterance: class {
        constructor(public text: string) {}
      },
    });
    navigator.share = (data?: ShareData) =>
      Promise.resolve(void told.push(`share: ${data?.title}: ${data?.text}`));
  });
  await openDemo(page, 'marl-pan');
  const menu = async (item: string) => {
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await page.getByRole('menuitem', { name: item }).click();
  };
  await menu('Copy the slip');
  await expect(page.getByText('The slip is copied.')).toBeVisible();
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied).toMatch(
    /^Marl Pan, first light: 2 stops, hard, level.*Along the skyline, 42 % down.*29.5 mm above the rail.*f\/11/,
  );
  await menu('Read the slip aloud');
  await menu('Share the slip');
  const told = await page.evaluate(() => (window as unknown as { told: string[] }).told);
  expect(told[0]).toMatch(/^of this device: 2 stops, hard, level/);
  expect(told[1]).toBe(`share: Marl Pan, first light: ${copied}`);
});
