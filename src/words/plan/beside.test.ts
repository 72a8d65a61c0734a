import { deriveStand, sampleBag, solveStand, type Stand, studyStand, warningsOf } from '@/model';
import { testStand } from '@/testing/fixtures';
import {
  daylightText,
  otherLookText,
  safetyText,
  slipOf,
  stockText,
  sunRuleText,
  warningText,
  workings,
} from '..';

const bag = sampleBag();
const [sky, land] = testStand().readings as [Stand['readings'][number], Stand['readings'][number]];

describe('warnings', () => {
  const warned = (stand: Stand, own = bag) => {
    const derived = deriveStand(stand, own, solveStand(stand, own));
    return warningsOf(stand, own, derived, derived.inUse!).map(
      (w) => [w.code, warningText(w, stand.readings)] as const,
    );
  };
  const texts = (stand: Stand, own = bag) => Object.fromEntries(warned(stand, own));

  it('say that a guess is one, and what Least glass cannot hold', () => {
    expect(texts(testStand({ look: { school: 'sun', sun: 'ahead' } })).guess).toMatch(/rule of thumb/);
    const wide = testStand({ look: { school: 'least' }, readings: [{ ...sky, ev100: 22 }, land] });
    const derived = deriveStand(wide, bag, solveStand(wide, bag));
    const slip = slipOf({ stand: wide, derived, search: 'idle', oldestMinutes: null });
    expect(slip.rows[0].aside).toMatch(/one exposure does not hold everything$/);
    expect(texts(wide)['least-not-enough']).toMatch(
      /the darker side stays \d\.\d stops under what prints well.*bracket would hold it/,
    );
  });

  it('tell what an ISO below base and the corners lose', () => {
    expect(texts(testStand({ exposure: { aperture: 11, iso: 50 } }))['iso-below-base']).toMatch(
      /costs 1 stop of highlight room/,
    );
    const ring = { name: 'adapter ring', diameterMm: 62, behindSlotMm: 4 };
    const wide = testStand({
      lens: { focalLengthMm: 16, pupilToFilterMm: 30 },
      exposure: { aperture: 4, iso: 100 },
    });
    const texted = texts(wide, { ...bag, holder: { rings: [ring] } });
    expect(texted['corners-dark']).toMatch(/behind the adapter ring/);
    expect(texts(wide)['corners-dark']).toBeUndefined();
  });

  it('compare each reading with the polariser as it is now', () => {
    const own = {
      ...bag,
      filters: [...bag.filters, { id: 'p', kind: 'polariser' as const, baseLossStops: 1.5 }],
    };
    const through = (ids: string[], on: boolean) =>
      texts(
        testStand({
          readings: [
            { ...sky, throughFilterIds: ids },
            { ...land, throughFilterIds: ids },
          ],
          fitted: on ? [{ filterId: 'p' }] : [],
        }),
        own,
      )['polariser-readings-differ'];
    expect(through([], false)).toBeUndefined();
    expect(through(['p'], false)).toMatch(/through a polariser that is not/);
    // a bag of one slot: the polariser takes it
    expect(through([], true)).toMatch(/without the polariser that is/);
    expect(through(['p'], true)).toBeUndefined();
  });

  it('tell of the cross that a variable ND leaves on a wide lens, and up to what it is even', () => {
    const cross = (focalLengthMm: number, stops: number) => {
      const variable = { id: 'v', kind: 'variable' as const, stops, leastStops: 1.5, mostStops: 9 };
      const own = { ...bag, slots: 2, filters: [...bag.filters, variable] };
      const lens = { focalLengthMm, pupilToFilterMm: 50 };
      return texts(testStand({ lens, fitted: [{ filterId: 'v' }] }), own)['variable-cross'];
    };
    expect(cross(16, 8)).toMatch(
      /dark cross: at 16 mm the corners may part .* by \d.*Up to \d.* it stays even/,
    );
    expect(cross(200, 3)).toBeUndefined();
    expect(cross(16, 1.5)).toBeUndefined();
  });

  it('name features that go black, silhouettes apart (fault 57)', () => {
    const points = [
      { u: 0.3, v: 0.1 },
      { u: 0.5, v: 0.1 },
      { u: 0.5, v: 0.44 },
      { u: 0.3, v: 0.44 },
    ];
    const tower = {
      id: 's1',
      name: 'old tower',
      region: 'feature' as const,
      treat: 'protect' as const,
      points,
    };
    const readings = [sky, land, { id: 'f', role: 'feature' as const, u: 0.4, v: 0.3, ev100: 4.5 }];
    const heavy = { school: 'heavy' as const, gapStops: -2 };
    expect(texts(testStand({ look: heavy, readings, shapes: [tower] }))['features-black']).toBe(
      'Gone black through this glass: old tower.',
    );
    const silhouette = { ...tower, treat: 'silhouette' as const };
    const { treat: _, ...byItsLight } = tower;
    for (const dark of [silhouette, byItsLight])
      expect(texts(testStand({ look: heavy, readings, shapes: [dark] }))['features-black']).toBeUndefined();
  });

  it('tell of a sky darker than its own reflection in every look', () => {
    const water = {
      id: 'w',
      region: 'water' as const,
      points: [
        { u: 0, v: 0.46 },
        { u: 1, v: 0.46 },
        { u: 1, v: 1 },
        { u: 0, v: 1 },
      ],
    };
    const stand = testStand({
      lens: { focalLengthMm: 50, pupilToFilterMm: 55 },
      shapes: [water],
      look: { school: 'even' },
    });
    expect(texts(stand)['darker-than-reflection']).toMatch(/darker than still water under it/);
  });

  it('show the band that a polariser leaves in a wide sky', () => {
    const own = {
      slots: 2,
      filters: [...bag.filters, { id: 'p', kind: 'polariser' as const, baseLossStops: 1.5 }],
    };
    const look = { school: 'natural' as const, viewAzimuthDeg: 0, sunAzimuthDeg: 90, sunAltitudeDeg: 10 };
    const readings = [
      { ...sky, throughFilterIds: ['p'] },
      { ...land, throughFilterIds: ['p'] },
    ];
    const stand = (focalLengthMm: number) =>
      testStand({
        lens: { focalLengthMm, pupilToFilterMm: 45 },
        look,
        readings,
        fitted: [{ filterId: 'p' }],
      });
    expect(texts(stand(16), own)['polariser-uneven']).toMatch(/leave a dark band/);
    expect(texts(stand(85), own)['polariser-uneven']).toBeUndefined();
  });
});

describe('the working of the figures', () => {
  const shown = (stand: Stand, own = bag) => {
    const derived = deriveStand(stand, own, solveStand(stand, own));
    const all = workings({ stand, bag: own, derived, study: studyStand(stand, own) });
    return Object.fromEntries(all.map((w) => [w.of, w]));
  };

  it('adds up: span, what is taken away, the seat and the exposure', () => {
    const stand = testStand({ readings: [sky, { ...sky, id: 'r3', ev100: 12.6 }, land] });
    const w = shown(stand);
    expect(w['span']!.figure).toBe('2.8 stops');
    expect(w['span']!.lines[0]).toBe('Sky, EV at ISO 100: sky 1 13.0, sky 2 12.6: mean 12.8.');
    expect(w['need']!.lines).toEqual(['Span 2.8, and 1.0 may stay: 1.8 stops to take away.']);
    expect(w['seat']!.lines.join(' ')).toMatch(/seam 75 mm from its dark end; rail 50 mm above the axis/);
    expect(w['expose']!.lines.at(-1)).toMatch(/^EV 10\.0 at f\/11, ISO 100: 0\.1\d+ s\.$/);
    expect(w['safety']!.figure).toMatch(/^spans of \d\.\d to \d\.\d$/);
    expect(w['reading r1']!.figure).toMatch(/above mid-grey$/);
  });

  it('marks what is estimated or assumed', () => {
    const w = shown(testStand({ lens: { focalLengthMm: 24 } }));
    expect(w['seat']!.lines.join(' ')).toMatch(/estimated from the focal length and good to a fifth/);
    expect(w['spread']!.lines.join(' ')).toMatch(/at f\/2\.8 \(assumed\)/);
  });

  it('has one for every look', () => {
    expect(shown(testStand({ look: { school: 'least' } }))['lift']!.lines).toHaveLength(3);
    expect(shown(testStand({ look: { school: 'sun', sun: 'side' } }))['need']!.lines[0]).toBe(
      'Sun at the side: the rule says 2 stops. Nothing was measured.',
    );
    expect(shown(testStand({ look: { school: 'bracket' } }))['expose']!.title).toBe('Bracket');
    expect(shown(testStand({ look: { school: 'heavy' } }))['need']!.lines[0]).toMatch(/come out 1\.0 darker/);
    expect(
      workings({
        stand: testStand(),
        bag,
        derived: deriveStand(testStand({ readings: [] }), bag, null),
        study: null,
      }),
    ).toEqual([]);
  });
});

describe('what is told beside the plan', () => {
  it('names what the other looks would fit, what decides, and glass that is not in the bag', () => {
    const stand = testStand({
      readings: [sky, { ...sky, id: 'r3', ev100: 16.6, u: 0.8 }, { ...sky, id: 'r4', u: 0.2 }, land],
    });
    const study = studyStand(stand, bag);
    const looks = Object.fromEntries(study.looks.map((l) => [l.school, otherLookText(l, bag)]));
    expect(looks).toMatchObject({
      bracket: 'one frame, lifted afterwards',
      sun: 'once it is said where the sun stands',
    });
    expect(looks['natural']).toBeUndefined();
    expect(safetyText(study.safety, bag, stand.readings).join(' ')).toMatch(
      /The choice stays the same for spans from .* The reading of sky 2 decides/,
    );
    const soft = { slots: 1, filters: bag.filters.filter((f) => f.id === 'soft-1') };
    expect(stockText(studyStand(testStand(), soft).stock!, soft)).toMatch(
      /^Not in your bag: 2 stops, (very )?hard would fit better by \d\.\d\d\.$/,
    );
    expect(daylightText(-0.8)).toMatch(/EV 7\.\d by an incident meter; cloud takes 1 to 3 stops/);
    expect(daylightText(-30)).toBeNull();
    expect(sunRuleText(testStand({ look: { school: 'natural', sun: 'behind' } }))).toBe(
      'The sun rule, with the sun behind you, would say 1 stop.',
    );
  });
});
