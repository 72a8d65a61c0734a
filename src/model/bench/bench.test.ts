import fc from 'fast-check';
import { LANDSCAPES } from '@/core/scene';
import { begun, MISTAKES, read, setUp, timeOf, withSheet } from '@/testing/bench-exercises';
import { benchBag, shotAndTold } from '@/testing/bench-scenes';
import {
  carryOf,
  deriveStand,
  isKeptBack,
  nextReading,
  oldestReadingMinutes,
  putFitted,
  type Stand,
  withRecordsOf,
} from '..';
import {
  BENCH_LANDSCAPES,
  benchAgain,
  benchReading,
  doneCount,
  EXERCISES,
  GRADES,
  progressOf,
  reallyOn,
  truthOf,
  withAdvice,
  withNothingLeftOn,
  withTold,
} from '.';

const bag = benchBag();
const told = (stand: Stand) => shotAndTold({ stand, bag });

/** Exercises that are done here; all of them are by `npm run bench -- exercises`. */
const SOME = ['level', 'reflection', 'glow', 'polariser', 'nd'] as const;

describe('an exercise of the bench', () => {
  it.each(SOME)('gives its best grade in “%s” to who reads well and follows the advice', (id) => {
    expect(told(read(setUp(id))).grade).toBe('as-good');
  });

  it.each(SOME)('tells in “%s” what the usual mistake cost', (id) => {
    const { told: well } = told(read(setUp(id)));
    const { told: badly, grade } = told(MISTAKES[id]());
    expect(grade).not.toBe('as-good');
    const total = ({ costs }: typeof well) => costs.glass + costs.seat + costs.time;
    expect(total(badly)).toBeGreaterThan(total(well) + 0.1);
  });

  it('counts an ND that was left on twice for who reads through it and tells of it afterwards', () => {
    const { told: late } = told(MISTAKES.nd());
    expect(late.left).toEqual([]);
    // less what lies between the time that holds the brightest and the one that places the land
    expect(late.longerStops).toBeGreaterThan(4.5);
    expect(late.misread.land).toBeLessThan(-5.5);
    const { told: untold } = told(read(begun('nd')));
    expect(untold.left).toEqual(['nd-6']);
    // a camera that reads through it and is shot through it is exposed right, whoever knows of it
    expect(untold.lacking).toEqual([]);
    expect(Math.abs(untold.longerStops)).toBeLessThan(0.35);
  });

  it('says that the polariser came after the readings, and by how much the sky was read too bright', () => {
    const { told: late } = told(MISTAKES.polariser());
    expect(late.polariserLate).toBe(true);
    expect(late.misread.sky).toBeGreaterThan(0.5);
    expect(Math.abs(late.misread.land!)).toBeLessThan(0.35);
    expect(told(read(setUp('polariser'))).told.polariserLate).toBe(false);
  });

  it('grades no shot as done that was made without the glass it asks for', () => {
    const { told: without, grade } = told(read(begun('polariser')));
    expect(without.lacking).toEqual(['polariser']);
    expect(grade).toBe('not-yet');
  });

  it('lets a sky come out darker than its reflection only where the sheet is too strong', () => {
    expect(told(read(setUp('reflection'))).told.skyUnderWaterStops).toBeLessThan(0.15);
    expect(told(MISTAKES.reflection()).told.skyUnderWaterStops).toBeGreaterThan(0.5);
  });
});

describe('the simulated meter', () => {
  const at = { role: 'land', place: { u: 0.5, v: 0.8 }, angleDeg: 3 } as const;
  const reading = (stand: Stand) => benchReading(stand, bag, truthOf(stand, bag)!, at)!;

  it('reads through what is really on the lens, and knows only what is said to be', () => {
    const stand = begun('nd');
    expect(reallyOn(stand)).toEqual([{ filterId: 'nd-6' }]);
    const left = reading(stand);
    expect(left.throughFilterIds).toBeUndefined();
    const off = reading(withNothingLeftOn(stand));
    expect(Math.log2(timeOf(left as never) / timeOf(off as never))).toBeCloseTo(6, 0);
    // told of, it is on once
    const said = reading(putFitted(stand, 'nd-6', true));
    expect(said).toEqual({ ...left, throughFilterIds: ['nd-6'] });
  });

  it('shows a third of a stop at the stand’s own aperture and ISO', () => {
    expect(reading(begun('level'))).toMatchObject({ aperture: 11, iso: 100, shutter: expect.any(String) });
  });

  it('finds clear sky darker behind a polariser by more than the glass takes, and land by no more', () => {
    const skyOf = (stand: Stand, v: number) => {
      const { field } = truthOf(stand, bag)!.prepared.input;
      return field.ev[Math.floor(v * field.grid.rows) * field.grid.columns + 20]!;
    };
    const [bare, behind] = [begun('polariser'), setUp('polariser')];
    expect(skyOf(bare, 0.05) - skyOf(behind, 0.05)).toBeGreaterThan(0.7);
    expect(skyOf(bare, 0.95)).toBeCloseTo(skyOf(behind, 0.95), 5);
  });
});

describe('a stand of the bench', () => {
  it('takes no light from its picture: what is known is what was read', () => {
    const { prepared, spanStops } = deriveStand(begun('level'), bag, null);
    expect(prepared.input.field.tie).toBeUndefined();
    expect(spanStops).toBeNull();
  });

  it('keeps its advice back until a shot was told of or it was asked for', () => {
    const stand = begun('level');
    expect(isKeptBack(stand)).toBe(true);
    expect(isKeptBack(withAdvice(stand))).toBe(false);
    expect(isKeptBack(withTold(stand, 'k1', { glass: 0, seat: 0, time: 0 }, 'as-good'))).toBe(false);
    const { bench: _, ...other } = stand;
    expect(isKeptBack(other as Stand)).toBe(false);
    expect(truthOf(other, bag)).toBeNull();
  });

  it('has light that stays as it is: no reading of it grows old or is carried', () => {
    const at = '2026-05-01T05:00:00Z';
    const later = Date.parse(at) + 45 * 60_000;
    const kept = read(begun('level'));
    const aged = { ...kept, readings: kept.readings.map((r) => ({ ...r, takenAt: at })) };
    expect(oldestReadingMinutes(aged, later)).toBeNull();
    expect(carryOf(aged, bag, later)).toBeNull();
    expect(nextReading(aged, deriveStand(aged, bag, null), null, later)?.code).toBe('to-hold');
    const { bench: _, ...real } = aged;
    expect(oldestReadingMinutes(real, later)).toBe(45);
  });

  it('has no truth once another picture has taken the scene’s place', () => {
    const stand = begun('level');
    const { coding: _, ...photo } = stand.picture!;
    expect(truthOf({ ...stand, picture: photo }, bag)).toBeNull();
    const { picture: __, ...bare } = stand;
    expect(truthOf(bare, bag)).toBeNull();
  });

  it('keeps what was told through an undo, and gives up what is undone beside it', () => {
    const stand = begun('level');
    const document = (at: Stand) => ({ stand: at, bag: null, used: [], minor: 0 });
    const now = withAdvice(withTold(stand, 'k1', { glass: 0, seat: 0, time: 0 }, 'near'));
    const undone = withRecordsOf(document({ ...stand, name: 'before' }), document(now)).stand;
    expect(undone.name).toBe('before');
    expect(undone.bench).toEqual(now.bench);
    // what was told is told of a redo too, and other stands are left alone
    const told = document(now);
    expect(withRecordsOf(told, told)).toBe(told);
    const { bench: ___, ...other } = stand;
    const lone = document(other as Stand);
    expect(withRecordsOf(lone, told)).toBe(lone);
  });

  it('begins again with nothing read, chosen or told, and the same left on the lens', () => {
    const stand = begun('nd');
    const used = withTold(
      withNothingLeftOn(putFitted(read(stand), 'nd-6', true)),
      'k1',
      { glass: 0, seat: 0, time: 1 },
      'near',
    );
    const again = benchAgain(withSheet(used, 'hard-2'), { id: 'b', createdAt: '2026-05-02T05:00:00Z' });
    expect(again).toEqual({ ...stand, id: 'b', createdAt: '2026-05-02T05:00:00Z' });
  });

  it('has progress by the best of what was told, whatever the order', () => {
    const tries = fc.array(fc.tuple(fc.constantFrom(...EXERCISES), fc.constantFrom(null, ...GRADES)), {
      maxLength: 12,
    });
    fc.assert(
      fc.property(tries, (drawn) => {
        const kept = drawn.map(([exercise, grade], i) => {
          const stand = { ...begun('level'), id: `s${i}`, bench: { ...begun('level').bench!, exercise } };
          return grade ? withTold(stand, 'k1', { glass: 0, seat: 0, time: 99 }, grade) : stand;
        });
        const states = progressOf(kept);
        expect(states.map((s) => s.id)).toEqual(EXERCISES);
        for (const { id, best, tries: count } of states) {
          const own = drawn.filter(([e, g]) => e === id && g).map(([, g]) => GRADES.indexOf(g!));
          expect(count).toBe(own.length);
          expect(best).toBe(own.length ? GRADES[Math.min(...own)] : null);
        }
        expect(doneCount(states)).toBe(states.filter((s) => s.best === 'as-good').length);
      }),
    );
  });
});

it('names every landscape that there is', () => {
  expect([...BENCH_LANDSCAPES].sort()).toEqual(Object.keys(LANDSCAPES).sort());
});
