import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { axe, clickFrame, openDemo, settled, slip, watch } from './helpers';

/** Twelve spots of Tholl Saddle: seven of the sky, five of the land. */
const SPOTS = [
  ...[0.19, 0.3, 0.41, 0.65, 0.75, 0.85, 0.95].map((u) => ({ u, v: 0.23, shown: '250' })),
  ...[0.1, 0.34, 0.5, 0.7, 0.9].map((u) => ({ u, v: 0.94, shown: '60' })),
];

const readings = (page: Page) => page.getByRole('list', { name: 'Readings', exact: true });
const shutter = (page: Page) => page.locator('#reading-shutter');
const ladder = (page: Page) => page.getByRole('group', { name: /^Ladder of light/ });
const take = async (page: Page, shown: string) => {
  await shutter(page).fill(shown);
  await shutter(page).press('Enter');
};

test.describe('a run of twelve spots', () => {
  // (fault 47)
  test('takes no more than five presses each at a desk: a click, the figures, Enter', async ({ page }) => {
    await openDemo(page, 'tholl-saddle');
    await page.keyboard.press('2');
    const before = await readings(page).getByRole('listitem').count();
    let presses = 0;
    for (const { u, v, shown } of SPOTS) {
      await clickFrame(page, u, v);
      await page.keyboard.type(shown);
      await page.keyboard.press('Enter');
      // a hand is slower than the answer: it aims at a picture that stands still
      await settled(page);
      presses += 2 + shown.length;
    }
    expect(presses).toBeLessThanOrEqual(5 * SPOTS.length);
    await expect(readings(page).getByRole('listitem')).toHaveCount(before + SPOTS.length);
    // each is of the side where it lies
    await expect(page.getByRole('region', { name: 'Readings together' })).toContainText(/Sky.*mean of 9/s);
  });

  test.describe('by thumb', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('takes two taps each: the spot, the mark', async ({ page }) => {
      await openDemo(page, 'tholl-saddle');
      await page.getByRole('button', { name: 'Read', exact: true }).tap();
      const frame = page.getByRole('group', { name: 'Frame', exact: true });
      const box = (await frame.boundingBox())!;
      const before = await readings(page).getByRole('listitem').count();
      let taps = 0;
      for (const { u, v } of SPOTS) {
        await frame.tap({ position: { x: u * box.width, y: v * box.height } });
        await page.getByRole('button', { name: /guess$/ }).tap();
        taps += 2;
      }
      expect(taps).toBeLessThanOrEqual(2 * SPOTS.length);
      await expect(readings(page).getByRole('listitem')).toHaveCount(before + SPOTS.length);
      await settled(page);

      // a spot is read again by a tap on it in the list, named by its role (fault 50), and one on the pad
      await page.getByRole('button', { name: 'Read sky 1 again' }).tap();
      await expect(page.getByText('Sky 1 again: the same spot, as it is now.')).toBeVisible();
      await page
        .getByRole('group', { name: 'Correct the sky reading by thirds' })
        .getByRole('button')
        .first()
        .tap();
      await expect(readings(page).getByRole('listitem')).toHaveCount(before + SPOTS.length);
      await expect(readings(page).getByRole('listitem').first()).toContainText('under a minute old');
    });

    test('reads water, a feature, what is to be held, and the whole scene', async ({ page }) => {
      const seen = watch(page);
      await page.goto('/');
      await page.getByRole('button', { name: 'New stand' }).tap();
      await page.getByRole('button', { name: /^I meter sky and land/ }).tap();
      const more = page.getByRole('button', { name: 'Water, features, through all that is on, to hold' });
      await more.tap();
      await page.getByRole('button', { name: /^All that is on/ }).tap();
      await page.getByRole('button', { name: /guess$/ }).tap();
      await expect(slip(page)).toContainText('No grad asked for');
      for (const role of ['Water', 'Feature']) {
        await page.getByRole('button', { name: new RegExp(`^${role} not read yet`) }).tap();
        await page.getByRole('button', { name: /guess$/ }).tap();
        await expect(readings(page).getByRole('listitem').last()).toContainText(/EV/);
      }
      await page.getByRole('button', { name: /^Sky/ }).tap();
      await page.getByRole('button', { name: /guess$/ }).tap();
      await settled(page);
      await expect(page.getByText('A sky is read: the camera’s own time is put aside.')).toBeVisible();
      await page.getByRole('button', { name: /^To hold/ }).tap();
      await page.getByRole('button', { name: /guess$/ }).tap();
      await expect(readings(page).getByRole('listitem').last()).toContainText('to be held');
      expect(await axe(page)).toEqual([]);
      expect(seen.faults).toEqual([]);
    });

    test('finds every mark of the ladder by touch, with its reading', async ({ page }) => {
      await openDemo(page, 'marl-pan');
      await page.getByRole('button', { name: 'Ladder', exact: true }).tap();
      await ladder(page)
        .getByRole('button', { name: /^land, mean of 2/ })
        .tap();
      const one = ladder(page).getByRole('button', { name: /^land 2: EV 10\.7; f\/8, 1\/25, ISO 100/ });
      await one.tap();
      await expect(page.getByRole('status').filter({ hasText: 'land 2' })).toContainText('below mid-grey');
      await expect(one).toHaveAttribute('aria-pressed', 'true');
      await one.tap();
      await expect(ladder(page).getByRole('button', { name: /^land, mean of 2/ })).toBeAttached();

      // a finger drags the end of what is kept, and the page does not take the drag for itself
      const keep = page.getByRole('slider', { name: 'Keep the sky brighter' });
      const box = (await keep.boundingBox())!;
      const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
      const touch = await page.context().newCDPSession(page);
      const at = (
        type: 'touchStart' | 'touchMove' | 'touchEnd',
        ...touchPoints: { x: number; y: number }[]
      ) => touch.send('Input.dispatchTouchEvent', { type, touchPoints });
      await at('touchStart', { x, y });
      for (let i = 1; i <= 8; i++) await at('touchMove', { x: x + 2.5 * i, y });
      await at('touchEnd');
      await expect(keep).toHaveAttribute('aria-valuetext', /^1\.[4-7] stops$/);
      expect(await axe(page)).toEqual([]);
    });
  });
});

test('light that moves on: read again, the old kept, carried to now, and stale in the slip', async ({
  page,
}) => {
  // the hour stands still until it is put on: how fast the machine is says nothing of how fast the light falls
  const clock = (hour: string) => page.clock.setFixedTime(new Date(`2026-05-01T${hour}:00`));
  const later = async (hour: string) => {
    await clock(hour);
    // what looks at the minute now and then looks
    await page.clock.fastForward(21_000);
  };
  await page.clock.install();
  await clock('19:00');
  await page.goto('/');
  await page.getByRole('button', { name: 'New stand' }).click();
  await page.getByRole('button', { name: /^I meter sky and land/ }).click();
  await take(page, '30');
  await take(page, '250');
  await settled(page);
  await later('19:05');
  // the one that was read longest ago comes first
  await page.keyboard.press('Escape');
  await page.keyboard.press('a');
  await expect(page.getByText('Land again, which showed EV 12.0')).toBeVisible();
  await take(page, '15');
  await page.getByRole('button', { name: 'Read sky again' }).click();
  await take(page, '180');
  const drift = page.getByRole('region', { name: 'Drift of the light' });
  await expect(drift).toContainText('falls 0.20 stops a minute');
  await expect(drift).toContainText('falls 0.10 stops a minute');
  await later('19:09');
  await expect(slip(page)).toContainText('carried to now, up to 0.8 darker');
  await expect(readings(page)).toContainText('carried 0.8 darker');
  await drift.getByRole('button', { name: /falls 0.20/ }).click();
  await expect(page.getByRole('region', { name: 'Working' })).toContainText(
    'Read again: land; watched for 5 min.',
  );
  await drift.getByRole('checkbox').uncheck();
  await expect(slip(page)).not.toContainText('carried');
  await drift.getByRole('checkbox').check();
  await readings(page).getByRole('button', { name: /^land/ }).first().click();
  await expect(page.getByRole('list', { name: 'Earlier looks at land' })).toContainText('19:00 · EV 12.0');
  await later('19:17');
  await expect(slip(page)).toContainText('readings 12 min old: read again');
  await expect(page.getByRole('region', { name: 'Which reading next' })).toContainText('to be held?');
  await page.getByRole('button', { name: 'Nothing', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Which reading next' })).toContainText(
    'Land again: it is 12 min old',
  );
  // what was said is kept
  await expect(page.getByText('Saved', { exact: true })).toBeAttached();
  await page.reload();
  await settled(page);
  await page.keyboard.press('2');
  await expect(page.getByRole('region', { name: 'Which reading next' })).toContainText('Land again');
  await expect(page.getByRole('region', { name: 'Drift of the light' })).toContainText('falls 0.20 stops');
  expect(await axe(page)).toEqual([]);
});

test('one time through all that is on, and times through glass', async ({ page }) => {
  await page.goto('/bag');
  const label = page.getByRole('textbox', { name: 'Add what is printed on the rim' });
  await label.fill('ND64');
  await label.press('Enter');
  await page.getByRole('link', { name: 'Stands' }).click();
  await page.getByRole('button', { name: 'New stand' }).click();
  await page.getByRole('button', { name: /^I meter sky and land/ }).click();
  await expect(slip(page)).toContainText('Point the camera at the land');
  await page.keyboard.press('Escape');
  await page.keyboard.press('e');
  await take(page, '30');
  await expect(slip(page)).toContainText('No grad asked for');
  await expect(slip(page)).toContainText('f/11, 1/30 s, ISO 100');
  const times = page.getByRole('region', { name: 'Times through glass' });
  await times.getByRole('button', { name: /s\s*ND64$/ }).click();
  await expect(slip(page)).toContainText('f/11, 2 s, ISO 100');
  await expect(slip(page)).toContainText('6 stops of glass put on since');
  await slip(page).getByRole('button', { name: /f\/11/ }).click();
  await expect(page.getByRole('region', { name: 'Working' })).toContainText('without any ND: 1/30 s');
  await page.keyboard.press('s');
  await take(page, '250');
  await expect(page.getByText('the camera’s own time is put aside')).toBeVisible();
});

test('a test shot first: the picture, readings from it, the plan', async ({ page }) => {
  const seen = watch(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'New stand' }).click();
  await page.getByRole('button', { name: /^I meter sky and land/ }).click();
  await page.getByLabel('Test shot', { exact: true }).setInputFiles({
    name: 'first.jpg',
    mimeType: 'image/jpeg',
    buffer: readFileSync('src/demo/pictures/sarrat-dune.jpg'),
  });
  await page.getByRole('button', { name: 'Use it' }).click();
  await page.getByRole('button', { name: /^Read sky.* from it/ }).click();
  await settled(page);
  await expect(readings(page)).toContainText('from the picture');
  await expect(slip(page)).toContainText(/stops?, .*(level|turned)/);
  await expect(page.getByRole('radio', { name: '3° spot' })).toBeChecked();
  expect(seen.faults).toEqual([]);
});

test('the ladder sets the exposure and what is kept: by key, by typing, by the mouse', async ({ page }) => {
  await openDemo(page, 'marl-pan');
  const exposure = page.getByRole('slider', { name: 'Exposure' });
  await expect(exposure).toHaveAttribute('aria-valuetext', '1/15 s');
  await exposure.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(exposure).toHaveAttribute('aria-valuetext', '1/25 s');
  await expect(slip(page)).toContainText('f/11, 1/25 s, ISO 100');
  await page.keyboard.press('Delete');
  await expect(slip(page)).toContainText('f/11, 1/15 s, ISO 100');
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Expose for' }).fill('60');
  await page.keyboard.press('Enter');
  await expect(slip(page)).toContainText('f/11, 1/60 s, ISO 100');

  // a drag of a stop towards the dark, which is one step of undo
  await settled(page);
  const box = (await exposure.boundingBox())!;
  const [x, y] = [box.x + 60, box.y + 10];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 30, y, { steps: 5 });
  await page.mouse.move(x - 66, y, { steps: 5 });
  await page.mouse.up();
  await expect(slip(page)).toContainText(/f\/11, 1\/(25|30) s, ISO 100/);
  await page.keyboard.press('Control+z');
  await expect(slip(page)).toContainText('f/11, 1/60 s, ISO 100');

  const keep = page.getByRole('slider', { name: 'Keep the sky brighter' });
  await keep.focus();
  await page.keyboard.press('ArrowRight');
  await expect(keep).toHaveAttribute('aria-valuetext', '1.1 stops');
  await page.keyboard.press('Enter');
  const typed = page.getByRole('textbox', { name: 'Keep' });
  await typed.fill('3');
  await expect(page.getByText('Between 0.3 and 2 stops.')).toBeVisible();
  await typed.fill('1.7');
  await page.keyboard.press('Enter');
  await expect(keep).toHaveAttribute('aria-valuenow', '1.7');
  await expect(slip(page)).toContainText('1 stop, hard');
  const handle = (await keep.boundingBox())!;
  await page.mouse.move(handle.x + handle.width / 2, handle.y + handle.height / 2);
  await page.mouse.down();
  await page.mouse.move(handle.x + handle.width / 2 - 300, handle.y + 4, { steps: 8 });
  await page.mouse.up();
  // held to what the look allows
  await expect(keep).toHaveAttribute('aria-valuenow', '0.3');
  await page.keyboard.press('Control+z');
  await expect(keep).toHaveAttribute('aria-valuenow', '1.7');

  // marks answer the pointer and the focus
  const sky = ladder(page).getByRole('button', { name: /^sky, mean of 2: EV 13\.8/ });
  await sky.focus();
  await expect(page.getByRole('status').filter({ hasText: 'sky, mean of 2' })).toBeVisible();
  await page.keyboard.press('Enter');
  await ladder(page)
    .getByRole('button', { name: /^sky 2:/ })
    .hover();
  await expect(page.getByRole('status').filter({ hasText: 'sky 2: EV 14.7' })).toBeVisible();
  expect(await axe(page)).toEqual([]);
});

test('readings as a table: pasted, shown before they are taken, undone at once, saved', async ({ page }) => {
  await openDemo(page, 'marl-pan');
  await page.keyboard.press('2');
  await page.getByRole('button', { name: 'Paste a table' }).click();
  await page
    .getByRole('textbox', { name: /Paste lines from a notebook/ })
    .fill('sky f/8 1/250 100\nland 30\nmoon 8 250\nsky hold EV 15.3');
  const shown = page.getByRole('list', { name: 'Readings as understood' });
  await expect(shown).toContainText(
    'Line 3, role: "moon" is not sky, land, water or feature. It is left out.',
  );
  await expect(shown).toContainText('f/8 and ISO 100 kept from before');
  expect(await axe(page)).toEqual([]);
  await page.getByRole('button', { name: 'Take 3 readings' }).click();
  await expect(readings(page).getByRole('listitem')).toHaveCount(7);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('marl-pan-first-light-readings.csv');
  expect(readFileSync(await download.path(), 'utf8')).toContain('sky,,,,15.3,,,,yes');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(readings(page).getByRole('listitem')).toHaveCount(4);
});
