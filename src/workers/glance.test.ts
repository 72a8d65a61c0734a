import { type Pixels, sampleBag, type Stand } from '@/model';
import { drawing } from '@/testing/drawing';
import { picturedAs, testStand } from '@/testing/fixtures';
import { type Glance, glanceAt } from './glance';

const bag = sampleBag();
const STORED = { sha256: 'f'.repeat(64), type: 'image/jpeg', bytes: new ArrayBuffer(1) };

async function glance(
  stand: Stand,
  { means }: ReturnType<typeof drawing>,
  photo = null as typeof STORED | null,
) {
  const steps = glanceAt({ stand, bag, photo }, means);
  for (;;) {
    const step = await steps.next();
    if (step.done) return step.value satisfies Glance;
  }
}

/** Brightness in the middle of a row, 0 to 255. */
const at = ({ columns, rows, rgba }: Pixels, v: number, channel = 1) =>
  rgba[4 * (Math.floor(v * rows) * columns + Math.floor(columns / 2)) + channel]!;

/** Its upper half is brighter than its lower one. */
const PICTURE = picturedAs([...new Array<number>(12).fill(220), ...new Array<number>(12).fill(160)]);

describe('a stand at a glance', () => {
  it('has its slip in a line, its sheet, its seam and the ground as it would be recorded', async () => {
    const own = drawing();
    const found = await glance(testStand(), own);
    expect(found.line).toMatch(/above the rail; f\/11, .* ISO 100/);
    expect(found.sheets).toHaveLength(1);
    expect(found.seam).not.toBeNull();
    expect(found.picture).toBe('data:,');
    const bare = drawing();
    await glance(testStand({ choice: { filterIds: [], offsetMm: 0, turnDeg: 0 } }), bare);
    const [through, without] = [own.drawn[0]!, bare.drawn[0]!];
    const apart = (pixels: Pixels) => at(pixels, 0.1) - at(pixels, 0.9);
    expect(apart(through)).toBeLessThan(apart(without) - 50);
  });

  it('shows the picture in its colours, darkened by the sheet', async () => {
    const own = drawing([160, 120, 80]);
    const found = await glance(testStand({ picture: PICTURE }), own, STORED);
    const [drawn] = own.drawn;
    expect(found.sheets).toHaveLength(1);
    expect([drawn!.columns, drawn!.rows]).toEqual([180, 120]);
    expect(at(drawn!, 0.9, 0)).toBeGreaterThan(at(drawn!, 0.9, 2));
    expect(at(drawn!, 0.05)).toBeLessThan(at(drawn!, 0.95) - 20);
  });

  it('is drawn where the picture is not here, or cannot be decoded', async () => {
    const gone = drawing();
    await glance(testStand({ picture: PICTURE }), gone, null);
    const broken = drawing();
    const means = { ...broken.means, pixelsOf: () => Promise.reject(new Error('no picture')) };
    await glance(testStand({ picture: PICTURE }), { ...broken, means }, STORED);
    for (const { drawn } of [gone, broken]) expect(drawn[0]!.columns).toBe(240);
  });

  it('says what is still to be done, and stands upright without glass', async () => {
    const found = await glance(testStand({ readings: [] }), drawing());
    expect(found).toMatchObject({
      line: 'Point the camera at the land, then at the sky',
      sheets: [],
      seam: null,
    });
  });
});
