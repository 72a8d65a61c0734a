import fc from 'fast-check';
import { type Bag, NO_PREFERENCES, sampleBag, type StandDocument } from '@/model';
import { NO_PLANS } from '@/model/outing';
import { fullPlans } from '@/testing/plans';
import { anyBag, anyStand, testStand } from '@/testing/fixtures';
import { valueOf } from '@/testing/results';
import { type Backup, backupFileName, readBackupFile, readBackupSteps, writeBackupFile } from './backup-file';
import { readBagFile, writeBagFile } from './bag-file';
import { documentKind, FORMAT } from './document';
import { outingFileName, readOutingFile, writeOutingFile } from './outing-file';
import { writeStandFile } from './stand-file';

const fullBag: Bag = {
  ...sampleBag(),
  holder: { sheetWidthMm: 100, railAboveAxisMm: 48 },
  lenses: [
    { id: 'l1', name: '16-35', shortestMm: 16, longestMm: 35, widestAperture: 4, pupilToFilterMm: 38 },
    { id: 'l2', name: '14, bulging', shortestMm: 14, longestMm: 14, bulgingFront: true, archived: true },
  ],
  cameras: [{ id: 'c1', name: 'full frame', sensorWidthMm: 36, sensorHeightMm: 24, highlightRoomStops: 3 }],
  pouch: ['hard-2', 'soft-3'],
};

const madeAt = '2026-11-25T06:10:00Z';
/** A document with a change that no type would allow. */
const edited = <T>(text: string, change: (json: T) => void): string => {
  const json = JSON.parse(text) as T;
  change(json);
  return JSON.stringify(json);
};

describe('a bag file', () => {
  it('comes back the same as it was written', () => {
    expect(readBagFile(valueOf(writeBagFile(fullBag)))).toEqual({ ok: true, value: fullBag });
  });

  it.each<[string, (json: { bag: Bag & { lenses: object[] } }) => void, string]>([
    [
      'a lens whose range runs backwards',
      (j) => Object.assign(j.bag.lenses[0]!, { longestMm: 10 }),
      'bag.lenses[0].longestMm',
    ],
    ['two lenses of one id', (j) => Object.assign(j.bag.lenses[1]!, { id: 'l1' }), 'bag.lenses[1].id'],
    ['an unknown key', (j) => Object.assign(j.bag.lenses[0]!, { colour: 'red' }), 'bag.lenses[0].colour'],
    [
      'a filter without its strength',
      (j) => delete (j.bag.filters[0] as { stops?: number }).stops,
      'bag.filters[0].stops',
    ],
  ])('with %s is refused with its path', (_, change, path) => {
    const text = edited(valueOf(writeBagFile(fullBag)), change);
    expect(readBagFile(text)).toMatchObject({ ok: false, error: { path } });
  });
});

describe('an outing file', () => {
  const [outing] = fullPlans.outings;
  const [place] = fullPlans.places;

  it('comes back the same as it was written, with its place and without', () => {
    const whole = { outing: outing!, place };
    expect(readOutingFile(valueOf(writeOutingFile(whole)))).toEqual({ ok: true, value: whole });
    const alone = { outing: { ...outing!, placeId: undefined } };
    expect(valueOf(readOutingFile(valueOf(writeOutingFile(alone)))).place).toBeUndefined();
    expect(outingFileName(outing!)).toBe('2026-03-29-marl-pan-at-low-water.outing.paleseam.json');
  });

  it.each<[string, (json: { outing: Record<string, unknown> }) => void, string]>([
    ['a day that is none', (j) => (j.outing.day = '2026-02-30'), 'outing.day'],
    ['an hour that is none', (j) => (j.outing.startsAt = '25:00'), 'outing.startsAt'],
    ['tides out of order', (j) => (j.outing.tides as object[]).reverse(), 'outing.tides[1].at'],
    [
      'two framings of one id',
      (j) =>
        (j.outing.framings = [
          { id: 'a', name: '' },
          { id: 'a', name: '' },
        ]),
      'outing.framings[1].id',
    ],
    ['an unknown key', (j) => (j.outing.moon = 'full'), 'outing.moon'],
  ])('with %s is refused with its path', (_, change, path) => {
    const text = edited(valueOf(writeOutingFile({ outing: outing! })), change);
    expect(readOutingFile(text)).toMatchObject({ ok: false, error: { path } });
  });
});

describe('a backup', () => {
  const own: StandDocument = {
    stand: testStand({ id: 'a' }),
    bag: { filters: [] },
    used: [],
    minor: FORMAT.minor,
  };
  const written = (all: Backup) => valueOf(writeBackupFile(all)).text;
  const backup: Backup = {
    madeAt,
    bag: fullBag,
    plans: fullPlans,
    preferences: { ...NO_PREFERENCES, place: { latitudeDeg: 54, longitudeDeg: -3 }, timerSeconds: 10 },
    stands: [
      { updatedAt: madeAt, document: own },
      {
        updatedAt: madeAt,
        document: {
          ...own,
          bag: null,
          stand: testStand({ id: 'b', archived: true }),
          used: [fullBag.filters[0]!],
        },
      },
    ],
  };

  it('comes back the same as it was written, whatever the stands', () => {
    fc.assert(
      fc.property(anyStand, anyBag, (stand, bag) => {
        const some: Backup = {
          madeAt,
          bag,
          plans: NO_PLANS,
          preferences: null,
          stands: [{ updatedAt: madeAt, document: { stand, bag, used: [], minor: FORMAT.minor } }],
        };
        expect(readBackupFile(written(some))).toEqual({ ok: true, value: { ...some, refused: [] } });
        expect(valueOf(writeBackupFile(some)).unreadable).toEqual([]);
      }),
      { numRuns: 30 },
    );
    expect(readBackupFile(written(backup))).toEqual({ ok: true, value: { ...backup, refused: [] } });
  });

  it('comes back thing by thing: a bad one loses itself, by its name and its place, and can be saved (faults 6, 74)', () => {
    type Json = { stands: { stand: object }[]; bag: { filters: object[]; lenses: object[] } };
    const read = (change: (json: Json) => void) =>
      valueOf(readBackupFile(edited<Json>(written(backup), change)));
    const twice = read((json) => Object.assign(json.stands[1]!.stand, { id: 'a' }));
    expect(twice.stands.map((s) => s.document.stand.id)).toEqual(['a']);
    expect(twice.refused).toMatchObject([
      { what: 'stand', error: { code: 'duplicate-id', path: 'stands[1].stand.id' } },
    ]);
    const broken = read((json) => Object.assign(json.stands[0]!.stand, { readings: 7 }));
    expect(broken.stands.map((s) => s.document.stand.id)).toEqual(['b']);
    expect(broken.refused).toMatchObject([
      { what: 'stand', name: 'Hesk Terraces', error: { path: 'stands[0].stand.readings' } },
    ]);
    expect(JSON.parse(broken.refused[0]!.text!)).toMatchObject({ stand: { id: 'a', readings: 7 } });
    const glass = read((json) => {
      Object.assign(json.bag.filters[0]!, { sheetLengthMm: 1500 });
      Object.assign(json.bag.lenses[1]!, { longestMm: 1 });
    });
    expect(glass.bag.filters).toEqual(fullBag.filters.slice(1));
    expect(glass.bag.lenses).toEqual(fullBag.lenses!.slice(0, 1));
    expect(glass.stands).toHaveLength(2);
    expect(glass.refused.map((r) => `${r.what} ${r.error.path}`)).toEqual([
      'filter bag.filters[0].sheetLengthMm',
      'lens bag.lenses[1].longestMm',
    ]);
    const planned = read((json) => {
      Object.assign((json as unknown as { plans: { outings: object[] } }).plans.outings[0]!, { zone: 7 });
    });
    expect(planned.plans).toEqual({ ...fullPlans, outings: [] });
    expect(planned.refused).toMatchObject([
      { what: 'outing', name: 'Marl Pan at low water', error: { path: 'plans.outings[0].zone' } },
    ]);
    const holder = read((json) => Object.assign(json.bag, { slots: 99 }));
    expect(holder.bag).toEqual({ filters: fullBag.filters });
    expect(holder.refused).toMatchObject([{ what: 'bag', error: { path: 'bag.slots' } }]);
  });

  it('of many stands is read in short steps, each of which says how far it is (fault 59)', () => {
    const stands = Array.from({ length: 400 }, (_, i) => ({
      updatedAt: madeAt,
      document: { ...own, stand: testStand({ id: `s${i}` }) },
    }));
    const steps = [...readBackupSteps(written({ ...backup, stands }))];
    expect(steps).toHaveLength(20);
    expect(steps).toEqual([...steps].sort((a, b) => a - b));
    expect(steps.at(-1)).toBe(0.95);
  });

  it('names what it holds and would not be read again, and holds it all the same', () => {
    const bad = { ...own, stand: { ...own.stand, id: 'bad', lens: { focalLengthMm: 9000 } } };
    const all: Backup = { ...backup, stands: [...backup.stands, { updatedAt: madeAt, document: bad }] };
    const { text, unreadable } = valueOf(writeBackupFile({ ...all, broken: [{ id: 'x', odd: true }] }));
    expect(unreadable.map((u) => u.error.path)).toEqual(['stands[2].stand.lens.focalLengthMm', 'stands[3]']);
    const back = valueOf(readBackupFile(text));
    expect(back.stands).toEqual(backup.stands);
    expect(back.refused.map((r) => JSON.parse(r.text!) as object)).toMatchObject([
      { stand: { id: 'bad' } },
      { id: 'x', odd: true },
    ]);
  });

  it('that is no backup is refused as a whole', () => {
    expect(readBackupFile(valueOf(writeBagFile(fullBag)))).toMatchObject({
      error: { code: 'wrong-kind', path: 'kind' },
    });
    expect(readBackupFile('{')).toMatchObject({ error: { code: 'not-json' } });
  });

  it('says its kind before it is read, and has a name by its day', () => {
    expect(documentKind(written(backup), 1e6)).toBe('backup');
    expect(documentKind(valueOf(writeStandFile({ ...own, bag: fullBag })), 1e6)).toBe('stand');
    expect(documentKind('[]', 1e6)).toBeNull();
    expect(documentKind('nothing', 1e6)).toBeNull();
    expect(backupFileName(madeAt)).toBe('pale-seam-2026-11-25.backup.paleseam.json');
  });
});
