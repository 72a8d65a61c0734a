import fc from 'fast-check';
import { gridFor, isInside, lightField, type LightReading, mapRegions, REGION_CODES, skylineAt } from '.';

const landscape = { widthMm: 36, heightMm: 24 };
const level = [
  { u: 0, v: 0.5 },
  { u: 1, v: 0.5 },
];
const codeOf = (region: (typeof REGION_CODES)[number]) => REGION_CODES.indexOf(region);

describe('the grid', () => {
  it.each([
    [36, 24, 240, 160],
    [24, 36, 160, 240],
    [20, 20, 240, 240],
    [44, 33, 240, 180],
  ])('of a %p x %p mm frame has %p by %p cells', (widthMm, heightMm, columns, rows) => {
    expect(gridFor({ widthMm, heightMm })).toMatchObject({ columns, rows });
  });
});

describe('regions', () => {
  it('part at the skyline, which is level beyond its ends and sorted by u', () => {
    const at = skylineAt([
      { u: 0.8, v: 0.6 },
      { u: 0.2, v: 0.4 },
    ]);
    expect([at(0), at(0.5), at(1)]).toEqual([0.4, expect.closeTo(0.5, 12), 0.6]);
    const map = mapRegions(gridFor(landscape), level, []);
    expect(map.regions[0]).toBe(codeOf('sky'));
    expect(map.regions[80 * 240]).toBe(codeOf('land'));
    expect(map.regions[80 * 240 - 1]).toBe(codeOf('sky'));
  });

  it('are overridden by shapes, the last one ruling where they overlap', () => {
    const square = (from: number, to: number) => [
      { u: from, v: from },
      { u: to, v: from },
      { u: to, v: to },
      { u: from, v: to },
    ];
    const map = mapRegions(gridFor(landscape), level, [
      { id: 'a', region: 'water', points: square(0.2, 0.6) },
      { id: 'b', region: 'feature', points: square(0.4, 0.8) },
    ]);
    const at = (u: number, v: number) => Math.floor(v * 160) * 240 + Math.floor(u * 240);
    expect(map.regions[at(0.3, 0.3)]).toBe(codeOf('water'));
    expect(map.regions[at(0.5, 0.5)]).toBe(codeOf('feature'));
    expect([map.shapes[at(0.5, 0.5)], map.shapes[at(0.1, 0.1)]]).toEqual([1, -1]);
  });

  it('tells inside from outside by the even-odd rule, a shape beyond the frame too', () => {
    const bow = [
      { u: 0, v: 0 },
      { u: 1, v: 1 },
      { u: 1, v: 0 },
      { u: 0, v: 1 },
    ];
    expect([isInside(bow, 0.1, 0.5), isInside(bow, 0.5, 0.1)]).toEqual([true, false]);
    expect(() =>
      mapRegions(gridFor(landscape), level, [
        { id: 'a', region: 'sky', points: bow.map(({ u, v }) => ({ u: u + 3, v: v - 3 })) },
      ]),
    ).not.toThrow();
  });
});

describe('the light field', () => {
  const map = mapRegions(gridFor(landscape), level, []);
  const reading = (role: LightReading['role'], ev100: number, v?: number): LightReading => ({
    id: `${role}${ev100}`,
    role,
    ev100,
    place: v === undefined ? undefined : { u: 0.5, v },
  });

  it('stays between the readings of its role and meets each at its place', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.double({ min: 0, max: 0.45, noNaN: true }), fc.integer({ min: 6, max: 16 })), {
          minLength: 1,
          maxLength: 4,
        }),
        (sky) => {
          const readings = sky.map(([v, ev], i) => ({ ...reading('sky', ev, v), id: `s${i}` }));
          const { ev } = lightField(map, [...readings, reading('land', 9, 0.8)]);
          const evs = sky.map(([, e]) => e);
          for (let i = 0; i < 80 * 240; i += 97) {
            expect(ev[i]).toBeGreaterThanOrEqual(Math.min(...evs) - 1e-9);
            expect(ev[i]).toBeLessThanOrEqual(Math.max(...evs) + 1e-9);
          }
          expect(ev[100 * 240]).toBeCloseTo(9, 12);
        },
      ),
      { numRuns: 15 },
    );
  });

  it('stands a reading without a place at the middle of its region, marked as rough', () => {
    const { readings } = lightField(map, [reading('sky', 13), reading('land', 10, 0.7)]);
    expect(readings[0]).toMatchObject({
      rough: true,
      place: { u: expect.closeTo(0.5, 9), v: expect.closeTo(0.25, 9) },
    });
    expect(readings[1]).toMatchObject({ rough: false, place: { u: 0.5, v: 0.7 } });
  });

  it('lets water and land stand in for each other, and has no light without either', () => {
    const { ev } = lightField(map, [reading('sky', 13, 0.2), reading('water', 8, 0.7)]);
    expect(ev[150 * 240]).toBe(8);
    expect(lightField(map, [reading('sky', 13, 0.2)]).ev[150 * 240]).toBeNaN();
  });
});
