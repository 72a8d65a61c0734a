import fc from 'fast-check';
import { bracketFor } from '.';

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
