import { ParsedField } from '@/ui/field';
import { parseAperture, parseIso } from './parse';

interface SettingFieldProps {
  value: number;
  onValue: (value: number) => void;
}

/** An f-number as it stands on the lens. */
export function ApertureField({ value, onValue }: SettingFieldProps) {
  return (
    <ParsedField
      label="Aperture"
      unit="f/"
      inputMode="decimal"
      text={String(value)}
      parse={parseAperture}
      onValue={onValue}
    />
  );
}

/** A sensitivity as it stands on the camera. */
export function IsoField({ value, onValue }: SettingFieldProps) {
  return (
    <ParsedField label="ISO" inputMode="numeric" text={String(value)} parse={parseIso} onValue={onValue} />
  );
}
