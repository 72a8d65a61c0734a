import fc from 'fast-check';
import { normalRandom, seededRandom } from '@/core/numerics';
import { dimmingOfPoint, type Lens } from '@/core/optics';
import { exactAperture } from '@/core/units';
import { sheetFromPair, strengthOf, type TakenCell } from '.';

describe('the strength of a filter by looks around it', () => {
  const look = (ev: number, at: number) => ({ ev, at });

  it('is what it takes, while the light changes evenly', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 12, noNaN: true }),
        fc.double({ min: -0.2, max: 0.2, noNaN: true }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        (stops, rate, part) => {
          const ev = (at: number) => 14 + rate * at;
          const measured = strengthOf([
            { before: look(ev(0), 0), through: look(ev(5 * part) - stops, 5 * part), after: look(ev(5), 5) },
          ]);
          expect(measured!.stops).toBeCloseTo(stops, 9);
          expect(measured!.spreadStops).toBeNull();
        },
      ),
    );
  });

  it('says how far several lie apart, and is none without one', () => {
    const around = (stops: number) => ({
      before: look(12, 0),
      through: look(12 - stops, 1),
      after: look(12, 2),
    });
    const measured = strengthOf([around(6.2), around(6.4), around(6.6)])!;
    expect(measured.stops).toBeCloseTo(6.4, 9);
    expect(measured.spreadStops).toBeCloseTo(0.2, 9);
    expect(strengthOf([])).toBeNull();
    expect(strengthOf([{ before: look(12, 2), through: look(6, 1), after: look(12, 0) }])).toBeNull();
  });
});

const frame = { widthMm: 36, heightMm: 24 };
const lensOf = (change: Partial<Lens> = {}): Lens => ({
  focalLengthMm: 24,
  aperture: exactAperture(11),
  pupilToFilterMm: 42,
  pupilEstimated: false,
  ...change,
});

interface Truth {
  readonly stops: number;
  readonly transitionMm: number;
  readonly offsetMm: number;
  readonly turnDeg: number;
  readonly lens: Lens;
}

const COLUMNS = 36;
const ROWS = 24;

/** What a pair of pictures with noise tells of a sheet, some of whose cells are wild and some blown. */
function pairOf(
  { stops, transitionMm, offsetMm, turnDeg, lens }: Truth,
  seed: number,
  drift = 0.1,
): TakenCell[] {
  const random = seededRandom(seed);
  const noise = () => normalRandom(random);
  const sheets = [{ profile: { kind: 'graduated' as const, stops, transitionMm }, dyed: false }];
  return Array.from({ length: COLUMNS * ROWS }, (_, i) => {
    const [column, row] = [i % COLUMNS, Math.floor(i / COLUMNS)];
    const x = ((column + 0.5) / COLUMNS - 0.5) * frame.widthMm;
    const h = (0.5 - (row + 0.5) / ROWS) * frame.heightMm;
    const true_ = dimmingOfPoint({ lens, sheets, seat: { offsetMm, turnDeg } }, { x, h });
    const wild = random() < 0.03 ? 2 * random() - 1 : 0;
    const patch = Math.floor(column / 6) + 6 * Math.floor(row / 6);
    return { x, h, stops: true_ + drift + 0.04 * noise() + wild, patch };
  }).filter(() => random() > 0.1);
}

describe('a sheet by a pair of pictures', () => {
  const truths: readonly Truth[] = [
    { stops: 2.9, transitionMm: 9, offsetMm: 5, turnDeg: 0, lens: lensOf() },
    { stops: 1.9, transitionMm: 24, offsetMm: -4, turnDeg: 8, lens: lensOf() },
    {
      stops: 3.2,
      transitionMm: 14,
      offsetMm: 6,
      turnDeg: -12,
      lens: lensOf({ focalLengthMm: 35, pupilToFilterMm: 50 }),
    },
    { stops: 2, transitionMm: 10, offsetMm: -5, turnDeg: 180, lens: lensOf() },
  ];

  it('has its strength within a twentieth, its seat within half a millimetre, and says how far off it may be', () => {
    let [covered, asked] = [0, 0];
    truths.forEach((truth, k) => {
      for (const seed of [1, 2, 3, 4, 5]) {
        const found = sheetFromPair({ cells: pairOf(truth, 10 * k + seed), frame, lens: truth.lens });
        if (!found.ok) throw new Error(found.reason);
        const { stops, transitionMm, offsetMm, turnDeg } = found.measured;
        expect(Math.abs(stops.value - truth.stops)).toBeLessThan(0.05);
        expect(Math.abs(offsetMm.value - truth.offsetMm)).toBeLessThan(0.5);
        expect(Math.abs(transitionMm.value - truth.transitionMm)).toBeLessThan(0.15 * truth.transitionMm);
        const turned = ((turnDeg.value - truth.turnDeg + 540) % 360) - 180;
        expect(Math.abs(turned)).toBeLessThan(0.5);
        for (const [figure, value] of [
          [stops, truth.stops],
          [offsetMm, truth.offsetMm],
          [transitionMm, truth.transitionMm],
        ] as const) {
          asked++;
          if (Math.abs(figure.value - value) <= figure.giveOrTake) covered++;
        }
      }
    });
    expect(covered / asked).toBeGreaterThan(0.9);
  });

  it('tells the pupil’s distance where the seat was read at the rail', () => {
    const truth = truths[0]!;
    const guessed = lensOf({ pupilToFilterMm: 50, pupilEstimated: true });
    const cells = pairOf(truth, 7);
    const found = sheetFromPair({ cells, frame, lens: guessed, offsetMm: truth.offsetMm });
    if (!found.ok) throw new Error(found.reason);
    const { pupilToFilterMm, transitionMm } = found.measured;
    expect(Math.abs(pupilToFilterMm.value - 42)).toBeLessThan(1.5);
    expect(Math.abs(pupilToFilterMm.value - 42)).toBeLessThan(2 * pupilToFilterMm.giveOrTake);
    expect(Math.abs(transitionMm.value - truth.transitionMm)).toBeLessThan(1.5);
    // without it, lengths are as good as the estimate
    const without = sheetFromPair({ cells, frame, lens: guessed });
    if (!without.ok) throw new Error(without.reason);
    expect(without.measured.transitionMm.giveOrTake).toBeGreaterThan(1.5);
    expect(Math.abs(without.measured.stops.value - truth.stops)).toBeLessThan(0.05);
  });

  it('claims nothing where there is too little, or no sheet', () => {
    const cells = pairOf(truths[0]!, 3);
    expect(sheetFromPair({ cells: cells.slice(0, 50), frame, lens: lensOf() })).toEqual({
      ok: false,
      reason: 'too-little',
    });
    const random = seededRandom(4);
    const noise = () => normalRandom(random);
    const even = cells.map((c) => ({ ...c, stops: 0.02 * noise() }));
    expect(sheetFromPair({ cells: even, frame, lens: lensOf() })).toEqual({
      ok: false,
      reason: 'no-transition',
    });
  });
});
