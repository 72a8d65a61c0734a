import fc from 'fast-check';
import { REGION_CODES } from '@/core/field';
import { prepared, testStand } from '@/testing/fixtures';
import { sampleBag } from '../bag/bag';
import { cropBox, strips } from './crop';
import { solutionKey } from '../answer/key';

const FULL = { widthMm: 36, heightMm: 24 };

describe('a crop', () => {
  it('is the largest of its proportions that the frame holds, where it is put', () => {
    fc.assert(
      fc.property(
        fc.record({
          width: fc.integer({ min: 1, max: 20 }),
          height: fc.integer({ min: 1, max: 20 }),
          at: fc.double({ min: 0, max: 1, noNaN: true }),
        }),
        (crop) => {
          const box = cropBox(crop, FULL);
          if (!box) return expect(crop.width / crop.height).toBeCloseTo(1.5, 1);
          const [w, h] = [(box.right - box.left) * 36, (box.bottom - box.top) * 24];
          expect(w / h).toBeCloseTo(crop.width / crop.height, 9);
          expect(Math.max(w / 36, h / 24)).toBeCloseTo(1, 9);
          expect(Math.min(box.left, box.top)).toBeGreaterThanOrEqual(0);
          expect(Math.max(box.right, box.bottom)).toBeLessThanOrEqual(1 + 1e-12);
        },
      ),
    );
  });

  it('in the sensor’s own proportions cuts nothing', () => {
    expect(cropBox({ width: 3, height: 2 }, FULL)).toBeNull();
    expect(cropBox(undefined, FULL)).toBeNull();
  });

  it('takes what is outside out of the reckoning, and makes another question of it', () => {
    const stand = { ...testStand({}), crop: { width: 1, height: 1, at: 0 } };
    const { regions, grid } = prepared(stand).input.field;
    const ignore = REGION_CODES.indexOf('ignore');
    const wrong = [...regions].filter(
      (region, i) => (region === ignore) !== ((i % grid.columns) + 0.5) / grid.columns > 2 / 3,
    );
    expect(wrong).toEqual([]);
    const { crop: _, ...whole } = stand;
    expect(solutionKey(stand, sampleBag())).not.toBe(solutionKey(whole, sampleBag()));
  });

  it('leaves out a strip on each side that it cuts', () => {
    const ids = (at: number, width: number) =>
      strips(cropBox({ width, height: 1, at }, FULL)!).map((s) => s.id);
    expect(ids(0.5, 1)).toEqual(['crop-left', 'crop-right']);
    expect(ids(0, 1)).toEqual(['crop-right']);
    expect(ids(1, 3)).toEqual(['crop-top']);
  });
});
