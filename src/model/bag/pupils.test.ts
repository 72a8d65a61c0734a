import fc from 'fast-check';
import { sampleBag } from '@/model';
import { solutionKey } from '../answer/key';
import { prepareStand } from '../answer/prepare';
import { testStand } from '@/testing/fixtures';
import { knownPupilMm, withPupilAt } from './pupils';

const mm = fc.integer({ min: 10, max: 200 });
const measured = fc.uniqueArray(fc.tuple(mm, mm), { selector: ([f]) => f, minLength: 1, maxLength: 8 });
type Lens = Parameters<typeof knownPupilMm>[0];
const lensOf = (pairs: readonly (readonly [number, number])[]): Lens =>
  pairs.reduce<Lens>((lens, [focal, pupil]) => withPupilAt(lens, focal, pupil), {});

describe('the pupil of a zoom', () => {
  it('lies where it was measured, between its neighbours in between, and as at the nearest beyond them', () => {
    fc.assert(
      fc.property(measured, fc.integer({ min: 5, max: 250 }), (pairs, focal) => {
        const { pupils = [], ...rest } = lensOf(pairs);
        for (const p of pupils)
          expect(knownPupilMm({ pupils, ...rest }, p.focalLengthMm)).toBe(p.pupilToFilterMm);
        const all = pupils.map((p) => p.pupilToFilterMm);
        const found = knownPupilMm({ pupils }, focal)!;
        expect(found).toBeGreaterThanOrEqual(Math.min(...all) - 1e-9);
        expect(found).toBeLessThanOrEqual(Math.max(...all) + 1e-9);
        expect(pupils.map((p) => p.focalLengthMm)).toEqual(
          pupils.map((p) => p.focalLengthMm).toSorted((a, b) => a - b),
        );
      }),
    );
  });

  it('takes the place of what was measured there before, and is as for the whole lens where nothing was', () => {
    expect(
      lensOf([
        [24, 40],
        [70, 60],
        [24, 42],
      ]).pupils,
    ).toEqual([
      { focalLengthMm: 24, pupilToFilterMm: 42 },
      { focalLengthMm: 70, pupilToFilterMm: 60 },
    ]);
    expect(knownPupilMm({ pupilToFilterMm: 33 }, 50)).toBe(33);
    expect(knownPupilMm({}, 50)).toBeUndefined();
  });

  it('is what the stand is worked out with, and no estimate', () => {
    const stand = testStand();
    const zoom = { ...stand, lens: withPupilAt(withPupilAt(stand.lens, 20, 40), 30, 60) };
    const { lens } = prepareStand({ ...zoom, lens: { ...zoom.lens, focalLengthMm: 25 } }, sampleBag()).input;
    expect(lens).toMatchObject({ pupilToFilterMm: 50, pupilEstimated: false });
    expect(solutionKey(zoom, sampleBag())).not.toBe(solutionKey(stand, sampleBag()));
  });
});
