import { fittedFilters } from '../bag/on-lens';
import { type Filter, filtersById } from '../bag/bag';
import { type Seat } from '@/core/optics';
import { type Glass } from '../answer/derive';
import { exposureSeconds } from '../answer/slip';
import { type Take } from '../stand/stand';
import { dialled, type Solved } from './takes';

/** What is called for now otherwise than a shot was made: null, or empty, where it stays. */
export interface Differences {
  /** The sheets that were on, where others are called for now. */
  readonly sheetsWere: readonly Filter[] | null;
  /** Glass beside the grads that goes on, and that comes off. */
  readonly putOn: readonly Filter[];
  readonly takenOff: readonly Filter[];
  /** How much further the sheet stands out of the holder, mm. */
  readonly movedMm: number | null;
  /** How much further out the second sheet is slid by itself, mm. */
  readonly apartMm: number | null;
  readonly turnedDeg: number | null;
  /** How long the shot was, s, and how much longer it is to be now, stops. */
  readonly time: { readonly wasSeconds: number; readonly stops: number } | null;
  readonly apertureWas: number | null;
  readonly isoWas: number | null;
}

/** Times nearer to each other than this are one mark, stops; seats likewise, mm and degrees. */
const SAME_TIME = 1 / 7;
const SAME_MM = 0.25;
const SAME_DEG = 0.2;

/** What is to be done otherwise than in a shot. */
export function differencesFrom(take: Take, { stand, bag, derived }: Solved): Differences {
  const { inUse } = derived;
  const sheets = inUse?.filterIds ?? [];
  const isSame = sheets.join('\n') === take.filterIds.join('\n');
  const now = new Set(fittedFilters(stand, bag).map((f) => f.id));
  const then = new Set(take.fitted?.map((f) => f.filterId));
  const seconds = exposureSeconds(stand, derived);
  const stops = seconds === null ? 0 : Math.log2(dialled(seconds) / take.exposure.seconds);
  const seat = isSame ? inUse?.seat : null;
  const [moved, turned] = seat && take.seat && inUse ? movedFrom(take, take.seat, inUse, seat) : [0, 0];
  const apart = (inUse?.apartMm ?? 0) - (take.apartMm ?? 0);
  const { aperture, iso } = stand.exposure;
  return {
    sheetsWere: isSame ? null : filtersById(bag, take.filterIds),
    putOn: filtersById(
      bag,
      [...now].filter((id) => !then.has(id)),
    ),
    takenOff: filtersById(
      bag,
      [...then].filter((id) => !now.has(id)),
    ),
    movedMm: Math.abs(moved) >= SAME_MM ? moved : null,
    apartMm: seat && Math.abs(apart) >= SAME_MM ? apart : null,
    turnedDeg: Math.abs(turned) >= SAME_DEG ? turned : null,
    time:
      seconds !== null && Math.abs(stops) > SAME_TIME ? { wasSeconds: take.exposure.seconds, stops } : null,
    apertureWas: aperture === take.exposure.aperture ? null : take.exposure.aperture,
    isoWas: iso === take.exposure.iso ? null : take.exposure.iso,
  };
}

/** How much further out and how much further round a sheet is to be set than in a shot. */
function movedFrom(take: Take, was: Seat, { nudge }: Glass, now: Seat): readonly [number, number] {
  const { offsetMm, turnDeg } = take.nudge ?? { offsetMm: 0, turnDeg: 0 };
  return [
    now.offsetMm + nudge.offsetMm - was.offsetMm - offsetMm,
    now.turnDeg + nudge.turnDeg - was.turnDeg - turnDeg,
  ];
}
