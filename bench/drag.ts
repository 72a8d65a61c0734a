import { type Browser, type CDPSession, type Page } from '@playwright/test';
import sharp from 'sharp';
import { type Figure, figure } from './measure';
import { served } from './served';

/** Runs, frames that each lasts, and what counts as late, ms. */
const RUNS = 5;
const FRAMES = 150;
const LATE_MS = 25;

/** A page that does nothing, of the same size. */
const IDLE = 'data:text/html,<body style="margin:0;background:%23888"></body>';

/** A sheet dragged over a picture of 24 megapixels: frames that come late, and time in scripts for each, beside a page that rests. */
export const dragFigures = (): AsyncGenerator<Figure> => served(figuresOf);

async function* figuresOf(browser: Browser, address: string): AsyncGenerator<Figure> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/demo/stands`);
  await page.getByRole('link', { name: /Tholl Saddle/ }).click();
  await page.getByRole('button', { name: /^1\s*Frame/ }).click();
  await page.getByLabel('Picture for the frame').setInputFiles({
    name: 'large.jpg',
    mimeType: 'image/jpeg',
    buffer: await sharp('src/demo/pictures/tholl-saddle.jpg').resize(6000, 4000).jpeg().toBuffer(),
  });
  await page.getByText('Saved', { exact: true }).waitFor({ state: 'attached' });
  await page.waitForTimeout(8000);
  await page.getByRole('button', { name: /^4\s*Seat/ }).click();
  const sheet = page.getByRole('group', { name: /^Sheet in the holder/ });
  await sheet.waitFor();
  await page.waitForTimeout(2000);
  const rest = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await rest.goto(IDLE);
  const [idle, dragged] = [[], []] as [Watched[], Watched[]];
  for (let run = 0; run < RUNS; run++) {
    await rest.bringToFront();
    idle.push(await watched(rest, () => moving(rest, { x: 1000, y: 300 })));
    await page.bringToFront();
    const box = (await sheet.boundingBox())!;
    const from = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    dragged.push(await watched(page, () => moving(page, from)));
    await page.mouse.up();
  }
  const late = (all: readonly Watched[]) => all.map((w) => (100 * w.late) / w.frames);
  yield figure('drag-late', '%', late(dragged));
  yield figure('drag-late-idle', '%', late(idle));
  yield figure(
    'drag-script',
    'ms',
    dragged.map((w) => w.scriptMs / w.frames),
  );
  yield figure(
    'drag-script-idle',
    'ms',
    idle.map((w) => w.scriptMs / w.frames),
  );
}

interface Watched {
  readonly frames: number;
  readonly late: number;
  readonly scriptMs: number;
}

/** Moves the mouse up and down, as a hand would, until it is told to stop. */
async function moving(
  page: Page,
  { x, y }: { readonly x: number; readonly y: number },
): Promise<() => Promise<void>> {
  let isOn = true;
  const done = (async () => {
    for (let i = 0; isOn; i++) await page.mouse.move(x, y + 30 * Math.sin(i / 12));
  })();
  return () => {
    isOn = false;
    return done;
  };
}

/** The frames of a while, and the time spent in scripts meanwhile. */
async function watched(page: Page, begin: () => Promise<() => Promise<void>>): Promise<Watched> {
  const session: CDPSession = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const script = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return 1000 * (metrics.find((m) => m.name === 'ScriptDuration')?.value ?? 0);
  };
  const before = await script();
  const stop = await begin();
  const gaps = await page.evaluate(
    (frames) =>
      new Promise<number[]>((resolve) => {
        const found: number[] = [];
        let last = performance.now();
        const next = (now: number) => {
          found.push(now - last);
          last = now;
          if (found.length < frames) requestAnimationFrame(next);
          else resolve(found);
        };
        requestAnimationFrame(next);
      }),
    FRAMES,
  );
  await stop();
  const scriptMs = (await script()) - before;
  await session.detach();
  return { frames: gaps.length, late: gaps.filter((g) => g > LATE_MS).length, scriptMs };
}
