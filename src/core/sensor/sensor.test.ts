import { isHeld, liftCost, sensorWindow, signalToNoise, withGlare } from '.';

describe("the sensor's window", () => {
  it('takes the rooms of the noise model where none are given', () => {
    const window = sensorWindow({}, 100);
    expect(window.highlightRoom).toBe(3);
    expect(window.shadowRoom).toBeCloseTo(5.85, 2);
    expect(window.printRoom).toBeCloseTo(3.93, 2);
  });

  it('loses its shadows with ISO, by less than the light since noise is judged on a print, and highlights below base', () => {
    const base = sensorWindow({}, 100);
    const lost = base.shadowRoom - sensorWindow({}, 200).shadowRoom;
    expect(lost).toBeGreaterThan(0);
    expect(lost).toBeLessThan(0.2);
    expect(sensorWindow({ baseIso: 100 }, 50).highlightRoom).toBe(2);
    expect(sensorWindow({ baseIso: 64 }, 100).highlightRoom).toBe(3);
  });

  it('never closes, at whatever ISO (fault 23)', () => {
    for (const iso of [6400, 25_600, 51_200, 409_600, 10_000_000]) {
      const { shadowRoom, printRoom } = sensorWindow({}, iso);
      expect(shadowRoom).toBeGreaterThanOrEqual(2);
      expect(printRoom).toBeGreaterThanOrEqual(1);
    }
    expect(signalToNoise({}, 100, 0)).toBeGreaterThan(20);
    expect(signalToNoise({}, 102_400, 0)).toBeLessThan(20);
  });

  it('lets the photographer set both limits outright', () => {
    expect(sensorWindow({ highlightRoomStops: 2.3, shadowRoomStops: 4, printRoomStops: 3 }, 800)).toEqual({
      highlightRoom: 2.3,
      shadowRoom: 4,
      printRoom: 3,
    });
  });

  it('holds its own limits', () => {
    const window = sensorWindow({ shadowRoomStops: 6 }, 100);
    expect([
      isHeld(3, window),
      isHeld(3.01, window),
      isHeld(-6, window),
      isHeld(-6.01, window),
      isHeld(NaN, window),
    ]).toEqual([true, false, true, false, false]);
  });
});

describe('noise', () => {
  it('reaches 20 where the print room ends and 10 where the shadow room does', () => {
    for (const [iso, part] of [
      [100, 1],
      [400, 1 / 2],
      [1600, 1 / 4],
    ] as const) {
      const { printRoom, shadowRoom } = sensorWindow({}, iso);
      expect(signalToNoise({}, iso, -printRoom)).toBeCloseTo(20 * part, 9);
      expect(signalToNoise({}, iso, -shadowRoom)).toBeCloseTo(10 * part, 9);
    }
  });

  it('of a lifted tone is that of the darker exposure, and the cost is what exposing it would have saved', () => {
    const cost = liftCost({}, 100, -2, 2);
    expect(cost.lifted).toBeCloseTo(signalToNoise({}, 100, -2), 12);
    expect(cost.exposed).toBeCloseTo(signalToNoise({}, 100, 0), 12);
    // light's own noise: half a stop for each stop of light, a little more by the reading's
    expect(cost.noiseStops).toBeGreaterThan(1);
    expect(cost.noiseStops).toBeLessThan(1.1);
    expect(cost.asNoisyAsIso).toBe(400);
    expect(liftCost({}, 100, -2, 0).noiseStops).toBe(0);
  });

  it("follows the camera's own full well and read noise", () => {
    const clean = sensorWindow({ fullWellElectrons: 100_000, readNoiseElectrons: 1 }, 100);
    expect(clean.shadowRoom).toBeGreaterThan(sensorWindow({}, 100).shadowRoom + 1);
  });
});

describe('veiling glare', () => {
  it('lifts what is dark and leaves what is bright', () => {
    expect(withGlare(-5, 0.02, 2)).toBeCloseTo(Math.log2(2 ** -5 + 0.04), 12);
    expect(withGlare(2, 0.02, 2) - 2).toBeLessThan(0.02);
    expect(withGlare(-5, 0, 2)).toBe(-5);
  });
});
