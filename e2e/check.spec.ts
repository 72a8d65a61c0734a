import { expect, type Page, test } from '@playwright/test';
import { axe, openDemo, settled, slip, watch } from './helpers';

/** The loop: a shot, what it shows, the corrected slip, and round again. */

const worksheet = (page: Page) => page.getByRole('region', { name: 'Worksheet' });
const card = (page: Page, name: string) => page.getByRole('region', { name, exact: true });
const times = async (page: Page) => (await slip(page).innerText()).match(/f\/[\d.]+, ([^,]+), ISO/)![1]!;

test.describe('by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('is three taps from the shutter to corrected settings, and goes round', async ({ page }) => {
    const seen = watch(page);
    await openDemo(page, 'marl-pan');
    await expect(slip(page)).toContainText('1/15 s');
    await page.getByRole('button', { name: 'I have shot it' }).tap();
    await page.getByRole('button', { name: 'All too dark', exact: true }).tap();
    // what is asked next stands before the eyes, wherever the thumb was
    const clearly = page.getByRole('button', { name: 'clearly', exact: true });
    await expect(clearly).toBeInViewport({ ratio: 1 });
    await clearly.tap();
    await expect(slip(page)).toContainText('was 1/15 s: twice as long');
    await expect(slip(page)).toContainText('f/11, 1/8 s, ISO 100');
    await expect(slip(page)).toContainText(/2 stops, hard.*as before/s);
    expect(await axe(page)).toEqual([]);

    // the line is shown where it lies, by a tap in the frame, which is brought
    await page.getByRole('button', { name: 'Bright strip', exact: true }).tap();
    await expect(page.getByRole('button', { name: 'tap where' })).toBeInViewport({ ratio: 1 });
    await page.getByRole('button', { name: 'tap where' }).tap();
    const frame = page.getByRole('group', { name: 'Frame', exact: true });
    const box = (await frame.boundingBox())!;
    await frame.tap({ position: { x: 0.5 * box.width, y: 0.3 * box.height } });
    await expect(slip(page)).toContainText(/mm lower/);
    await expect(frame).toBeHidden();

    // a third thing, and no fourth
    await page.getByRole('button', { name: 'Dull, flat sky', exact: true }).tap();
    await page.getByRole('button', { name: 'Sky too dark', exact: true }).tap();
    await card(page, 'Sky too dark').getByRole('button', { name: 'a little', exact: true }).tap();
    await expect(page.getByText(/^Three things at once are enough/)).toBeVisible();
    await page.getByRole('button', { name: 'Not Sky too dark' }).tap();
    await page.getByRole('button', { name: 'Take back: Dull, flat sky' }).tap();

    await page.getByRole('button', { name: 'Shoot again' }).tap();
    await expect(worksheet(page)).toContainText('shot 2');
    await expect(slip(page)).toContainText(/f\/11, 1\/8 s, ISO 100.*as before/s);
    await page.getByRole('button', { name: 'That is it' }).tap();
    await expect(page.getByRole('button', { name: 'Kept', exact: true })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    expect(seen.faults).toEqual([]);
  });
});

test('what was seen is kept as an estimate, undone, and gone when a reading takes its place; shots are not undone', async ({
  page,
}) => {
  const seen = watch(page);
  await openDemo(page, 'tholl-saddle');
  const before = await times(page);
  await page.keyboard.press('x');
  await page.getByRole('button', { name: 'Highlights gone', exact: true }).click();
  await page.getByRole('button', { name: 'a speck', exact: true }).click();
  await settled(page);
  expect(await times(page)).not.toBe(before);
  await page.keyboard.press('2');
  const estimate = page.getByRole('list', { name: 'Readings', exact: true }).getByText(/^≈ EV/);
  await expect(estimate).toBeVisible();
  await expect(
    page.getByRole('img', { name: /EV ≈ / }).or(page.getByRole('button', { name: /EV ≈ / })),
  ).toHaveCount(1);
  await page.keyboard.press('Control+z');
  await expect(estimate).toBeHidden();
  expect(await times(page)).toBe(before);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('6');
  await expect(worksheet(page)).toContainText('shot 1');

  // all too dark stands until the land and the sky are read again
  await page.getByRole('button', { name: 'All too dark', exact: true }).click();
  await page.getByRole('button', { name: 'far', exact: true }).click();
  await settled(page);
  await page.reload();
  await settled(page);
  expect(await times(page)).not.toBe(before);
  await page.keyboard.press('2');
  await expect(page.getByText(/by what a shot showed [12]\.\d darker/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Read land 1 again' }).click();
  await page.locator('#reading-shutter').fill('60');
  await page.locator('#reading-shutter').press('Enter');
  await settled(page);
  await expect(page.getByText(/by what a shot showed/)).toHaveCount(2);
  expect(seen.faults).toEqual([]);
});

test('the histogram is told by keys and by dragging (fault 83), what has happened is ticked off, and shots are compared and put back', async ({
  page,
}) => {
  const seen = watch(page);
  await openDemo(page, 'hesk-terraces');
  await page.keyboard.press('x');
  await page.getByText('By the histogram').click();
  // the ends are stepped by keys as far as one likes, dragged, or said to run off
  const left = page.getByRole('slider', { name: 'Left end' });
  const planned = Number(await left.getAttribute('aria-valuenow'));
  await left.focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowRight');
  await expect(left).toHaveAttribute('aria-valuenow', String(planned + 5));
  const box = (await left.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 60, y);
  await page.mouse.up();
  expect(Number(await left.getAttribute('aria-valuenow'))).toBeGreaterThan(planned + 8);
  await page.getByRole('button', { name: 'The right end runs off' }).click();
  await page.getByRole('button', { name: 'Take it so' }).click();
  await expect(worksheet(page)).toContainText(/By the histogram: .*brighter than planned/);
  await page.getByRole('button', { name: 'Take back', exact: true }).click();

  // the file of the shot tells its own settings, and what of it can be told
  await page
    .getByLabel('File of the shot', { exact: true })
    .setInputFiles('src/demo/pictures/hesk-terraces.jpg');
  const file = page.getByRole('region', { name: 'The file of the shot' });
  await expect(file).toContainText('It was made at f/8');
  await expect(file).toContainText(/than planned, give or take|As bright as planned, give or take/);
  await file.getByRole('button', { name: 'Go by it' }).click();
  await expect(file).toContainText('The slip goes by what the file says.');
  await file.getByRole('button', { name: 'Take back' }).click();
  await page.getByLabel('File of the shot', { exact: true }).setInputFiles('package.json');
  await expect(file.getByRole('alert')).toContainText('is no picture that is known here');

  await page.getByText('Something has happened since').click();
  await page.getByRole('button', { name: 'It was knocked' }).click();
  const again = page.getByRole('region', { name: 'To be done again' });
  await expect(again.getByRole('button')).toHaveCount(4);
  await expect(slip(page).locator('[data-stale=true]')).toHaveCount(1);
  for (let left = 4; left > 0; left--) await again.getByRole('button').first().click();
  await expect(again).toBeHidden();

  await page.keyboard.press('x');
  const shots = page.getByRole('region', { name: 'Shots' });
  await expect(shots.getByRole('listitem')).toHaveCount(2);
  await shots.getByRole('button', { name: /^2 ·/ }).click();
  await shots.getByText('Not as planned').click();
  await shots.getByRole('textbox', { name: 'Aperture' }).fill('13');
  await expect(shots).toContainText('f/13, planned f/11');
  await shots.getByText('Compare with shot 1').click();
  await shots.getByRole('slider', { name: 'Where the two shots part' }).press('ArrowRight');
  await expect(shots.getByRole('slider')).toHaveAttribute('aria-valuenow', '52');
  expect(await axe(page)).toEqual([]);
  await shots.getByRole('button', { name: 'Remove' }).click();
  await expect(shots.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(shots.getByRole('listitem')).toHaveCount(2);
  expect(seen.faults).toEqual([]);
});
