import { type FramePoint, roleAt } from '@/core/field';
import { type ReadRole } from '@/model';
import { type StandAccess } from '../stand-context';

/**
 * What a spot of the frame is read as: sky or land go by where it lies, once the skyline was set; what else was chosen
 * stays, but for the whole scene, which has no spot.
 */
export function roleOfPlace(
  chosen: ReadRole,
  place: FramePoint,
  { stand, derived }: Pick<StandAccess, 'stand' | 'derived'>,
): ReadRole {
  const field = derived.prepared?.input.field;
  const there = field && !stand.assumed?.includes('skyline') ? roleAt(field, place) : null;
  if (chosen === 'sky' || chosen === 'land' || chosen === 'scene')
    return there ?? (chosen === 'scene' ? 'land' : chosen);
  return chosen;
}
