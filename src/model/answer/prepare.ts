import { type BalanceInput, type FittedGlass, type Look, pose, type Posed } from '@/core/balance';
import { gridFor, lightField, mapRegions, pictureCells, pictureField, type RegionMap } from '@/core/field';
import { evOfWhite, lightOfFigures } from '@/core/photo';
import { sensorWindow } from '@/core/sensor';
import { exactIso } from '@/core/units';
import { type Bag, filtersAtHand, fitsHolder, isSheet, type SheetFilter, takesSlot } from '../bag/bag';
import { fittedFilters } from '../bag/on-lens';
import { cropBox, strips } from '../frame/crop';
import { bagSheet, fittedGlass, plainStops } from '../resolve/glass';
import { frameOf, lensOf } from '../resolve/lens';
import { lightReading, takenByGlass } from '../resolve/metered';
import { exposureEv, meteredEv } from '../stand/metered';
import { type Stand, throughLight } from '../stand/stand';
import { traitsOf } from '../terms/looks';
import { sunGuessStops } from './sun-guess';

/** The sheets that advice is made from: those along that the holder takes. */
const fittingSheets = (bag: Bag): SheetFilter[] =>
  filtersAtHand(bag)
    .filter(isSheet)
    .filter((f) => fitsHolder(f, bag.holder));

/** What keeps every grad out of the advice: the bag has none, none is along, or no slot is left for one. */
export type SheetLack = 'none-owned' | 'none-along' | 'none-fits' | 'no-slot';

const lackOf = (bag: Bag, freeSlots: number): SheetLack | null => {
  if (!bag.filters.some((f) => isSheet(f) && !f.archived)) return 'none-owned';
  if (!filtersAtHand(bag).some(isSheet)) return 'none-along';
  if (!fittingSheets(bag).length) return 'none-fits';
  return freeSlots > 0 ? null : 'no-slot';
};

/** Everything about a stand that does not depend on where the glass is seated, resolved for the core. */
export interface Prepared extends Posed {
  /** The ND and polariser on the lens. */
  readonly fitted: FittedGlass;
  /** Slots that the ND and polariser leave for grads; 0 where they leave none. */
  readonly freeSlots: number;
  /** Why no grad can be advised, whatever the light; null where one can. */
  readonly lacks: SheetLack | null;
}

/** Reads a stand and its bag into what the core balances, with every default resolved. */
export function prepareStand(stand: Stand, bag: Bag): Prepared {
  const readings = stand.readings.map((r) => lightReading(r, takenByGlass(r, stand, bag)));
  const frame = frameOf(stand.camera);
  const box = cropBox(stand.crop, frame);
  const shapes = [...(stand.shapes ?? []), ...(box ? strips(box) : [])];
  const map = mapRegions(gridFor(frame), stand.skyline, shapes);
  const relit = lightOver(stand, bag, map);
  const occupied = fittedFilters(stand, bag).filter(takesSlot);
  const freeSlots = Math.max(0, (bag.slots ?? 1) - occupied.length);
  const input: BalanceInput = {
    frame,
    lens: lensOf(stand, bag),
    field: relit(readings),
    relit,
    shapes,
    window: sensorWindow(stand.camera, exactIso(stand.exposure.iso)),
    look: lookOf(stand),
    sheets: freeSlots > 0 ? fittingSheets(bag).map(bagSheet) : [],
    slots: freeSlots,
  };
  return {
    ...pose(input),
    fitted: fittedGlass(stand, bag),
    freeSlots,
    lacks: lackOf(bag, freeSlots),
  };
}

/** A prepared stand under another look than its own, all else being the same. */
export const underLookOf = (prepared: Prepared, stand: Stand): Prepared => ({
  ...prepared,
  ...prepared.again({ look: lookOf(stand) }),
});

/**
 * The light that readings make: of the stand's picture where something ties it to EV, else spread from them. On the bench the
 * picture is what the eye sees, and tells no light.
 */
function lightOver(stand: Stand, bag: Bag, map: RegionMap): BalanceInput['relit'] {
  const { picture } = stand;
  if (!picture || stand.bench) return (readings) => lightField(map, readings);
  const evOfOne = picture.exposure && evOfWhite(exposureEv(picture.exposure));
  const cells = pictureCells(map.grid, lightOfFigures(picture.light, evOfOne));
  const through = throughLight(stand);
  const frameEv = through && meteredEv(through) + plainStops(bag, through.throughFilterIds ?? []);
  return (readings) => pictureField(map, readings, cells, frameEv) ?? lightField(map, readings);
}

/** The look with its defaults. */
function lookOf(stand: Stand): Look {
  const { gapStops, follow, evensTop, landPlacementStops } = stand.look;
  const traits = traitsOf(stand);
  return {
    solver: traits.solver,
    gapStops: gapStops ?? traits.gap?.usual ?? 0,
    follow: traits.follow === null ? 0 : (follow ?? traits.follow),
    evensTop: traits.follow !== null && evensTop,
    placementStops: landPlacementStops ?? 0,
    guessStops: traits.readsLight ? undefined : sunGuessStops(stand),
  };
}
