import { QuantityField } from './quantity-field';
import { type Place } from '@/model';

interface PlaceInputsProps {
  place: Place | null;
  onPlace: (place: Place | null) => void;
}

/** A place by its two angles; emptying either forgets it. */
export function PlaceInputs({ place, onPlace }: PlaceInputsProps) {
  const set = (change: Partial<Record<keyof Place, number | undefined>>) => {
    const { latitudeDeg, longitudeDeg } = { latitudeDeg: 0, longitudeDeg: 0, ...place, ...change };
    onPlace(latitudeDeg === undefined || longitudeDeg === undefined ? null : { latitudeDeg, longitudeDeg });
  };
  return (
    <div className="grid grid-cols-2 gap-3">
      <QuantityField
        label="Latitude"
        quantity="latitudeDeg"
        unit="° north"
        optional
        value={place?.latitudeDeg}
        placeholder="not known"
        onValue={(latitudeDeg) => set({ latitudeDeg })}
      />
      <QuantityField
        label="Longitude"
        quantity="longitudeDeg"
        unit="° east"
        optional
        value={place?.longitudeDeg}
        placeholder="not known"
        hint="south and west are negative"
        onValue={(longitudeDeg) => set({ longitudeDeg })}
      />
    </div>
  );
}
