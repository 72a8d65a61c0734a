import { type Balance, type Glass, type Stand, traitsOf } from '@/model';
import { listText } from '../figures/figures';
import { otherSide, type SideNames } from '../figures/sides';
import { verdictText } from './verdict';

interface FilterOrBracket {
  readonly stand: Stand;
  readonly plan: Glass;
  readonly balance: Balance;
  /** Exposures that a bracket would take; null while that is not known. */
  readonly frames: number | null;
  readonly names: SideNames;
}

/** Up to this much uneven a sheet leaves nothing that a bracket would spare, from so much a bracket is the better for what stands still, stops. */
const CLEAN = 0.35;
const POOR = 0.7;

/**
 * Whether glass or several frames serve better here, and what each costs: the sheet what shows of it, the frames what moves
 * between them. Null where the look is a bracket already, or it is not known.
 */
export function filterOrBracketText({ stand, plan, balance, frames, names }: FilterOrBracket): string | null {
  if (!traitsOf(stand).usesGlass || frames === null || !plan.figures) return null;
  if (!plan.seat) return noSheet(frames);
  const verdict = verdictText(plan.figures, balance, names) ?? '';
  const { unevenStops } = plan.figures;
  const moves = whatMoves(stand);
  if (frames === 1)
    return `One frame without a grad would hold it all: glass saves lifting the ${names[otherSide(balance.brighter)]} afterwards, and its noise.`;
  const glass = `The sheet is one frame: ${verdict}.`;
  const bracket = `${frames} frames have no line, and are merged afterwards`;
  const moving = moves.length
    ? `; ${listText(moves)} ${moves.length > 1 || MANY.test(moves[0]!) ? 'move' : 'moves'} between them and can come out doubled`
    : '';
  if (unevenStops < CLEAN) return `${glass} ${bracket}${moving}: the sheet serves better here.`;
  if (unevenStops >= POOR && !moves.some((m) => m !== CLOUD))
    return `${glass} ${bracket}${moving}: they serve better here.`;
  return `${glass} ${bracket}${moving}: it is the line against what moves.`;
}

const noSheet = (frames: number): string =>
  frames === 1
    ? 'Neither: one frame without glass holds it all.'
    : `No sheet serves here, and one frame does not hold it all: ${frames} frames do.`;

const CLOUD = 'cloud';
/** Names of many. */
const MANY = /s$/;

/** What of this frame moves while frames are made, by its name. */
function whatMoves({ readings, shapes = [], wind = 'still', look }: Stand): string[] {
  const hasWater = readings.some((r) => r.role === 'water') || shapes.some((s) => s.region === 'water');
  const inWind =
    wind === 'still' ? [] : shapes.flatMap((s) => (s.region === 'feature' && s.name ? [s.name] : []));
  return [
    ...(hasWater ? ['the water'] : []),
    ...inWind.slice(0, 2).map((name) => `the ${name.replace(/^the /, '')}`),
    ...(wind === 'still' || look.sun === 'hidden' ? [] : [CLOUD]),
  ];
}
