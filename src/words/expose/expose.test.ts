import { BLURS, deriveStand, TRIPOD_STEPS } from '@/model';
import { type Phase, sharpnessOf, timeColumn, wantedTimes, whiteBalanceShot } from '@/model/expose';
import { bagWithNds, testStand } from '@/testing/fixtures';
import {
  averagingText,
  baseText,
  BLUR_NAMES,
  BLUR_NOTES,
  closedText,
  columnNotes,
  countText,
  dialText,
  forecastRangeText,
  heldNoMoreText,
  ifClosedText,
  leapText,
  leapTurnText,
  noTimeText,
  phaseText,
  sharpnessTexts,
  sideNames,
  spanAheadText,
  spokenText,
  standingPartsText,
  standingText,
  timeRowText,
  timeWayNotes,
  comingTurnText,
  tripodText,
  whiteBalanceText,
} from '..';

const bag = { ...bagWithNds(), slots: 4 };
const fitted = (...ids: string[]) => ids.map((filterId) => ({ filterId }));

describe('the column of a time in words', () => {
  const columnOf = (change: object, measured?: number) => {
    const own = {
      ...bag,
      filters: bag.filters.map((f) => (f.id === 'n6' && measured ? { ...f, measuredStops: measured } : f)),
    };
    const stand = testStand(change);
    return { column: timeColumn(stand, own, deriveStand(stand, own, null))!, names: sideNames(stand) };
  };

  it('says what the base goes by, and of each row what it is and how much longer it makes the time', () => {
    const { column, names } = columnOf({ fitted: fitted('n6', 'p1') }, 6.4);
    expect(baseText(column, names)).toBe('base at f/11, ISO 100, held back for the highlights');
    expect(column.rows.map((r) => timeRowText(r, names))).toEqual([
      { what: 'polariser', stops: '+1.5' },
      { what: '6 stops, ND: sold as 6 stops, measured 6.4', stops: '+6.4' },
    ]);
  });

  it('says what is in the base already', () => {
    const [sky, land] = testStand().readings;
    const readings = [
      { ...sky!, throughFilterIds: ['p1'] },
      { ...land!, ev100: 4, throughFilterIds: ['p1', 'n6'] },
    ];
    const { column } = columnOf({ readings, fitted: fitted('p1', 'n6') });
    expect(columnNotes(column)).toEqual([
      'Read through polariser: not charged again.',
      'A reading was taken through 6 stops, ND: what it takes is added back there, and charged once, here.',
    ]);
  });

  it('gives the time as a mark with its error, as a remote takes it, or as no answer', () => {
    expect(dialText(1 / 8)).toEqual({ where: 'on the dial', time: '1/8 s', error: null });
    expect(dialText(4.4)).toMatchObject({ time: '4 s', error: 'the mark is 0.1 shorter' });
    expect(dialText(128)).toEqual({ where: 'in bulb', time: '2:08', error: null });
    expect(dialText(102 * 3600)).toMatchObject({ where: 'no answer', time: 'over an hour' });
  });
});

it('a way to a time says what is moved, what that costs, and what would serve where nothing comes near', () => {
  const stand = testStand({ camera: { ...testStand().camera, darkFrame: true } });
  const ways = (wantSeconds: number) =>
    wantedTimes(stand, bag, deriveStand(stand, bag, null), { wantSeconds, longestSeconds: 7200 });
  const notes = ways(600).ways.flatMap((way) => timeWayNotes(way, stand));
  expect(notes).toEqual(expect.arrayContaining([expect.stringMatching(/^in bulb: \d+:\d\d$/)]));
  expect(notes).toContain('then as long again for the dark frame');
  expect(notes.some((n) => /^takes [12] slots?$/.test(n))).toBe(true);
  const short = ways(1 / 60).ways.flatMap((way) => timeWayNotes(way, stand));
  expect(short.some((n) => /^f\/.* in place of f\/11: sharp from .* m, was .* m$/.test(n))).toBe(true);
  expect(noTimeText('too-short', 600)).toMatch(/^No ND of the pouch makes 10 min here/);
});

describe('the countdown in words', () => {
  const open = (openSeconds: number, long = 128): Phase => ({
    kind: 'open',
    frame: 0,
    openSeconds,
    leftSeconds: long - openSeconds,
    shortStops: Math.log2(long / openSeconds),
  });

  it('shows what is left to the second, and counts on over the end', () => {
    expect([61.2, 127.1, 128, 132.9].map((s) => countText(open(s)))).toEqual([
      '1:07',
      '0:01',
      '0:00',
      '+0:04',
    ]);
    expect(phaseText(open(60), [128])).toBe('left of 2 min 8 s');
    expect(phaseText(open(130), [128, 4])).toBe('frame 1 of 2, over: close it');
    expect(phaseText({ kind: 'between', next: 1, leftSeconds: 3, isDark: true }, [4, 8])).toBe(
      'to frame 2 of 2: the camera takes its dark frame',
    );
    expect(phaseText({ kind: 'delay', leftSeconds: 2 }, [4])).toMatch(/timer$/);
  });

  it('says what closing now would come to, and what an exposure came to', () => {
    expect([64, 127, 256].map((s) => ifClosedText(open(s)))).toEqual([
      'if closed now: 1.0 too dark',
      'closed now it is right',
      'if closed now: 1.0 too bright',
    ]);
    expect(closedText({ seconds: 128, plannedSeconds: 128 })).toBe('Open for 2 min 8 s, as planned.');
    expect(closedText({ seconds: 8, plannedSeconds: 4 })).toBe('Open for 8 s, planned 4 s: 1 stop over.');
    expect(closedText({ seconds: 2, plannedSeconds: 4 })).toContain('1 stop short');
  });

  it('speaks at each minute and near the end, and nothing between', () => {
    const spoken = Array.from({ length: 125 }, (_, s) => spokenText(s)).filter((t) => t !== null);
    expect(spoken).toEqual(['close', 'ten', 'thirty seconds', 'one minute', '2 minutes']);
  });

  it('says how a leap of the clock was taken, and offers the other', () => {
    const leap = { ms: 60_000, isCounted: true };
    expect([leapText(leap), leapTurnText(leap)]).toEqual([
      'The page slept for 1 min, which is counted.',
      'It was set: leave it out',
    ]);
    expect(leapTurnText({ ...leap, isCounted: false })).toBe('It was sleep: count it');
  });
});

it('every look has its words, and every step of the list says what and why, in either school', () => {
  for (const blur of BLURS) expect([BLUR_NAMES[blur], BLUR_NOTES[blur]].every(Boolean)).toBe(true);
  const stand = testStand({ leaveOut: ['a mast', 'a bin'], wind: 'gusts' });
  for (const step of TRIPOD_STEPS)
    for (const school of ['last', 'lifted'] as const) {
      const { title, why } = tripodText(step, stand, school);
      expect(title.length).toBeGreaterThan(8);
      expect(why).toMatch(/[.?]$/);
    }
  expect(tripodText('leave-out', stand, 'last').title).toBe('Keep out: a mast and a bin');
  expect(tripodText('still', stand, 'last').why).toContain('lull');
  expect(tripodText('nd', stand, 'lifted').why).toContain('may have moved');
});

it('figures, frames and a white balance are said with what they cost', () => {
  expect(averagingText(1, 4, 4)).toMatch(/^One frame of 4 s/);
  expect(averagingText(40, 1 / 8, 5)).toMatch(/^40 frames of 1\/8 s/);
  expect(averagingText(900, 1 / 15, 60)).toContain('too many');
  expect(standingText(10, 0.5)).toContain('50 % of its light');
  expect(standingText(10, 1)).toContain('nothing shows through');
  expect(standingPartsText([15, 8, 1])).toBe('Plainly there from 15 s, a ghost about 8 s, gone under 1 s.');
  const shot = (ids: string[]) => {
    const stand = testStand({ fitted: fitted(...ids) });
    return whiteBalanceText(whiteBalanceShot(stand, bag, deriveStand(stand, bag, null)));
  };
  expect(shot([]).when).toMatch(/^Not worth the trouble here: without dense glass/);
  expect(shot(['n10']).when).toMatch(/^With 10 stops of ND it is worth doing/);
  expect(shot(['n10']).steps).toHaveLength(4);
});

it('sharpness says from where to where, what is soft, and what holds both', () => {
  const texts = (lens: object) =>
    sharpnessTexts(sharpnessOf(testStand({ lens: { focalLengthMm: 24, ...lens } })), 11);
  expect(texts({})[0]).toMatch(/^Focused at .* m, f\/11: sharp from .* m to the far end\.$/);
  expect(texts({ focusedM: 1, nearestSubjectM: 0.3 })).toEqual(
    expect.arrayContaining(['Soft: the nearest, at 0.3 m and the farthest, at the horizon.']),
  );
  expect(texts({ nearestSubjectM: 1.5, farthestSubjectM: 20 }).join(' ')).toMatch(
    /f\/[\d.]+ focused at [\d.]+ m holds both/,
  );
  expect(texts({ nearestSubjectM: 0.15 }).join(' ')).toContain('No aperture holds both');
});

it('the hour is told in moments, ranges and one quiet line', () => {
  expect(comingTurnText({ kind: 'passes', seconds: 120, atMs: 0 })).toBe('passes 2 min');
  expect(comingTurnText({ kind: 'no-time', atMs: 0 })).toBe('no time is long enough');
  const moment = (brighter: number) => ({ sky: { ev100: 12, range: { darker: 0.6, brighter } } }) as never;
  expect([forecastRangeText(moment(0.6)), forecastRangeText(moment(1.6))]).toEqual(['0.6', '0.6 +1.6']);
  const at = (spanStops: number, hour: string) => ({
    ...(moment(0.6) as object),
    spanStops,
    needStops: spanStops - 1,
    atMs: Date.parse(`2026-05-01T${hour}:00`),
  });
  expect(spanAheadText({ moments: [at(2.7, '18:00'), at(1.9, '19:00')], endsMs: null } as never)).toBe(
    'Span 2.7, to take 1.7; at 19:00 span 1.9, to take 0.9, give or take 0.6.',
  );
  expect(spanAheadText({ moments: [], endsMs: null })).toBeNull();
  expect(heldNoMoreText(2.1, [2.6, 3.4])).toBe(
    'By the forecast the span is 2.1 by now; the choice held from 2.6 to 3.4. Read again.',
  );
});
