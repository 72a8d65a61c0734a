import { useState } from 'react';
import { type Bag, fittedPolariser, type Reading, type Stand } from '@/model';
import { useStand } from '../stand-context';
import { type Through } from './read-through';
import { useTakeReading } from './use-take-reading';

/** What a meter shows of a spot. */
type MeteredLight = Pick<Reading, 'aperture' | 'iso' | 'shutter' | 'ev100'>;

/** A polariser stays on while one reads; an ND does not. */
function throughPolariser(stand: Stand, bag: Bag): Through {
  const fitted = fittedPolariser(stand, bag);
  return fitted ? { throughFilterIds: [fitted.filterId] } : {};
}

/** The meter's aperture and ISO, kept from the last reading, and the way to take a reading with it. */
export function useMeter() {
  const { stand, bag, draft } = useStand();
  const { isFull, takeReading } = useTakeReading();
  const last = stand.readings.findLast((r) => r.aperture !== undefined);
  const [aperture, setAperture] = useState(last?.aperture ?? 8);
  const [iso, setIso] = useState(last?.iso ?? 100);
  const [through, setThrough] = useState<Through>(() => throughPolariser(stand, bag));
  /** Takes the reading, and gives the id that it has. */
  const take = (light: MeteredLight): string => {
    const takenAt = new Date().toISOString();
    // it is the same meter still
    const angle = last?.spotAngleDeg ? { spotAngleDeg: last.spotAngleDeg } : {};
    return takeReading({ role: draft.role, ...light, ...draft.place, ...angle, ...through, takenAt });
  };
  return { aperture, setAperture, iso, setIso, through, setThrough, isFull, take };
}
