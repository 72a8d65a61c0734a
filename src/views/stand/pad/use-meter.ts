import { useState } from 'react';
import {
  allThatIsOn,
  type Bag,
  fittedPolariser,
  MAX_READINGS,
  type MeteredLight,
  type PhotoExposure,
  readAgain,
  type Reading,
  type ReadRole,
  type Stand,
  withThrough,
} from '@/model';
import { useOpenStand, useSession, useStand, useStandBag } from '../session';

import { takeReading } from './take-reading';

/** What a reading was taken through. */
export type Through = Pick<Reading, 'throughFilterIds' | 'seat'>;

/** A polariser stays on while one reads; an ND does not. */
function throughPolariser(stand: Stand, bag: Bag): Through {
  const fitted = fittedPolariser(stand, bag);
  return fitted ? { throughFilterIds: [fitted.filterId] } : {};
}

/** What a meter showed; one that a camera showed through all that is on says what that was by itself. */
type Shown = Omit<MeteredLight, 'takenAt'>;

/**
 * The meter's aperture and ISO, which are those that the stand is exposed with unless the meter was set otherwise, and the
 * way to take a reading with it.
 */
export function useMeter(role: ReadRole) {
  const stand = useStand();
  const bag = useStandBag();
  const draft = useSession((s) => s.draft);
  const setAs = useSession((s) => s.meterAs);
  const setMeterAs = useSession((s) => s.setMeterAs);
  const open = useOpenStand();
  const isFull = stand.readings.length >= MAX_READINGS;
  const last = stand.readings.findLast((r) => r.aperture !== undefined);
  const own = role === 'through' ? null : setAs;
  const { aperture, iso } = own ?? stand.exposure;
  const set = (change: Partial<Pick<PhotoExposure, 'aperture' | 'iso'>>) =>
    setMeterAs({ aperture, iso, ...change });
  const [through, setThrough] = useState<Through>(() => throughPolariser(stand, bag));

  /** The camera's time through all that is on its lens. */
  const takeThrough = (shown: Shown): void => {
    const { chosen } = open.answer.getState().derived;
    const takenAt = new Date().toISOString();
    open.edit((s) => withThrough(s, { ...shown, ...allThatIsOn(s, chosen), takenAt }));
  };
  /** Takes the reading, as a further look at its spot where it is one, and gives the id that it has. */
  const take = (shown: Shown, again = draft.again): string => {
    if (role === 'through') {
      takeThrough(shown);
      open.session.getState().setDraft({ place: null, limit: false, again: null });
      return role;
    }
    const light = { ...shown, ...through, takenAt: new Date().toISOString() };
    if (again) {
      const id = open.newId('r');
      open.edit((s) => readAgain(s, again, light, { id, role, ...light }));
      open.session.getState().setDraft({ place: null, limit: false, again: null });
      return stand.readings.some((r) => r.id === again) ? again : id;
    }
    // it is the same meter still
    const angle = last?.spotAngleDeg ? { spotAngleDeg: last.spotAngleDeg } : {};
    return takeReading(open, { role, ...light, ...draft.place, ...angle });
  };
  return {
    aperture,
    iso,
    /** Set otherwise than the stand is exposed with. */
    isApart: own !== null && (own.aperture !== stand.exposure.aperture || own.iso !== stand.exposure.iso),
    setAperture: (next: number) => set({ aperture: next }),
    setIso: (next: number) => set({ iso: next }),
    asExposed: () => setMeterAs(null),
    through,
    setThrough,
    isFull,
    take,
  };
}
