import { KNOWN, pictureCells, REGION_CODES, type Role } from '@/core/field';
import { dimmingField, type Seat } from '@/core/optics';
import { lightOfFigures } from '@/core/photo';
import { type ComparedCell, type Comparison, compareShot } from '@/core/tone';
import { MID_GREY } from '@/core/units';
import { frameOf } from '../resolve/lens';
import { type Prepared } from '../answer/prepare';
import { type StandPhoto, type Take } from '../stand/stand';
import { otherSettings, type Solved, takeThrough } from './takes';

/** Why a file cannot be held against a shot, or not all of it. */
export type FileRefusal =
  /** Its proportions are not those of the frame. */
  | 'other-frame'
  /** Too little of the land is measured in it: blown, black, or not read yet. */
  | 'too-little'
  /** Nothing that was expected has the frame's own detail, or it is another picture: the line cannot be told. */
  | 'no-line';

/** A file of a shot against its plan. */
export interface FileCheck {
  /** What was seen in the file, null where nothing can be. */
  readonly comparison: Comparison | null;
  readonly refusals: readonly FileRefusal[];
  /** Settings of the file that are not those of the shot. */
  readonly departs: Take['exposure'] | null;
  /** Parts of each region that the file does not hold, 0 to 1. */
  readonly clipped: readonly { readonly role: Role; readonly blown: number; readonly black: number }[];
}

/** A stand as it is solved, and what was prepared of it: what a file is held against. */
export interface LitStand extends Pick<Solved, 'stand' | 'bag'> {
  readonly prepared: Prepared;
}

/** Proportions that differ by more are another frame's. */
const RATIO_OFF = 0.03;
/** Patches along the frame's width and height. */
const PATCHES = [6, 4] as const;
/** A part of a region that is worth telling. */
const CLIPPED_WORTH = 0.005;

/** Holds a file against the shot that it is of (physics 12). */
export function fileAgainst(take: Take, photo: StandPhoto, lit: LitStand): FileCheck {
  const { stand, prepared } = lit;
  const { field } = prepared.input;
  const { widthMm, heightMm } = frameOf(stand.camera);
  if (Math.abs((photo.columns / photo.rows) * (heightMm / widthMm) - 1) > RATIO_OFF)
    return { comparison: null, refusals: ['other-frame'], departs: null, clipped: [] };
  const departs = otherSettings(photo.exposure, take);
  const shot = departs ? { ...take, exposure: departs } : take;
  const found = pictureCells(field.grid, lightOfFigures(photo.light));
  const hasDetail = !!field.tie;
  const cells = comparedCells(shot, found, lit);
  const comparison = compareShot(cells, { isLinear: photo.coding === 'stops', hasDetail });
  return {
    comparison,
    departs,
    refusals: [
      ...(comparison ? [] : (['too-little'] as const)),
      ...(comparison && !comparison.line && take.seat ? (['no-line'] as const) : []),
    ],
    clipped: clippedParts(field.regions, found.known),
  };
}

type Found = ReturnType<typeof pictureCells>;

/** Every cell of the frame that both the plan and the file tell of. */
function comparedCells(
  take: Take,
  { log, known }: Found,
  { stand, bag, prepared: { input, tables } }: LitStand,
): ComparedCell[] {
  const { field, frame, lens } = input;
  const { columns, rows } = field.grid;
  const { set, seat, evMidGrey } = takeThrough(take, stand, bag);
  const nothing = new Float32Array(columns * rows);
  const dimmingAt = (moved: Seat) =>
    set.length ? dimmingField(tables(set, moved), { lens, seat: moved, frame, columns, rows }) : nothing;
  const at = seat ?? { offsetMm: 0, turnDeg: 0 };
  const dimming = seat ? dimmingAt(at) : nothing;
  const [above, below] = [1, -1].map((mm) =>
    seat ? dimmingAt({ ...at, offsetMm: at.offsetMm + mm }) : nothing,
  ) as [Float32Array, Float32Array];
  const [right, left] = [1, -1].map((deg) =>
    seat ? dimmingAt({ ...at, turnDeg: at.turnDeg + deg }) : nothing,
  ) as [Float32Array, Float32Array];
  const cells: ComparedCell[] = [];
  field.ev.forEach((ev, i) => {
    const region = REGION_CODES[field.regions[i] ?? 0];
    if (!Number.isFinite(ev) || region === 'ignore' || known[i] !== KNOWN.measured) return;
    if (field.known && field.known[i] !== KNOWN.measured) return;
    const [column, row] = [i % columns, Math.floor(i / columns)];
    if (isMixed(field.regions, i, columns)) return;
    cells.push({
      isSky: region === 'sky',
      expected: ev - (dimming[i] ?? 0) - (evMidGrey ?? 0),
      found: (log[i] ?? 0) - Math.log2(MID_GREY),
      perMm: ((below[i] ?? 0) - (above[i] ?? 0)) / 2,
      perDeg: ((left[i] ?? 0) - (right[i] ?? 0)) / 2,
      patch: Math.floor((PATCHES[0] * column) / columns) + PATCHES[0] * Math.floor((PATCHES[1] * row) / rows),
    });
  });
  return cells;
}

const SKY = REGION_CODES.indexOf('sky');

/** Whether a cell has sky and ground beside each other: what it holds of each nobody knows. */
function isMixed(regions: Uint8Array, i: number, columns: number): boolean {
  const own = regions[i] === SKY;
  return [i - columns, i + columns, i - 1, i + 1].some(
    (j) => regions[j] !== undefined && (regions[j] === SKY) !== own,
  );
}

/** What of each region the file does not hold. */
function clippedParts(regions: Uint8Array, known: Uint8Array): FileCheck['clipped'] {
  const counts = new Map<Role, { all: number; blown: number; black: number }>();
  regions.forEach((code, i) => {
    const role = REGION_CODES[code];
    if (!role || role === 'ignore') return;
    const count = counts.get(role) ?? { all: 0, blown: 0, black: 0 };
    count.all++;
    if (known[i] === KNOWN.atLeast) count.blown++;
    if (known[i] === KNOWN.atMost) count.black++;
    counts.set(role, count);
  });
  return [...counts]
    .map(([role, { all, blown, black }]) => ({ role, blown: blown / all, black: black / all }))
    .filter(({ blown, black }) => blown > CLIPPED_WORTH || black > CLIPPED_WORTH);
}

/** What was measured in a file, as evidence: how much brighter each side is, and how the line lies off. */
export function measuredBy({ overall, skyAgainstLand, line }: Comparison) {
  const hundredths = (x: number) => Math.round(100 * x) / 100;
  const within = ({ by, giveOrTake }: Comparison['overall']) =>
    Math.abs(by) > giveOrTake ? hundredths(by) : 0;
  const land = within(overall);
  const apart = skyAgainstLand ? within(skyAgainstLand) : 0;
  return {
    land,
    sky: hundredths(land + apart),
    // a line that is not told better than its own doubt is left where it is
    ...(line && Math.abs(line.offsetMm.by) > line.offsetMm.giveOrTake
      ? { offsetMm: Math.round(2 * line.offsetMm.by) / 2 }
      : {}),
    ...(line && Math.abs(line.turnDeg.by) > line.turnDeg.giveOrTake
      ? { turnDeg: Math.round(2 * line.turnDeg.by) / 2 }
      : {}),
  };
}
