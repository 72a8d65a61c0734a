import { useState } from 'react';
import {
  type Bag,
  fittedPolariser,
  MAX_READINGS,
  type MeteredLight,
  readAgain,
  type Stand,
  withWholeScene,
} from '@/model';
import { useOpenStand, useSession, useStand, useStandBag } from '../session';
import { type Through } from './read-through';
import { takeReading } from './take-reading';

/** A polariser stays on while one reads; an ND does not. */
function throughPolariser(stand: Stand, bag: Bag): Through {
  const fitted = fittedPolariser(stand, bag);
  return fitted ? { throughFilterIds: [fitted.filterId] } : {};
}

/** The meter's aperture and ISO, kept from the last reading, and the way to take a reading with it. */
export function useMeter() {
  const stand = useStand();
  const bag = useStandBag();
  const draft = useSession((s) => s.draft);
  const open = useOpenStand();
  const isFull = stand.readings.length >= MAX_READINGS;
  const last = stand.readings.findLast((r) => r.aperture !== undefined);
  const lastLight = last ?? stand.wholeScene;
  const [aperture, setAperture] = useState(lastLight?.aperture ?? 8);
  const [iso, setIso] = useState(lastLight?.iso ?? 100);
  const [through, setThrough] = useState<Through>(() => throughPolariser(stand, bag));
  /** Takes the reading, as a further look at its spot where it is one, and gives the id that it has. */
  const take = (shown: Omit<MeteredLight, 'takenAt'>, again = draft.again): string => {
    const takenAt = new Date().toISOString();
    const light = { ...shown, ...through, takenAt };
    const { role } = draft;
    if (again || role === 'scene') {
      const id = open.newId('r');
      open.edit((s) =>
        again && role !== 'scene'
          ? readAgain(s, again, light, { id, role, ...light })
          : withWholeScene(s, light),
      );
      open.session.getState().setDraft({ place: null, limit: false, again: null });
      if (role === 'scene') return 'scene';
      return stand.readings.some((r) => r.id === again) ? (again as string) : id;
    }
    // it is the same meter still
    const angle = last?.spotAngleDeg ? { spotAngleDeg: last.spotAngleDeg } : {};
    return takeReading(open, { role, ...light, ...draft.place, ...angle });
  };
  return { aperture, setAperture, iso, setIso, through, setThrough, isFull, take };
}
