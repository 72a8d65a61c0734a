import { finish } from '@/core/numerics';
import {
  type Bag,
  deriveStand,
  glassOf,
  type Pixels,
  sampleBag,
  solveStand,
  type Stand,
  studyStand,
} from '@/model';
import { littlePixels } from '@/render/pixels/little';
import { picturedAs, testStand } from '@/testing/fixtures';
import { type LittleWanted, littleSteps } from './little';

const bag = sampleBag();
const painted = (stand: Stand, wanted: readonly LittleWanted[], photo: Pixels | null = null) =>
  finish(littleSteps({ stand, bag, photo, wanted }));
const derived = (stand: Stand) => deriveStand(stand, bag, solveStand(stand, bag));

/** Brightness in the middle of a row, 0 to 255. */
const at = ({ columns, rows, rgba }: Pixels, v: number, channel = 1) =>
  rgba[4 * (Math.floor(v * rows) * columns + Math.floor(columns / 2)) + channel]!;

describe('a stand in little through its glass', () => {
  it('is painted for each set in turn, as the plan would be shown', () => {
    const stand = testStand();
    const { balance, prepared } = derived(stand);
    const wanted = balance!.best.map(({ set, seat }) => ({ filterIds: set.map((s) => s.id), seat }));
    const pictures = painted(stand, wanted);
    expect(pictures).toHaveLength(wanted.length);
    balance!.best.forEach((candidate, i) => {
      const glass = glassOf(stand, bag, prepared, candidate);
      const { set, seat, cast, outcome } = glass;
      const through = { set, seat, cast, evMidGrey: outcome.exposure?.evMidGrey ?? null };
      expect(pictures[i]).toEqual(littlePixels({ prepared, through, photo: null }));
    });
  });

  it('shows each look by its own glass and its own exposure', () => {
    const stand = testStand();
    const looks = studyStand(stand, bag).looks.filter((l) => !l.fault);
    const pictures = painted(
      stand,
      looks.map(({ school, filterIds, seat }) => ({ school, filterIds, seat })),
    );
    const skyOver = (school: string) => {
      const picture = pictures[looks.findIndex((l) => l.school === school)]!;
      return at(picture, 0.1) - at(picture, 0.9);
    };
    // all of the span is taken, or none of it
    expect(skyOver('even')).toBeLessThan(skyOver('least') - 20);
  });

  it('has the colour that the glass was measured to have, where it dims', () => {
    const photo = picturedAs(new Array<number>(24).fill(200));
    const stand = testStand({ picture: photo });
    const { plan } = derived(testStand());
    const rgba = new Uint8ClampedArray(4 * 30 * 20).fill(120);
    const blueLost = (filters: Bag['filters']) => {
      const own = { ...bag, filters };
      const steps = littleSteps({
        stand,
        bag: own,
        photo: { columns: 30, rows: 20, rgba },
        wanted: [{ filterIds: plan!.filterIds, seat: plan!.seat }],
      });
      const [picture] = finish(steps);
      return (v: number) => at(picture!, v, 0) - at(picture!, v, 2);
    };
    const plain = blueLost(bag.filters);
    const warm = blueLost(bag.filters.map((f) => ({ ...f, castStops: { red: 0, blue: 0.8 } })));
    expect(plain(0.1)).toBe(0);
    expect(warm(0.1)).toBeGreaterThan(10);
    expect(warm(0.95)).toBeLessThan(2);
  });

  it('shows a picture through what leaves it, and bare where nothing is on', () => {
    const photo = picturedAs(new Array<number>(24).fill(200));
    const stand = testStand({ picture: photo });
    const rgba = new Uint8ClampedArray(4 * 30 * 20).fill(200);
    const { plan } = derived(testStand());
    const [through, bare] = painted(
      stand,
      [
        { filterIds: plan!.filterIds, seat: plan!.seat },
        { filterIds: [], seat: null },
      ],
      { columns: 30, rows: 20, rgba },
    );
    expect([through!.columns, through!.rows]).toEqual([30, 20]);
    expect(at(bare!, 0.1)).toBe(at(bare!, 0.9));
    expect(at(through!, 0.1)).toBeLessThan(at(through!, 0.9) - 20);
  });
});
