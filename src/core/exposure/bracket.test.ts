import fc from 'fast-check';
import { bracketFor } from '.';

const rooms = { highlightRoom: 3, shadowRoom: 5.8 };

describe('a bracket', () => {
  it('is one frame halfway between its limits where everything fits', () => {
    // the window within its margins is 7.8 stops: EV 12 may lie at 2.5, EV 9 at -5.3
    const bracket = bracketFor({ brightestEv: 12, darkestEv: 9, ...rooms });
    expect(bracket).toMatchObject({ ok: true, windowStops: expect.closeTo(7.8, 9), reachStops: 3 });
    expect(bracket.ok && bracket.evs).toEqual([expect.closeTo((9.5 + 14.3) / 2, 9)]);
  });

  it('spreads its frames evenly, the darkest picture first', () => {
    const bracket = bracketFor({ brightestEv: 16, darkestEv: 2, highlightRoom: 3, shadowRoom: 4 });
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
    expect(bracketFor({ brightestEv: 12, darkestEv: 3, highlightRoom: 1, shadowRoom: 1 })).toEqual({
      ok: false,
      reason: 'window-too-small',
    });
  });
});
