import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** The three rows of the slip as they stand. */
export const slip = (page: Page) => page.getByRole('region', { name: 'Slip' });

/** Fails the test when the page asks another machine for anything, or the browser reports an error. */
export function watch(page: Page): { readonly faults: string[] } {
  const faults: string[] = [];
  page.on('request', (request) => {
    const url = new URL(request.url());
    if (!['blob:', 'data:'].includes(url.protocol) && url.hostname !== 'localhost')
      faults.push(request.url());
  });
  page.on('pageerror', (error) => faults.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error' || /Content Security Policy/.test(message.text()))
      faults.push(message.text());
  });
  return { faults };
}

/** Clicks the frame at a place given in parts of it. */
export async function clickFrame(page: Page, u: number, v: number): Promise<void> {
  const frame = page.getByRole('group', { name: 'Frame', exact: true });
  const box = (await frame.boundingBox())!;
  await frame.click({ position: { x: u * box.width, y: v * box.height } });
}

/** Waits until the answer on the screen belongs to the stand as it is. */
export async function settled(page: Page): Promise<void> {
  await expect(slip(page)).toHaveAttribute('data-state', /ready|fault/);
  await expect(page.getByText('Saved', { exact: true })).toBeAttached();
}

/** Finds what a machine can find of barriers on the page: in one go, since no page of ours has frames of another origin. */
export async function axe(page: Page): Promise<string[]> {
  const builder = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  const { violations } = await builder.analyze();
  return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
}

/** The stands of the demo, by their ids. */
export type DemoStand =
  | 'amber-gap'
  | 'hesk-terraces'
  | 'marl-pan'
  | 'quill-rim'
  | 'sarrat-dune'
  | 'tholl-saddle'
  | 'vann-snowfield';

/** Opens a stand of the demo by its address, and waits for its answer. */
export async function openDemo(page: Page, id: DemoStand): Promise<void> {
  await page.goto(`/demo/stands/${id}`);
  await settled(page);
}

/** Unfolds what lies behind a line, where it is folded still. */
export async function unfold(page: Page, line: RegExp): Promise<void> {
  const summary = page.locator('summary').filter({ hasText: line });
  if (await summary.evaluate((s) => !(s.parentElement as HTMLDetailsElement).open)) await summary.click();
}

/** Takes what stands beside a stand's menu where there is room, and in it where there is none. */
export async function fromHeader(page: Page, item: string): Promise<void> {
  const beside = page.getByRole('button', { name: item, exact: true });
  if (await beside.isVisible()) await beside.click();
  else await fromMenu(page, 'More', item);
}

/** Takes something from a menu. */
export async function fromMenu(page: Page, menu: string, item: string): Promise<void> {
  await page.getByRole('button', { name: menu, exact: true }).click();
  await page.getByRole('menuitem', { name: item }).click();
}
