import { type Blur, BLURS } from '../terms/stand';
import { type Stand } from '../stand/stand';

/** From when to when something that moves looks so, s: starting points, which each photographer corrects (physics 7). */
const TIMES: Record<Exclude<Blur, 'longest'>, readonly [number, number]> = {
  texture: [1 / 4, 1],
  soft: [2, 5],
  milk: [15, 60],
  fall: [1 / 2, 2],
  drain: [1, 3],
  streaks: [30, 120],
  people: [60, 240],
};

/** Looks of what lies near: they go by its distance and the lens. */
const NEAR_BY: readonly Blur[] = ['texture', 'soft', 'milk', 'fall', 'drain'];
/** The lenses that those times are for, mm: what counts is movement across the picture, `t ~ r / f`. */
const USUAL_LENS_MM = [16, 35] as const;

/** The looks that there are a time for. */
export const TIMED_BLURS = BLURS.filter((b) => b !== 'longest');

/** Times at which what moves looks so through a stand's lens: the shortest, the one to begin with, the longest, s. */
export function blurTimes(
  blur: Exclude<Blur, 'longest'>,
  { lens }: Stand,
): readonly [number, number, number] {
  const { focalLengthMm: f } = lens;
  const [short, long] = USUAL_LENS_MM;
  const scale = NEAR_BY.includes(blur) ? Math.min(1, long / f) * Math.max(1, short / f) : 1;
  const [from, to] = TIMES[blur].map((t) => t * scale) as [number, number];
  return [from, Math.sqrt(from * to), to];
}

/** How long for clouds to be drawn over a part of the frame, by how long one took to cross a part of it, s: `t = t_cross * streak / part`. */
export const streakSeconds = (crossingSeconds: number, crossedPart: number, streakPart: number): number =>
  (crossingSeconds * streakPart) / crossedPart;

/** How waves look in a time by their period: lines of single waves, something between, or milk (physics 7). */
export function waveLook(seconds: number, periodSeconds: number): 'lines' | 'between' | 'milk' {
  const waves = seconds / periodSeconds;
  return waves < 0.5 ? 'lines' : waves > 6 ? 'milk' : 'between';
}
