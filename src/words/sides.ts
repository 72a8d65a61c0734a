import { type Side } from '@/core/balance';
import { type Stand } from '@/model';

/** What the two sides of the seam are called on a stand: what is held back need not be a sky. */
export type SideNames = Readonly<Record<Side, string>>;

export const sideNames = ({ skyName }: Pick<Stand, 'skyName'>): SideNames => ({
  sky: skyName?.trim() || 'sky',
  land: 'land',
});

/** The name of the other side. */
export const otherSide = (side: Side): Side => (side === 'sky' ? 'land' : 'sky');
