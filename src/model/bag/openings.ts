import { type Lens, type Openings } from '@/core/optics';
import { type Bag } from './bag';

/** What the light of the corners must pass, as far as the bag says. */
export function openingsOf({ holder }: Bag, lens: Lens): Openings {
  return {
    rings: (holder?.rings ?? []).map(({ name, diameterMm, behindSlotMm }) => ({
      name,
      radiusMm: diameterMm / 2,
      distanceMm: lens.pupilToFilterMm - behindSlotMm,
    })),
    slot:
      holder?.slotOpeningMm === undefined
        ? null
        : { widthMm: holder.slotOpeningMm, distanceMm: lens.pupilToFilterMm },
  };
}
