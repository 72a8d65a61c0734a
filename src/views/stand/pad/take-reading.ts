import { addReading, MAX_READINGS, type Reading } from '@/model';
import { type OpenStand } from '../session';

/**
 * Takes the reading that is being entered as a new one, whatever it was read with, to be held where that was said. Nothing
 * is taken where the stand has as many as it can have.
 *
 * @returns the id that it has
 */
export function takeReading(
  { kept, edit, session, newId }: OpenStand,
  reading: Omit<Reading, 'id' | 'limit'>,
): string {
  const id = newId('r');
  if (kept.state.getState().value.stand.readings.length >= MAX_READINGS) return id;
  const { draft, setDraft } = session.getState();
  edit((s) => addReading(s, { ...reading, id, ...(draft.limit ? { limit: true } : {}) }));
  setDraft({ place: null, limit: false, again: null });
  return id;
}
