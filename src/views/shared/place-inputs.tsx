import { SHARED_TEXT } from '@/words';
import { LocateFixed } from 'lucide-react';
import { useState } from 'react';
import { type Place } from '@/model';
import { Button } from '@/ui/button';
import { canLocate, locate, NO_DEVICE_PLACE } from './device-place';
import { QuantityField } from './quantity-field';

interface PlaceInputsProps {
  place: Place | null;
  onPlace: (place: Place | null) => void;
  /** To what part of a degree the device's own place is kept: a thousandth is about a hundred metres. */
  partsOfDegree?: number;
}

/** A place that is being typed: either angle may still be wanting. */
type Draft = Partial<Record<keyof Place, number | undefined>>;

/** A place by its two angles, or where the device is. It is known once both stand, and forgotten once both are empty; in between what was known holds. */
export function PlaceInputs({ place, onPlace, partsOfDegree = 1000 }: PlaceInputsProps) {
  const [draft, setDraft] = useState<Draft | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const shown: Draft = draft ?? place ?? {};
  const set = (change: Draft) => {
    const next = { ...shown, ...change };
    const { latitudeDeg, longitudeDeg } = next;
    const isWhole = latitudeDeg !== undefined && longitudeDeg !== undefined;
    const isEmpty = latitudeDeg === undefined && longitudeDeg === undefined;
    setDraft(isWhole || isEmpty ? null : next);
    if (isWhole) onPlace({ latitudeDeg, longitudeDeg });
    else if (isEmpty) onPlace(null);
  };
  const rounded = (degrees: number) => Math.round(degrees * partsOfDegree) / partsOfDegree;
  const ask = () => {
    setTrouble(null);
    locate(
      (here) => set({ latitudeDeg: rounded(here.latitudeDeg), longitudeDeg: rounded(here.longitudeDeg) }),
      () => setTrouble(NO_DEVICE_PLACE),
    );
  };
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-2 gap-3">
        <QuantityField
          label="Latitude"
          quantity="latitudeDeg"
          unit="° north"
          optional
          value={shown.latitudeDeg}
          placeholder="not known"
          onValue={(latitudeDeg) => set({ latitudeDeg })}
        />
        <QuantityField
          label="Longitude"
          quantity="longitudeDeg"
          unit="° east"
          optional
          value={shown.longitudeDeg}
          placeholder="not known"
          hint="south and west are negative"
          onValue={(longitudeDeg) => set({ longitudeDeg })}
        />
      </div>
      {draft && <p className="text-sm">{place ? HALF_OF_KNOWN : HALF}</p>}
      {canLocate() && (
        <Button onClick={ask}>
          <LocateFixed size={18} aria-hidden /> Where I am
        </Button>
      )}
      {trouble && (
        <p role="alert" className="text-fault">
          {trouble}
        </p>
      )}
    </div>
  );
}

const HALF = SHARED_TEXT.placeKnownOnceBoth;
const HALF_OF_KNOWN = SHARED_TEXT.placeStaysUntilBoth;
