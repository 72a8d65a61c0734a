import { type FrameSize, type Seat, type SeamAt } from '@/core/optics';
import { type FrameBox, type Reading, type SheetFilter } from '@/model';
import { type CardText } from '@/words';

/** All that a stand's card is laid out from. */
export interface Card {
  readonly text: CardText;
  readonly frame: FrameSize;
  /** The address of an image of it as it would be recorded; null where its light cannot be told. */
  readonly picture: string | null;
  readonly seams: readonly SeamAt[];
  readonly crop: FrameBox | null;
  readonly readings: readonly Pick<Reading, 'role' | 'u' | 'v'>[];
  /** The sheets in their holder; null where none is seated. */
  readonly seated: SeatedSheets | null;
}

export interface SeatedSheets {
  /** The one nearest the lens first. */
  readonly filters: readonly SheetFilter[];
  readonly seat: Seat;
  /** How far the second is slid by itself, mm. */
  readonly apartMm: number;
  readonly railMm: number;
  /** How far each stands out above the rail, mm; null where its length is not known. */
  readonly standOutMm: readonly (number | null)[];
}
