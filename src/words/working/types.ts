import { type Role } from '@/core/field';
import { type Bag, type Carry, type Derived, type Stand, type Study } from '@/model';

/** Figures that can be asked where they come from. */
export type WorkingOf =
  | 'span'
  | 'need'
  | 'glass'
  | 'expose'
  | 'lift'
  | 'seat'
  | 'seam'
  | 'spread'
  | 'uneven'
  | 'level'
  | 'spill'
  | 'leak'
  | 'play'
  | 'safety'
  | 'through'
  | `mean ${Role}`
  | `fall ${Role}`
  | `reading ${string}`;

/** Where a figure comes from: its readings, the formula in words, what it assumes. */
export interface Working {
  readonly of: WorkingOf;
  readonly title: string;
  /** The figure itself, with its unit. */
  readonly figure: string;
  readonly lines: readonly string[];
}

export interface WorkingContext {
  readonly stand: Stand;
  readonly bag: Bag;
  readonly derived: Derived;
  readonly study: Study | null;
  /** What carried the readings that the stand was worked out with; absent: nothing did. */
  readonly carry?: Carry | null | undefined;
}
