import { exhaustiveSeat } from '@/core/balance/exhaustive';
import { judgeSeat, lensFor, type Posed, type SheetSet } from '@/core/balance';
import { beamDiameterMm, dimmingAt, dimmingField, stackOf } from '@/core/optics';
import { readStandFile } from '@/files';
import { type Bag, type Filter, prepareStand, solveStand, type Stand } from '@/model';
import thollSaddle from '../src/demo/tholl-saddle.paleseam.json' with { type: 'json' };
import { type Figure, figure, median, runs, timed } from './measure';

/** Turns and offsets of the exhaustive search: 90 degrees by quarters, 120 mm by quarters. */
const SEATS = (4 * 90 + 1) * (4 * 120 + 1);

const size = { sheetLengthMm: 150, sheetWidthMm: 100 };
const graduated = (stops: number, transitionMm: number): Filter => ({
  id: `g${stops}-${transitionMm}`,
  kind: 'graduated',
  stops,
  transitionMm,
  ...size,
});

/** Twelve grads and two slots: 12 single sheets, 66 pairs and none. */
const BAG: Bag = {
  slots: 2,
  filters: [
    ...[1, 2, 3].flatMap((stops) => [8, 22, 45].map((mm) => graduated(stops, mm))),
    graduated(4, 8),
    ...[2, 3].map((stops): Filter => ({
      id: `r${stops}`,
      kind: 'reverse',
      stops,
      transitionMm: 8,
      fadeMm: 45,
      floorStops: 1,
      ...size,
    })),
  ],
};

/** The demo stand with two cones before a bright sky: features, readings of every role, and no answer that is obvious. */
function stand(): Stand {
  const opened = readStandFile(JSON.stringify(thollSaddle));
  if (!opened.ok) throw new Error(opened.error.message);
  return opened.value.stand;
}

export const STAND = stand();

function pose(): Posed {
  return prepareStand(STAND, BAG);
}

function sets({ input: { sheets } }: Posed): SheetSet[] {
  return [
    ...sheets.map((sheet): SheetSet => [sheet]),
    ...sheets.flatMap((a, i) => sheets.slice(i + 1).map((b): SheetSet => [a, b])),
  ];
}

/** The exhaustive search over bins for every set, field and tables included, ms. */
function exhaustiveMs(): number {
  return timed(() => {
    const posed = pose();
    for (const set of sets(posed)) exhaustiveSeat(posed.searchFor(set)!);
  });
}

/** What judging every seat of every set cell by cell would take, from a sample of seats of single sheets and pairs, ms. */
function cellsMs(): number {
  const posed = pose();
  const { input, laid } = posed;
  if (!laid.ok) throw new Error(laid.reason);
  const all = sets(posed);
  const beam = beamDiameterMm(input.lens);
  const sample = [all[1], all[5], all[20], all[60]].map((set) => {
    const stack = stackOf(set!.map((s) => s.sheet));
    const seated = { lens: lensFor(input.lens, set!), seat: { offsetMm: 4, turnDeg: 3 } };
    return timed(() => void judgeSeat(input, laid.target, seated, (y) => dimmingAt(stack, y, beam)));
  });
  return median(sample) * SEATS * all.length;
}

/** A seat that is moved, over a field as large as a picture on the screen, ms. */
function dragMs(): number[] {
  const posed = pose();
  const { frame, lens, sheets } = posed.input;
  const set = [sheets[1]!];
  const [columns, rows] = [1500, 1000];
  const out = new Float32Array(columns * rows);
  let offsetMm = 0;
  const move = () => {
    offsetMm = (offsetMm + 0.5) % 20;
    const seat = { offsetMm, turnDeg: 4 };
    dimmingField(posed.tables(set, seat), { lens, seat, frame, columns, rows }, out);
  };
  return runs(move, { warm: 20, count: 101 });
}

/** The whole search from request to answer, against its two definitions; a dragged seat; memory. */
export function* searchFigures(): Generator<Figure> {
  const search = () => void solveStand(STAND, BAG);
  yield figure('search-cold', 'ms', [timed(search)]);
  const warm = runs(search, { warm: 15, count: 31 });
  yield figure('search', 'ms', warm);
  const memory = process.resourceUsage().maxRSS / 1024;
  const searched = median(warm);
  yield figure('search-vs-bins', 'x', [exhaustiveMs() / searched]);
  yield figure('search-vs-cells', 'x', [cellsMs() / searched]);
  yield figure('drag-field', 'ms', dragMs());
  yield figure('memory', 'MB', [memory]);
}
