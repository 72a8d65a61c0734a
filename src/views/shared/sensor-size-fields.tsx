import { type Camera } from '@/model';
import { ChoiceField } from '@/ui/field';
import { QuantityField } from './quantity-field';

/** Sensor sizes by their common names, mm. */
const SENSORS = [
  ['full', 'full frame, 36 × 24', 36, 24],
  ['three-quarter', 'crop, 23.5 × 15.6', 23.5, 15.6],
  ['half', 'half frame, 17.3 × 13', 17.3, 13],
  ['medium', 'medium format, 44 × 33', 44, 33],
  ['large', 'large sensor, 53.4 × 40', 53.4, 40],
  ['inch', 'one inch, 13.2 × 8.8', 13.2, 8.8],
  ['phone', 'phone, 9.8 × 7.3', 9.8, 7.3],
  ['film-square', 'roll film, square, 56 × 56', 56, 56],
  ['film-long', 'roll film, 6 × 7, 69 × 56', 69, 56],
  ['sheet-film', 'sheet film, 4 × 5 inches, 120 × 95', 120, 95],
] as const;
type SensorKey = (typeof SENSORS)[number][0] | 'own';

type Size = Pick<Camera, 'sensorWidthMm' | 'sensorHeightMm'>;

interface SensorSizeFieldsProps {
  size: Size;
  /** @param name what a size of its own name is called */
  onChange: (change: Partial<Size>, name?: string) => void;
}

/** A sensor's size, by its common name or in figures. */
export function SensorSizeFields({ size, onChange }: SensorSizeFieldsProps) {
  const { sensorWidthMm, sensorHeightMm } = size;
  const known = SENSORS.find(([, , w, h]) => w === sensorWidthMm && h === sensorHeightMm);
  return (
    <>
      <ChoiceField<SensorKey>
        label="Sensor"
        className="col-span-2"
        value={known?.[0] ?? 'own'}
        options={[
          ...SENSORS.map(([key, text]) => [key, text] as const),
          ['own', `own size, ${sensorWidthMm} × ${sensorHeightMm}`] as const,
        ]}
        onValue={(key) => {
          const chosen = SENSORS.find(([k]) => k === key);
          if (!chosen) return;
          const [, text, width, height] = chosen;
          onChange({ sensorWidthMm: width, sensorHeightMm: height }, text.split(',')[0]);
        }}
      />
      <QuantityField
        label="Sensor width"
        quantity="sensorMm"
        unit="mm"
        value={sensorWidthMm}
        onValue={(mm) => onChange({ sensorWidthMm: mm })}
      />
      <QuantityField
        label="Sensor height"
        quantity="sensorMm"
        unit="mm"
        value={sensorHeightMm}
        onValue={(mm) => onChange({ sensorHeightMm: mm })}
      />
    </>
  );
}
