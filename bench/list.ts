import { readdir, readFile } from 'node:fs/promises';
import { type Browser, type BrowserContext, type Page } from '@playwright/test';
import { finish } from '@/core/numerics';
import { documentKind, readStandFile, writeBackupSteps } from '@/files';
import { writeBundle } from '@/files/bundle';
import { MAX_DOCUMENT_BYTES, sampleBag, type Stand, type StandPhoto, type StoredPhoto } from '@/model';
import { NO_PLANS } from '@/model/outing';
import { type Figure, figure, median } from './measure';
import { served } from './served';

const STANDS = 500;
const WITH_PICTURES = 20;
const RUNS = 3;
/** By then the rows in sight have their answers, ms. */
const SETTLED_MS = 4000;
const DEMO = 'src/demo';

/** What the page's own thread did. */
interface Work {
  /** All of it, ms. */
  readonly worked: number;
  /** Its tasks of more than 50 ms together, ms. */
  readonly blocked: number;
  /** 0 where none was longer than 50 ms. */
  readonly longest: number;
}

interface Opened {
  /** From nothing, with all that starting the page takes. */
  readonly cold: Work;
  /** From another of its screens. */
  readonly warm: Work;
}

/** A list of 500 stands of which 20 have pictures, opened in a browser: what blocks its thread, beside an empty list. */
export const listFigures = (): AsyncGenerator<Figure> => served(figuresOf);

async function* figuresOf(browser: Browser, address: string): AsyncGenerator<Figure> {
  const empty = await several(await browser.newContext(), address, 0);
  const full = await browser.newContext();
  await bringIn(full, address, await backup());
  const opened = await several(full, address, STANDS);
  for (const way of ['cold', 'warm'] as const) {
    const of = (runs: readonly Opened[], what: keyof Work) => runs.map((run) => run[way][what]);
    yield figure(`list-${way}-empty-worked`, 'ms', of(empty, 'worked'));
    yield figure(`list-${way}-worked`, 'ms', of(opened, 'worked'));
    yield figure(`list-${way}-empty-blocked`, 'ms', of(empty, 'blocked'));
    yield figure(`list-${way}-blocked`, 'ms', of(opened, 'blocked'));
    yield figure(`list-${way}-empty-longest-task`, 'ms', of(empty, 'longest'));
    yield figure(`list-${way}-longest-task`, 'ms', of(opened, 'longest'));
  }
  const own = median(empty.map((run) => run.cold.worked));
  yield figure(
    'list-cold-worked-vs-empty',
    'x',
    opened.map((run) => run.cold.worked / own),
  );
}

/** A backup of many stands, made of the demo's, with the pictures of the first of them. */
async function backup(): Promise<Buffer> {
  const names = (await readdir(DEMO)).filter((name) => name.endsWith('.paleseam.json'));
  const texts = await Promise.all(names.map((name) => readFile(`${DEMO}/${name}`, 'utf8')));
  const stands = texts
    .filter((text) => documentKind(text, MAX_DOCUMENT_BYTES) === 'stand')
    .map((text) => {
      const read = readStandFile(text);
      if (!read.ok) throw new Error(read.error.message);
      return read.value.stand;
    });
  const kept = Array.from({ length: STANDS }, (_, i) => {
    const { picture, ...drawn } = stands[i % stands.length] as Stand;
    const stand: Stand = {
      ...drawn,
      id: `st-${i}`,
      name: `${drawn.name} ${i + 1}`,
      // no two are alike, so that no answer serves twice
      lens: { ...drawn.lens, focalLengthMm: drawn.lens.focalLengthMm + i / 1000 },
      ...(i < WITH_PICTURES && picture ? { picture } : {}),
    };
    const updatedAt = new Date(Date.UTC(2026, 4, 1) - i * 60_000).toISOString();
    return { document: { stand, bag: null, used: [], minor: 0 }, updatedAt };
  });
  const madeAt = new Date().toISOString();
  const text = finish(
    writeBackupSteps({
      madeAt,
      bag: sampleBag(),
      plans: NO_PLANS,
      preferences: null,
      stands: kept,
      broken: [],
    }),
  );
  if (!text.ok) throw new Error(text.error.message);
  const pictures = await Promise.all(stands.flatMap(({ picture }) => (picture ? [photo(picture)] : [])));
  const bundle = await writeBundle({ kind: 'backup', text: text.value.text, pictures });
  if (!bundle.ok) throw new Error(bundle.error.message);
  return Buffer.from(bundle.value);
}

async function photo({ sha256, type, name }: StandPhoto): Promise<StoredPhoto> {
  const bytes = await readFile(`${DEMO}/pictures/${name}`);
  return { sha256, type, bytes: new Uint8Array(bytes).buffer };
}

async function bringIn(context: BrowserContext, address: string, file: Buffer): Promise<void> {
  const page = await context.newPage();
  await page.goto(`${address}/stands`);
  await page
    .getByLabel('Stand files to open')
    .setInputFiles({ name: 'backup.zip', mimeType: 'application/zip', buffer: file });
  await page.getByText('The backup is in').waitFor({ timeout: 120_000 });
  await page.waitForFunction(stored, STANDS, { timeout: 120_000 });
  await page.close();
}

/** Whether so many stands are stored; runs in the page. */
async function stored(count: number): Promise<boolean> {
  const promised = <T>(request: IDBRequest<T>) =>
    new Promise<T>((resolve) => request.addEventListener('success', () => resolve(request.result)));
  const [database] = await indexedDB.databases();
  const opened = await promised(indexedDB.open(database!.name!));
  const stands = await promised(opened.transaction('stands').objectStore('stands').count());
  opened.close();
  return stands === count;
}

/** Opens the list several times over, each time in a page of its own. */
async function several(context: BrowserContext, address: string, stands: number): Promise<readonly Opened[]> {
  const runs: Opened[] = [];
  for (let run = 0; run < RUNS; run++) {
    const page = await context.newPage();
    runs.push(await open(page, address, stands));
    await page.close();
  }
  return runs;
}

async function open(page: Page, address: string, stands: number): Promise<Opened> {
  await page.addInitScript(() => {
    const tasks: number[] = [];
    Object.assign(globalThis, { tasks });
    new PerformanceObserver((list) => tasks.push(...list.getEntries().map((e) => e.duration))).observe({
      type: 'longtask',
      buffered: true,
    });
  });
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const taskSeconds = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return metrics.find((m) => m.name === 'TaskDuration')?.value ?? 0;
  };
  const during = async (deed: () => Promise<unknown>): Promise<Work> => {
    const before = await taskSeconds();
    await page.evaluate(() => (globalThis as unknown as Partial<Tasks>).tasks?.splice(0));
    await deed();
    if (stands) await page.getByRole('list', { name: 'Stands' }).getByText('ISO').first().waitFor();
    else await page.getByText('No stand yet').waitFor();
    await page.waitForTimeout(SETTLED_MS);
    const { tasks } = await page.evaluate(() => ({ tasks: (globalThis as unknown as Tasks).tasks }));
    return {
      worked: 1000 * ((await taskSeconds()) - before),
      blocked: tasks.reduce((sum, ms) => sum + ms, 0),
      longest: Math.max(0, ...tasks),
    };
  };
  const cold = await during(() => page.goto(`${address}/stands`));
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('heading', { name: 'Settings' }).waitFor();
  await page.waitForTimeout(SETTLED_MS);
  const warm = await during(() => page.getByRole('link', { name: 'Stands', exact: true }).click());
  return { cold, warm };
}

interface Tasks {
  readonly tasks: number[];
}
