import { type Browser, type Page } from '@playwright/test';
import { build } from 'esbuild';
import { type Figure, figure } from './measure';
import { served } from './served';

const TIMES = 5;

interface Watch {
  readonly beginRenders: () => void;
  readonly endRenders: () => Promise<number>;
}

/** How many parts of a stand's screen are rendered when it is opened, and how many by what hands do to it. */
export const renderFigures = (): AsyncGenerator<Figure> => served(figuresOf);

async function* figuresOf(browser: Browser, address: string): AsyncGenerator<Figure> {
  const { outputFiles } = await build({
    entryPoints: ['bench/in-page/renders.ts'],
    bundle: true,
    write: false,
    format: 'iife',
    tsconfig: 'tsconfig.base.json',
    logLevel: 'error',
  });
  const page = await browser.newPage();
  await page.addInitScript({ content: outputFiles[0]!.text });
  await page.goto(`${address}/demo/stands`);
  const link = page.getByRole('link', { name: /Marl Pan/ });
  await link.waitFor();
  yield figure('renders-open', 'parts', [
    await during(page, async () => {
      await link.click();
      await page.getByText('29.5 mm').first().waitFor();
    }),
  ]);
  const box = (await page.getByRole('group', { name: 'Frame', exact: true }).boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  const deeds: Readonly<Record<string, (i: number) => Promise<unknown>>> = {
    hover: (i) => page.mouse.move(box.x + box.width / 2 + 10 * i, box.y + box.height / 2),
    wheel: () => page.mouse.wheel(0, -100),
    bare: () => page.keyboard.press('b'),
    step: (i) => page.keyboard.press(String(1 + (i % 4))),
  };
  for (const [name, deed] of Object.entries(deeds)) {
    const counts: number[] = [];
    for (let i = 1; i <= TIMES; i++) counts.push(await during(page, () => deed(i)));
    yield figure(`renders-${name}`, 'parts', counts);
  }
}

/** The parts that are rendered while something is done. */
async function during(page: Page, deed: () => Promise<unknown>): Promise<number> {
  await page.evaluate(() => (globalThis as unknown as Watch).beginRenders());
  await deed();
  return page.evaluate(() => (globalThis as unknown as Watch).endRenders());
}
