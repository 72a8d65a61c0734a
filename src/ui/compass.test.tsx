import { compassIsThere, headingOf, readCompass } from './compass';

describe('a compass', () => {
  it('turns clockwise, as headings do, and tells nothing where it does not know north', () => {
    expect(headingOf({ absolute: true, alpha: 90 })).toBe(270);
    expect(headingOf({ absolute: true, alpha: 0 })).toBe(0);
    expect(headingOf({ absolute: false, alpha: 90 })).toBeNull();
    expect(headingOf({ absolute: true, alpha: null })).toBeNull();
    expect(headingOf({ webkitCompassHeading: 12 })).toBe(12);
  });

  it('is read from the first event that tells it, and given up after a while', async () => {
    jest.useFakeTimers();
    const read = readCompass();
    await Promise.resolve();
    const tell = (fields: object) =>
      window.dispatchEvent(Object.assign(new Event('deviceorientationabsolute'), fields));
    tell({ absolute: false, alpha: 10 });
    tell({ absolute: true, alpha: 350 });
    await expect(read).resolves.toBe(10);
    const silent = readCompass();
    await Promise.resolve();
    jest.advanceTimersByTime(4000);
    await expect(silent).resolves.toBeNull();
    jest.useRealTimers();
  });

  it('is not offered where nothing is touched', () => {
    expect(compassIsThere()).toBe(false);
  });
});
