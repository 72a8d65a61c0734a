import { nextReading, type NextReading } from '@/model';
import { useStand } from '../stand-context';
import { useNow } from '../use-now';

/** The reading that would help most now. */
export function useNextReading(): NextReading | null {
  const { stand, derived, study } = useStand();
  return nextReading(stand, derived, study, useNow());
}
