import { isHeld, sensorWindow } from '.';

describe("the sensor's window", () => {
  it('takes the rooms of the noise model where none are given', () => {
    const window = sensorWindow({}, 100);
    expect(window.highlightRoom).toBe(3);
    expect(window.shadowRoom).toBeCloseTo(5.85, 2);
    expect(window.printRoom).toBeCloseTo(3.93, 2);
  });

  it('loses a stop and a little of its shadows for each stop of ISO, and highlights below base', () => {
    const base = sensorWindow({}, 100);
    expect(base.shadowRoom - sensorWindow({}, 200).shadowRoom).toBeCloseTo(1, 12);
    expect(sensorWindow({ baseIso: 100 }, 50).highlightRoom).toBe(2);
    expect(sensorWindow({ baseIso: 64 }, 100).highlightRoom).toBe(3);
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
