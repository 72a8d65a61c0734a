import { exactIso } from '@/core/units';
import { type Camera, type Quantity, sensorWindow } from '@/model';
import { Fold } from '@/ui/fold';
import { stopsFigure, SHARED_TEXT } from '@/words';
import { QuantityField } from './quantity-field';

interface Limit {
  readonly key: keyof Camera & `${string}${'Stops' | 'Iso' | 'Electrons' | 'Part'}`;
  readonly label: string;
  readonly quantity: Quantity;
  readonly unit?: string;
  readonly usual: string;
}

interface RoomFieldsProps {
  camera: Omit<Camera, 'orientation'>;
  iso: number;
  onChange: (change: Partial<Camera>) => void;
}

/** What the sensor holds, as its owner knows it; by the noise model where nothing is typed. */
export function RoomFields({ camera, iso, onChange }: RoomFieldsProps) {
  const window = sensorWindow(camera, exactIso(iso));
  const { shadowRoomStops: _, printRoomStops: __, ...modelled } = camera;
  const byNoise = sensorWindow(modelled, exactIso(iso));
  const limits: Limit[] = [
    { key: 'highlightRoomStops', label: 'Highlight room', quantity: 'stops', unit: 'stops', usual: '3, raw' },
    {
      key: 'shadowRoomStops',
      label: 'Shadow room',
      quantity: 'stops',
      unit: 'stops',
      usual: `${stopsFigure(byNoise.shadowRoom)}, by noise`,
    },
    {
      key: 'printRoomStops',
      label: 'Print room',
      quantity: 'stops',
      unit: 'stops',
      usual: `${stopsFigure(byNoise.printRoom)}, by noise`,
    },
    { key: 'baseIso', label: 'Base ISO', quantity: 'iso', usual: '100' },
    { key: 'fullWellElectrons', label: 'Full well', quantity: 'electrons', unit: 'e⁻', usual: '50000' },
    { key: 'readNoiseElectrons', label: 'Read noise', quantity: 'electrons', unit: 'e⁻', usual: '3' },
    { key: 'veilingGlarePart', label: 'Veiling glare', quantity: 'glarePart', usual: '0; 0.005 to 0.02' },
  ];
  return (
    <Fold
      summary={
        <>
          {SHARED_TEXT.sensorHoldsAboveBelow(
            stopsFigure(window.highlightRoom),
            stopsFigure(window.shadowRoom),
          )}
        </>
      }
    >
      <div className="grid grid-cols-2 gap-3 pt-1">
        {limits.map(({ key, label, quantity, unit, usual }) => (
          <QuantityField
            key={key}
            label={label}
            quantity={quantity}
            {...(unit ? { unit } : {})}
            optional
            value={camera[key]}
            placeholder={usual}
            onValue={(value) => onChange({ [key]: value })}
          />
        ))}
      </div>
    </Fold>
  );
}
