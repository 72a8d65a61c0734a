import { densityAt } from '@/core/glass';
import { deriveStand, isSheet, sampleBag, solveStand, type SheetFilter } from '@/model';
import { bagWithNds, testStand } from '@/testing/fixtures';
import { seenCast } from '../answer/cast';
import { takenStops } from '../resolve/glass';
import { profileOf } from './bag';
import { asSold, longerStops, withCast, withMeasured, withProfile } from './measured-glass';

const sheet = sampleBag().filters.find((f): f is SheetFilter => isSheet(f) && f.kind === 'graduated')!;
const figure = (value: number) => ({ value, giveOrTake: 0.05 });
const measured = {
  stops: figure(1.7),
  transitionMm: figure(9),
  offsetMm: figure(4),
  turnDeg: figure(0),
  pupilToFilterMm: figure(40),
  driftStops: figure(0),
  leftStops: 0.03,
};

describe('glass that was measured', () => {
  it('goes by what was measured everywhere, and by its label again', () => {
    const own = withMeasured(sheet, measured);
    expect(takenStops(own)).toBeCloseTo(1.7, 2);
    for (const mm of [-6, -2, 0, 1, 3, 6]) {
      const truth = densityAt({ kind: 'graduated', stops: 1.7, transitionMm: 9 }, mm);
      expect(Math.abs(densityAt(profileOf(own), mm) - truth)).toBeLessThan(0.02);
    }
    expect(asSold(own)).toEqual(sheet);
    expect(own).toMatchObject({ kind: 'graduated', stops: (sheet as { stops: number }).stops });
  });

  it('is what the plan and the exposure are worked out with', () => {
    const choice = { filterIds: [sheet.id], offsetMm: 0, turnDeg: 0 };
    const takes = (own: SheetFilter) => {
      const bag = { ...sampleBag(), filters: sampleBag().filters.map((f) => (f.id === own.id ? own : f)) };
      const stand = testStand({ choice });
      const { chosen } = deriveStand(stand, bag, solveStand(stand, bag));
      return chosen!.outcome.readings.map((r) => r.dimmingStops);
    };
    const [weak, strong] = [0.5, 2.5].map((stops) =>
      takes(withMeasured(sheet, { ...measured, stops: figure(stops) })),
    );
    expect(Math.max(...strong!)).toBeGreaterThan(Math.max(...weak!) + 0.5);
  });

  it('keeps the seam that a sheet is set by, wherever the photo has its own', () => {
    const samples = [
      { mm: -5, stops: 0 },
      { mm: 5, stops: 2 },
    ];
    const sold = { ...sheet, sheetLengthMm: 150 };
    const own = withProfile(sold, { samples, stops: 2, seamFromDarkEndMm: 72, noiseStops: 0 });
    // the photo has its middle 3 mm nearer the dark end than mid-sheet
    expect(own.measuredSamples).toEqual([
      { mm: -2, stops: 0 },
      { mm: 8, stops: 2 },
    ]);
    expect(own.seamFromDarkEndMm).toBe(sold.seamFromDarkEndMm);
  });

  it('has a colour that the frame is shown with, of all of it together', () => {
    const bag = bagWithNds();
    const [nd] = bag.filters.filter((f) => f.kind === 'neutral');
    const own = {
      ...bag,
      filters: bag.filters.map((f) => (f.id === nd!.id ? withCast(f, { red: 0.1, blue: 0.3 }) : f)),
    };
    const fitted = [{ filterId: nd!.id }];
    expect(seenCast({ fitted }, bag, [sheet])).toBeNull();
    const cast = seenCast({ fitted }, own, [withCast(sheet, { red: -0.2, blue: 0.4 })])!;
    expect(cast.whole).toEqual({ red: 0.1, blue: 0.3 });
    expect(cast.perStop.red * takenStops(sheet)).toBeCloseTo(-0.2);
  });

  it('knows by how much longer the second picture was exposed, where both tell', () => {
    const exposure = { aperture: 8, iso: 100 };
    const at = (shutter: string) => ({ exposure: { ...exposure, shutter } });
    expect(longerStops(at('1/60'), at('1'))).toBeCloseTo(6, 1);
    expect(longerStops(at('1/60'), {})).toBeNull();
  });
});
