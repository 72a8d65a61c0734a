import fc from 'fast-check';
import { bracketByRow, bracketFor, coveringRow, uncoveredStops } from '.';

const rooms = { highlightRoom: 3, shadowRoom: 5.8 };

describe('a bracket', () => {
  it('is one frame where everything fits, as bright as the brightest allows, or as is wanted where that is darker', () => {
    // the window within its margins is 7.8 stops: EV 12 may lie at 2.5, EV 9 at -5.3
    const one = (placedEv: number | null) =>
      bracketFor({ brightestEv: 12, darkestEv: 9, ...rooms, placedEv });
    const bracket = one(null);
    expect(bracket).toMatchObject({ ok: true, windowStops: expect.closeTo(7.8, 9), reachStops: 3 });
    const evOf = (b: ReturnType<typeof one>) => (b.ok ? b.evs : []);
    expect(evOf(bracket)).toEqual([expect.closeTo(9.5, 9)]);
    expect(evOf(one(9))).toEqual([expect.closeTo(9.5, 9)]);
    expect(evOf(one(11))).toEqual([expect.closeTo(11, 9)]);
    // and never so dark that the darkest is lost
    expect(evOf(one(20))).toEqual([expect.closeTo(14.3, 9)]);
  });

  it('spreads its frames evenly, the darkest picture first', () => {
    const bracket = bracketFor({
      brightestEv: 16,
      darkestEv: 2,
      highlightRoom: 3,
      shadowRoom: 4,
      placedEv: null,
    });
    // (14 - 1) / (6 - 1) frames, made whole
    expect(bracket.ok && bracket.evs).toEqual([13.5, 9.5, 5.5].map((ev) => expect.closeTo(ev, 9)));
  });

  it('holds every tone between the brightest and the darkest in some frame, with margin and overlap', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 15, noNaN: true }),
        fc.double({ min: 1.6, max: 4, noNaN: true }),
        fc.double({ min: 1.6, max: 7, noNaN: true }),
        (darkestEv, reach, highlightRoom, shadowRoom) => {
          const bracket = bracketFor({
            brightestEv: darkestEv + reach,
            darkestEv,
            highlightRoom,
            shadowRoom,
            placedEv: null,
          });
          if (!bracket.ok) throw new Error(bracket.reason);
          const { evs } = bracket;
          for (let ev = darkestEv; ev <= darkestEv + reach; ev += 0.05)
            expect(
              evs.some(
                (mid) => ev - mid <= highlightRoom - 0.5 + 1e-9 && mid - ev <= shadowRoom - 0.5 + 1e-9,
              ),
            ).toBe(true);
          evs.slice(1).forEach((ev, i) => expect(evs[i]! - ev).toBeGreaterThan(0));
        },
      ),
    );
  });

  it('says by name when the window is no window', () => {
    expect(
      bracketFor({ brightestEv: 12, darkestEv: 3, highlightRoom: 1, shadowRoom: 1, placedEv: null }),
    ).toEqual({
      ok: false,
      reason: 'window-too-small',
    });
  });
});

describe("a row of the camera's own", () => {
  it.each([
    [7.8, 7.8, null],
    [8, 7.8, { frames: 3, stepStops: 1 / 3 }],
    [13, 7.8, { frames: 3, stepStops: 8 / 3 }],
    // three frames may be three stops apart at most
    [14.5, 7.8, { frames: 5, stepStops: 2 }],
    [30, 7.8, null],
  ])('for %d stops with %d in a frame is the smallest that covers it', (reach, window, row) => {
    expect(coveringRow(reach, window)).toEqual(row);
  });

  it('covers what it is said to cover', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 25, noNaN: true }),
        fc.double({ min: 1, max: 4, noNaN: true }),
        fc.double({ min: 1, max: 7, noNaN: true }),
        (reach, highlightRoom, shadowRoom) => {
          const window = highlightRoom + shadowRoom - 1;
          const row = coveringRow(reach, window);
          fc.pre(row !== null);
          const request = { brightestEv: 3 + reach, darkestEv: 3, highlightRoom, shadowRoom, placedEv: null };
          const bracket = bracketByRow(request, row!);
          expect(uncoveredStops(bracket, row!)).toBeLessThan(1e-9);
          for (let ev = 3; ev <= 3 + reach; ev += 0.1)
            expect(
              bracket.evs.some(
                (mid) => ev - mid <= highlightRoom - 0.5 + 1e-9 && mid - ev <= shadowRoom - 0.5 + 1e-9,
              ),
            ).toBe(true);
        },
      ),
    );
  });
});
