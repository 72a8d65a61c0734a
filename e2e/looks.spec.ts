import { expect, type Page, test } from '@playwright/test';
import { axe, clickFrame, openDemo, settled, slip, unfold } from './helpers';

const look = (page: Page, name: string) => page.getByRole('radio', { name, exact: true }).click();
const sheets = (page: Page) => page.getByRole('list', { name: 'Sheets of the bag, best first' });

/** A stand whose sky asks for two sheets, with a bag of its own. */
const WIDE_SPAN = {
  format: 'pale-seam',
  version: 1,
  kind: 'stand',
  stand: {
    id: 'st-wide',
    name: 'Quill Rim, hard light',
    createdAt: '2026-03-14T05:40:00Z',
    camera: { sensorWidthMm: 36, sensorHeightMm: 24 },
    lens: { focalLengthMm: 24, pupilToFilterMm: 48 },
    exposure: { aperture: 11, iso: 100 },
    skyline: [
      { u: 0, v: 0.45 },
      { u: 1, v: 0.45 },
    ],
    readings: [
      { id: 'r1', role: 'sky', u: 0.3, v: 0.1, ev100: 16 },
      { id: 'r2', role: 'land', u: 0.5, v: 0.7, ev100: 10 },
    ],
    look: { school: 'natural' },
  },
  bag: {
    slots: 2,
    filters: [
      ['h2', 2, 8],
      ['h3', 3, 8],
      ['s2', 2, 45],
    ]
      .map(([id, stops, transitionMm]) => ({
        id,
        name: `${stops} stops, ${transitionMm === 8 ? 'hard' : 'soft'}`,
        kind: 'graduated',
        stops,
        transitionMm,
        sheetLengthMm: 150,
        sheetWidthMm: 100,
      }))
      .concat([{ id: 'p', name: 'polariser', kind: 'polariser', baseLossStops: 1.5 } as never]),
  },
};

const openWide = async (page: Page) => {
  await page.goto('/demo/stands');
  await page.getByLabel('Stand files to open').setInputFiles({
    name: 'wide.paleseam.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(WIDE_SPAN)),
  });
  await expect(slip(page)).toBeVisible();
  await settled(page);
};

test.describe('the looks', () => {
  test('Bracket gives its frames and times, and shows each in the frame', async ({ page }) => {
    await openWide(page);
    await look(page, 'Bracket');
    await settled(page);
    await expect(slip(page)).toContainText('No grad: one frame holds it');
    // a deep hole to hold widens the reach
    await page.getByRole('button', { name: /Read/ }).first().click();
    await page.getByRole('radio', { name: 'EV' }).click();
    await page.getByRole('textbox', { name: 'EV at ISO 100' }).fill('3');
    await page.getByRole('button', { name: /Add land reading/ }).click();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /Balance/ }).click();
    await settled(page);
    const frames = page.getByRole('list', { name: 'Exposures, darkest picture first' });
    await expect(frames.getByRole('listitem')).toHaveCount(2);
    await expect(slip(page)).toContainText('No grad: 2 frames');
    const canvas = page.getByRole('img', { name: /^The frame as it would be/ });
    const dark = await canvas.screenshot();
    await frames.getByRole('button').nth(1).click();
    await expect(frames.getByRole('button').nth(1)).toHaveAttribute('aria-pressed', 'true');
    expect((await canvas.screenshot()).equals(dark)).toBe(false);
    await expect(
      page.getByRole('group', { name: /^Ladder of light.*mid-grey at .*mid-grey at / }),
    ).toBeVisible();
  });

  test('By the sun asks where it stands, guesses a density, and the time is the land’s', async ({ page }) => {
    await openDemo(page, 'marl-pan');
    await look(page, 'By the sun');
    await expect(slip(page)).toContainText('Where is the sun?');
    await page.getByRole('radio', { name: 'Ahead' }).click();
    await settled(page);
    await expect(slip(page)).toContainText('3 stops, hard');
    await expect(slip(page)).toContainText('a guess by the sun');
    await expect(slip(page)).toContainText('for the land alone');
    await page.getByRole('textbox', { name: 'View towards' }).fill('10');
    await page.getByRole('textbox', { name: 'Sun towards' }).fill('200');
    await settled(page);
    await expect(page.getByRole('radio', { name: 'Behind me' })).toBeChecked();
    await expect(page.getByText('1 stop to take away.')).toBeVisible();
    await page.getByRole('textbox', { name: 'Sun towards' }).fill('900');
    await expect(page.getByRole('alert')).toContainText('Between −360 and 360');
    expect(await axe(page)).toEqual([]);
  });

  test('are looked at before they are read: each row and each look in little, any two compared', async ({
    page,
  }) => {
    await openDemo(page, 'tholl-saddle');
    await page.keyboard.press('3');
    const first = page
      .getByRole('list', { name: 'Sheets of the bag, best first' })
      .getByRole('listitem')
      .nth(1);
    // painted beside the page, in colour: the sky is blue, the ground is not
    const middle = (v: number) =>
      first.locator('canvas').evaluate((c: HTMLCanvasElement, v) => {
        const [r, , b] = c.getContext('2d')!.getImageData(c.width / 2, Math.floor(v * c.height), 1, 1).data;
        return b! - r!;
      }, v);
    await expect(first.locator('canvas')).toHaveCount(1);
    expect(await middle(0.2)).toBeGreaterThan(20);
    expect(await middle(0.9)).toBeLessThan(10);
    await expect(page.getByRole('list', { name: 'The other looks' }).locator('canvas').first()).toBeVisible();
    // held, the frame shows it
    await first.getByRole('button').hover();
    await page.mouse.down();
    await expect(page.locator('svg').getByText('2 stops, soft', { exact: true })).toBeVisible();
    await page.mouse.up();
    await expect(page.locator('svg').getByText('2 stops, soft', { exact: true })).toBeHidden();
    await expect(slip(page)).toContainText('1 stop, soft');
    await unfold(page, /^Compare two/);
    await page.getByRole('combobox', { name: 'Against' }).selectOption({ label: '2 stops, soft' });
    const line = page.getByRole('slider', { name: 'Where the two part' });
    await line.press('ArrowRight');
    await expect(line).toHaveAttribute('aria-valuenow', '52');
    expect(await axe(page)).toEqual([]);
  });

  test('tell beside the plan how safe it is and what each other look would fit', async ({ page }) => {
    await openDemo(page, 'hesk-terraces');
    await expect(page.getByRole('list', { name: 'How safe it is' })).toContainText(
      /The choice stays the same for spans from \d\.\d to \d\.\d/,
    );
    const others = page.getByRole('list', { name: 'The other looks' });
    await expect(others.getByRole('listitem')).toHaveCount(6);
    await expect(others).toContainText('one frame, lifted afterwards');
    await others.getByRole('button', { name: /^Heavy/ }).click();
    await settled(page);
    await expect(page.getByRole('radio', { name: 'Heavy' })).toBeChecked();
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('radio', { name: 'Natural' })).toBeChecked();
  });
});

test('a pair is drawn as two sheets, and its order can be changed', async ({ page }) => {
  await openWide(page);
  await expect(slip(page)).toContainText('2 stops, hard with 3 stops, hard, level');
  await expect(sheets(page).getByRole('button').first()).toContainText('2 stops, hard with 3 stops, hard');
  await expect(sheets(page).getByRole('button').first().locator('svg rect')).toHaveCount(4);
  await page.keyboard.press('4');
  await expect(page.getByTestId('holder-sheet')).toHaveCount(2);
  await expect(page.getByTestId('stack-piece')).toHaveCount(2);
  // their order goes by keys, by typing a slot and by drag
  const order = page.getByRole('list', { name: 'From the lens outwards' }).getByRole('listitem');
  await expect(order.first()).toContainText('2 stops, hard');
  await page.getByRole('button', { name: /^Move 2 stops, hard/ }).press('ArrowDown');
  await expect(order.first()).toContainText('3 stops, hard');
  await page.getByRole('textbox', { name: 'Slot of 2 stops, hard' }).fill('1');
  await expect(order.first()).toContainText('2 stops, hard');
  const grip = (await page.getByRole('button', { name: /^Move 2 stops, hard/ }).boundingBox())!;
  await page.mouse.move(grip.x + 20, grip.y + 20);
  await page.mouse.down();
  await page.mouse.move(grip.x + 20, grip.y + 95, { steps: 4 });
  await page.mouse.up();
  await expect(order.first()).toContainText('3 stops, hard');
  await page.getByRole('textbox', { name: 'Slot of 2 stops, hard' }).fill('7');
  await expect(page.getByRole('alert')).toContainText('The holder has slots 1 to 2.');
  // the second sheet is slid by itself, offered where that serves, and brought back
  const second = page.getByRole('region', { name: 'Second sheet by itself' });
  await second.getByRole('button', { name: 'Second sheet higher by half a millimetre' }).click();
  await expect(second).toContainText('further out');
  await expect(second.getByRole('textbox')).toHaveValue('0.5');
  await second.getByRole('textbox').fill('40');
  await second.getByRole('textbox').press('Tab');
  await expect(second).toContainText(/30/);
  await second.getByRole('button', { name: 'Both at one seat again' }).click();
  await expect(second).toContainText('with the first');
  // flipped, the line stays where it is
  const line = (await page.getByTestId('seam').boundingBox())!;
  await page.getByRole('button', { name: 'Flip it' }).click();
  await expect(slip(page)).toContainText('upside down');
  expect((await page.getByTestId('seam').boundingBox())!.y).toBeCloseTo(line.y, -1);
  await expect(page.getByRole('list', { name: 'Too low, as it is, too high' }).locator('canvas')).toHaveCount(
    3,
  );
  expect(await axe(page)).toEqual([]);
});

test('a polariser goes on first, asks to read again, and tells what it does to this sky', async ({
  page,
}) => {
  await openWide(page);
  await page.getByRole('checkbox', { name: 'polariser' }).check();
  await settled(page);
  await expect(page.getByRole('list', { name: 'Warnings' })).toContainText(
    'without the polariser that is on the lens',
  );
  await expect(page.getByText('then sky and land are read again')).toBeVisible();
  // it has taken a slot, and what glass that cost is told
  await expect(slip(page)).toContainText('was 2 stops, hard with 3 stops, hard');
  await page.getByRole('textbox', { name: 'View towards' }).fill('0');
  await page.getByRole('textbox', { name: 'Sun towards' }).fill('90');
  await expect(page.getByText(/A clear sky comes out \d\.\d darker on the whole/)).toBeVisible();
  await expect(page.getByRole('list', { name: 'Warnings' })).toContainText('leave a dark band');
});

test('the working of a figure is shown beside the picture, and put away', async ({ page }) => {
  await openDemo(page, 'marl-pan');
  const working = page.getByRole('region', { name: 'Working' });
  await expect(working).toHaveCount(0);
  const frame = await page.getByRole('group', { name: 'Frame', exact: true }).boundingBox();
  for (const [row, line] of [
    ['2 stops, hard, level', 'sets of your bag were compared'],
    [/Along the skyline, 42 % down/, 'seam 75 mm from its dark end'],
    ['f/11, 1/15 s, ISO 100', 'The land places it'],
  ] as const) {
    await slip(page).getByRole('button', { name: row }).click();
    await expect(working).toContainText(line);
  }
  expect(await page.getByRole('group', { name: 'Frame', exact: true }).boundingBox()).toEqual(frame);
  expect(await axe(page)).toEqual([]);
  await page.getByRole('button', { name: 'Close the working' }).click();
  await expect(working).toHaveCount(0);
});

test('a feature is outlined by clicks, treated, and outlined again by keyboard', async ({ page }) => {
  await openDemo(page, 'marl-pan');
  await page.keyboard.press('1');
  await unfold(page, /^Marked in the frame: nothing/);
  await page.getByRole('button', { name: 'Outline a shape' }).click();
  for (const [u, v] of [
    [0.3, 0.44],
    [0.35, 0.1],
    [0.42, 0.44],
  ] as const)
    await clickFrame(page, u, v);
  await page.getByRole('button', { name: 'Close the shape' }).click();
  await page.getByRole('textbox', { name: 'Name of shape 1' }).fill('lone pine');
  await page.getByRole('combobox', { name: 'Treatment of lone pine' }).selectOption('protect');
  await settled(page);
  await page.getByRole('button', { name: /Balance/ }).click();
  await expect(sheets(page)).toContainText('off the lone pine, reaching 0.3');
  // a silhouette may go black, and no longer counts
  await page.getByRole('button', { name: /Frame/ }).first().click();
  await unfold(page, /^Marked in the frame: lone pine/);
  await page.getByRole('combobox', { name: 'Treatment of lone pine' }).selectOption('silhouette');
  await settled(page);
  await page.getByRole('button', { name: /Balance/ }).click();
  await expect(sheets(page)).not.toContainText('lone pine');

  await page.getByRole('button', { name: /Frame/ }).first().click();
  await unfold(page, /^Marked in the frame/);
  await page.getByRole('button', { name: 'Outline a shape' }).press('Enter');
  const cross = page.getByRole('button', { name: /^Next corner/ });
  await cross.focus();
  for (const keys of [['Shift+ArrowUp'], ['Shift+ArrowRight'], ['Shift+ArrowDown', 'Shift+ArrowRight']]) {
    for (const key of keys) await page.keyboard.press(key);
    await page.keyboard.press('Enter');
  }
  await page.getByRole('button', { name: 'Close the shape' }).press('Enter');
  const corner = page.getByRole('button', { name: /^Corner 1 of 3 of shape 2/ });
  const at = (await corner.boundingBox())!;
  await corner.focus();
  await page.keyboard.press('ArrowDown');
  expect((await corner.boundingBox())!.y).toBeGreaterThan(at.y);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Corner 1 of 4 of shape 2/ })).toBeVisible();
  await page.getByRole('button', { name: 'Delete shape 2' }).click();
  await expect(page.getByTestId('shape')).toHaveCount(1);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await expect(page.getByTestId('shape')).toHaveCount(2);
  expect(await axe(page)).toEqual([]);
});

test('what is held back has a name of its own where it is no sky', async ({ page }) => {
  await openDemo(page, 'marl-pan');
  await page.keyboard.press('1');
  await unfold(page, /^What is held back: the sky/);
  await page.getByRole('textbox', { name: 'What is held back, if it is no sky' }).fill('foliage');
  await expect(slip(page)).toContainText('with the foliage 0.9 above mid-grey');
  await page.getByRole('button', { name: /^3\s*Balance/ }).click();
  await expect(page.getByRole('group', { name: 'Keep the foliage brighter by' })).toBeVisible();
});

test('two test pictures settle the distance from pupil to filter', async ({ page }) => {
  await page.goto('/stands');
  await page.getByRole('button', { name: 'New stand' }).click();
  await page.getByRole('button', { name: /^I meter sky and land/ }).click();
  // what is assumed is set where the link lands (fault 44)
  await page.getByRole('button', { name: 'Set it in Frame' }).click();
  await expect(page.getByRole('textbox', { name: 'Focal length' })).toBeFocused();
  await unfold(page, /^Camera and lens/);
  await expect(page.getByText('estimated, good to a fifth')).toBeVisible();
  await page.getByText('Pupil to filter from two test pictures').click();
  await page.getByRole('textbox', { name: 'Sheet slid by' }).fill('10');
  await page.getByRole('textbox', { name: 'Seam moved by' }).fill('20');
  // 24 mm x 10 / (0.2 x 24)
  await page.getByRole('button', { name: 'Take 50 mm for this lens' }).click();
  await expect(page.getByRole('textbox', { name: 'Pupil to filter' })).toHaveValue('50');
  await expect(page.getByText('estimated, good to a fifth')).toHaveCount(0);
});

test('the bag holds NDs, polarisers, measured sheets and what the holder is', async ({ page }) => {
  await page.goto('/demo/bag');
  const label = page.getByRole('textbox', { name: 'Add what is printed on the rim' });
  await label.fill('polariser');
  await label.press('Enter');
  await page
    .getByRole('button', { name: /^polariser/ })
    .last()
    .click();
  await page.getByRole('textbox', { name: 'Base loss' }).fill('1.7');
  await label.fill('ND64 dyed');
  await label.press('Enter');
  await expect(page.getByRole('list', { name: 'Filters' })).toContainText('dyed: denser towards the corners');
  await page.getByRole('button', { name: /^2 stops, medium/ }).click();
  await page.getByRole('combobox', { name: 'Kind' }).selectOption('measured');
  await page.getByRole('textbox', { name: 'Sample 1' }).fill('40');
  await expect(page.getByRole('alert')).toContainText('Between its neighbours.');
  await page.getByRole('textbox', { name: 'Sample 1' }).fill('-14');
  await page.getByRole('button', { name: 'Add a sample' }).click();
  await expect(page.getByRole('list', { name: 'Filters' })).toContainText('measured at 4 places');
  await page.getByRole('button', { name: 'Add a ring' }).click();
  await page.getByRole('textbox', { name: 'Clear width' }).last().fill('60');
  expect(await axe(page)).toEqual([]);
  await page.getByRole('link', { name: 'Stands' }).click();
  await page.getByRole('link', { name: /Marl Pan/ }).click();
  await settled(page);
  await expect(page.getByRole('list', { name: 'Warnings' })).toContainText('behind the adapter ring');
});

test('what belongs to earlier readings goes quiet until it is worked out anew', async ({ page }) => {
  await page.addInitScript(() => {
    const post = Worker.prototype.postMessage;
    Worker.prototype.postMessage = function (...args: unknown[]) {
      const isSlow = (window as unknown as { slow?: boolean }).slow;
      setTimeout(() => post.apply(this, args as Parameters<typeof post>), isSlow ? 3000 : 0);
    };
  });
  await openDemo(page, 'marl-pan');
  await expect(slip(page)).toHaveAttribute('data-stale', 'false');
  const colour = () =>
    slip(page)
      .getByText(/^Along the skyline/)
      .evaluate((e) => getComputedStyle(e).color);
  const certain = await colour();
  await page.evaluate('window.slow = true');
  await page.getByRole('button', { name: 'Keep more' }).click();
  await expect(slip(page)).toHaveAttribute('data-stale', 'true');
  await expect(slip(page)).toHaveAttribute('data-state', 'waiting');
  await expect(slip(page)).toContainText('being worked out anew');
  await expect.poll(colour).not.toBe(certain);
  await settled(page);
  await expect(slip(page)).toHaveAttribute('data-stale', 'false');
  await expect.poll(colour).toBe(certain);
});
