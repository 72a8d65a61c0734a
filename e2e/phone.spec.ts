import { expect, type Page, test } from '@playwright/test';
import { axe, settled, slip, openDemo } from './helpers';

// the smallest that is met: what fits there fits everywhere
const viewport = { width: 360, height: 640 };

test.describe('by touch', () => {
  test.use({ viewport, hasTouch: true, isMobile: true });
  // the first guess goes by the clock
  test.beforeEach(({ page }) => page.clock.setFixedTime(new Date('2026-11-25T12:00:00')));

  /** Nothing is wider than the screen, and nothing of ours is cut off at its sides. */
  const fits = async (page: Page) =>
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      viewport.width,
    );

  test('from launch to the first slip in six taps, and thirds to correct it', async ({ page }) => {
    await page.goto('/');
    let taps = 0;
    const tap = async (name: string | RegExp) => {
      taps++;
      await page.getByRole('button', { name, exact: typeof name === 'string' }).tap();
    };
    await tap('New stand');
    await tap(/^I meter sky and land/);
    await tap(/^Land/);
    await tap(/guess$/);
    await tap(/^Sky/);
    await tap(/guess$/);
    await settled(page);
    expect(taps).toBeLessThanOrEqual(6);
    // three stops above the land, one kept: two to take away
    await expect(slip(page)).toContainText('2 stops, hard, level');
    await expect(slip(page)).toContainText(/\d mm above the rail/);
    await expect(slip(page)).toContainText(/f\/11, .* s, ISO 100/);
    await expect(page.getByText(/^Assumed: full frame, 24 mm and a level skyline 50 % down/)).toBeVisible();

    // round the mark that was tapped stand thirds; the next but one is two thirds less light through the shutter
    const pad = page.getByRole('group', { name: 'Correct the sky reading by thirds' });
    const marks = await pad.getByRole('button').allInnerTexts();
    const at = marks.findIndex((m) => m.includes('as read'));
    await pad
      .getByRole('button')
      .nth(at + 2)
      .tap();
    await expect(page.getByText('span: 3.7 stops')).toBeVisible();
    await expect(page.getByRole('button', { name: /^Sky/ })).toContainText(marks[at + 2]!.trim());
    await page.getByRole('button', { name: 'Undo' }).tap();
    await expect(page.getByText('span: 3 stops')).toBeVisible();
    await fits(page);
  });

  test('where readings are entered a glove finds its target', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New stand' }).tap();
    await page.getByRole('button', { name: /^I meter sky and land/ }).tap();
    const pad = page.getByRole('group', { name: 'Mark of the land reading' });
    await expect(pad).toBeVisible();
    const boxes = await Promise.all(
      (await pad.getByRole('button').all()).map(async (b) => (await b.boundingBox())!),
    );
    expect(boxes).toHaveLength(8);
    for (const box of boxes) {
      expect(box.height).toBeGreaterThanOrEqual(64);
      expect(box.width).toBeGreaterThanOrEqual(64);
    }
    const gap = boxes[1]!.x - boxes[0]!.x - boxes[0]!.width;
    expect(gap).toBeGreaterThanOrEqual(8);
    expect(boxes[4]!.y - boxes[0]!.y - boxes[0]!.height).toBeGreaterThanOrEqual(8);
    const small = await page.locator('button, a[href], input, select, summary').evaluateAll((all) =>
      all
        .filter(
          (e) => e.getClientRects().length && !e.closest('.sr-only') && !e.classList.contains('sr-only'),
        )
        .filter((e) => !e.matches('a[href="#main"], p a, input[type=checkbox], label input'))
        .map((e) => ({
          name: e.textContent || e.getAttribute('aria-label'),
          height: e.getBoundingClientRect().height,
        }))
        .filter(({ height }) => height < 43.5),
    );
    // a field of its own frame is as high as that frame
    expect(small.filter(({ name }) => name)).toEqual([]);
  });

  test('longer times, a typed one, and other settings are a tap away', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New stand' }).tap();
    await page.getByRole('button', { name: /^I meter sky and land/ }).tap();
    await page.getByRole('button', { name: /f\/11, ISO 100 meter set otherwise/ }).tap();
    await page.getByRole('textbox', { name: 'Aperture' }).fill('8');
    await page.getByRole('button', { name: /meter at f\/8, ISO 100/ }).tap();
    const pad = page.getByRole('group', { name: 'Mark of the land reading' });
    const before = await pad.getByRole('button').allInnerTexts();
    await page.getByRole('button', { name: /longer times/ }).tap();
    await expect(pad.getByRole('button').last()).toHaveText('Type');
    expect(await pad.getByRole('button').allInnerTexts()).not.toEqual(before);
    await pad.getByRole('button', { name: 'Type' }).tap();
    await page.getByRole('textbox', { name: 'Shutter of the land reading' }).fill('0.4s');
    await expect(page.getByRole('paragraph').filter({ hasText: /^0\.4 s$/ })).toBeVisible();
    await page.getByRole('button', { name: 'Take it' }).tap();
    await expect(page.getByRole('button', { name: /^Land/ })).toContainText('0.4');
    await expect(slip(page)).toContainText('f/11, 0.8 s, ISO 100');
  });

  test('a field that is typed in is not hidden by the keyboard', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New stand' }).tap();
    await page.getByRole('button', { name: /^I meter sky and land/ }).tap();
    await page
      .getByRole('group', { name: 'Mark of the land reading' })
      .getByRole('button', { name: 'Type' })
      .tap();
    const field = page.getByRole('textbox', { name: 'Shutter of the land reading' });
    await expect(field).toBeFocused();
    // the keyboard takes its part of the screen
    const left = viewport.height - 270;
    await page.setViewportSize({ width: viewport.width, height: left });
    await expect(page.locator('html')).toHaveAttribute('data-typing', '');
    const box = (await field.boundingBox())!;
    expect(box.y).toBeGreaterThanOrEqual(0);
    expect(box.y + box.height).toBeLessThanOrEqual(left);
    await page.setViewportSize(viewport);
    await expect(page.locator('html')).not.toHaveAttribute('data-typing', '');
    await expect(slip(page)).toBeVisible();
  });

  test('frame, holder and ladder change by a switch; the seat is set by thumb', async ({ page }) => {
    await page.goto('/demo/stands');
    await page.getByRole('link', { name: /Tholl Saddle/ }).tap();
    await settled(page);
    const frame = page.getByRole('group', { name: 'Frame', exact: true });
    const high = (await frame.boundingBox())!.height;
    expect(high).toBeLessThanOrEqual(viewport.height * 0.34 + 1);
    await fits(page);
    await page.getByRole('button', { name: 'Ladder', exact: true }).tap();
    await expect(page.getByRole('group', { name: /Ladder of light/ })).toBeVisible();
    await expect(frame).toHaveCount(0);
    const steps = page.getByRole('navigation', { name: 'Steps' });
    await steps.getByRole('button', { name: 'Seat' }).tap();
    await expect(page.getByRole('img', { name: /Holder from behind the camera/ })).toBeVisible();
    // once it is set, it stays set as it is moved by hand
    await page.getByRole('button', { name: 'It is set' }).tap();
    await expect(page.getByRole('button', { name: 'Set', exact: true })).toBeDisabled();
    const before = await slip(page).innerText();
    await page.getByRole('button', { name: 'higher', exact: true }).tap();
    await expect.poll(() => slip(page).innerText()).not.toBe(before);
    await page.getByRole('button', { name: /turn the holder/ }).tap();
    await page.getByRole('button', { name: 'clockwise', exact: true }).tap();
    await expect(page.getByRole('button', { name: /turned 0.25° clockwise/ }).first()).toBeVisible();
    // the slip stays where it is while the controls scroll
    const at = (await slip(page).boundingBox())!.y;
    await page.getByRole('term').last().scrollIntoViewIfNeeded();
    expect((await slip(page).boundingBox())!.y).toBe(at);
    await fits(page);
  });

  test('a press on the frame shows it without the grad, and the look unfolds from its line', async ({
    page,
  }) => {
    await page.goto('/demo/stands');
    await page.getByRole('link', { name: /Marl Pan/ }).tap();
    await settled(page);
    await page.getByRole('button', { name: /Natural, keep the sky 1.0 brighter/ }).tap();
    await page.getByRole('radio', { name: 'Even' }).tap();
    await settled(page);
    await expect(page.getByRole('button', { name: /^Even/ })).toBeVisible();
    await page.getByRole('button', { name: /Hold to see it without/ }).dispatchEvent('pointerdown');
    await expect(page.getByText('without the grad')).toBeVisible();
    await page.getByRole('button', { name: /Hold to see it without/ }).dispatchEvent('pointerup');
    await expect(page.getByText('without the grad')).toHaveCount(0);
  });
});

test.describe('a phone on its side', () => {
  test.use({ viewport: { width: 844, height: 390 }, hasTouch: true, isMobile: true });
  test('shows frame and slip beside the controls', async ({ page }) => {
    await page.goto('/demo/stands');
    await page.getByRole('link', { name: /Tholl Saddle/ }).tap();
    await settled(page);
    const frame = (await page.getByRole('group', { name: 'Frame', exact: true }).boundingBox())!;
    const rows = (await slip(page).boundingBox())!;
    const sheet = (await page.getByRole('region', { name: 'Worksheet' }).boundingBox())!;
    expect(frame.height).toBeGreaterThan(120);
    expect(rows.y + rows.height).toBeLessThanOrEqual(390);
    expect(sheet.x).toBeGreaterThanOrEqual(frame.x + frame.width);
    expect(await axe(page)).toEqual([]);
  });
});

test('a tablet upright has the phone’s layout, and its stand a name that can be read', async ({ page }) => {
  await page.setViewportSize({ width: 768, height: 1024 });
  await openDemo(page, 'tholl-saddle');
  // (fault 46)
  const name = (await page.getByLabel('Name of the stand').boundingBox())!;
  expect(name.width).toBeGreaterThan(300);
  const frame = (await page.getByRole('group', { name: 'Frame', exact: true }).boundingBox())!;
  expect(frame.width).toBeGreaterThan(450);
  // one button goes by the name of a step (fault 45)
  await expect(page.getByRole('button', { name: 'Frame', exact: true })).toHaveCount(1);
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('button', { name: 'Read' }).click();
  // rows of readings are whole
  for (const row of await page.getByRole('list', { name: 'Readings' }).locator('.truncate').all())
    expect(await row.evaluate((e) => e.scrollWidth - e.clientWidth)).toBeLessThanOrEqual(0);
});

test.describe('a portrait picture', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('keeps its shape and its place above the slip', async ({ page }) => {
    await page.goto('/demo/stands');
    await page.getByRole('link', { name: /Tholl Saddle/ }).tap();
    await settled(page);
    await page.getByRole('navigation', { name: 'Steps' }).getByRole('button', { name: 'Frame' }).tap();
    await page.getByRole('radio', { name: 'Portrait' }).tap();
    await expect
      .poll(async () => {
        const box = (await page.getByRole('group', { name: 'Frame', exact: true }).boundingBox())!;
        return box.width / box.height;
      })
      .toBeCloseTo(24 / 36, 1);
    const box = (await page.getByRole('group', { name: 'Frame', exact: true }).boundingBox())!;
    expect(box.height).toBeGreaterThan(220);
    expect(box.height).toBeLessThanOrEqual(844 * 0.28 + 1);
  });
});
