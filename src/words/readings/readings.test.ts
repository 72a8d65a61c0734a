import { type ReadingOutcome } from '@/core/balance';
import { type Carry, deriveStand, type RoleFall } from '@/model';
import { sampleBag } from '@/model';
import { testStand } from '@/testing/fixtures';
import {
  carriedNotes,
  doubtText,
  fallText,
  ladderRoleText,
  ladderSpotText,
  moverText,
  nextReadingNote,
  nextReadingText,
  outOfWindowText,
  slipOf,
  windowNoiseText,
  workings,
} from '..';
import { spotNames } from '../figures/spots';

const fall = (change: Partial<RoleFall> = {}): RoleFall => ({
  role: 'sky',
  stopsPerMinute: 0.125,
  giveOrTake: 0.03,
  overMinutes: 5,
  lastMs: 0,
  ...change,
});
const outcome = (id: string, tone: number): ReadingOutcome => ({
  id,
  ev100: 12 + tone,
  toneBareStops: tone,
  toneThroughStops: tone,
  toneRecordedStops: tone,
  frame: null,
  held: tone <= 3 && tone >= -6,
  dimmingStops: 0,
});

describe('words of readings together (fault 91)', () => {
  it('call a reading by its name, never by its id', () => {
    const said = moverText({ id: 'r-kqus5k146m93', withoutStops: 2.1 }, () => 'sky 2');
    expect(said).toBe('Sky 2 moves the span most: without it 2.1 stops.');
  });

  it('say of readings of different hours or days that they say nothing of each other, and reckon no light between them', () => {
    const apart = (minutes: number) => doubtText({ code: 'apart-in-time', minutes });
    expect(apart(8)).toContain('8 min apart. Near sunrise');
    expect(apart(300)).toBe(
      'Sky and land were read 5 hours apart: the one says nothing of the other. Read the older one again.',
    );
    expect(apart(89_191)).toContain('62 days apart');
  });
});

describe('words of drift', () => {
  it('say which way the light goes, how surely, and whose it is', () => {
    expect(fallText(fall())).toBe('falls 0.13 stops a minute, give or take 0.03');
    expect(fallText(fall({ stopsPerMinute: -0.2 }))).toMatch(/^rises 0.20/);
    expect(fallText(fall({ stopsPerMinute: 0.001 }))).toBe('steady');
    expect(fallText(fall({ lentBy: 'land' }))).toMatch(/taken over from the land, until it is read again$/);
  });

  it('tell the slip what is carried, and when no time is long enough', () => {
    const carry: Carry = {
      falls: [fall()],
      stops: new Map([
        ['r1', -0.4],
        ['r2', 0.1],
      ]),
      halfExposureSeconds: 0.1,
      runsOut: false,
    };
    expect(carriedNotes(null)).toEqual([]);
    expect(carriedNotes(carry)).toEqual(['carried to now, up to 0.4 darker']);
    expect(carriedNotes({ ...carry, halfExposureSeconds: 64 })).toEqual([
      'carried to the middle of the exposure, 1 min 4 s from now, up to 0.4 darker',
    ]);
    expect(carriedNotes({ ...carry, runsOut: true })[0]).toMatch(/less ND, a wider aperture or a higher ISO/);
    const stand = testStand();
    const derived = deriveStand(stand, sampleBag(), null);
    const slip = slipOf({ stand, derived, search: 'idle', oldestMinutes: 12, carry });
    expect(slip.rows[2].aside).toMatch(/^readings 12 min old: read again; carried to now, up to 0.4 darker/);
  });
});

describe('the working of a mean', () => {
  it('says what was carried, and only then', () => {
    const stand = testStand();
    const derived = deriveStand(stand, sampleBag(), null);
    const carry: Carry = {
      falls: [fall()],
      stops: new Map([['r1', -0.4]]),
      halfExposureSeconds: 0,
      runsOut: false,
    };
    const lines = (role: 'sky' | 'land') =>
      workings({ stand, bag: sampleBag(), derived, study: null, carry }).find((w) => w.of === `mean ${role}`)!
        .lines;
    expect(lines('sky')).toContain('Each is carried to now by the fall of the role’s light.');
    expect(lines('land').join()).not.toContain('carried');
  });
});

describe('words of the ladder', () => {
  const camera = testStand().camera;
  const named = spotNames([
    { id: 'r3', role: 'land' },
    { id: 'r4', role: 'land' },
    ...['a', 'b', 'c', 'd'].map((id) => ({ id, role: 'sky' as const })),
  ]);

  it('tell a reading with its settings, its tone and its noise', () => {
    const reading = { id: 'r4', role: 'land' as const, aperture: 8, shutter: '30', iso: 100 };
    expect(ladderSpotText({ reading, outcome: outcome('r4', -4), camera, iso: 100, named })).toBe(
      'land 2: EV 8.0; f/8, 30 s, ISO 100; 4.0 below mid-grey; lifted to mid-grey as noisy as ISO 1600',
    );
    expect(
      ladderSpotText({
        reading: { ...reading, limit: true },
        outcome: outcome('r4', 4),
        camera,
        iso: 100,
        named,
      }),
    ).toMatch(/^land 2 to hold: .*; not held$/);
  });

  it('tell readings together by mean and ends', () => {
    expect(ladderRoleText('sky', false, [outcome('a', 1), outcome('b', 2)], named)).toBe(
      'sky, mean of 2: EV 13.5; from 13.0 (sky 1) to 14.0 (sky 2); comes out 1.5 above mid-grey',
    );
  });

  it('name what falls out at either end, the worst first', () => {
    const window = { highlightRoom: 3, shadowRoom: 6, printRoom: 4 };
    const out = outOfWindowText(
      [outcome('a', 3.4), outcome('b', 4), outcome('c', -6.5), outcome('d', 0)],
      window,
      named,
    );
    expect(out).toEqual({ bright: 'sky 2 and sky 1 up to 1.0 too bright', dark: 'sky 3 0.5 too dark' });
    expect(outOfWindowText([outcome('d', 0)], window, named)).toEqual({ bright: '', dark: '' });
    expect(windowNoiseText(camera, 100, { ...window, shadowRoom: 5.82 }).dark).toMatch(/^noise 1\/1\d$/);
  });
});

describe('words for the next reading', () => {
  it('use the name that what is held back has', () => {
    const stand = testStand({ skyName: 'lit leaves' });
    const next = { code: 'unread', role: 'sky', place: null } as const;
    expect(nextReadingText(next, stand)).toMatch(/^The lit leaves: a middling part/);
    expect(nextReadingNote(next, stand)).toBe('next: the lit leaves');
    const [reading] = stand.readings;
    expect(nextReadingText({ code: 'stale', reading: reading!, minutes: 12 }, stand)).toMatch(
      /^Sky again: it is 12 min old/,
    );
    expect(nextReadingNote({ code: 'deciding', reading: reading! }, stand)).toBe('next: sky again');
  });
});
