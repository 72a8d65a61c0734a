import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { writeBundle } from '@/files/bundle';
import { valueOf } from '@/testing/results';
import { STANDS } from '@/testing/vectors';
import { type PlanReport } from './plan-report';

const root = path.join(__dirname, '..');
const dir = mkdtempSync(path.join(tmpdir(), 'plan-'));
const demo = (name: string) => path.join(root, `src/demo/${name}.paleseam.json`);

function plan(args: readonly string[], stdin?: string) {
  const run = spawnSync(process.execPath, ['cli/run.mjs', 'plan', ...args], {
    cwd: root,
    encoding: 'utf8',
    input: stdin,
  });
  return { status: run.status, out: run.stdout, err: run.stderr };
}

const written = (name: string, text: string): string => {
  const file = path.join(dir, name);
  writeFileSync(file, text);
  return file;
};

jest.setTimeout(60_000);

describe('the plan command', () => {
  it('prints one document for one file, with every key of the format', () => {
    const file = written('salt.json', JSON.stringify(STANDS[0]!.file));
    const { status, out, err } = plan([file, '--json']);
    expect([status, err]).toEqual([0, '']);
    const report = JSON.parse(out) as PlanReport;
    expect(report).toMatchObject({
      spanStops: 2.7,
      reachStops: 3.2,
      neededStops: 1.7,
      school: 'natural',
      chosen: null,
      warnings: [],
    });
    expect(report.plan).toMatchObject({
      filterIds: ['h2'],
      offsetMm: 5.5,
      turnDeg: 0,
      sticksOutMm: 105.5,
      giveOrTakeMm: 0,
      clips: [],
      playMm: [-1.75, 1.75],
    });
    expect(Object.keys(report.plan!)).toEqual(
      expect.arrayContaining([
        'fitStops',
        'unevenStops',
        'levelStops',
        'spillStops',
        'spillWorstStops',
        'lineStops',
        'leakStops',
        'scoreStops',
        'residualGapStops',
        'seamSpread',
        'seamAt',
        'bestForSpans',
        'asGoodAs',
        'reasons',
      ]),
    );
    expect(report.alternatives.map((a) => a.filterIds)).toEqual([['m2'], ['h1'], ['s2'], ['r3']]);
    expect(report.exposure).toMatchObject({ aperture: 11, iso: 100, shutter: '1/6' });
    expect(report.readings[1]).toMatchObject({ id: 'r2', ev100: 13, toneBareStops: 3.2, held: true });
  });

  it('answers for every file, whatever is wrong with one of them (fault 77)', () => {
    const whole = JSON.parse(readFileSync(demo('marl-pan'), 'utf8')) as { minor: number };
    const deep = `${'['.repeat(20_000)}1${']'.repeat(20_000)}`;
    const file = path.join(dir, 'deep.paleseam.json');
    writeFileSync(file, JSON.stringify({ ...whole, minor: 99 }).replace('{', `{"later":${deep},`));
    const { status, out } = plan([file, demo('marl-pan'), '--json']);
    expect(status).toBe(2);
    const lines = out
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as { error?: object; plan?: object });
    expect(lines[0]).toMatchObject({ error: { code: 'too-deep' } });
    expect(lines[1]!.plan).toBeTruthy();
  });

  it('solves a stand that comes in a bundle with its picture as it does alone', async () => {
    const text = readFileSync(demo('hesk-terraces'), 'utf8');
    const picture = new Uint8Array(readFileSync(path.join(root, 'src/demo/pictures/hesk-terraces.jpg')));
    const { sha256 } = (JSON.parse(text) as { stand: { picture: { sha256: string } } }).stand.picture;
    const pictures = [{ sha256, type: 'image/jpeg', bytes: picture.slice().buffer }];
    const bytes = valueOf(await writeBundle({ kind: 'stand', text, pictures }));
    const zip = path.join(dir, 'hesk.paleseam.zip');
    writeFileSync(zip, bytes);
    writeFileSync(path.join(dir, 'cut.paleseam.zip'), bytes.subarray(0, 900));
    const both = plan([demo('hesk-terraces'), zip, path.join(dir, 'cut.paleseam.zip'), '--json']);
    const [alone, bundled, cut] = both.out
      .trim()
      .split('\n')
      .map((line) => ({ ...(JSON.parse(line) as object), file: '' }));
    expect(both.status).toBe(2);
    expect(bundled).toEqual(alone);
    expect(cut).toMatchObject({ error: { message: expect.stringContaining('damaged') } });
  });

  it('goes on past a refused file, one line for each, and exits with 2', () => {
    const bad = written(
      'bad.json',
      readFileSync(demo('marl-pan'), 'utf8').replace('"focalLengthMm": 16', '"focalLengthMm": 0'),
    );
    const { status, out, err } = plan([bad, demo('vann-snowfield'), '/nowhere.json', '--json']);
    expect(status).toBe(2);
    const lines = out
      .trim()
      .split('\n')
      .map(
        (line) =>
          JSON.parse(line) as {
            file: string;
            error?: { code: string; path: string };
            plan?: { turnDeg: number };
          },
      );
    expect(lines.map((l) => l.error?.code ?? l.plan?.turnDeg)).toEqual(['out-of-range', 180, 'unreadable']);
    expect(Object.keys(lines[1]!)[0]).toBe('file');
    expect(lines[0]!.error!.path).toBe('stand.lens.focalLengthMm');
    expect(err.trim().split('\n')).toEqual([
      `${bad}: stand.lens.focalLengthMm: must be at least 1`,
      expect.stringContaining('/nowhere.json: '),
    ]);
  });

  it('reads standard input, and gives a reason with status 0 where there is no plan', () => {
    const file = JSON.parse(readFileSync(demo('marl-pan'), 'utf8')) as { stand: { readings: unknown[] } };
    file.stand.readings = file.stand.readings.slice(0, 2);
    const { status, out } = plan(['-', '--json'], JSON.stringify(file));
    expect(status).toBe(0);
    expect(JSON.parse(out)).toMatchObject({
      plan: null,
      reason: 'no-land-reading',
      exposure: null,
      spanStops: null,
    });
  });

  it('says the same in words', () => {
    const { status, out } = plan([demo('sarrat-dune')]);
    expect(status).toBe(0);
    expect(out).toMatch(/GLASS {3}2 stops, hard, level/);
    expect(out).toMatch(/SEAT {4}Along the skyline, \d+ % down \(\d+(\.5)? mm above the rail/);
    expect(out).toMatch(/EXPOSE {2}f\/11, 1\/\d+ s, ISO 100/);
  });

  it('explains itself when called without a file or with an unknown option', () => {
    expect(plan([])).toMatchObject({ status: 2, out: '', err: expect.stringContaining('usage: ') });
    expect(plan([demo('marl-pan'), '--xml'])).toMatchObject({
      status: 2,
      err: expect.stringContaining('--xml is not an option'),
    });
  });

  it('answers each look in its own way', () => {
    const salt = STANDS[0]!.file as { stand: { look: object; readings: { ev100: number }[] } };
    const under = (look: object) =>
      written(
        `${Object.values(look).join('-')}.json`,
        JSON.stringify({ ...salt, stand: { ...salt.stand, look } }),
      );
    const { out } = plan([
      under({ school: 'least' }),
      under({ school: 'bracket' }),
      under({ school: 'sun', sun: 'ahead' }),
      under({ school: 'sun' }),
      '--json',
    ]);
    const [least, bracket, sun, nowhere] = out
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as PlanReport);
    expect(least).toMatchObject({ school: 'least', liftStops: expect.any(Number), plan: { filterIds: [] } });
    expect(least!.liftStops).toBe(least!.plan!.liftStops);
    expect(bracket).toMatchObject({
      plan: null,
      alternatives: [],
      frames: [{ shutter: expect.any(String) }],
    });
    expect(bracket!.reason).toBeUndefined();
    expect(sun).toMatchObject({ spanStops: null, neededStops: 3, exposure: { shutter: '1/6' } });
    expect(sun!.plan).toMatchObject({ guess: true, filterIds: ['h3'], bestForSpans: null });
    expect(sun!.warnings.map((w) => w.code)).toContain('guess');
    expect(nowhere).toMatchObject({ plan: null, reason: 'no-sun-direction' });
    expect(least!.otherLooks.map((l) => l.school)).toEqual([
      'even',
      'natural',
      'heavy',
      'draw',
      'bracket',
      'sun',
    ]);
  });

  it('fits pairs where the holder takes them', () => {
    const pair = STANDS.find((c) => c.expect.ranking[0]!.filterIds.length > 1)!;
    const { out } = plan([written('pair.json', JSON.stringify(pair.file)), '--json']);
    const report = JSON.parse(out) as PlanReport;
    expect([...report.plan!.filterIds].sort()).toEqual([...pair.expect.ranking[0]!.filterIds].sort());
    expect(report.plan!.scoreStops).toBeCloseTo(pair.expect.ranking[0]!.scoreStops, 1);
  });

  it('explains the working of every figure, in words and as data', () => {
    const words = plan([demo('marl-pan'), '--explain']).out;
    for (const line of [
      'Span: 2.7 stops',
      'To take away: 1.7 stops',
      'Seat: 29.5 mm, level',
      'Exposure: 1/15 s',
      'Spread of the seam:',
      'Best for: spans of',
    ])
      expect(words).toContain(line);
    expect(words).toContain('Other looks:');
    const report = JSON.parse(plan([demo('marl-pan'), '--explain', '--json']).out) as {
      workings: { of: string; lines: string[] }[];
    };
    expect(report.workings.find((w) => w.of === 'span')!.lines).toContain('Span = sky − land = 2.7 stops.');
  });
});
