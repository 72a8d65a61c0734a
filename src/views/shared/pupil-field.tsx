import { estimatedPupilToFilterMm } from '@/core/optics';
import { QuantityField } from './quantity-field';

interface PupilFieldProps {
  value: number | undefined;
  /** What an estimate is made from. */
  focalLengthMm: number;
  bulgingFront: boolean | undefined;
  onValue: (mm: number | undefined) => void;
}

/** How far the entrance pupil lies behind the filter; while it is not known, what it is estimated at. */
export function PupilField({ value, focalLengthMm, bulgingFront, onValue }: PupilFieldProps) {
  return (
    <QuantityField
      label="Pupil to filter"
      quantity="lengthMm"
      unit="mm"
      optional
      value={value}
      placeholder={`about ${estimatedPupilToFilterMm(focalLengthMm, bulgingFront)}`}
      hint={value === undefined ? 'estimated, good to a fifth' : undefined}
      onValue={onValue}
    />
  );
}
