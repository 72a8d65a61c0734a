import { oldestReadingMinutes } from '@/model';
import { type Slip, slipOf } from '@/words';
import { useStand } from './stand-context';
import { useNow } from './use-now';

/** The slip of the stand as it is now. */
export function useSlip(): Slip {
  const { stand, derived, search, carry } = useStand();
  const now = useNow();
  return slipOf({ stand, derived, search, carry, oldestMinutes: oldestReadingMinutes(stand, now) });
}
