import { createContext, useContext, useMemo } from 'react';
import { type Outing, type OwnPlace } from '@/model/outing';
import { dayBounds, outingDay, type OutingDay, type Packing, packingOf, placeDay } from '@/model/outing';
import { filterName, holderText, lensText } from '@/words';
import { useOutingEdit, usePlans } from '../shared/use-plans';
import { useBag, useWorkspaceState } from '../shared/workspace-context';

export interface OutingShown {
  readonly outing: Outing;
  readonly edit: (change: (outing: Outing) => Outing) => boolean;
  /** The place of one's own that it goes to. */
  readonly ownPlace: OwnPlace | null;
  /** All that is worked out of its day; null while its place is not known. */
  readonly day: OutingDay | null;
  readonly packing: Packing;
}

const NAMES = {
  glass: filterName,
  lens: lensText,
  holder: (holder: Parameters<typeof holderText>[0] | null) => (holder ? holderText(holder) : 'usual holder'),
};

export const OutingContext = createContext<OutingShown | null>(null);

/** The outing that is open, with its day. */
export function useOuting(): OutingShown {
  const shown = useContext(OutingContext);
  if (!shown) throw new Error('no outing around this view');
  return shown;
}

/** An outing of the workspace with its day worked out. */
export function useShownOuting(outing: Outing): OutingShown {
  const edit = useOutingEdit(outing.id);
  const ownPlace = usePlans((p) => p.places.find((place) => place.id === outing.placeId)) ?? null;
  const stands = useWorkspaceState((s) => s.stands);
  const { place, day: date, zone } = outing;
  // what is written beside it leaves sun and moon of the day as they are
  const [latitudeDeg, longitudeDeg] = [place?.latitudeDeg, place?.longitudeDeg];
  const sky = useMemo(
    () =>
      latitudeDeg === undefined || longitudeDeg === undefined
        ? null
        : placeDay({ latitudeDeg, longitudeDeg }, dayBounds(date, zone)),
    [latitudeDeg, longitudeDeg, date, zone],
  );
  const day = useMemo(() => {
    const standOf = (id: string) => stands.find((s) => s.id === id)?.document.stand ?? null;
    return sky && outingDay(outing, sky, standOf, ownPlace);
  }, [outing, sky, stands, ownPlace]);
  const bag = useBag();
  const extras = usePlans((p) => p.extras);
  const weights = usePlans((p) => p.weights);
  const packing = useMemo(
    () =>
      packingOf(outing, {
        stands: outing.framings.flatMap((s) => stands.find((k) => k.id === s.standId)?.document.stand ?? []),
        bag,
        extras: extras ?? [],
        weights: weights ?? {},
        names: NAMES,
      }),
    [outing, stands, bag, extras, weights],
  );
  return useMemo(() => ({ outing, edit, ownPlace, day, packing }), [outing, edit, ownPlace, day, packing]);
}
