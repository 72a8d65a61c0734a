import { deriveStand, type Glass, sampleBag, solveStand, type Stand } from '@/model';
import { testStand } from '@/testing/fixtures';
import { filterOrBracketText } from './filter-or-bracket';

const bag = sampleBag();
const names = { sky: 'sky', land: 'land' };
const { plan, balance } = deriveStand(testStand(), bag, solveStand(testStand(), bag));

/** What is said of a plan that is so uneven, beside so many frames. */
function said(unevenStops: number, frames: number | null, change: Partial<Stand> = {}): string | null {
  const stand = testStand(change);
  const shown: Glass = { ...plan!, figures: { ...plan!.figures!, unevenStops } };
  return filterOrBracketText({ stand, plan: shown, balance: balance!, frames, names });
}

const pond = { id: 'w', name: 'pond', region: 'water' as const, points: [] };
const birch = { id: 'b', name: 'birches', region: 'feature' as const, points: [] };

describe('filter or bracket', () => {
  it('leans to the sheet where little of it shows', () => {
    expect(said(0.1, 2)).toBe(
      'The sheet is one frame: a clean line. 2 frames have no line, and are merged afterwards: the sheet serves better here.',
    );
  });

  it('leans to the frames where the sheet shows badly and nothing moves', () => {
    expect(said(0.9, 3)).toMatch(
      /^The sheet is one frame: shows badly.* 3 frames .*: they serve better here\.$/,
    );
  });

  it('names what moves between frames, and lets the photographer weigh it', () => {
    expect(said(0.9, 3, { shapes: [pond] })).toMatch(
      /; the water moves between them.*: it is the line against what moves\.$/,
    );
    // what stands in no wind stands still
    expect(said(0.9, 3, { shapes: [birch] })).not.toMatch(/move/);
    expect(said(0.5, 2, { shapes: [pond, birch], wind: 'gusts' })).toMatch(
      /; the water, the birches and cloud move between them/,
    );
  });

  it('says so where one frame holds it all, with or without glass', () => {
    expect(said(0.1, 1)).toMatch(/^One frame without a grad would hold it all: .*lifting the land/);
    const bare = { ...plan!, seat: null };
    const text = (frames: number) =>
      filterOrBracketText({ stand: testStand(), plan: bare, balance: balance!, frames, names });
    expect(text(1)).toBe('Neither: one frame without glass holds it all.');
    expect(text(3)).toMatch(/3 frames do\.$/);
  });

  it('is silent while it is not known, and where it is a bracket already', () => {
    expect(said(0.1, null)).toBeNull();
    expect(said(0.1, 2, { look: { school: 'bracket' } })).toBeNull();
  });
});
