import { spawnSync } from 'node:child_process';
import path from 'node:path';

const ROOT = path.resolve(__dirname, '..');
const expose = (...args: string[]) => {
  const { stdout, stderr, status } = spawnSync('node', ['cli/run.mjs', 'expose', ...args], {
    cwd: ROOT,
    encoding: 'utf8',
  });
  return { stdout, stderr, status };
};
const json = (...args: string[]): unknown => JSON.parse(expose(...args, '--json').stdout);

describe('expose', () => {
  it('gives the time behind so many stops, and what the falling light makes of it', () => {
    expect(json('--base', '1/15', '--stops', '10')).toEqual({
      baseSeconds: 0.0625,
      stops: 10,
      constantSeconds: 64,
      seconds: 64,
      shown: '1 min 4 s',
      bulb: true,
    });
    // -log1p(-k ln2 64) / (k ln2) at 0.2 stops a minute
    const k = (0.2 / 60) * Math.LN2;
    expect(json('--base', '1/15', '--stops', '10', '--drift', '0.2')).toMatchObject({
      constantSeconds: 64,
      seconds: expect.closeTo(-Math.log1p(-k * 64) / k, 9),
    });
    expect(json('--base', '15', '--stops', '6', '--drift', '0.3')).toMatchObject({
      seconds: null,
      reason: 'light-runs-out',
    });
  });

  it('finds the glass for a wanted time in a stand file', () => {
    const found = json('src/demo/vann-snowfield.paleseam.json', '--want', '60', '--longest', '240') as {
      options: { filterIds: string[]; seconds: number; errorStops: number; notes: string[] }[];
      reason: null;
    };
    expect(found.reason).toBeNull();
    const [first, ...others] = found.options;
    expect(first!.filterIds).toHaveLength(1);
    expect(first!.seconds).toBeCloseTo(60 * 2 ** first!.errorStops, 6);
    expect(Math.abs(first!.errorStops)).toBeLessThan(0.2);
    for (const other of others) expect(other.seconds).toBeLessThanOrEqual(240);
    expect(expose('src/demo/vann-snowfield.paleseam.json', '--want', '60').stdout).toMatch(
      /^ND of 10 stops: f\/11, 1 min 4 s, ISO 100/,
    );
  });

  it('says by name why nothing comes near', () => {
    expect(json('src/demo/marl-pan.paleseam.json', '--want', '50000')).toMatchObject({ reason: 'too-short' });
    expect(json('src/demo/vann-snowfield.paleseam.json', '--want', '0.00001')).toMatchObject({
      reason: 'too-long',
    });
  });

  it.each([
    [['--base', 'x', '--stops', '3'], '--base: x is no shutter time'],
    [['--base', '1/15', '--stops', '99'], '--stops: 99 is no number from 0 to 40'],
    [['--base', '1/15'], '--stops: nothing is no number'],
    [['src/demo/marl-pan.paleseam.json'], '--want: nothing is no number'],
    [['no-such-file.json', '--want', '30'], 'no-such-file.json: '],
    [['--whatever'], '--whatever'],
    [[], 'usage'],
  ])('refuses %j by name', (args, message) => {
    const { stdout, stderr, status } = expose(...args);
    expect(status).toBe(2);
    expect(stdout).toBe('');
    expect(stderr).toContain(message);
  });
});
