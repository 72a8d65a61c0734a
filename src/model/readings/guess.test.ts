import { roughSunAltitudeDeg } from '@/core/sky';
import { isSunUp, nextSunCrossingMs, sunAltitudeDeg } from '@/core/sky/sun-altitude';
import { shutterMarksRound } from '@/core/units';
import { testStand } from '@/testing/fixtures';
import { markedName, namedAs, newStand, nextName, nextStand, withStand } from '../documents';
import { MAX_TEXT } from '../terms/limits';
import { guessEv, usualLandEv } from './guess';
import { addReading } from './edits';

describe('a guess to begin with', () => {
  const empty = testStand({ readings: [] });

  it('of the sky is three stops above the land that was read', () => {
    const read = addReading(empty, { id: 'a', role: 'land', ev100: 9 });
    expect(guessEv('sky', read, 5)).toBe(12);
    expect(guessEv('land', read, 5)).toBe(9);
    expect(guessEv('water', read, 5)).toBe(11);
  });

  it('is as it was last read, and goes by the hour where nothing was', () => {
    const twice = [9, 8].reduce((s, ev100) => addReading(s, { id: `l${ev100}`, role: 'land', ev100 }), empty);
    expect(guessEv('land', addReading(twice, { id: 'h', role: 'land', ev100: 3, limit: true }), 5)).toBe(8);
    expect(guessEv('land', empty, 5)).toBe(5);
    expect(guessEv('sky', empty, 5)).toBe(8);
  });

  it('of the land is full light at noon, little at the horizon, and next to none at night', () => {
    expect(usualLandEv(60)).toBeGreaterThan(14);
    expect(usualLandEv(0)).toBeGreaterThan(7);
    expect(usualLandEv(0)).toBeLessThan(9);
    expect(usualLandEv(-30)).toBe(-2);
    expect(roughSunAltitudeDeg(12)).toBe(40);
    expect(roughSunAltitudeDeg(6)).toBeCloseTo(0);
    expect(roughSunAltitudeDeg(0)).toBe(-40);
  });
});

describe('marks round a time', () => {
  const names = (seconds: number, thirds: number) => shutterMarksRound(seconds, thirds, 7).map((m) => m.name);

  it('are seven, a whole stop or a third apart, from the longest to the shortest', () => {
    expect(names(1 / 160, 3)).toEqual(['1/20', '1/40', '1/80', '1/160', '1/320', '1/640', '1/1250']);
    expect(names(1 / 60, 1)).toEqual(['1/30', '1/40', '1/50', '1/60', '1/80', '1/100', '1/125']);
  });

  it('are seven at the ends of the scale too', () => {
    expect(names(100, 3)).toEqual(['30', '15', '8', '4', '2', '1', '0.5']);
    expect(names(1e-6, 3)).toHaveLength(7);
    expect(names(1e-6, 1)).toHaveLength(7);
  });
});

describe('a stand to begin with', () => {
  const made = { id: 'b', name: 'Hesk Terraces 2', createdAt: '2026-11-25T06:00:00Z' };
  const last = testStand({
    lens: { focalLengthMm: 70, nearestSubjectM: 2 },
    exposure: { aperture: 8, iso: 64 },
  });

  it('has the camera and lens last used, and marks them as assumed', () => {
    expect(newStand({ ...made, like: last })).toMatchObject({
      lens: { focalLengthMm: 70 },
      exposure: { aperture: 8, iso: 64 },
      assumed: ['camera', 'lens', 'skyline'],
    });
    expect(newStand({ ...made, like: last }).lens).not.toHaveProperty('nearestSubjectM');
  });

  it('assumes no more what has been set', () => {
    const document = { stand: newStand(made), bag: null, used: [], minor: 2 };
    const set = withStand(document, { ...document.stand, lens: { focalLengthMm: 35 } }, { filters: [] });
    expect(set.stand.assumed).toEqual(['camera', 'skyline']);
    const all = withStand(
      set,
      { ...set.stand, camera: { ...set.stand.camera }, skyline: [...set.stand.skyline] },
      { filters: [] },
    );
    expect(all.stand).not.toHaveProperty('assumed');
  });

  it('from here keeps camera, readings and glass, and what belongs to the old frame not', () => {
    const next = nextStand(
      testStand({
        notes: 'mind the swell',
        shapes: [{ id: 's1', region: 'feature', points: [] }],
        choice: { filterIds: ['hard-2'], offsetMm: 3, turnDeg: 0 },
      }),
      made,
    );
    expect(next).toMatchObject({
      ...made,
      choice: { filterIds: ['hard-2'] },
      readings: testStand().readings,
    });
    expect(next.assumed).toContain('skyline');
    expect(next).not.toHaveProperty('shapes');
    expect(next).not.toHaveProperty('notes');
  });

  it('has a name that counts on', () => {
    expect(nextName('Marl Pan', [])).toBe('Marl Pan (2)');
    expect(nextName('Marl Pan (2)', ['Marl Pan (2)', 'Marl Pan (3)'])).toBe('Marl Pan (4)');
    // a number of the name's own is no count (fault 12)
    expect(nextName('Beach 2026', ['Beach 2026'])).toBe('Beach 2026 (2)');
    expect(nextName('Ridge at 6', [])).toBe('Ridge at 6 (2)');
    expect(markedName('Ridge (copy)', 'copy', ['Ridge', 'Ridge (copy)'])).toBe('Ridge (copy 2)');
    const long = 'n'.repeat(MAX_TEXT);
    expect(markedName(long, 'copy').length).toBeLessThan(MAX_TEXT);
    expect([namedAs('  Ridge '), namedAs('  ')]).toEqual(['Ridge', null]);
  });
});

describe('where the sun stands', () => {
  const equator = { latitudeDeg: 0, longitudeDeg: 0 };
  it('is overhead at noon on the equator at the equinox, and opposite at midnight', () => {
    expect(sunAltitudeDeg(equator, Date.parse('2026-03-20T12:07:00Z'))).toBeGreaterThan(89);
    expect(sunAltitudeDeg(equator, Date.parse('2026-03-20T00:07:00Z'))).toBeLessThan(-88);
  });

  it('crosses the horizon when it is said to, and not at all in a polar summer', () => {
    const place = { latitudeDeg: 54, longitudeDeg: -3 };
    const from = Date.parse('2026-11-25T12:00:00Z');
    const sunset = nextSunCrossingMs(place, from)!;
    expect(isSunUp(place, from)).toBe(true);
    expect(isSunUp(place, sunset - 4 * 60_000)).toBe(true);
    expect(isSunUp(place, sunset + 4 * 60_000)).toBe(false);
    const polar = { latitudeDeg: 78, longitudeDeg: 15 };
    expect(nextSunCrossingMs(polar, Date.parse('2026-06-20T12:00:00Z'))).toBeNull();
  });
});
