import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import sharp from 'sharp';
import { axe, fromMenu, unfold, watch } from './helpers';

/** A picture that tells where and when it was taken. */
const scouted = () =>
  sharp({ create: { width: 60, height: 40, channels: 3, background: '#8899aa' } })
    .withExif({
      IFD2: { DateTimeOriginal: '2026:03:14 05:41:00' },
      IFD3: {
        GPSLatitudeRef: 'N',
        GPSLatitude: '55/1 30/1 0/1',
        GPSLongitudeRef: 'W',
        GPSLongitude: '3/1 15/1 0/1',
      },
    })
    .jpeg()
    .toBuffer();

test('an outing is planned from its day to its packing, kept, undone and taken elsewhere', async ({
  page,
}) => {
  const seen = watch(page);
  await page.goto('/demo/outings');
  await page.getByRole('button', { name: 'New outing' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Tholl in the evening');
  await page.getByLabel('Day', { exact: true }).fill('2026-06-20');
  const zone = page.getByRole('textbox', { name: 'Its hours are those of' });
  await zone.fill('Nowhere/At_All');
  await expect(page.getByRole('alert')).toContainText('A zone by its name');
  await zone.fill('UTC');
  // the place by a picture that tells it, then typed over
  await page.getByLabel('Picture of the place').setInputFiles({
    name: 'scout.jpg',
    mimeType: 'image/jpeg',
    buffer: await scouted(),
  });
  await expect(page.getByRole('textbox', { name: 'Latitude' })).toHaveValue('55.5');
  await expect(page.getByRole('textbox', { name: 'Longitude' })).toHaveValue('-3.25');
  await expect(page.getByRole('button', { name: /^Its day too: .*14 March 2026/ })).toBeVisible();
  await page.getByRole('textbox', { name: 'Latitude' }).fill('56');
  await page.getByRole('textbox', { name: 'Longitude' }).fill('0');
  await expect(page.getByRole('heading', { name: 'Tholl in the evening', level: 1 })).toBeVisible();
  // sunset of that day at that place, by the almanac: 20:50
  const strip = page.getByRole('img', { name: /^The light of the day/ });
  await expect(strip).toHaveAttribute('aria-label', /sunset 20:(49|50|51)/);

  // framings, the sun over them, their hours
  const add = page.getByRole('combobox', { name: 'Add a framing' });
  await add.selectOption('tholl-saddle');
  await add.selectOption('new');
  const framings = page.getByRole('region', { name: 'Framings, in their turn' });
  await expect(framings.getByRole('listitem')).toHaveCount(2);
  const first = framings.getByRole('listitem').first();
  await first.getByText('Direction, walk, stay and water').click();
  await first.getByRole('textbox', { name: 'Looks to' }).fill('315');
  await first.getByRole('textbox', { name: 'Walk there' }).fill('30');
  await page.getByRole('textbox', { name: 'Walk in begins' }).fill('1950');
  await expect(first).toContainText('20:20–');
  await expect(first).toContainText(/looks 315° NW.*sun behind its skyline/);
  await expect(first).toContainText(/span about \d\.\d stops \(/);
  await expect(page.getByRole('region', { name: 'Worth being there for' })).toContainText(
    'The sun goes down within the frame',
  );
  await page.getByRole('button', { name: /^Tholl Saddle.* later$/ }).click();
  await expect(framings.getByRole('listitem').last()).toContainText('Tholl Saddle');

  // the tide as it is pasted, understood before it is taken; a shore with rising water behind
  await page.getByRole('checkbox', { name: 'A shore' }).check();
  const care = page.getByRole('region', { name: 'With care' });
  await expect(care).toContainText('look it up in a local table');
  await page.getByLabel('High and low water, a line each').fill('LW 18:30 0.6 m\nnonsense\nHW 00:40 4.9 m');
  const understood = page.getByRole('list', { name: 'As it is understood' });
  await expect(understood.getByRole('listitem')).toHaveText([
    'low water 18:30: 0.6 m',
    /no hour such as 10:20/,
    'high water the day after, 00:40: 4.9 m',
  ]);
  await page.getByRole('button', { name: /^Take these 2/ }).click();
  await expect(care).toContainText(/The water rises from 19:50 until 00:40.*local tide table/);
  await page.getByRole('radio', { name: 'Fast cloud' }).click();
  await expect(page.getByRole('list', { name: 'What follows from it' })).toContainText('ND along');

  // into a calendar, in universal time
  const calendar = page.waitForEvent('download');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Into the calendar' }).click();
  const ics = readFileSync(await (await calendar).path(), 'utf8');
  expect(ics).toContain('DTSTART:20260620T195000Z');
  expect(ics).toContain('BEGIN:VALARM');

  // packing, ticked and weighed
  const packing = page.getByRole('region', { name: 'To pack' });
  await packing.getByRole('textbox', { name: /^Take along/ }).fill('Torch');
  await packing.getByRole('button', { name: 'Add' }).click();
  await packing.getByRole('checkbox', { name: 'Torch' }).check();
  await unfold(page, /^Weights/);
  await packing.getByRole('textbox', { name: 'Torch' }).fill('90');
  await expect(packing).toContainText('90 g');
  expect(await axe(page)).toEqual([]);

  // its card: looked at, printed with nothing of the screen, and saved
  await fromMenu(page, 'More', 'Card to print');
  await expect(page.getByRole('img', { name: /^Tholl in the evening, page 1 of 1/ })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  const paper = page.locator('.paper');
  await expect(paper).toContainText(/Tholl in the evening.*20:45–.*To pack.*Torch.*said here/s);
  await expect(page.getByRole('button', { name: 'Print', exact: true })).toBeHidden();
  await page.emulateMedia({ media: null });
  await expect(paper).toBeHidden();
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as PDF' }).click(),
  ]);
  expect(pdf.suggestedFilename()).toMatch(/\.pdf$/);
  expect(
    readFileSync(await pdf.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  expect(await axe(page)).toEqual([]);
  await page.getByRole('link', { name: 'Back to the outing' }).click();

  // kept, and there again after a load; undone step by step
  await page.waitForTimeout(300);
  await page.reload();
  await expect(packing.getByRole('checkbox', { name: 'Torch' })).toBeChecked();
  await page.getByRole('link', { name: 'All outings' }).click();
  await expect(page.getByRole('link', { name: /Tholl in the evening/ })).toContainText(
    'Saturday, 20 June 2026 · 2 framings',
  );
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'More for Tholl in the evening' }).click();
  await page.getByRole('menuitem', { name: 'Save as a file' }).click();
  const file = JSON.parse(readFileSync(await (await download).path(), 'utf8')) as {
    kind: string;
    outing: { tides: { at: string }[]; framings: object[] };
  };
  expect(file.kind).toBe('outing');
  expect(file.outing.tides.map((t) => t.at)).toEqual([
    '2026-06-20T18:30:00.000Z',
    '2026-06-21T00:40:00.000Z',
  ]);
  await page.getByRole('button', { name: 'More for Tholl in the evening' }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(page.getByRole('link', { name: /Tholl in the evening/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(page.getByRole('link', { name: /Tholl in the evening/ })).toBeVisible();
  // places come in from GPX, and go out
  await page.getByLabel('GPX file of places').setInputFiles({
    name: 'walk.gpx',
    mimeType: 'application/gpx+xml',
    buffer: Buffer.from(
      '<gpx version="1.1"><wpt lat="56" lon="-3"><name>Gate</name></wpt><wpt lat="99" lon="0"/></gpx>',
    ),
  });
  await expect(page.getByRole('status').filter({ hasText: 'One place is in' })).toContainText('wpt[1].lat');
  await expect(page.getByText('Gate', { exact: true })).toBeVisible();
  const out = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As GPX' }).click();
  expect(readFileSync(await (await out).path(), 'utf8')).toContain('<name>Gate</name>');

  // a framing becomes a stand whose place and direction are known
  await page.getByRole('link', { name: /Tholl in the evening/ }).click();
  const second = framings.getByRole('listitem').first();
  await second.getByText('Direction, walk, stay and water').click();
  await second.getByRole('textbox', { name: 'Name' }).fill('The ford');
  await second.getByRole('button', { name: 'Begin its stand' }).click();
  await expect(page.getByRole('heading', { name: 'The ford', level: 1 })).toBeAttached();
  await page.goBack();
  await expect(second.getByRole('link', { name: 'The ford' })).toBeVisible();
  expect(await axe(page)).toEqual([]);
  expect(seen.faults).toEqual([]);
});
