import fc from 'fast-check';
import { spanOf } from '@/core/balance';
import { SHUTTER_MARKS } from '@/core/units';
import { prepared, testStand } from '@/testing/fixtures';
import { apartInTime, type Doubt, doubtsOf, roleSummaries, spanMover, strayDoubt } from '..';

const none = { readings: [] };
const codes = (doubts: readonly Doubt[]) => doubts.map((d) => d.code);

describe('what is asked about a reading', () => {
  it('is nothing of an ordinary one', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SHUTTER_MARKS.filter((m) => m.exact < 20 && m.exact > 1 / 900)),
        fc.constantFrom(2.8, 4, 5.6, 8, 11),
        ({ name }, aperture) => {
          expect(doubtsOf({ role: 'land', aperture, shutter: name, iso: 100 }, none)).toEqual([]);
        },
      ),
    );
  });

  it('is whether aperture and shutter are swapped, with what they would be', () => {
    // f/8 at 1/125, typed as f/125 at 1/8
    const [doubt] = doubtsOf({ role: 'sky', aperture: 125, shutter: '1/8', iso: 100 }, none);
    expect(doubt).toEqual({ code: 'swapped', aperture: 8, shutter: '1/125', ev100: expect.closeTo(13, 9) });
  });

  it('is an EV that neither day nor night gives, but not of one to be held', () => {
    expect(codes(doubtsOf({ role: 'sky', ev100: 18 }, none))).toEqual(['brighter-than-day']);
    expect(doubtsOf({ role: 'sky', ev100: 18, limit: true }, none)).toEqual([]);
    expect(codes(doubtsOf({ role: 'land', ev100: -9 }, none))).toEqual(['darker-than-night']);
  });

  it('is a sky under its land, whichever of them is read last', () => {
    const { readings } = testStand();
    expect(codes(doubtsOf({ role: 'sky', ev100: 2 }, { readings }))).toEqual(['sky-below-land']);
    expect(codes(doubtsOf({ role: 'land', ev100: 20 }, { readings }))).toContain('sky-below-land');
    expect(doubtsOf({ role: 'sky', ev100: 2, limit: true }, { readings })).toEqual([]);
  });

  it('is a time beside a mark: 1/60 of a second as such is none of the camera’s', () => {
    const [doubt] = doubtsOf({ role: 'land', aperture: 8, shutter: 1 / 60, iso: 100 }, none);
    expect(doubt).toMatchObject({ code: 'beside-mark', mark: '1/60' });
    expect(doubtsOf({ role: 'land', aperture: 8, shutter: 47, iso: 100 }, none)).toEqual([]);
  });

  it('is a circle that crosses the skyline, with what that costs', () => {
    const stand = testStand({
      skyline: [
        { u: 0, v: 0.5 },
        { u: 1, v: 0.5 },
      ],
    });
    const at = (v: number) =>
      strayDoubt({ id: 'x', role: 'land', ev100: 10, u: 0.5, v, spotAngleDeg: 5 }, stand);
    expect(at(0.8)).toBeNull();
    const near = at(0.53);
    expect(near).toMatchObject({ code: 'circle-crosses', stops: expect.any(Number) });
    const { part, stops } = near as Extract<Doubt, { code: 'circle-crosses' }>;
    expect(part).toBeGreaterThan(0.02);
    expect(part).toBeLessThan(0.5);
    // what of the sky it took in makes the land read too bright
    expect(stops).toBeGreaterThan(0.1);
  });

  it('is the time between sky and land', () => {
    const at = (minute: number) => `2026-03-14T05:${String(minute).padStart(2, '0')}:00Z`;
    const read = (sky: number, land: number) => ({
      readings: [
        { id: 'a', role: 'sky' as const, ev100: 13, takenAt: at(sky) },
        { id: 'b', role: 'land' as const, ev100: 10, takenAt: at(land) },
      ],
    });
    expect(apartInTime(read(10, 11))).toBeNull();
    expect(apartInTime(read(10, 24))).toEqual({ code: 'apart-in-time', minutes: 14 });
    expect(apartInTime(testStand())).toBeNull();
  });
});

describe('readings taken together', () => {
  const evs = fc.array(fc.double({ min: -5, max: 18, noNaN: true }), { minLength: 1, maxLength: 6 });

  it('have the mean and the spread of those that count, role by role', () => {
    fc.assert(
      fc.property(evs, evs, (sky, land) => {
        const readings = [
          ...sky.map((ev100, i) => ({ id: `s${i}`, role: 'sky' as const, ev100 })),
          ...land.map((ev100, i) => ({ id: `l${i}`, role: 'land' as const, ev100 })),
          { id: 'h', role: 'sky' as const, ev100: 30, limit: true },
        ];
        const [first, second] = roleSummaries(readings);
        expect(first!.meanEv - second!.meanEv).toBeCloseTo(spanOf(readings)!, 9);
        expect(first).toMatchObject({ role: 'sky', count: sky.length });
        expect(first!.spreadStops).toBeCloseTo(Math.max(...sky) - Math.min(...sky), 9);
        const mover = spanMover(readings);
        const moves = (id: string) =>
          Math.abs(spanOf(readings.filter((r) => r.id !== id))! - spanOf(readings)!);
        if (mover)
          for (const { id } of [...(sky.length > 1 ? readings.slice(0, sky.length) : [])])
            expect(moves(id)).toBeLessThanOrEqual(moves(mover.id) + 1e-9);
      }),
    );
  });

  it('rest on none where each role is read once', () => {
    const { readings } = prepared(
      testStand({
        readings: [
          { id: 'a', role: 'sky', ev100: 13 },
          { id: 'b', role: 'land', ev100: 10 },
        ],
      }),
    ).input.field;
    expect(spanMover(readings)).toBeNull();
  });
});
