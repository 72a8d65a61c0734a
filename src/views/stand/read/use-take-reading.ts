import { addReading, MAX_READINGS, type Reading } from '@/model';
import { useNewId } from '../../shell/workspace-context';
import { useStand } from '../stand-context';

/** The way to take the reading that is being entered as a new one, whatever it was read with. */
export function useTakeReading() {
  const { stand, edit, draft, setDraft } = useStand();
  const newId = useNewId();
  const isFull = stand.readings.length >= MAX_READINGS;
  /** Takes it, to be held where that was said, and gives the id that it has. */
  const takeReading = (reading: Omit<Reading, 'id' | 'limit'>): string => {
    const id = newId('r');
    if (isFull) return id;
    edit((s) => addReading(s, { ...reading, id, ...(draft.limit ? { limit: true } : {}) }));
    setDraft({ ...draft, place: null, limit: false, again: null });
    return id;
  };
  return { isFull, takeReading };
}
