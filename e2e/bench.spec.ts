import { expect, type Page, test } from '@playwright/test';
import { axe, clickFrame, slip, watch } from './helpers';

/** The bench: a scene is made, read by the simulated meter, shot, and told of, with the steps of any stand. */

test.describe.configure({ timeout: 180_000 });

const step = async (page: Page, name: string) =>
  page.getByRole('button', { name: new RegExp(`^\\d ?${name}`) }).click();

const begin = async (page: Page, button: string) => {
  await page.getByRole('button', { name: button }).click();
  await page.waitForURL(/\/bench\/stands\//, { timeout: 120_000 });
  await expect(page.getByRole('region', { name: 'On the bench' })).toBeVisible();
};

test('an exercise is read, shot, told of and kept', async ({ page }) => {
  const seen = watch(page);
  await page.goto('/demo/bench');
  await expect(page.getByText('None of 10 done yet')).toBeVisible();
  expect(await axe(page)).toEqual([]);
  await begin(page, 'Begin: The ND that was left on');
  const head = page.getByRole('region', { name: 'On the bench' });
  await expect(head).toContainText('from the frame before: ND of 6 stops');

  // what is left on the lens takes its light from what the meter shows, and can be taken off
  await clickFrame(page, 0.4, 0.75);
  const frame = page.getByRole('group', { name: 'Frame', exact: true });
  await expect(frame).toContainText(/\d\.\d/);
  const evOf = async () => Number(/\d+\.\d/.exec((await frame.textContent()) ?? '')?.[0]);
  const through = await evOf();
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await head.getByRole('button', { name: 'Take it off' }).click();
  await expect(head).not.toContainText('from the frame before');
  await clickFrame(page, 0.4, 0.75);
  await expect.poll(async () => (await evOf()) - through).toBeGreaterThan(5.5);
  for (const [u, v] of [
    [0.7, 0.8],
    [0.25, 0.15],
    [0.7, 0.2],
  ] as const)
    await clickFrame(page, u, v);

  // nothing is advised: the sheet is one's own choice, and stays where it is laid
  await expect(slip(page)).toContainText('Choose a sheet yourself');
  await step(page, 'Balance');
  await page.getByRole('button', { name: /2 stops, hard/ }).click();
  await expect(slip(page)).toContainText('2 stops, hard');
  expect(await axe(page)).toEqual([]);
  await page.getByRole('button', { name: 'I have shot it' }).click();
  const shown = page.getByRole('region', { name: 'What the camera shows' });
  await expect(shown.locator('canvas')).toBeVisible();
  await shown.getByRole('button', { name: 'Tell me how it went' }).click();
  const told = page.getByRole('region', { name: 'How it went' });
  await expect(told).toContainText(/This picture was to be made with the ND of 6 stops/);
  await expect(told.getByRole('row')).toHaveCount(4);
  await expect(told).toContainText(/An experienced hand: .*2 stops, hard/);
  expect(await axe(page)).toEqual([]);
  await page.reload();
  await step(page, 'Check');
  await expect(told).toContainText(/Not yet what an experienced hand would have/);

  // it counts on the bench, and is nowhere else
  await told.getByRole('link', { name: 'To the bench' }).click();
  await expect(page.getByRole('listitem', { name: 'The ND that was left on' })).toContainText('not yet');
  const tries = page.getByRole('region', { name: 'Tries' });
  await expect(tries.getByRole('listitem')).toHaveCount(1);
  await tries.getByRole('button', { name: /^Throw the try/ }).click();
  await expect(tries).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tries.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('link', { name: 'Stands' }).click();
  await expect(page.getByRole('link', { name: /Tholl Saddle/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /left on/ })).toHaveCount(0);
  expect(seen.faults).toEqual([]);
});

test('a scene of one’s own is made with one’s own glass, and the same one again with nothing read', async ({
  page,
}) => {
  await page.goto('/bench');
  const own = page.getByRole('region', { name: 'A scene of your own' });
  await own.getByRole('combobox', { name: 'Landscape' }).selectOption('ridges');
  await expect(own.getByRole('textbox', { name: 'Lens' })).toHaveValue('180');
  await own.getByRole('button', { name: 'Another scene by chance' }).click();
  await expect(own.getByRole('textbox', { name: 'Number of the scene' })).not.toHaveValue('1');
  await own.getByRole('radio', { name: 'my own bag' }).click();
  await own.getByRole('radio', { name: 'overcast' }).click();
  // it can be left while it is being made
  await own.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await begin(page, 'Make it');
  await expect(page.getByRole('textbox', { name: 'Name of the stand' })).toHaveValue(
    'Layered ridges, sun low',
  );
  await clickFrame(page, 0.4, 0.8);
  await clickFrame(page, 0.4, 0.1);
  // the advice is a press away, and is noted
  await step(page, 'Balance');
  await page.getByRole('button', { name: 'Show the advice after all' }).click();
  await expect(slip(page)).toHaveAttribute('data-state', 'ready');
  await page.keyboard.press('x');
  await page.getByRole('button', { name: 'Tell me how it went' }).click();
  const told = page.getByRole('region', { name: 'How it went' });
  await told.getByRole('button', { name: 'The same scene again' }).click();
  await expect(slip(page)).toContainText('Point the camera at the land');
  await page.getByRole('link', { name: 'The bench' }).click();
  await expect(page.getByRole('region', { name: 'Tries' })).toContainText('with the advice open');
  await expect(page.getByRole('region', { name: 'Tries' }).getByRole('listitem')).toHaveCount(2);
});
