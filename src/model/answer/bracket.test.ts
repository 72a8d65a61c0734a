import { type Bag, sampleBag, type Stand } from '..';
import { bracketOf } from './bracket';
import { prepared, testStand } from '@/testing/fixtures';

const bag: Bag = sampleBag();
const [sky, land] = testStand().readings as [Stand['readings'][number], Stand['readings'][number]];

describe('a bracket of a stand', () => {
  it('tells offsets from the base exposure, and times through what is on the lens', () => {
    const look = { school: 'bracket' as const };
    const readings = [{ ...sky, ev100: 17 }, land, { ...land, id: 'r3', ev100: 4, limit: true }];
    const nd: Bag = { slots: 2, filters: [...bag.filters, { id: 'n6', kind: 'neutral', stops: 6 }] };
    const frames = (fitted: Stand['fitted']) => {
      const stand = testStand({ look, readings, fitted });
      const bracket = bracketOf(stand, nd, prepared(stand, nd), 10);
      if (!bracket.ok) throw new Error(bracket.reason);
      return bracket.frames;
    };
    const [bare, dark] = [frames([]), frames([{ filterId: 'n6' }])];
    expect(bare.length).toBeGreaterThan(1);
    bare.forEach((frame, i) => {
      expect(frame.offsetStops).toBeCloseTo(10 - frame.evMidGrey, 12);
      expect(dark[i]!.seconds / frame.seconds).toBeCloseTo(64, 9);
      expect(dark[i]!.offsetStops).toBeCloseTo(frame.offsetStops!, 12);
    });
    expect(bare[0]!.offsetStops).toBeLessThan(bare.at(-1)!.offsetStops!);
  });

  const wide = [{ ...sky, ev100: 17 }, land, { ...land, id: 'r3', ev100: 4, limit: true }];
  const bracket = (wish: Stand['bracket'], own: Bag = bag, change: Partial<Stand> = {}) => {
    const stand = testStand({ look: { school: 'bracket' }, readings: wide, bracket: wish, ...change });
    const made = bracketOf(stand, own, prepared(stand, own), 10);
    if (!made.ok) throw new Error(made.reason);
    return made;
  };

  it('names the smallest row of the camera that covers it, and goes by a row that is set', () => {
    // 13 stops of reach, 7.8 in a frame: 5.2 beyond it over two steps, in whole thirds
    expect(bracket(undefined).row).toEqual({ frames: 3, stepStops: 8 / 3 });
    const narrow = bracket({ by: 'row', frames: 3, stepStops: 1 });
    expect(narrow.frames).toHaveLength(3);
    expect(narrow.uncoveredStops).toBeCloseTo(13 - narrow.windowStops - 2, 9);
    const [a, b, c] = narrow.frames.map((f) => f.evMidGrey);
    expect(a! - b!).toBeCloseTo(1, 9);
    expect(b! - c!).toBeCloseTo(1, 9);
    expect(bracket({ by: 'row', frames: 7, stepStops: 1 }).uncoveredStops).toBe(0);
  });

  it('gives the sky one frame and the land one, each at its wanted tone', () => {
    const bright = { ...wide[0]!, wantedToneStops: 1 };
    const made = bracket({ by: 'sides' }, bag, { readings: [bright, ...wide.slice(1)] });
    expect(made.frames.map((f) => f.evMidGrey)).toEqual([16, 10]);
    const noSky = testStand({ look: { school: 'bracket' }, readings: [land], bracket: { by: 'sides' } });
    expect(bracketOf(noSky, bag, prepared(noSky, bag), 10)).toEqual({ ok: false, reason: 'no-sky-reading' });
  });

  describe('alike in blur', () => {
    const nds: Bag = {
      slots: 2,
      filters: [3, 6, 10].map((stops) => ({ id: `n${stops}`, kind: 'neutral', stops })),
    };

    it('keeps the time, and puts an ND on for the darker frames, the ISO making good the rest', () => {
      const { frames } = bracket({ alike: true }, nds);
      const bare = bracket(undefined, nds).frames;
      expect(new Set(frames.map((f) => f.seconds)).size).toBe(1);
      expect(frames.at(-1)).toMatchObject({ filterIds: [], iso: 100, seconds: bare.at(-1)!.seconds });
      frames.forEach((f, i) => {
        const nd = f.filterIds[0] ? Number(f.filterIds[0].slice(1)) : 0;
        const darker = Math.log2(bare.at(-1)!.seconds / bare[i]!.seconds);
        // what the ND takes and the ISO gives is what the shorter time took, to the third that an ISO has
        expect(Math.abs(nd - Math.log2(f.iso / 100) - darker)).toBeLessThan(1 / 6 + 0.01);
      });
    });

    it('raises the ISO alone where there is no ND, as far as that helps', () => {
      const none: Bag = { slots: 1, filters: [] };
      const frames = bracket({ by: 'row', frames: 3, stepStops: 1, alike: true }, none).frames;
      expect(frames.map((f) => f.iso)).toEqual([100, 200, 400]);
      expect(bracket({ by: 'row', frames: 5, stepStops: 2, alike: true }, none)).toMatchObject({
        differsInBlur: true,
      });
    });

    it('does not reach for an ND that has no slot left', () => {
      const one: Bag = { slots: 1, filters: [...nds.filters] };
      const frames = bracket({ by: 'row', frames: 3, stepStops: 1, alike: true }, one, {
        fitted: [{ filterId: 'n10' }],
      }).frames;
      expect(frames.every((f) => !f.filterIds.length)).toBe(true);
    });
  });
});
