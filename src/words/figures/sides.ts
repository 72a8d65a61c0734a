import { type Side } from '@/core/balance';
import { type Derived, type Stand } from '@/model';

/** What the two sides of the seam are called on a stand: what is held back need not be a sky. */
export type SideNames = Readonly<Record<Side, string>>;

export const sideNames = ({ skyName }: Pick<Stand, 'skyName'>): SideNames => ({
  sky: skyName?.trim() || 'sky',
  land: 'land',
});

/** What the darker side is called: the land, where nothing is known yet. */
export const darkerName = (stand: Stand, { balance }: Derived): string =>
  sideNames(stand)[otherSide(balance?.brighter ?? 'sky')];

/** The other side of the seam. */
export const otherSide = (side: Side): Side => (side === 'sky' ? 'land' : 'sky');
