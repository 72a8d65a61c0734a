import { type Glass } from '@/model';
import { useDerived, useSession } from '../session';

/** The glass that the frame is shown through; null while it is shown bare. */
export function useShownGlass(): Glass | null {
  const isBare = useSession((s) => s.bare);
  const inUse = useDerived((d) => d.inUse);
  return isBare ? null : inUse;
}
