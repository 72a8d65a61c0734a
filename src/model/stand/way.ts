import { traitsOf } from '../terms/looks';
import { type Stand, throughLight } from './stand';
import { type Way } from '../terms/stand';

/** How a stand was begun: as was said, else by what is there; null for one at which nothing has been done yet. */
export function wayOf(stand: Stand): Way | null {
  const { way, readings, choice, picture } = stand;
  if (way) return way;
  if (readings.length || !traitsOf(stand).readsLight) return 'meter';
  if (choice) return 'sheet';
  if (throughLight(stand)) return 'time';
  return picture ? 'picture' : null;
}
