import { landCrossings } from './over-land';
import { skyEvents } from './sky-day';
import { sunDirection } from './sun-altitude';

const PLACE = { latitudeDeg: 56, longitudeDeg: 0 };
const NOON = Date.UTC(2026, 2, 20, 12);
const EVENING = [NOON, NOON + 10 * 3_600_000] as const;
const sunAt = (atMs: number) => sunDirection(PLACE, atMs);
const sunset = skyEvents(PLACE, ...EVENING).find((e) => e.kind === 'sunset')!;
const minutes = (ms: number) => ms / 60_000;

describe('the sun over the land', () => {
  it('goes behind a level horizon a minute or two before its upper edge does', () => {
    const [down, ...more] = landCrossings(sunAt, () => 0, ...EVENING);
    expect(more).toEqual([]);
    expect(down).toMatchObject({ comesOut: false });
    expect(minutes(sunset.atMs - down!.atMs)).toBeGreaterThan(1);
    expect(minutes(sunset.atMs - down!.atMs)).toBeLessThan(4);
  });

  it('goes behind high land earlier, by what it sinks in that time', () => {
    const [down] = landCrossings(sunAt, () => 5, ...EVENING);
    expect(down!.direction.altitudeDeg).toBeCloseTo(5, 1);
    // at the equinox by a quarter degree a minute times the cosine of the latitude
    const sinking = 0.25 * Math.cos((56 * Math.PI) / 180);
    expect(minutes(sunset.atMs - down!.atMs)).toBeCloseTo(5 / sinking, -1);
  });

  it('comes out again past the end of a peak', () => {
    const { azimuthDeg } = sunset.direction;
    const peak = (az: number) => (az > azimuthDeg - 20 && az < azimuthDeg - 12 ? 30 : 0);
    expect(landCrossings(sunAt, peak, ...EVENING).map((c) => c.comesOut)).toEqual([false, true, false]);
  });

  it('says nothing of where the land is not known', () => {
    expect(landCrossings(sunAt, () => null, ...EVENING)).toEqual([]);
    const { azimuthDeg } = sunset.direction;
    const east = (az: number) => (az < azimuthDeg - 30 ? 0 : null);
    expect(landCrossings(sunAt, east, ...EVENING)).toEqual([]);
  });
});
