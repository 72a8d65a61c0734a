import { type Bag, deriveStand, solveStand, type Stand } from '@/model';
import { testStand } from '@/testing/fixtures';
import { slipOf, thirdsText, workings } from '..';

const bag: Bag = { slots: 2, filters: [{ id: 'n3', name: '0.9 ND', kind: 'neutral', stops: 3 }] };
const [sky, land] = testStand().readings as [Stand['readings'][number], Stand['readings'][number]];
const readings = [
  { ...sky, ev100: 13 },
  { ...land, ev100: 10 },
  { ...land, id: 'deep', ev100: 3, limit: true },
];

const exposeOf = (bracket: Stand['bracket']) => {
  const stand = testStand({ look: { school: 'bracket' }, readings, bracket });
  const derived = deriveStand(stand, bag, solveStand(stand, bag));
  const [, , expose] = slipOf({ stand, bag, derived, search: 'idle', oldestMinutes: null }).rows;
  const found = workings({ stand, bag, derived, study: null }).find((w) => w.of === 'expose');
  const working = found!.lines.join(' ');
  return { ...expose, working };
};

describe('a bracket in words', () => {
  it('names the row of the camera that does it', () => {
    const { main, aside, working } = exposeOf(undefined);
    expect(main).toMatch(/^f\/11, .* and .*, ISO 100$/);
    expect(aside).toMatch(/on the camera's own: 3 frames, 1⅓ stops apart, about the middle time$/);
    expect(working).toContain("On the camera's own: 3 frames, 1⅓ stops apart");
  });

  it('says what a row leaves unheld', () => {
    expect(exposeOf({ by: 'row', frames: 3, stepStops: 1 / 3 }).aside).toMatch(/leaves 1\.5 stops unheld/);
    expect(exposeOf({ by: 'row', frames: 5, stepStops: 1 }).aside).toMatch(
      /5 frames, 1 stop apart holds it all/,
    );
  });

  it('of frames that are alike in blur gives one time, and each its ISO and ND', () => {
    const { main, aside } = exposeOf({ by: 'sides', alike: true });
    expect(main).toMatch(/^f\/11, \S+ s each, ISO \d+ with 0\.9 ND and ISO 100$/);
    expect(aside).toMatch(/one frame for the sky and one for the land.*the time stays/);
  });

  it.each([
    [0, '0'],
    [1 / 3, '⅓'],
    [1, '1'],
    [5 / 3, '1⅔'],
  ])('writes %d stops as thirds', (stops, text) => expect(thirdsText(stops)).toBe(text));
});
