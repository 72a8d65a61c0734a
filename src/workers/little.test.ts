import { finish } from '@/core/numerics';
import { deriveStand, glassOf, type Pixels, sampleBag, solveStand, type Stand, studyStand } from '@/model';
import { littlePixels } from '@/render/pixels/little';
import { picturedAs, testStand } from '@/testing/fixtures';
import { type LittleWanted, littleSteps } from './little';

const bag = sampleBag();
const painted = (stand: Stand, wanted: readonly LittleWanted[], photo: Pixels | null = null) =>
  finish(littleSteps({ stand, bag, photo, wanted }));
const derived = (stand: Stand) => deriveStand(stand, bag, solveStand(stand, bag));

/** Brightness in the middle of a row, 0 to 255. */
const at = ({ columns, rows, rgba }: Pixels, v: number) =>
  rgba[4 * (Math.floor(v * rows) * columns + Math.floor(columns / 2)) + 1]!;

describe('a stand in little through its glass', () => {
  it('is painted for each set in turn, as the plan would be shown', () => {
    const stand = testStand();
    const { balance, prepared } = derived(stand);
    const wanted = balance!.best.map(({ set, seat }) => ({ filterIds: set.map((s) => s.id), seat }));
    const pictures = painted(stand, wanted);
    expect(pictures).toHaveLength(wanted.length);
    balance!.best.forEach((candidate, i) => {
      const glass = glassOf(stand, bag, prepared, candidate);
      const { set, seat, outcome } = glass;
      const through = { set, seat, evMidGrey: outcome.exposure?.evMidGrey ?? null };
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
