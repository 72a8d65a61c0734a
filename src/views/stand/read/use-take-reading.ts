import { addReading, freeId, MAX_READINGS, type Reading } from '@/model';
import { useStand } from '../stand-context';

/** The way to take the reading that is being entered as a new one, whatever it was read with. */
export function useTakeReading() {
  const { stand, edit, draft, setDraft } = useStand();
  const isFull = stand.readings.length >= MAX_READINGS;
  /** Takes it, to be held where that was said, and gives the id that it has. */
  const takeReading = (reading: Omit<Reading, 'id' | 'limit'>): string => {
    const id = freeId('r', stand.readings);
    if (isFull) return id;
    edit((s) => addReading(s, { ...reading, ...(draft.limit ? { limit: true } : {}) }));
    setDraft({ ...draft, place: null, limit: false, again: null });
    return id;
  };
  return { isFull, takeReading };
}
