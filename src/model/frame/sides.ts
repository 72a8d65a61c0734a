import { type FramePoint, type Role, skylineAt } from '@/core/field';
import { clamp, mean } from '@/core/numerics';
import { type Stand } from '../stand/stand';

/** Columns that a skyline is taken by. */
const COLUMNS = 48;

/** Mean height of a skyline over the frame, v. */
export function meanHeight(skyline: Stand['skyline']): number {
  const at = skylineAt(skyline);
  return mean(Array.from({ length: COLUMNS }, (_, i) => at((i + 0.5) / COLUMNS)));
}

/** The middle of what lies above the skyline, or of what lies below it, at the middle of the frame. */
export function middleOfSide({ skyline }: Pick<Stand, 'skyline'>, role: Role): FramePoint {
  const at = clamp(skylineAt(skyline)(0.5), 0, 1);
  return { u: 0.5, v: role === 'sky' ? at / 2 : (1 + at) / 2 };
}
