import { exactAperture, exactIso } from '@/core/units';
import { type Stand } from '@/model';
import { prepared, testStand } from '@/testing/fixtures';
import { outcomeOf } from './outcome';
import { safetyOf } from './safety';

const outcome = (stand: Stand, glass?: { id: string; offsetMm: number; turnDeg: number }) => {
  const posed = prepared(stand);
  const { input, fitted } = posed;
  return outcomeOf({
    posed,
    settings: { aperture: exactAperture(stand.exposure.aperture), iso: exactIso(stand.exposure.iso) },
    fitted,
    glarePart: 0,
    set: input.sheets.filter((s) => s.id === glass?.id),
    seat: glass ? { offsetMm: glass.offsetMm, turnDeg: glass.turnDeg } : null,
  });
};

describe('what becomes of the readings', () => {
  it('places the land at mid-grey and the sky its span above', () => {
    const { readings, exposure, residualGapStops } = outcome(testStand());
    // EV 10 at f/11 (2^7 / 2^10 s), capped: the sky may not pass 2.5
    expect(exposure).toMatchObject({ capped: true, evCamera: 10.5, seconds: expect.closeTo(2 ** -3.5, 9) });
    expect(readings.map((r) => r.toneBareStops)).toEqual([3, 0]);
    expect(readings.map((r) => r.toneThroughStops)).toEqual([2.5, -0.5]);
    expect(residualGapStops).toBe(3);
  });

  it('takes the dimming of each spot off, the land too where the transition reaches it', () => {
    const glass = { id: 'soft-2', offsetMm: 0, turnDeg: 0 };
    const { readings, exposure, residualGapStops } = outcome(testStand(), glass);
    const [sky, land] = readings;
    expect(land!.dimmingStops).toBeGreaterThan(0.05);
    expect(land!.toneThroughStops).toBeCloseTo(0, 9);
    expect(exposure!.seconds).toBeCloseTo(2 ** (-3 + land!.dimmingStops), 6);
    expect(residualGapStops).toBeCloseTo(3 - sky!.dimmingStops + land!.dimmingStops, 9);
  });

  it('exposes longer behind an ND by exactly its stops, and moves no tone', () => {
    const glass = { id: 'hard-2', offsetMm: 4, turnDeg: 0 };
    const stand = testStand();
    const bag = {
      filters: [
        ...prepared(stand).input.sheets.map((s) => ({
          id: s.id,
          kind: 'graduated' as const,
          stops: 2,
          transitionMm: 8,
        })),
        { id: 'n6', kind: 'neutral' as const, stops: 6 },
      ],
      slots: 2,
    };
    const run = (on: Stand['fitted']) => {
      const posed = prepared(testStand({ fitted: on }), bag);
      const { input, fitted } = posed;
      return outcomeOf({
        posed,
        fitted,
        glarePart: 0,
        settings: { aperture: exactAperture(11), iso: exactIso(100) },
        set: input.sheets.filter((s) => s.id === glass.id),
        seat: glass,
      });
    };
    const [bare, dark] = [run([]), run([{ filterId: 'n6', slot: 1 }])];
    expect(dark.exposure!.seconds / bare.exposure!.seconds).toBeCloseTo(64, 6);
    expect(dark.readings.map((r) => r.toneThroughStops)).toEqual(
      bare.readings.map((r) => expect.closeTo(r.toneThroughStops, 9)),
    );
  });

  it('exposes for the land alone where the sky is not read, and for nothing without the land', () => {
    const [sky, land] = testStand().readings;
    expect(outcome(testStand({ readings: [land!] })).exposure?.evCamera).toBe(10);
    expect(outcome(testStand({ readings: [sky!] })).exposure).toBeNull();
    expect(outcome(testStand({ readings: [] })).residualGapStops).toBeNull();
  });

  it('records veiling glare over the dark, less of it behind a grad, and moves no exposure by it', () => {
    const posed = prepared(testStand());
    const run = (glarePart: number, id?: string) =>
      outcomeOf({
        posed,
        settings: { aperture: exactAperture(11), iso: exactIso(100) },
        fitted: { stops: 0, dyedStops: 0 },
        glarePart,
        set: posed.input.sheets.filter((s) => s.id === id),
        seat: id ? { offsetMm: 2, turnDeg: 0 } : null,
      });
    const lifted = (id?: string) => {
      const { readings } = run(0.02, id);
      return readings[1]!.toneRecordedStops - readings[1]!.toneThroughStops;
    };
    expect(lifted()).toBeGreaterThan(lifted('hard-3') + 0.02);
    expect(lifted('hard-3')).toBeGreaterThan(0.01);
    expect(run(0.02).exposure).toEqual(run(0).exposure);
    expect(run(0).readings[1]!.toneRecordedStops).toBeCloseTo(run(0).readings[1]!.toneThroughStops, 12);
  });

  it('names the readings that the sensor does not hold', () => {
    const readings = [
      ...testStand().readings,
      { id: 'hole', role: 'land' as const, u: 0.2, v: 0.9, ev100: 2, limit: true },
    ];
    expect(outcome(testStand({ readings })).clips).toEqual(['hole']);
  });

  it('gives the seat an uncertainty only where the pupil is estimated', () => {
    const glass = { id: 'hard-2', offsetMm: 10, turnDeg: 0 };
    expect(outcome(testStand(), glass).seam?.giveOrTakeMm).toBe(0);
    const seam = outcome(testStand({ lens: { focalLengthMm: 24 } }), glass).seam!;
    expect(seam.giveOrTakeMm).toBeCloseTo(0.2 * (10 + seam.halfDimmingMm), 9);
  });
});

describe('the spans over which the same sheet stays best', () => {
  it('hold the span itself and end within a stop either way', () => {
    const [low, high] = safetyOf(prepared(testStand())).bestForSpans!;
    expect(low).toBeLessThanOrEqual(3);
    expect(high).toBeGreaterThanOrEqual(3);
    expect(high - low).toBeGreaterThan(0.3);
    expect(low).toBeGreaterThanOrEqual(2);
    expect(high).toBeLessThanOrEqual(4);
  });

  it('are none without a plan', () => {
    expect(safetyOf(prepared(testStand({ readings: [] }))).bestForSpans).toBeNull();
  });
});
