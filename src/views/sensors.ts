import { type Camera } from '@/model';

/** Sensor sizes by their common names, mm. */
const SENSORS = [
  ['full', 'full frame, 36 × 24', 36, 24],
  ['three-quarter', 'crop, 23.5 × 15.6', 23.5, 15.6],
  ['half', 'half frame, 17.3 × 13', 17.3, 13],
  ['medium', 'medium format, 44 × 33', 44, 33],
] as const;
type SensorKey = (typeof SENSORS)[number][0] | 'own';

type Size = Pick<Camera, 'name' | 'sensorWidthMm' | 'sensorHeightMm'>;

/** The common name of a sensor's size. */
export const sensorKey = ({ sensorWidthMm: w, sensorHeightMm: h }: Size): SensorKey =>
  SENSORS.find(([, , width, height]) => width === w && height === h)?.[0] ?? 'own';

/** The sizes to choose from, one's own among them. */
export const sensorOptions = ({ sensorWidthMm: w, sensorHeightMm: h }: Size) => [
  ...SENSORS.map(([key, text]) => [key, text] as const),
  ['own', `own size, ${w} × ${h}`] as const,
];

/** A size by its common name; null for one's own. */
export function sensorSize(key: SensorKey): Size | null {
  const known = SENSORS.find(([k]) => k === key);
  return known ? { name: known[1].split(',')[0], sensorWidthMm: known[2], sensorHeightMm: known[3] } : null;
}
