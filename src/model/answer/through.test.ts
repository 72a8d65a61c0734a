import { meanDimming } from '@/core/balance';
import { bagWithNds, testStand } from '@/testing/fixtures';
import { isSheet } from '../bag/bag';
import { deriveStand } from './derive';
import { fittedNds, putFitted, withNds } from '../bag/on-lens';
import { bagSheet } from '../resolve/glass';
import { prepareStand } from './prepare';
import { type Stand } from '../stand/stand';
import { withSheets } from './sheets-on';
import { ndSets } from '../expose/nd-sets';
import { allThatIsOn, timesThrough, withThrough } from './through';

const bag = { ...bagWithNds(), slots: 3 };
const nds = bag.filters.filter((f) => f.kind === 'neutral');
const nd = nds[0]!;
const sheet = bag.filters.find(isSheet)!;
const EMPTY = testStand({ readings: [], exposure: { aperture: 8, iso: 100 } });
const READ = { aperture: 8, shutter: '1/30', iso: 100 };
const STAND = withThrough(EMPTY, READ);

const derive = (stand: Stand) => deriveStand(stand, bag, null);
const time = (stand: Stand) => derive(stand).through!;
/** The camera reads it now, through what is on. */
const read = (stand: Stand) => withThrough(stand, { ...READ, ...allThatIsOn(stand, derive(stand).inUse) });

describe('what the camera read through all that is on', () => {
  it('is exposed as it was read, and longer by what is put on later', () => {
    expect(time(STAND)).toMatchObject({ bareSeconds: 1 / 32, baseSeconds: 1 / 32, seconds: 1 / 32 });
    const behind = time(putFitted(STAND, nd.id, true));
    expect(behind.seconds).toBeCloseTo(2 ** nd.stops / 32, 9);
    expect(behind.changedStops).toBeCloseTo(nd.stops, 9);
    expect(behind.baseSeconds).toBeCloseTo(1 / 32, 9);
  });

  it('is not charged for what it was read through, and shorter once that is taken off', () => {
    const through = read(putFitted(putFitted(EMPTY, nd.id, true), 'p1', true));
    expect(through.through!.throughFilterIds).toEqual([nd.id, 'p1']);
    expect(time(through)).toMatchObject({ seconds: 1 / 32, changedStops: 0 });
    expect(time(putFitted(through, nd.id, false)).seconds).toBeCloseTo(2 ** -nd.stops / 32, 9);
    expect(time(putFitted(through, 'p1', false)).seconds).toBeCloseTo(2 ** -1.5 / 32, 9);
    expect(time(through).bareSeconds).toBeCloseTo(2 ** -(nd.stops + 1.5) / 32, 9);
  });

  it('needs no place and no seat of a grad; one put on or off later counts by its mean over the frame', () => {
    const on = withSheets(EMPTY, prepareStand(EMPTY, bag), [sheet].map(bagSheet));
    const mean = meanDimming(prepareStand(on, bag), [bagSheet(sheet)], derive(on).inUse!.seat);
    expect(mean).toBeGreaterThan(0.2);
    expect(time(read(on)).seconds).toBe(1 / 32);
    expect(time({ ...STAND, choice: on.choice }).seconds).toBeCloseTo(2 ** mean / 32, 6);
    const { choice: _, ...off } = read(on);
    expect(time(off).seconds).toBeCloseTo(2 ** -mean / 32, 6);
    // one whose seat was not kept sits where the optics put it
    const bare = withThrough(EMPTY, { ...READ, throughFilterIds: [sheet.id] });
    expect(time(bare).seconds).toBeCloseTo(2 ** -mean / 32, 6);
  });

  it('serves until a sky is read, and is there again when that goes', () => {
    const [sky, land] = testStand().readings;
    expect(derive({ ...STAND, readings: [land!] }).through).not.toBeNull();
    expect(derive({ ...STAND, readings: [land!, sky!] }).through).toBeNull();
    expect(derive({ ...STAND, readings: [{ ...sky!, limit: true }] }).through).not.toBeNull();
  });

  it('is what older files call the whole scene, until it is read anew', () => {
    const old: Stand = { ...EMPTY, wholeScene: READ };
    expect(time(old).seconds).toBe(1 / 32);
    expect(withThrough(old, { ...READ, shutter: '1/60' })).not.toHaveProperty('wholeScene');
    expect(derive(withThrough(old, undefined)).through).toBeNull();
  });

  it('has a time for every ND at hand and every pair that the holder takes', () => {
    expect(timesThrough(1 / 32, ndSets(nds, 1))).toHaveLength(nds.length);
    const two = timesThrough(1 / 32, ndSets(nds, 2));
    expect(ndSets(nds, 0)).toEqual([]);
    expect(two).toHaveLength(nds.length + (nds.length * (nds.length - 1)) / 2);
    for (const { stops, seconds } of two) expect(seconds).toBeCloseTo(2 ** stops / 32, 9);
    expect(two.map((t) => t.stops)).toEqual(two.map((t) => t.stops).toSorted((a, b) => a - b));
  });

  it('puts NDs on in place of others, and leaves a polariser where it is', () => {
    const before = [{ filterId: 'p1' }];
    const on = withNds({ ...STAND, fitted: before }, bag, [nd.id]);
    expect(on.fitted).toHaveLength(before.length + 1);
    expect(fittedNds(withNds(on, bag, []), bag)).toEqual([]);
    expect(withNds(on, bag, []).fitted).toEqual(before);
  });
});

describe('a sheet put on by eye', () => {
  it('sits along the skyline by the optics, and follows it', () => {
    const on = withSheets(EMPTY, prepareStand(EMPTY, bag), [bagSheet(sheet)]);
    const seam = derive(on).inUse!.outcome.seam!.at as { left: number; right: number };
    const mean = EMPTY.skyline.reduce((sum, p) => sum + p.v, 0) / EMPTY.skyline.length;
    expect((seam.left + seam.right) / 2).toBeGreaterThan(mean - 0.08);
    expect((seam.left + seam.right) / 2).toBeLessThan(mean + 0.08);
    const lower = { ...on, skyline: on.skyline.map((p) => ({ ...p, v: p.v + 0.2 })) };
    const moved = derive(lower).inUse!.outcome.seam!.at as { left: number };
    expect(moved.left - seam.left).toBeCloseTo(0.2, 1);
    const pinned = { ...lower, choice: { ...on.choice!, follows: undefined } };
    expect(derive(pinned).inUse!.seat).toMatchObject({ offsetMm: on.choice!.offsetMm });
  });

  it('is said on the slip with its seat, with nothing metered, and with the time once the camera has read it', () => {
    const on = withSheets(EMPTY, prepareStand(EMPTY, bag), [bagSheet(sheet)]);
    expect(derive(on).inUse!.filterIds).toEqual([sheet.id]);
    expect(withSheets(on, prepareStand(on, bag), []).choice!.filterIds).toEqual([]);
  });
});
