import { type Bag, type Filter, sampleBag, solveStand, type Stand, type StandShape } from '@/model';
import { prepared, testStand } from '@/testing/fixtures';
import { turnCost } from './costs';
import { judgeChoice } from './plan';
import { groundOf, sideReadings, spanOf } from './problem/sides';
import { targetFor } from './target';
import { type Balance } from './problem/types';

const reading = (id: string, role: 'sky' | 'land' | 'water', v: number, ev100: number) => ({
  id,
  role,
  u: 0.5,
  v,
  ev100,
});
const targetOf = (stand: Stand) => {
  const laid = targetFor(prepared(stand).input);
  if (!laid.ok) throw new Error(laid.reason);
  return laid.target;
};
const balanceOf = (stand: Stand, bag: Bag = sampleBag()): Balance => {
  const { result } = solveStand(stand, bag);
  if (!result?.ok) throw new Error(result?.reason ?? 'not searched');
  return result.balance;
};

/** A level sea with a headland that takes the right tenth of the frame. */
const CAPE = [
  { u: 0, v: 0.45 },
  { u: 0.89, v: 0.45 },
  { u: 0.9, v: 0.2 },
  { u: 1, v: 0.15 },
];

describe('the skyline’s own turn', () => {
  it('is not tilted by a headland on one side', () => {
    expect(targetOf(testStand({ skyline: CAPE })).skylineTurnDeg).toBeCloseTo(0, 6);
  });

  it('follows a slope that is the skyline’s own', () => {
    const slope = [
      { u: 0, v: 0.6 },
      { u: 1, v: 0.4 },
    ];
    // 0.2 of 24 mm over 36 mm
    const up = (Math.atan((0.2 * 24) / 36) * 180) / Math.PI;
    expect(targetOf(testStand({ skyline: slope })).skylineTurnDeg).toBeCloseTo(-up, 6);
  });

  it('makes a rough skyline no place for a reverse sheet, however its sky glows', () => {
    const glow = [reading('a', 'sky', 0.02, 12), reading('b', 'sky', 0.4, 14), reading('c', 'land', 0.8, 10)];
    const teeth = Array.from({ length: 21 }, (_, i) => ({ u: i / 20, v: i % 2 ? 0.3 : 0.5 }));
    expect(targetOf(testStand({ readings: glow })).glow).toBe(true);
    expect(targetOf(testStand({ readings: glow, skyline: teeth })).glow).toBe(false);
  });
});

describe('a turn', () => {
  it('costs nothing level, and else its trouble and its way from the skyline', () => {
    const slope = [
      { u: 0, v: 0.6 },
      { u: 1, v: 0.4 },
    ];
    const target = targetOf(testStand({ skyline: slope }));
    expect(turnCost(target, 0)).toBe(0);
    expect(turnCost(target, target.skylineTurnDeg)).toBeCloseTo(0.05, 12);
    expect(turnCost(target, target.skylineTurnDeg + 5)).toBeCloseTo(0.1, 12);
    const flipped = { ...target, upsideDown: true, skylineTurnDeg: 180 + target.skylineTurnDeg };
    expect(turnCost(flipped, 180)).toBe(0);
  });
});

describe('a gradient', () => {
  const soft = { offsetMm: 0, turnDeg: 0 };
  const judged = (stand: Stand, turnDeg = 0) => {
    const posed = prepared(stand);
    const sheet = posed.input.sheets.find((s) => s.id === 'soft-3')!;
    return judgeChoice(posed, { set: [sheet], seat: { ...soft, turnDeg } })!;
  };

  it('of a sky that is darker above is no fault, and is told', () => {
    const figures = judged(testStand());
    expect(figures.gradientStops).toBeLessThan(0);
    expect(figures.gradientStops).toBeGreaterThanOrEqual(-2);
  });

  it('is none where the land is the brighter', () => {
    const snow = testStand({ readings: [reading('a', 'sky', 0.2, 10), reading('b', 'land', 0.8, 13)] });
    expect(judged(snow, 180).gradientStops).toBe(0);
  });

  it('makes a sheet fit better than the same unevenness the other way round', () => {
    // the darkest at the foot of the sky: a reverse sheet over an even sky
    const posed = prepared(testStand());
    const reverse = posed.input.sheets.find((s) => s.id === 'reverse-3')!;
    const seated = judgeChoice(posed, { set: [reverse], seat: { offsetMm: 0, turnDeg: 0 } })!;
    expect(seated.gradientStops).toBe(0);
  });
});

describe('a tarn before a thin far shore', () => {
  const tarn: StandShape = {
    id: 'w',
    region: 'water',
    points: [
      { u: 0, v: 0.5 },
      { u: 1, v: 0.5 },
      { u: 1, v: 1 },
      { u: 0, v: 1 },
    ],
  };
  const readings = [
    reading('s', 'sky', 0.2, 13),
    reading('l', 'land', 0.47, 9),
    reading('w', 'water', 0.8, 12),
  ];

  it('counts by its cells where it is outlined, beside the shore', () => {
    const stand = testStand({ readings, shapes: [tarn] });
    const { field } = prepared(stand).input;
    const ground = groundOf(field);
    expect(ground.water / ground.land).toBeGreaterThan(8);
    expect(sideReadings('land', field.readings, ground)).toHaveLength(2);
    const dark = (9 * ground.land + 12 * ground.water) / (ground.land + ground.water);
    expect(spanOf(field.readings, ground)).toBeCloseTo(13 - dark, 9);
  });

  it('stands back behind the land where nobody outlined it', () => {
    const { field } = prepared(testStand({ readings })).input;
    expect(spanOf(field.readings, groundOf(field))).toBe(4);
  });
});

describe('what is a candidate', () => {
  const size = { sheetLengthMm: 150, sheetWidthMm: 100 };
  const weak: Filter = { id: 'w', kind: 'graduated', stops: 0.5, transitionMm: 8, ...size };

  it('is no sheet that does under a quarter of what is wanted', () => {
    const far = testStand({ readings: [reading('s', 'sky', 0.2, 15), reading('l', 'land', 0.8, 10)] });
    expect(balanceOf(far, { filters: [weak] }).ranking.map((r) => r.set.length)).toEqual([0]);
    const near = testStand({ readings: [reading('s', 'sky', 0.2, 12), reading('l', 'land', 0.8, 10)] });
    expect(balanceOf(near, { filters: [weak] }).ranking.map((r) => r.set.length)).toContain(1);
  });
});

describe('the advice', () => {
  it('is the best set, unless one hardly worse draws a fainter line across what stands up', () => {
    let decided = 0;
    for (let top = 0.05; top < 0.4; top += 0.025)
      for (const width of [0.02, 0.05, 0.1]) {
        const skyline = [
          { u: 0, v: 0.5 },
          { u: 0.5 - width, v: 0.5 },
          { u: 0.5, v: top },
          { u: 0.5 + width, v: 0.5 },
          { u: 1, v: 0.5 },
        ];
        const { advice, best, ranking } = balanceOf(testStand({ skyline }));
        const [first] = best;
        if (advice === first) continue;
        decided++;
        const of = ranking.find((r) => r.set[0]?.id === advice!.set[0]?.id)!;
        expect(of.scoreStops).toBeLessThanOrEqual(ranking[0]!.scoreStops + 0.08 + 1e-9);
        expect(first!.line!.stops).toBeGreaterThan(0.7);
        expect(advice!.line?.stops ?? 0).toBeLessThanOrEqual(0.6);
        expect(best).toContain(advice);
      }
    expect(decided).toBeGreaterThan(0);
  });
});
