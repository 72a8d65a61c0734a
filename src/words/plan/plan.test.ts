import {
  type Candidate,
  changeReading,
  choose,
  deriveStand,
  prepareStand,
  sampleBag,
  solveStand,
  type Stand,
} from '@/model';
import { testStand } from '@/testing/fixtures';
import {
  degreesFigure,
  mmFigure,
  slipOf,
  lineText,
  slipSentence,
  stopsFigure,
  stopsText,
  timeText,
  turnText,
  filterKindText,
  partingText,
  reasonsText,
  levelText,
  rangeText,
  sideNames,
} from '..';

const bag = sampleBag();
const slip = (stand: Stand, more: Partial<Parameters<typeof slipOf>[0]> = {}) =>
  slipOf({
    stand,
    derived: deriveStand(stand, bag, solveStand(stand, bag, { workedOut: 12 })),
    search: 'idle',
    oldestMinutes: null,
    ...more,
  });
const rows = (stand: Stand, more?: Parameters<typeof slip>[1]) =>
  slip(stand, more).rows.map((r) => `${r.main} | ${r.aside}`);
const [sky, land] = testStand().readings as [Stand['readings'][number], Stand['readings'][number]];

describe('the line in the frame', () => {
  const ridged = {
    ...testStand(),
    skyline: [0.5, 0.5, 0.35, 0.35, 0.497, 0.497, 0.35, 0.35, 0.5, 0.5].map((v, i) => ({ u: i / 9, v })),
  };

  it('says no figure of none: just below, not 0 % below', () => {
    expect(lineText(ridged, { left: 0.5, right: 0.5 })).toBe('just below the skyline, 50 % down');
    expect(lineText(ridged, { left: 0.55, right: 0.55 })).toMatch(/^5 % below the skyline/);
  });
});

describe('figures', () => {
  it.each([
    [1 / 8, '1/8 s'],
    [0.6, '0.6 s'],
    [32, '30 s'],
    [47, '47 s'],
    [128, '2 min 8 s'],
    [120, '2 min'],
    [3700, '1 h 1 min'],
    [1 / 1000, '1/1000 s'],
  ])('%p s is shown as %p', (seconds, text) => {
    expect(timeText(seconds)).toBe(text);
  });

  it('have true minus signs and no minus on nothing', () => {
    expect([stopsFigure(-1.25), stopsFigure(-0.01), stopsText(1), stopsText(0.7), stopsText(-2)]).toEqual([
      '−1.3',
      '0.0',
      '1 stop',
      '0.7 stops',
      '−2 stops',
    ]);
    expect([mmFigure(26.25), mmFigure(30), degreesFigure(-8.25), degreesFigure(8)]).toEqual([
      '26.5',
      '30',
      '−8.25',
      '8',
    ]);
  });
});

describe('the slip', () => {
  it('says what to meter first, and then next', () => {
    expect(rows(testStand({ readings: [] }))[0]).toMatch(/^Point the camera at the land, then at the sky/);
    expect(rows(testStand({ readings: [sky] }))[0]).toMatch(/^Now point the camera at the land/);
    const [glass, , expose] = rows(testStand({ readings: [land] }));
    expect(glass).toMatch(/^Now point the camera at the sky/);
    expect(expose).toBe('f/11, 1/8 s, ISO 100 | for the land alone');
  });

  it('can be set by hand once both are read', () => {
    const stand = testStand();
    expect(slip(stand).state).toBe('ready');
    expect(rows(stand)).toEqual([
      '2 stops, hard, level | takes 2.0 of 3.0; keeps the sky 1.0 brighter',
      expect.stringMatching(
        /^Along the skyline, 44 % down \| \d+(\.5)? mm above the rail, \d+(\.5)? to \d+(\.5)? is as good$/,
      ),
      'f/11, 1/8 s, ISO 100 | with the sky 1.2 above mid-grey',
    ]);
    expect(slipSentence(slip(stand))).toMatch(
      /^2 stops, hard, level \(takes .*\)\. Along the skyline.* mid-grey\)\.$/,
    );
  });

  it('says that no grad is needed, and why', () => {
    const even = testStand({ readings: [{ ...sky, ev100: 10.8 }, land] });
    expect(rows(even).slice(0, 2)).toEqual(['No grad needed | ', 'nothing to seat | ']);
    expect(slip(even).lead).toMatch(/^Leave the grads in the bag: 0\.8 stops fit the sensor/);
  });

  it('turns the sheet upside down where the land is the brighter', () => {
    const [glass, seat, expose] = rows(
      testStand({
        readings: [
          { ...sky, ev100: 10 },
          { ...land, ev100: 13 },
        ],
      }),
    );
    expect(glass).toBe('2 stops, hard, upside down, level | takes 2.0 of 3.0; keeps the land 1.0 brighter');
    expect(seat).toMatch(/mm below the rail/);
    expect(expose).toMatch(/with the land 1\.1 above mid-grey/);
  });

  it('names why there is no plan', () => {
    const heavy = testStand({ look: { school: 'heavy' }, readings: [{ ...sky, ev100: 9 }, land] });
    expect(slip(heavy).state).toBe('fault');
    expect(rows(heavy)[0]).toMatch(/^no plan \| The sky is the darker already/);
    expect(rows(testStand({ look: { school: 'sun' } }))[0]).toMatch(/^no plan \| Where is the sun\?/);
    expect(rows(testStand(), { search: 'failed' })[0]).toMatch(/^the search stopped/);
  });

  it('gives a bracket its times, darkest picture first', () => {
    const stand = testStand({
      camera: { ...testStand().camera, highlightRoomStops: 3, shadowRoomStops: 4 },
      look: { school: 'bracket' },
      readings: [
        { ...sky, ev100: 15.5 },
        { ...land, ev100: 3.5 },
      ],
    });
    expect(rows(stand)).toEqual([
      'No grad: 3 frames | for 12 stops from darkest to brightest',
      'nothing to seat | ',
      "f/11, 1/60 s, 1/8 s and 1 s, ISO 100 | darkest picture first; on the camera's own: 3 frames, 3 stops apart, about the middle time",
    ]);
    expect(rows(testStand({ look: { school: 'bracket' } }))[0]).toMatch(/^No grad: one frame holds it/);
    const unread = slip(testStand({ look: { school: 'bracket' }, readings: [] }));
    expect(unread.state).toBe('waiting');
    const narrow = { ...testStand().camera, highlightRoomStops: 1, shadowRoomStops: 1 };
    expect(slip(testStand({ look: { school: 'bracket' }, camera: narrow })).state).toBe('fault');
  });

  it('guesses by the sun without a reading, and gives no time', () => {
    const stand = testStand({ look: { school: 'sun', sun: 'side' }, readings: [] });
    expect(slip(stand).state).toBe('ready');
    expect(rows(stand)).toEqual([
      '2 stops, hard, level | a guess by the sun, not a measurement',
      expect.stringMatching(/mm above the rail/),
      expect.stringMatching(/^not metered/),
    ]);
  });

  it('says under Least glass what is to be lifted, and what that costs', () => {
    const [glass] = rows(testStand({ look: { school: 'least' } }));
    expect(glass).toBe('No grad needed | lift the land 0.5 stops afterwards, as noisy as ISO 140');
    const snow = [
      { ...sky, ev100: 10 },
      { ...land, ev100: 13 },
    ];
    expect(rows(testStand({ look: { school: 'least' }, readings: snow }))[0]).toMatch(
      /lift the sky 0\.5 stops/,
    );
  });

  it('names which sheet of a pair stands nearest the lens', () => {
    const two = { ...bag, slots: 2 };
    const stand = testStand({ readings: [{ ...sky, ev100: 16 }, land] });
    const derived = deriveStand(stand, two, solveStand(stand, two));
    const [glass] = rows(stand, { derived });
    const [first, second] = derived.plan!.filters;
    expect(glass).toBe(
      `${first!.name} with ${second!.name}, level | takes 5.0 of 6.0; keeps the sky 1.0 brighter; the first of them nearer the lens`,
    );
  });

  it('calls what is held back by its own name', () => {
    const leaves = { skyName: 'foliage' };
    expect(rows(testStand({ ...leaves, readings: [land] }))[0]).toMatch(
      /^Now point the camera at the foliage/,
    );
    expect(rows(testStand(leaves))[2]).toMatch(/with the foliage 1\.2 above mid-grey/);
    expect(sideNames({ skyName: ' ' })).toEqual({ sky: 'sky', land: 'land' });
  });

  it('never shows an old answer as if it belonged to new readings', () => {
    const before = testStand();
    const stand = changeReading(before, 'r1', { ev100: 14 });
    const derived = deriveStand(stand, bag, solveStand(before, bag), prepareStand(stand, bag));
    const shown = slip(stand, { derived, search: 'working' });
    expect(shown.state).toBe('waiting');
    expect(shown.rows[0].aside).toMatch(/^being worked out anew; takes/);
    expect(rows(stand, { derived: deriveStand(stand, bag, null), search: 'working' })[0]).toBe(
      'being worked out | ',
    );
  });

  it("names the photographer's choice beside what was computed", () => {
    const other = choose(testStand(), { filterIds: ['soft-3'], offsetMm: 10, turnDeg: 5 });
    const [glass, seat] = rows(other);
    expect(glass).toBe(
      '3 stops, soft, turned 5° clockwise | your choice; computed: 2 stops, hard; takes 1.9 of 3.0; keeps the sky 1.1 brighter',
    );
    expect(seat).toMatch(/ \| 35 mm above the rail; computed: \d+(\.5)? mm, level$/);
    expect(rows(choose(testStand(), { filterIds: [], offsetMm: 0, turnDeg: 0 }))[0]).toMatch(
      /^No grad \| your choice/,
    );
  });

  it('asks to read again when the light has moved on, but not of a record', () => {
    expect(rows(testStand(), { oldestMinutes: 14 })[2]).toMatch(/readings 14 min old: read again/);
    expect(rows(testStand(), { oldestMinutes: 5 })[2]).not.toMatch(/read again/);
    expect(rows(testStand(), { oldestMinutes: 60 * 24 * 30 })[2]).not.toMatch(/read again/);
  });

  it('tells the time with an ND on, and bulb beyond the marks', () => {
    const withNd = {
      slots: 2,
      filters: [...bag.filters, { id: 'n10', kind: 'neutral' as const, stops: 10 }],
    };
    const stand = testStand({ fitted: [{ filterId: 'n10' }] });
    const derived = deriveStand(stand, withNd, solveStand(stand, withNd));
    expect(rows(stand, { derived })[2]).toBe(
      'f/11, bulb 2:08, ISO 100 | with 10.0 stops of ND or polariser on; with the sky 1.2 above mid-grey',
    );
  });

  it('tells how far the seat may be off on an estimated lens, and what is not held', () => {
    const stand = testStand({
      lens: { focalLengthMm: 24 },
      skyline: [
        { u: 0, v: 0.2 },
        { u: 1, v: 0.2 },
      ],
      readings: [{ ...sky, v: 0.1 }, land, { id: 'x', role: 'land', u: 0.5, v: 0.9, ev100: 1, limit: true }],
    });
    const [, seat, expose] = rows(stand);
    expect(seat).toMatch(/give or take \d(\.5)? mm, lens estimated/);
    expect(expose).toMatch(/land 2 not held/);
  });

  it('gives the seam from the axis for a sheet of unknown length', () => {
    const filters = [{ id: 'a', kind: 'graduated' as const, stops: 2, transitionMm: 8 }];
    const stand = testStand();
    const derived = deriveStand(stand, { filters }, solveStand(stand, { filters }));
    expect(rows(stand, { derived })[1]).toMatch(/ \| seam \d+(\.5)? mm above the lens axis/);
  });
});

describe('words for glass and turns', () => {
  it('name what a filter is', () => {
    expect(bag.filters.map(filterKindText)).toEqual(bag.filters.map((f) => f.name));
    expect(filterKindText({ id: 'a', kind: 'graduated', stops: 2, transitionMm: 3 })).toBe(
      '2 stops, very hard',
    );
  });

  it('say which way a holder is turned', () => {
    expect([turnText(0), turnText(-8.25), turnText(180), turnText(183), turnText(-175)]).toEqual([
      'level',
      'turned 8.25° anticlockwise',
      'upside down, level',
      'upside down, turned 3° clockwise',
      'upside down, turned 5° clockwise',
    ]);
  });

  it('give ranges in the units that are typed', () => {
    expect([rangeText('focalLengthMm'), rangeText('ev100'), rangeText('lengthMm')]).toEqual([
      'Between 1 and 2000 mm.',
      'Between −10 and 25.',
      'Above 0 and up to 1000 mm.',
    ]);
  });
});

describe('reasons', () => {
  const reasons = (stand: Stand, id: string) => {
    const { result } = solveStand(stand, bag, { workedOut: 12 });
    if (!result?.ok) throw new Error(result?.reason);
    const { balance } = result;
    const candidate = balance.best.find((c) => (c.set[0]?.id ?? 'none') === id)!;
    return {
      candidate,
      text: reasonsText(
        candidate,
        balance,
        { seam: { at: { left: 0.45, right: 0.45 } } as never, clips: [] },
        sideNames(stand),
      ).join(' '),
    };
  };

  it('name the feature, how far it reaches and how many stops it loses', () => {
    const shapes = [
      {
        id: 's1',
        name: 'tall firs',
        region: 'feature' as const,
        treat: 'protect' as const,
        points: [
          { u: 0.3, v: 0.5 },
          { u: 0.35, v: 0.15 },
          { u: 0.5, v: 0.15 },
          { u: 0.55, v: 0.5 },
        ],
      },
    ];
    const { candidate, text } = reasons(testStand({ shapes }), 'hard-2');
    expect(text).toContain(
      `Takes ${stopsFigure(candidate.spillWorst!.stops)} stops off the tall firs, reaching 0.30 of the frame above the seam.`,
    );
  });

  it('of the rows say what parts each from the first, not the same of all (fault 36)', () => {
    const { result } = solveStand(testStand(), bag, { workedOut: 12 });
    if (!result?.ok) throw new Error(result?.reason);
    const { balance } = result;
    const [first, ...others] = balance.best.filter((c) => c.set.length);
    const parting = (c: Candidate) => partingText(c, balance, sideNames({}));
    expect(parting(first!)).toBeNull();
    const texts = others.map(parting);
    expect(texts.filter((text) => text !== null).length).toBeGreaterThan(others.length / 2);
    expect(new Set(texts).size).toBeGreaterThan(others.length / 2);
    const weaker = others.find((c) => c.set.map((s) => s.id).join() === 'hard-1')!;
    expect(parting(weaker)).toBe(
      `Leaves the sky ${stopsFigure(first!.levelStops - weaker.levelStops)} brighter than the first does.`,
    );
  });

  it('tell an even miss from one that shows', () => {
    const { candidate, text } = reasons(testStand(), 'hard-1');
    expect(levelText(candidate, 'sky')).toBe(`sky ${stopsFigure(-candidate.levelStops)} too bright`);
    expect(text).toMatch(/Leaves the sky .* too bright/);
  });

  it('say what no grad leaves', () => {
    const { text } = reasons(testStand({ readings: [{ ...sky, ev100: 11.3 }, land] }), 'none');
    expect(text).toBe('Leaves the sky 0.3 stops brighter than wanted.');
  });
});
