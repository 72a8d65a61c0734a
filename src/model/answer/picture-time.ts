import { type Bag } from '../bag/bag';
import { prepareStand } from './prepare';
import { type NewId } from '../terms/ids';
import { type MeteredLight, type Stand } from '../stand/stand';
import { addReading } from '../readings/edits';
import { readingsFromPhoto } from './next';
import { withThrough } from './through';

/** What a camera's one time was of, where a picture tells the rest. */
export type PictureTimeOf = 'land' | 'through';

export interface PictureTime {
  readonly of: PictureTimeOf;
  readonly light: MeteredLight;
  /** Of the land's reading; one that is there already is read anew. */
  readonly id: string;
  readonly newId: NewId;
}

/**
 * The stand with the one time that its camera showed, of the land or through all that is on, and with what the picture tells
 * by it: its light is tied by that time, and its sky, its land and its brightest are read from it. What was read from it
 * before goes; what was read at the place stays.
 */
export function withPictureTime(stand: Stand, bag: Bag, { of, light, id, newId }: PictureTime): Stand {
  const own = { ...stand, readings: stand.readings.filter((r) => !r.fromPicture && r.id !== id) };
  const timed = of === 'land' ? addReading(own, { id, role: 'land', ...light }) : withThrough(own, light);
  const told = readingsFromPhoto(timed, prepareStand(timed, bag));
  return told
    .filter((r) => of === 'through' || r.role !== 'land')
    .reduce((s, reading) => addReading(s, { ...reading, id: newId('r') }), timed);
}
