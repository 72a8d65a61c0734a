import { expect, type Page, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { radianceFile } from '../src/testing/radiance-file';
import { rawFile } from '../src/testing/raw-file';
import { axe, fromMenu, openDemo, settled, slip, watch, unfold } from './helpers';

const DUNES = readFileSync('src/demo/pictures/sarrat-dune.jpg');

const choose = (page: Page, name: string, buffer: Buffer, mimeType = 'image/jpeg') =>
  page.getByLabel('Picture for the frame').setInputFiles({ name, mimeType, buffer });
const frame = (page: Page) => page.locator('canvas').first();

/** A stand of one's own without anything in it, its first step open. */
async function newStand(page: Page): Promise<void> {
  await page.goto('/stands');
  await page.getByRole('button', { name: 'New stand' }).first().click();
  await page.getByRole('button', { name: /^I meter sky and land/ }).click();
  await expect(slip(page)).toBeVisible();
  await page.keyboard.press('1');
  await expect(page.getByRole('region', { name: 'Picture', exact: true })).toBeVisible();
}

test.describe('a picture in the frame', () => {
  test('comes in with its data offered, its skyline proposed, and stays over a reload', async ({ page }) => {
    const seen = watch(page);
    await newStand(page);
    const drawn = await frame(page).screenshot();
    await choose(page, 'dune.jpg', DUNES);
    const offers = page.getByRole('heading', { name: 'The picture tells otherwise' });
    await expect(offers).toBeVisible();
    // nothing of what it tells is applied over what stands there
    await page.getByRole('button', { name: 'Take Aperture f/8' }).click();
    await page.getByRole('button', { name: 'Change aperture and ISO' }).click();
    await expect(page.getByRole('textbox', { name: 'Aperture' }).first()).toHaveValue('8');
    await page.getByRole('button', { name: 'Leave as it is' }).click();
    await expect(offers).toBeHidden();
    await expect(page.getByRole('region', { name: 'Picture', exact: true })).toContainText(
      'rough, from its exposure alone',
    );
    await expect(page.getByText(/A skyline is found/)).toBeVisible({ timeout: 60_000 });
    await page.getByRole('button', { name: 'Use it' }).click();
    await expect(page.getByRole('button', { name: /^Skyline point 1 of/ })).toBeVisible();
    await page.evaluate(() => new Promise(requestAnimationFrame));
    expect((await frame(page).screenshot()).equals(drawn)).toBe(false);
    expect(await axe(page)).toEqual([]);
    await expect(page.getByText('Saved', { exact: true })).toBeAttached();
    await page.reload();
    await expect(slip(page)).toBeVisible();
    await page.keyboard.press('1');
    await expect(page.getByRole('region', { name: 'Picture', exact: true })).toContainText('dune.jpg');
    // the way back goes through the whole stand
    await page.getByRole('button', { name: 'Take it out' }).click();
    await expect(page.getByRole('button', { name: 'Choose a picture' })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('region', { name: 'Picture', exact: true })).toContainText('dune.jpg');
    expect(seen.faults).toEqual([]);
  });

  test('is read as JPEG, PNG, WebP and AVIF, turned as it was held', async ({ page }) => {
    await newStand(page);
    const image = () => sharp(DUNES).resize(300);
    const files: [string, string, Buffer][] = [
      ['a.png', 'image/png', await image().png().toBuffer()],
      ['a.webp', 'image/webp', await image().webp().toBuffer()],
      ['a.avif', 'image/avif', await image().avif().toBuffer()],
      ['turned.jpg', 'image/jpeg', await image().withMetadata({ orientation: 6 }).jpeg().toBuffer()],
    ];
    for (const [name, type, buffer] of files) {
      await choose(page, name, buffer, type);
      await expect(page.getByRole('region', { name: 'Picture', exact: true })).toContainText(name);
    }
    // the camera was only assumed to lie: the picture stands, and so does the frame
    await expect(page.getByRole('radio', { name: 'Portrait' })).toBeChecked();
  });

  test('that cannot be used is refused by name, and nothing changes', async ({ page }) => {
    await openDemo(page, 'sarrat-dune');
    await page.keyboard.press('1');
    const before = await slip(page).textContent();
    const large = Buffer.from(await sharp(DUNES).resize(60).png().toBuffer());
    large.writeUInt32BE(10_000, 16);
    large.writeUInt32BE(10_000, 20);
    const hostile: [Buffer, string][] = [
      [Buffer.alloc(0), 'is empty'],
      [Buffer.from('<html><script>alert(1)</script>'), 'is no picture that is known here'],
      [DUNES.subarray(0, 20_000), 'breaks off before its end'],
      [large, 'more pixels than the page’s memory holds'],
      [Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 4, 0, 0, 0xff, 0xd9]), 'damaged'],
      [Buffer.from('GIF89a-------------------------'), 'of a kind that is not read'],
    ];
    for (const [buffer, words] of hostile) {
      await choose(page, 'wrong.jpg', buffer);
      await expect(
        page.getByRole('region', { name: 'Picture', exact: true }).getByRole('alert'),
      ).toContainText(words);
    }
    await expect(page.getByRole('region', { name: 'Picture', exact: true })).toContainText('sarrat-dune.jpg');
    expect(await slip(page).textContent()).toBe(before);
  });

  test('comes in by dropping and by pasting, and is shown without colours and with what clips', async ({
    page,
  }) => {
    await newStand(page);
    const files = async (kind: 'drop' | 'paste') => {
      await page.evaluate(
        ([kind, base64]) => {
          const bytes = Uint8Array.from(atob(base64!), (c) => c.charCodeAt(0));
          const data = new DataTransfer();
          data.items.add(new File([bytes], `${kind}.jpg`, { type: 'image/jpeg' }));
          const target = document.querySelector('canvas')!;
          const event =
            kind === 'drop'
              ? new DragEvent('drop', { bubbles: true, cancelable: true, dataTransfer: data })
              : new ClipboardEvent('paste', { bubbles: true, cancelable: true, clipboardData: data });
          target.dispatchEvent(event);
        },
        [kind, DUNES.toString('base64')],
      );
      await expect(page.getByRole('region', { name: 'Picture', exact: true })).toContainText(`${kind}.jpg`);
    };
    await files('drop');
    await files('paste');
    await page.getByRole('button', { name: 'Leave as it is' }).click();
    const colours = await frame(page).screenshot();
    await unfold(page, /^Shown: in colour/);
    await page.getByLabel('Without colours').check();
    await expect.poll(async () => (await frame(page).screenshot()).equals(colours)).toBe(false);
    const grey = await sharp(await frame(page).screenshot())
      .removeAlpha()
      .stats();
    const grey2 = await frame(page).screenshot();
    expect(Math.abs(grey.channels[0]!.mean - grey.channels[2]!.mean)).toBeLessThan(6);
    await page.getByLabel('Mark what clips').check();
    await expect.poll(async () => (await frame(page).screenshot()).equals(grey2)).toBe(false);
  });

  test('goes out with its stand and comes in elsewhere; a stand that came without says so', async ({
    page,
    browser,
  }) => {
    await openDemo(page, 'amber-gap');
    const bundle = page.waitForEvent('download');
    await fromMenu(page, 'More', 'Export with its picture');
    const file = await (await bundle).path();
    const elsewhere = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
    const open = async (name: string, buffer: Buffer) => {
      await elsewhere.goto('/stands');
      await elsewhere.getByLabel('Stand files to open').setInputFiles({ name, mimeType: '', buffer });
      await settled(elsewhere);
      await elsewhere.keyboard.press('1');
      await expect(elsewhere.getByRole('region', { name: 'Picture', exact: true })).toContainText(
        'amber-gap.jpg',
      );
    };
    await open('amber.paleseam.json', readFileSync('src/demo/amber-gap.paleseam.json'));
    await expect(elsewhere.getByText('It is not on this device')).toBeVisible();
    await open('amber.paleseam.zip', readFileSync(file));
    await expect(elsewhere.getByText('It is not on this device')).toBeHidden();
    await elsewhere.context().close();
  });

  test('has its skyline drawn by hand over a stretch, in one step of undo', async ({ page }) => {
    await openDemo(page, 'marl-pan');
    await page.keyboard.press('1');
    const points = page.getByRole('button', { name: /^Skyline point/ });
    await expect(points).toHaveCount(2);
    const box = (await page.getByRole('group', { name: 'Frame', exact: true }).boundingBox())!;
    const at = (u: number, v: number) => [box.x + u * box.width, box.y + v * box.height] as const;
    await page.mouse.move(...at(0.35, 0.55));
    await page.mouse.down();
    for (let i = 1; i <= 20; i++)
      await page.mouse.move(...at(0.35 + i * 0.02, 0.55 - 0.15 * Math.sin((i * Math.PI) / 20)));
    await page.mouse.up();
    await expect.poll(() => points.count()).toBeGreaterThan(5);
    await page.keyboard.press('Control+z');
    await expect(points).toHaveCount(2);
    // a shape is swept round in the same way
    await unfold(page, /^Marked in the frame: nothing/);
    await page.getByRole('button', { name: 'Outline a shape' }).click();
    await page.mouse.move(...at(0.6, 0.6));
    await page.mouse.down();
    for (let i = 1; i <= 16; i++)
      await page.mouse.move(
        ...at(0.6 + 0.1 * Math.sin((i * Math.PI) / 8), 0.7 - 0.1 * Math.cos((i * Math.PI) / 8)),
      );
    await page.mouse.up();
    await page.getByRole('button', { name: 'Close the shape' }).click();
    await expect(page.getByTestId('shape')).toHaveCount(1);
    // or brushed over, by hand and by key
    await page.getByRole('button', { name: 'Outline a shape' }).click();
    await page.getByRole('radio', { name: 'Brush' }).click();
    await page.mouse.move(...at(0.2, 0.7));
    await page.mouse.down();
    await page.mouse.move(...at(0.3, 0.75), { steps: 6 });
    await page.mouse.up();
    await expect(page.getByText('Go on brushing')).toBeVisible();
    await page.getByRole('button', { name: 'Begin again' }).click();
    await page.getByRole('button', { name: /^Brush, 50 % across/ }).focus();
    for (const key of ['ArrowDown', 'Enter']) await page.keyboard.press(`Shift+${key}`);
    await page.getByRole('button', { name: 'Close the shape' }).click();
    await expect(page.getByTestId('shape')).toHaveCount(2);
  });

  test('of high dynamic range and a camera’s raw file fill the frame, under the page’s own policy', async ({
    page,
  }) => {
    const seen = watch(page);
    await newStand(page);
    const drawn = await frame(page).screenshot();
    const light = (_: number, row: number) => (row < 70 ? 0.6 : 0.02);
    await choose(page, 'plain.dng', rawFile({ columns: 240, rows: 160, light }), '');
    await expect(page.getByRole('button', { name: 'Take ISO 200' })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Picture', exact: true })).toContainText('plain.dng');
    await expect.poll(async () => (await frame(page).screenshot()).equals(drawn)).toBe(false);
    const raw = await frame(page).screenshot();
    const hdr = radianceFile(120, 80, (column, row) => (row < 40 ? [30, 32, 40] : [0.4, 0.3, column / 200]));
    await choose(page, 'merged.hdr', Buffer.from(hdr), '');
    await expect(page.getByRole('region', { name: 'Picture', exact: true })).toContainText('merged.hdr');
    await expect.poll(async () => (await frame(page).screenshot()).equals(raw)).toBe(false);
    // what is no raw file after all is refused, and the picture stays
    await choose(page, 'notes.tif', Buffer.from(`II*\0${'-'.repeat(3000)}`), '');
    await expect(page.getByRole('region', { name: 'Picture', exact: true }).getByRole('alert')).toContainText(
      'of a kind that is not read',
    );
    await expect(page.getByRole('region', { name: 'Picture', exact: true })).toContainText('merged.hdr');
    expect(seen.faults).toEqual([]);
  });

  test('is looked at closely by wheel, keys and fingers, with a way back, and cropped under a mask', async ({
    page,
  }) => {
    await openDemo(page, 'hesk-terraces');
    await page.keyboard.press('1');
    await unfold(page, /^Shown/);
    const closeness = page.getByRole('group', { name: 'Looked at closely' });
    const first = page.getByRole('button', { name: /^Skyline point 2 of/ });
    const before = (await first.boundingBox())!;
    await page.mouse.move(before.x + before.width / 2, before.y + before.height / 2);
    await page.mouse.wheel(0, -400);
    await expect(closeness).toContainText('2.0×');
    // what is under the pointer stays there
    const after = (await first.boundingBox())!;
    expect(Math.abs(after.x + after.width / 2 - before.x - before.width / 2)).toBeLessThan(2);
    await page.keyboard.press('+');
    await expect(closeness).toContainText('3.0×');
    const marked = await first.boundingBox();
    await page.getByRole('group', { name: 'Frame', exact: true }).focus();
    await page.keyboard.press('ArrowRight');
    await expect.poll(async () => (await first.boundingBox())!.x).toBeLessThan(marked!.x);
    await page.getByRole('button', { name: /^Whole frame/ }).click();
    await expect(closeness).toContainText('whole');
    await page.getByLabel('Level grid').check();
    await expect(page.getByTestId('level-grid')).toContainText('a line each 5°');
    await unfold(page, /^Print: the whole frame/);
    await page.getByRole('combobox', { name: 'Crop' }).selectOption('1:1');
    await expect(page.getByTestId('crop')).toBeAttached();
    await expect(page.getByText(/^Leaves 24.0 × 24.0 mm of the sensor/)).toBeVisible();
    await settled(page);
    expect(await axe(page)).toEqual([]);
  });

  test('is metered: what lies under the pointer is read from it, beside what another meter shows', async ({
    page,
  }) => {
    await openDemo(page, 'sarrat-dune');
    await page.keyboard.press('2');
    await page.getByRole('radio', { name: 'Picture', exact: true }).click();
    const box = (await page.getByRole('group', { name: 'Frame', exact: true }).boundingBox())!;
    const [x, y] = [box.x + 0.5 * box.width, box.y + 0.2 * box.height];
    await page.mouse.move(x, y);
    await expect(page.getByTestId('picture-meter')).toContainText(/sky EV \d+\.\d/);
    await page.mouse.click(x, y);
    const readings = page.getByRole('list', { name: 'Readings', exact: true });
    await expect(readings.getByRole('listitem').last()).toContainText('from the picture');
    await expect(page.getByRole('button', { name: /^Reading of sky 4/ })).toBeAttached();
    // by keyboard: a place, moved, and Enter
    await page.getByRole('button', { name: 'Place', exact: true }).click();
    const draft = page.getByRole('button', { name: /^New land reading/ });
    await draft.focus();
    for (const key of ['Shift+ArrowDown', 'Shift+ArrowDown', 'Enter']) await page.keyboard.press(key);
    await expect(page.getByRole('button', { name: /^Reading of land 3/ })).toBeAttached();
    await page.keyboard.press('Control+z');
    await page.getByRole('radio', { name: 'Settings' }).click();
    await page.keyboard.press('h');
    await expect(page.getByLabel('This one is to be held (key H)')).toBeChecked();
    await page.locator('#reading-shutter').fill('4000 lux');
    await expect(page.getByText('4000 lux on the spot: EV 10.6')).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(readings.getByRole('listitem').last()).toContainText('to be held');
    await expect(page.getByRole('region', { name: 'Readings together' })).toContainText('mean of 4');
    // a shutter time is stepped by thirds from the guess
    await page.locator('#reading-shutter').press('ArrowUp');
    const first = await page.locator('#reading-shutter').inputValue();
    await page.locator('#reading-shutter').press('ArrowUp');
    expect(await page.locator('#reading-shutter').inputValue()).not.toBe(first);
    expect(await axe(page)).toEqual([]);
  });

  test('of the demo fills the frame on a phone too, spread by two fingers, with where to focus and what to leave out', async ({
    browser,
  }) => {
    const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'block' } as const;
    const page = await (await browser.newContext(phone)).newPage();
    await openDemo(page, 'hesk-terraces');
    await page.getByRole('navigation').getByRole('button', { name: /Frame/ }).click();
    await unfold(page, /^Focus/);
    await expect(page.getByRole('region', { name: 'Focus' })).toContainText(
      /Focus at \d+(\.\d+)? m: sharp from/,
    );
    const box = (await page.getByRole('group', { name: 'Frame', exact: true }).boundingBox())!;
    const fingers = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', apart: readonly number[]) =>
      fingers.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: apart.map((dx, id) => ({
          x: box.x + box.width / 2 + dx,
          y: box.y + box.height * 0.8,
          id,
        })),
      });
    await touch('touchStart', [-20]);
    await touch('touchStart', [-20, 20]);
    for (const apart of [24, 32, 44, 60]) await touch('touchMove', [-apart, apart]);
    await touch('touchEnd', []);
    await expect(page.getByRole('button', { name: /^Whole frame/ })).toBeVisible();
    // two fingers draw nothing
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await page.getByRole('button', { name: /^Whole frame/ }).tap();
    await expect(page.getByRole('button', { name: /^Whole frame/ })).toBeHidden();
    await unfold(page, /^Leave out: pump house/);
    await page.getByLabel('Something to leave out').fill('the mast on the left ridge');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByText('the mast on the left ridge')).toBeVisible();
    await page.getByRole('button', { name: 'Take “pump house, lower right” off the list' }).click();
    await expect(page.getByText('pump house, lower right')).toBeHidden();
    await settled(page);
  });
});
