import { type FramePoint, type Role, roleAt } from '@/core/field';
import { type Derived, type ReadRole, type Stand } from '@/model';

/**
 * What a spot of the frame is read as: sky or land go by where it lies, once the skyline was set; what else was chosen
 * stays, but for the whole scene, which has no spot.
 */
export function roleOfPlace(
  chosen: ReadRole,
  place: FramePoint,
  { assumed }: Stand,
  { prepared }: Derived,
): Role {
  const field = prepared?.input.field;
  const there = field && !assumed?.includes('skyline') ? roleAt(field, place) : null;
  if (chosen === 'sky' || chosen === 'land' || chosen === 'through')
    return there ?? (chosen === 'through' ? 'land' : chosen);
  return chosen;
}
