import { mmFigure } from '../figures/figures';
import { type MoveRefusal, type Piece, type PlaceWhy } from '@/model';

/** Where a piece sits, in a word or two. */
export const placeName = ({ place, why }: Piece): string =>
  why === 'no-slot'
    ? 'no slot'
    : place === 'thread'
      ? 'thread'
      : place === 'behind'
        ? 'behind'
        : `slot ${place}`;

/** Why it sits there, or what speaks against it. */
export const PLACE_WHYS: Readonly<Record<PlaceWhy, string>> = {
  'turns-alone': 'turns by itself, behind all the rest',
  'behind-all': 'behind all the rest',
  sealed: 'its seal towards the lens: no light comes in round it',
  unsealed: 'not nearest the lens: cover the gap, or light comes in round it',
  'in-front': 'in front, within reach; it turns with the holder, so it is turned before the grad',
  'out-of-reach': 'behind a sheet it cannot be reached: better in front',
  slides: 'slides in its slot, and turns with the holder',
  'no-slot': 'the holder has no slot left for it',
};

/** How the second sheet of a pair stands to the first. */
export const apartText = (mm: number): string =>
  mm === 0 ? 'with the first' : mm > 0 ? 'further out' : 'further in';

/** Where a second sheet is to be slid. */
export const slideApartText = (mm: number): string =>
  mm === 0 ? 'at the seat of the first' : `${mmFigure(Math.abs(mm))} mm further ${mm > 0 ? 'out' : 'in'}`;

/** Whether a place has something against it. */
export const isDoubtful = (why: PlaceWhy): boolean =>
  why === 'unsealed' || why === 'out-of-reach' || why === 'no-slot';

/** Why a piece can not be moved there. */
export function refusedMoveText(reason: MoveRefusal, slots: number): string {
  switch (reason) {
    case 'in-no-slot':
      return 'It sits in no slot: it is screwed on, and stays behind the rest.';
    case 'no-such-slot':
      return `The holder has ${slots === 1 ? 'one slot' : `slots 1 to ${slots}`}.`;
    case 'sheet-nearest':
      return 'A sheet goes into the free slot nearest the lens: further out it only shades the corners.';
  }
}
