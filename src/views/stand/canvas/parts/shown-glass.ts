import { type Glass } from '@/model';
import { useDerived, useSession } from '../../session';

/** The glass that the frame is shown through, which may be held up for a look; null while it is shown bare. */
export function useShownGlass(): Glass | null {
  const isBare = useSession((s) => s.bare);
  const peek = useSession((s) => s.peek);
  const inUse = useDerived((d) => d.inUse);
  return isBare ? null : (peek ?? inUse);
}
