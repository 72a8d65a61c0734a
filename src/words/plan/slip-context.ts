import { type Bag, type Carry, type Derived, type SearchState, type Stand } from '@/model';

/** All that a slip is worded from. */
export interface SlipContext {
  readonly stand: Stand;
  /** What it was worked out with; one that is assumed is said to be. */
  readonly bag?: Bag | undefined;
  readonly derived: Derived;
  readonly search: SearchState;
  /** Age of the oldest reading that counts, minutes; null where none says when it was taken. */
  readonly oldestMinutes: number | null;
  /** What carried the readings that the stand was worked out with; absent: nothing did. */
  readonly carry?: Carry | null | undefined;
  /** How the seat is told first: by the line in the frame, or in millimetres; absent: by the line. */
  readonly seatBy?: 'line' | 'mm' | undefined;
  /** It stands beside a shot, which says what was on; absent: by itself. */
  readonly isBesideShot?: boolean | undefined;
}
